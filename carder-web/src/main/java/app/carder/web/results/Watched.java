package app.carder.web.results;

import app.carder.core.watch.Episode;
import app.carder.core.watch.Episodes;
import app.carder.core.watch.Logged;
import app.carder.core.watch.Logged.Happened;
import app.carder.core.watch.Logged.Retimed;
import app.carder.core.watch.Logged.TakenBack;
import app.carder.core.watch.Observers;
import app.carder.core.watch.PlayEvent;
import app.carder.core.watch.PlayKind;
import app.carder.web.page.Required;
import app.carder.web.watchlog.EntryKind;
import app.carder.web.watchlog.EntryView;
import app.carder.web.watchlog.Method;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * One time of watching, with what counts of its log: what was taken back is gone, corrected times are right.
 *
 * @param id of the record
 * @param room where
 * @param method how
 * @param card at which card
 * @param author who watched
 * @param from when it began
 * @param until when it ended; where nobody said so, its last entry
 * @param entries what counts, in order, at the times that count
 */
record Watched(
        UUID id,
        UUID room,
        Method method,
        @Nullable UUID card,
        String author,
        Instant from,
        Instant until,
        List<Happened<EntryView>> entries) {

    /** Splits a log into its records, the earliest first. */
    static List<Watched> of(List<EntryView> log) {
        Map<UUID, List<EntryView>> byRecord =
                log.stream().collect(Collectors.groupingBy(EntryView::record, LinkedHashMap::new, Collectors.toList()));
        return byRecord.values().stream()
                .map(Watched::record)
                .sorted(Comparator.comparing(Watched::from))
                .toList();
    }

    private static Watched record(List<EntryView> log) {
        List<Happened<EntryView>> counting =
                Logged.effective(log.stream().map(Watched::logged).toList());
        EntryView first = log.get(0);
        List<Instant> moments = counting.stream().map(Happened::at).sorted().toList();
        Instant last = moments.isEmpty() ? first.happenedAt() : moments.get(moments.size() - 1);
        return new Watched(
                first.record(),
                first.room(),
                first.method(),
                log.stream()
                        .map(EntryView::card)
                        .filter(Objects::nonNull)
                        .findFirst()
                        .orElse(null),
                first.author(),
                moments.isEmpty() ? first.happenedAt() : moments.get(0),
                last,
                counting.stream().filter(one -> one.what().kind().isOfChild()).toList());
    }

    /**
     * Records of the same play by several people as one each, so that nothing is summed up twice: those of one card whose times overlap.
     * Of a tap that two of them made, the earlier counts.
     */
    static List<Watched> merged(List<Watched> records) {
        List<Watched> merged = new ArrayList<>();
        for (Watched next : records) {
            Optional<Watched> same = merged.stream()
                    .filter(one -> Objects.equals(one.card(), next.card())
                            && one.from().isBefore(next.until())
                            && next.from().isBefore(one.until())
                            && one.taps().keySet().stream().anyMatch(next.taps()::containsKey))
                    .findFirst();
            same.ifPresentOrElse(one -> merged.set(merged.indexOf(one), one.with(next)), () -> merged.add(next));
        }
        return merged;
    }

    private Watched with(Watched other) {
        List<Happened<EntryView>> all = Stream.concat(entries.stream(), other.entries.stream())
                .sorted(Comparator.comparing(Happened::at))
                .toList();
        List<Happened<EntryView>> counting = new ArrayList<>(
                all.stream().filter(one -> one.what().kind() != EntryKind.TAP).toList());
        Set<UUID> children = new LinkedHashSet<>(taps().keySet());
        children.addAll(other.taps().keySet());
        for (UUID child : children) {
            List<Happened<EntryView>> ofChild = new ArrayList<>(all.stream()
                    .filter(one -> one.what().kind() == EntryKind.TAP
                            && child.equals(one.what().child()))
                    .toList());
            Observers.merged(List.of(observed(child), other.observed(child))).stream()
                    .flatMap(one -> one.events().stream())
                    .forEach(event -> ofChild.stream()
                            .filter(one -> one.at().equals(event.at())
                                    && one.what().code().equals(event.kind().name()))
                            .findFirst()
                            .ifPresent(counting::add));
        }
        counting.sort(Comparator.comparing(Happened::at));
        return new Watched(
                id,
                room,
                method,
                card,
                author.equals(other.author) ? author : author + " and " + other.author,
                from.isBefore(other.from) ? from : other.from,
                until.isAfter(other.until) ? until : other.until,
                counting);
    }

    /** What was tapped about one child, with the time that was watched. */
    Observers.Watched observed(UUID child) {
        return new Observers.Watched(from, until, taps().getOrDefault(child, List.of()));
    }

    private static Logged<EntryView> logged(EntryView entry) {
        return switch (entry.kind()) {
            case TAKEN_BACK -> new TakenBack<>(entry.id(), entry.happenedAt(), Objects.requireNonNull(entry.target()));
            case RETIMED ->
                new Retimed<>(
                        entry.id(),
                        entry.happenedAt(),
                        Objects.requireNonNull(entry.target()),
                        Objects.requireNonNull(entry.correctedTo()));
            default -> new Happened<>(entry.id(), entry.happenedAt(), entry);
        };
    }

    /** Taps about each child, in the order in which they were first tapped. */
    Map<UUID, List<PlayEvent>> taps() {
        Map<UUID, List<PlayEvent>> taps = new LinkedHashMap<>();
        of(EntryKind.TAP)
                .forEach(tap -> taps.computeIfAbsent(
                                Objects.requireNonNull(tap.what().child()), child -> new ArrayList<>())
                        .add(new PlayEvent(tap.at(), PlayKind.valueOf(tap.what().code()))));
        return taps;
    }

    /** Episodes of a child. */
    List<Episode> episodes(UUID child) {
        return Optional.ofNullable(taps().get(child))
                .map(events -> Episodes.of(events, until))
                .orElse(List.of());
    }

    /** Episodes of all children. */
    Map<UUID, List<Episode>> episodes() {
        Map<UUID, List<PlayEvent>> taps = taps();
        return taps.keySet().stream()
                .collect(Collectors.toMap(
                        child -> child,
                        child -> Episodes.of(Required.from(taps, child), until),
                        (first, second) -> first,
                        LinkedHashMap::new));
    }

    /** Entries of a kind about a child. */
    List<EntryView> of(UUID child, EntryKind kind) {
        return of(kind).stream()
                .map(Happened::what)
                .filter(entry -> child.equals(entry.child()))
                .toList();
    }

    /** Entries of a kind. */
    List<Happened<EntryView>> of(EntryKind kind) {
        return entries.stream().filter(one -> one.what().kind() == kind).toList();
    }
}
