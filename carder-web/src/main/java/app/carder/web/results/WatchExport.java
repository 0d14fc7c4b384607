package app.carder.web.results;

import app.carder.core.watchlog.EntryCodec;
import app.carder.core.watchlog.EntryLine;
import app.carder.core.watchlog.Method;
import app.carder.core.watchlog.RecordHead;
import app.carder.exchange.json.WatchFile;
import app.carder.web.card.CardService;
import app.carder.web.card.CardSummary;
import app.carder.web.children.ChildService;
import app.carder.web.children.ChildView;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import app.carder.web.room.ZoneView;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import app.carder.web.watchlog.EntryView;
import app.carder.web.watchlog.WatchLogService;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A room's log and its episodes, for files. */
@Service
class WatchExport {

    private static final int USUAL_WEEKS = 4;

    private final WatchLogService watchLog;
    private final RoomService rooms;
    private final ChildService children;
    private final CardService deck;
    private final SettingService settings;

    WatchExport(
            WatchLogService watchLog,
            RoomService rooms,
            ChildService children,
            CardService deck,
            SettingService settings) {
        this.watchLog = watchLog;
        this.rooms = rooms;
        this.children = children;
        this.deck = deck;
        this.settings = settings;
    }

    /** From a day, or for the last four weeks, up to today. */
    @Transactional(readOnly = true)
    WatchFile of(SettingId settingId, UUID roomId, Optional<LocalDate> from) {
        RoomView room = rooms.get(settingId, roomId);
        LocalDate today = settings.today(settingId);
        List<EntryView> log =
                watchLog.ofRoom(settingId, roomId, from.orElseGet(() -> today.minusWeeks(USUAL_WEEKS)), today);
        Names names = new Names(
                children.byId(settingId, ids(log, entry -> line(entry).child())),
                deck.byId(settingId, ids(log, entry -> entry.record().card())),
                room.zones().stream().collect(Collectors.toMap(ZoneView::id, ZoneView::name)));
        List<WatchFile.Episode> episodes = new ArrayList<>();
        Records.of(log).stream()
                .filter(one -> one.head().method() == Method.PLAY)
                .forEach(one -> one.episodes()
                        .forEach((child, all) -> all.forEach(episode -> episodes.add(new WatchFile.Episode(
                                one.head().id(),
                                names.child(child),
                                names.card(one.head().card()),
                                one.head().author(),
                                episode)))));
        return new WatchFile(log.stream().map(entry -> event(entry, names)).toList(), episodes);
    }

    private static WatchFile.Event event(EntryView entry, Names names) {
        RecordHead record = entry.record();
        EntryLine line = line(entry);
        return new WatchFile.Event(
                entry.noted().id(),
                record.id(),
                entry.noted().at(),
                entry.deviceAt(),
                entry.device(),
                entry.sequence(),
                record.author(),
                record.method().name(),
                line.kind().name(),
                names.child(line.child()),
                names.card(record.card()),
                names.zone(line.zone()),
                line.code(),
                line.company(),
                line.words(),
                Optional.ofNullable(line.number()),
                Optional.ofNullable(line.ofNumber()),
                Optional.ofNullable(line.xMm()),
                Optional.ofNullable(line.yMm()),
                Optional.ofNullable(line.target()),
                Optional.ofNullable(line.correctedTo()));
    }

    private static EntryLine line(EntryView entry) {
        return EntryCodec.write(entry.noted().entry());
    }

    private static Set<UUID> ids(List<EntryView> log, Function<EntryView, @Nullable UUID> id) {
        return log.stream().map(id).filter(Objects::nonNull).collect(Collectors.toSet());
    }

    /** Names of what the log names by id; empty for what it does not name. */
    private record Names(Map<UUID, ChildView> children, Map<UUID, CardSummary> cards, Map<UUID, String> zones) {
        String child(@Nullable UUID id) {
            return Optional.ofNullable(id)
                    .map(children::get)
                    .map(ChildView::name)
                    .orElse("");
        }

        String card(@Nullable UUID id) {
            return Optional.ofNullable(id)
                    .map(cards::get)
                    .map(CardSummary::title)
                    .orElse("");
        }

        String zone(@Nullable UUID id) {
            return Optional.ofNullable(id).map(zones::get).orElse("");
        }
    }
}
