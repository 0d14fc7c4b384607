package app.carder.web.results;

import app.carder.core.watchlog.Noted;
import app.carder.core.watchlog.RecordHead;
import app.carder.core.watchlog.WatchRecord;
import app.carder.web.watchlog.EntryView;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Collectors;

/** The log of a setting as records. */
final class Records {

    private Records() {}

    /** Splits a log into its records, the earliest first. */
    static List<WatchRecord> of(List<EntryView> log) {
        Map<UUID, List<EntryView>> byRecord = log.stream()
                .collect(Collectors.groupingBy(entry -> entry.record().id(), LinkedHashMap::new, Collectors.toList()));
        return byRecord.values().stream()
                .map(Records::record)
                .sorted(Comparator.comparing(WatchRecord::from))
                .toList();
    }

    private static WatchRecord record(List<EntryView> log) {
        RecordHead first = log.get(0).record();
        UUID card = log.stream()
                .map(entry -> entry.record().card())
                .filter(Objects::nonNull)
                .findFirst()
                .orElse(null);
        List<Noted> noted = log.stream().map(EntryView::noted).toList();
        return WatchRecord.of(new RecordHead(first.id(), first.room(), card, first.method(), first.author()), noted);
    }
}
