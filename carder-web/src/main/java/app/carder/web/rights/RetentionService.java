package app.carder.web.rights;

import app.carder.core.retention.RecordKind;
import app.carder.core.retention.Retention;
import app.carder.core.said.Said;
import app.carder.web.account.Viewer;
import app.carder.web.children.ChildService;
import app.carder.web.children.ChildView;
import app.carder.web.children.HoldService;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How long a setting keeps what of children that have left, what falls due, and the clearing out that somebody starts. */
@Service
public class RetentionService {

    private final NamedParameterJdbcTemplate database;
    private final ChildService children;
    private final HoldService holds;
    private final ErasureService erasures;
    private final SettingService settings;

    RetentionService(
            NamedParameterJdbcTemplate database,
            ChildService children,
            HoldService holds,
            ErasureService erasures,
            SettingService settings) {
        this.database = database;
        this.children = children;
        this.holds = holds;
        this.erasures = erasures;
        this.settings = settings;
    }

    /**
     * A child that has left.
     *
     * @param child whom
     * @param leftOn its last day
     * @param bars when what falls due, on the common line of time
     * @param there kinds of which something is still there
     * @param isOver whether nothing of it is kept any longer; not as long as some kind is not decided
     * @param holds that last
     * @param died whether it died: then nothing is cleared out by its date
     */
    record Row(
            ChildView child,
            LocalDate leftOn,
            List<Retention.Bar> bars,
            Set<RecordKind> there,
            boolean isOver,
            List<HoldService.Hold> holds,
            boolean died) {

        /** Whether nothing of it may be cleared out. */
        public boolean isHeld() {
            return died || !holds.isEmpty();
        }

        /** How its bar is drawn: by kind, paler where nothing is there, or nobody has decided. */
        public String look(Retention.Bar bar) {
            return bar.kind().name().toLowerCase(Locale.ROOT)
                    + (there.contains(bar.kind()) ? "" : " gone")
                    + (bar.until().isPresent() ? "" : " undecided");
        }

        /** Whether a kind can be cleared out today. */
        public boolean mayGo(Retention.Bar bar) {
            return !isHeld() && bar.isDue() && there.contains(bar.kind());
        }
    }

    /**
     * All of them.
     *
     * @param chart the line of time
     * @param rows who left last first
     * @param due how many kinds of records, of all children, can be cleared out today
     */
    record Preview(Retention.Chart chart, List<Row> rows, long due) {}

    /**
     * What a clearing out did.
     *
     * @param done kinds of records that went
     * @param passedOver what was asked for and stayed: held, not due yet, or gone before
     */
    record Outcome(int done, int passedOver) {}

    /** What holds in a setting: its own choice, and the habit of its country where it made none. */
    @Transactional(readOnly = true)
    public Retention of(SettingId settingId) {
        Map<RecordKind, Integer> years = new EnumMap<>(RecordKind.class);
        years.putAll(
                Retention.usual(settings.get(settingId).premises().country()).years());
        database.query(
                "select kind, years from retention_choice where setting_id = :setting",
                Map.of("setting", settingId.value()),
                row -> {
                    RecordKind kind = RecordKind.valueOf(row.getString("kind"));
                    int chosen = row.getInt("years");
                    if (row.wasNull()) {
                        years.remove(kind);
                    } else {
                        years.put(kind, chosen);
                    }
                });
        return new Retention(years);
    }

    /** Writes down what a setting chose for every kind. */
    @Transactional
    public void choose(SettingId settingId, Retention chosen) {
        for (RecordKind kind : Retention.KINDS) {
            Map<String, Object> row = new HashMap<>();
            row.put("setting", settingId.value());
            row.put("kind", kind.name());
            row.put("years", chosen.yearsOf(kind).orElse(null));
            database.update(
                    "insert into retention_choice (setting_id, kind, years) values (:setting, :kind, :years)"
                            + " on conflict (setting_id, kind) do update set years = excluded.years",
                    row);
        }
    }

    /** Who has left, and when what of theirs falls due. */
    @Transactional(readOnly = true)
    Preview preview(SettingId settingId) {
        Retention retention = of(settingId);
        LocalDate today = settings.today(settingId);
        List<ChildView> left = children.left(settingId);
        List<LocalDate> days = left.stream().map(child -> leftOn(child, today)).toList();
        Retention.Chart chart = retention.chart(days, today);
        List<UUID> ids = left.stream().map(ChildView::id).toList();
        Map<UUID, List<HoldService.Hold>> held = holds.lasting(settingId, ids);
        Map<UUID, Set<RecordKind>> there = there(settingId, ids);
        Set<UUID> died = children.died(settingId, ids).keySet();
        List<Row> rows = new ArrayList<>();
        for (int at = 0; at < left.size(); at++) {
            rows.add(new Row(
                    left.get(at),
                    days.get(at),
                    chart.bars().get(at),
                    there.getOrDefault(left.get(at).id(), Set.of()),
                    retention
                            .allDue(days.get(at))
                            .filter(day -> !day.isAfter(today))
                            .isPresent(),
                    held.getOrDefault(left.get(at).id(), List.of()),
                    died.contains(left.get(at).id())));
        }
        long due = rows.stream()
                .flatMap(row -> row.bars().stream().filter(row::mayGo))
                .count();
        return new Preview(chart, rows, due);
    }

    private static LocalDate leftOn(ChildView child, LocalDate today) {
        return child.coming().stay().endsOn().orElse(today);
    }

    private Map<UUID, Set<RecordKind>> there(SettingId settingId, Collection<UUID> ids) {
        Map<UUID, Set<RecordKind>> there = new HashMap<>();
        if (ids.isEmpty()) {
            return there;
        }
        database.query(
                "select c.id,"
                        + " exists (select 1 from observation_child o where o.child_id = c.id)"
                        + " or exists (select 1 from watch_entry w where w.child_id = c.id)"
                        + " or exists (select 1 from journal j where j.child_id = c.id)"
                        + " or exists (select 1 from reply r where r.child_id = c.id) as learning,"
                        + " exists (select 1 from attendance a where a.child_id = c.id) as register,"
                        + " exists (select 1 from consent_entry e where e.child_id = c.id) as consent"
                        + " from child c where c.setting_id = :setting and c.id in (:children)",
                Map.of("setting", settingId.value(), "children", ids),
                row -> {
                    Set<RecordKind> kinds = EnumSet.noneOf(RecordKind.class);
                    for (RecordKind kind : Retention.KINDS) {
                        if (row.getBoolean(kind.name())) {
                            kinds.add(kind);
                        }
                    }
                    there.put(row.getObject("id", UUID.class), Set.copyOf(kinds));
                });
        return there;
    }

    /**
     * Clears out what was ticked and is due. What is held meanwhile, or not due, stays, whatever was asked for.
     *
     * @param keys child and kind, as {@code id/KIND}
     */
    @Transactional
    Outcome clearOut(Viewer viewer, Collection<String> keys) {
        int done = 0;
        for (Row row : preview(viewer.settingId()).rows()) {
            for (Retention.Bar bar : row.bars()) {
                if (row.mayGo(bar)
                        && keys.contains(row.child().id() + "/" + bar.kind().name())) {
                    erasures.retire(
                            viewer,
                            row.child().id(),
                            bar.kind(),
                            Said.say(
                                    "keeping.kept-long-enough",
                                    Said.say("keeping.kind." + bar.kind().name())));
                    done++;
                }
            }
        }
        return new Outcome(done, keys.size() - done);
    }
}
