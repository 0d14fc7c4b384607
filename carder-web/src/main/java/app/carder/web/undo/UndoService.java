package app.carder.web.undo;

import app.carder.web.account.Role;
import app.carder.web.account.Viewer;
import app.carder.web.audit.HistoryLog;
import app.carder.web.page.NotFound;
import app.carder.web.setting.SettingService;
import jakarta.persistence.EntityManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.context.MessageSource;
import org.springframework.context.i18n.LocaleContextHolder;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The day's history, and how to take something of it back. */
@Service
public class UndoService {

    /** As long as somebody may look back. */
    static final Duration KEPT = Duration.ofDays(14);

    /** Hours, absences and who leads are for leads to see, as on the rota's own page. */
    private static final Set<String> OF_THE_ROTA = Set.of("shift", "absence", "lead_rota", "lead_turn", "cannot_lead");

    private static final int SHOWN = 200;
    private static final int NAMED = 3;

    private final JdbcClient database;
    private final SettingService settings;
    private final ObjectProvider<UndoGuard> guards;
    private final ObjectProvider<KeptWording> kept;
    private final HistoryLog history;
    private final EntityManager entities;
    private final MessageSource words;
    private final Clock clock;

    UndoService(
            JdbcClient database,
            SettingService settings,
            ObjectProvider<UndoGuard> guards,
            ObjectProvider<KeptWording> kept,
            HistoryLog history,
            EntityManager entities,
            MessageSource words,
            Clock clock) {
        this.database = database;
        this.settings = settings;
        this.guards = guards;
        this.kept = kept;
        this.history = history;
        this.entities = entities;
        this.words = words;
        this.clock = clock;
    }

    /** Reads a row before it is taken back, and keeps that wording once it is. */
    private Optional<Runnable> keeping(Viewer viewer, KeptWording wording, UUID rowId) {
        return wording.said(viewer, rowId).map(before -> () -> {
            // The row was written beside what Hibernate holds of it.
            entities.clear();
            history.keep(
                    viewer,
                    before.kind(),
                    before.record(),
                    before.words(),
                    wording.said(viewer, rowId).map(KeptWording.Said::words).orElse(Map.of()));
        });
    }

    /** Nothing was taken back; the message is for people. */
    static final class CannotUndo extends RuntimeException {

        private static final long serialVersionUID = 1L;

        private CannotUndo(String why) {
            super(why);
        }
    }

    private record Done(
            UUID id,
            Instant at,
            UUID personId,
            String person,
            Deed deed,
            @Nullable Instant undoneAt,
            String undoneBy) {}

    private record Row(
            UUID doneId,
            @Nullable UUID roomId,
            String table,
            String label,
            @Nullable LocalDate onDay,
            UUID rowId,
            @Nullable String before,
            @Nullable String after) {}

    /** What was done on a day in the rooms of the viewer and in what the whole setting shares, the newest first. */
    @Transactional(readOnly = true)
    public List<DoneView> day(Viewer viewer, LocalDate day) {
        ZoneId zone = settings.get(viewer.settingId()).zone();
        Instant from = day.atStartOfDay(zone).toInstant();
        Instant until = day.plusDays(1).atStartOfDay(zone).toInstant();
        return views(
                viewer,
                database.sql(
                                "select * from done where setting_id = ? and at >= ? and at < ? order by at desc, id desc limit ?")
                        .params(viewer.settingId().value(), Timestamp.from(from), Timestamp.from(until), SHOWN)
                        .query(UndoService::done)
                        .list());
    }

    /** One of them; empty where there is no such thing, or the viewer may not see it. */
    @Transactional(readOnly = true)
    public Optional<DoneView> find(Viewer viewer, UUID doneId) {
        return views(viewer, one(viewer, doneId, "").stream().toList()).stream().findFirst();
    }

    /**
     * Takes something back: all of it, or, where it was done piece by piece, what nobody has changed since. That, too, is in the day's history
     * and can be taken back.
     *
     * @return what could not come back, by name
     * @throws NotFound if there is no such thing for the viewer, or it is not theirs to take back
     * @throws CannotUndo if somebody has changed the same since, or if what would come back is held, for example by a safety finding
     */
    @Transactional
    public List<String> takeBack(Viewer viewer, UUID doneId) {
        Done done = one(viewer, doneId, " for update").orElseThrow(NotFound::new);
        List<Row> rows = rows(List.of(done.id()));
        if (!sees(viewer, rows) || !mayUndo(viewer, done) || done.undoneAt() != null) {
            throw new NotFound();
        }
        List<Runnable> wordings = rows.stream()
                .flatMap(row -> kept.stream()
                        .filter(one -> one.table().equals(row.table()))
                        .flatMap(one -> keeping(viewer, one, row.rowId()).stream()))
                .toList();
        List<Row> left = bringBack(rows);
        if (!left.isEmpty() && !done.deed().isPiecemeal() || rows.size() == left.size()) {
            throw new CannotUndo(say("undo.changed-since", names(left)));
        }
        List<Row> back = rows.stream().filter(row -> !left.contains(row)).toList();
        for (UndoGuard guard : guards) {
            back.stream()
                    .filter(row -> row.table().equals(guard.table()))
                    .forEach(row -> guard.against(viewer, row.rowId()).ifPresent(why -> {
                        throw new CannotUndo(say("undo.held", row.label(), say(why)));
                    }));
        }
        wordings.forEach(Runnable::run);
        database.sql("update done set undone_at = ?, undone_by = ? where id = ? and setting_id = ?")
                .params(
                        Timestamp.from(settings.now(viewer.settingId())),
                        viewer.name(),
                        done.id(),
                        viewer.settingId().value())
                .update();
        return left.stream().map(Row::label).distinct().toList();
    }

    /** From the last change to the first; what depends on another row that comes back later is tried again. */
    private List<Row> bringBack(List<Row> rows) {
        List<Row> waiting = new ArrayList<>(rows);
        boolean moved = true;
        while (moved && !waiting.isEmpty()) {
            moved = false;
            for (Iterator<Row> all = waiting.iterator(); all.hasNext(); ) {
                Row row = all.next();
                boolean isBack = database.sql("select take_back_row(?, ?::jsonb, ?::jsonb)")
                        .param(row.table())
                        .param(row.before())
                        .param(row.after())
                        .query(Boolean.class)
                        .single();
                if (isBack) {
                    all.remove();
                    moved = true;
                }
            }
        }
        return waiting;
    }

    /** What is too old to be taken back is thrown away. */
    @Scheduled(fixedDelayString = "P1D", initialDelayString = "PT20M")
    @Transactional
    void forget() {
        database.sql("delete from done d using setting s where s.id = d.setting_id"
                        + " and d.at < ?::timestamptz + make_interval(secs => s.clock_ahead_s)")
                .param(Timestamp.from(clock.instant().minus(KEPT)))
                .update();
    }

    private Optional<Done> one(Viewer viewer, UUID doneId, String more) {
        return database.sql("select * from done where id = ? and setting_id = ?" + more)
                .params(doneId, viewer.settingId().value())
                .query(UndoService::done)
                .optional();
    }

    /** The last change first. */
    private List<Row> rows(Collection<UUID> doneIds) {
        if (doneIds.isEmpty()) {
            return List.of();
        }
        return database.sql(
                        "select done_id, room_id, of_table, label, on_day, coalesce(after, before) ->> 'id' as row_id,"
                                + " before::text, after::text from done_row where done_id in (:ids) order by id desc")
                .param("ids", doneIds)
                .query((found, number) -> new Row(
                        found.getObject("done_id", UUID.class),
                        found.getObject("room_id", UUID.class),
                        found.getString("of_table"),
                        found.getString("label"),
                        found.getObject("on_day", LocalDate.class),
                        UUID.fromString(found.getString("row_id")),
                        found.getString("before"),
                        found.getString("after")))
                .list();
    }

    private List<DoneView> views(Viewer viewer, List<Done> all) {
        Map<UUID, List<Row>> rows = rows(all.stream().map(Done::id).toList()).stream()
                .collect(Collectors.groupingBy(Row::doneId, LinkedHashMap::new, Collectors.toList()));
        return all.stream()
                .filter(done -> sees(viewer, rows.getOrDefault(done.id(), List.of())))
                .map(done -> view(viewer, done, rows.getOrDefault(done.id(), List.of())))
                .toList();
    }

    private DoneView view(Viewer viewer, Done done, List<Row> rows) {
        Optional<LocalDate> day =
                rows.stream().map(Row::onDay).filter(Objects::nonNull).findFirst();
        String sentence = say(
                "undo.deed." + done.deed(),
                names(rows),
                day.isPresent() ? "day" : "none",
                day.<Object>map(on -> on).orElse(""));
        return new DoneView(
                done.id(),
                settings.local(viewer.settingId(), done.at()),
                done.person(),
                sentence,
                done.undoneAt() == null && mayUndo(viewer, done),
                Optional.ofNullable(done.undoneAt())
                        .map(at -> new DoneView.Undone(done.undoneBy(), settings.local(viewer.settingId(), at))));
    }

    /** The first few, by name. */
    private String names(List<Row> rows) {
        List<String> names = rows.stream()
                .map(Row::label)
                .filter(label -> !label.isEmpty())
                .distinct()
                .toList();
        return names.isEmpty()
                ? say("undo.something")
                : say(
                        "undo.names",
                        String.join(", ", names.subList(0, Math.min(NAMED, names.size()))),
                        Math.max(0, names.size() - NAMED));
    }

    private String say(String code, Object... arguments) {
        return words.getMessage(code, arguments, LocaleContextHolder.getLocale());
    }

    /** Managers see everything; others what belongs to a room of theirs, or to no room. */
    private static boolean sees(Viewer viewer, List<Row> rows) {
        Set<UUID> own = viewer.rooms().all();
        return viewer.role().isStaff()
                && (viewer.role() != Role.PRACTITIONER
                        || rows.stream().map(Row::table).noneMatch(OF_THE_ROTA::contains))
                && (viewer.role() == Role.MANAGER
                        || rows.stream()
                                .map(Row::roomId)
                                .filter(Objects::nonNull)
                                .allMatch(own::contains));
    }

    /** Whoever did it, and whoever leads. */
    private static boolean mayUndo(Viewer viewer, Done done) {
        return viewer.role() == Role.MANAGER
                || viewer.role() == Role.ROOM_LEAD
                || viewer.personId().equals(done.personId());
    }

    private static Done done(ResultSet found, int number) throws SQLException {
        Timestamp undone = found.getTimestamp("undone_at");
        return new Done(
                found.getObject("id", UUID.class),
                found.getTimestamp("at").toInstant(),
                found.getObject("person_id", UUID.class),
                found.getString("person_name"),
                Deed.valueOf(found.getString("deed")),
                undone == null ? null : undone.toInstant(),
                found.getString("undone_by"));
    }
}
