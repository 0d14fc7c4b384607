package app.carder.web.rail;

import app.carder.core.said.Catalogue;
import app.carder.web.account.Viewer;
import app.carder.web.children.ChildService;
import app.carder.web.children.ChildView;
import app.carder.web.journal.JournalRequest;
import app.carder.web.rail.Rail.Hook;
import app.carder.web.rail.Rail.Peg;
import app.carder.web.rail.Rail.Round;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import com.github.kagkarlsson.scheduler.Scheduler;
import com.github.kagkarlsson.scheduler.SystemClock;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How far the journals of a room are, and the making of all of them. */
@Service
public class RailService {

    /** A child of whom nothing was written in these weeks has nothing that could be told. */
    private static final int WEEKS_OF_RECORDS = 12;

    private static final String LATEST = """
            select c.id as child_id, j.id as journal_id, j.approved_at is not null as approved, j.read_by is not null as was_read,
                   coalesce(j.remark, '') as remark,
                   exists (select 1 from invitation i where i.journal_id = j.id and i.setting_id = :setting and i.revoked_at is null) as sent,
                   exists (select 1 from invitation i where i.journal_id = j.id and i.setting_id = :setting and i.opened_at is not null) as opened,
                   exists (select 1 from reply r where r.journal_id = j.id and r.setting_id = :setting)
                       or exists (select 1 from read_together t where t.journal_id = j.id and t.setting_id = :setting) as answered,
                   exists (select 1 from observation_child oc join observation o on o.id = oc.observation_id
                       where oc.child_id = c.id and o.setting_id = :setting and o.observed_at >= :since) as seen
            from child c
            left join lateral (select * from journal l where l.child_id = c.id and l.setting_id = :setting
                order by l.compiled_at desc, l.id desc limit 1) j on true
            where c.setting_id = :setting and c.id in (:children)
            """;

    private final NamedParameterJdbcTemplate database;
    private final JournalRoundRepository rounds;
    private final ChildService children;
    private final SettingService settings;
    private final Scheduler scheduler;

    RailService(
            NamedParameterJdbcTemplate database,
            JournalRoundRepository rounds,
            ChildService children,
            SettingService settings,
            Scheduler scheduler) {
        this.database = database;
        this.rounds = rounds;
        this.children = children;
        this.settings = settings;
        this.scheduler = scheduler;
    }

    /** The rail of a room. */
    @Transactional(readOnly = true)
    public Rail of(SettingId settingId, UUID roomId) {
        List<ChildView> here = Rail.inOrder(children.inRoom(settingId, roomId));
        Map<UUID, Found> found = found(settingId, here);
        Map<Stage, List<Peg>> hung = new EnumMap<>(Stage.class);
        for (ChildView child : here) {
            Found latest = found.getOrDefault(child.id(), Found.NOTHING);
            hung.computeIfAbsent(latest.stage(), stage -> new ArrayList<>())
                    .add(new Peg(child, Optional.ofNullable(latest.journalId()), latest.remark()));
        }
        return new Rail(
                Arrays.stream(Stage.values())
                        .map(stage -> new Hook(stage, hung.getOrDefault(stage, List.of())))
                        .toList(),
                latest(settingId, roomId).map(RailService::view));
    }

    private static Round view(JournalRound round) {
        return new Round(
                round.getId(),
                round.lookedAt(),
                round.children(),
                round.isEnded() && round.lookedAt() < round.children(),
                !round.isEnded());
    }

    /** The latest journal of a child. */
    private record Found(
            @Nullable UUID journalId,
            boolean approved,
            boolean wasRead,
            boolean sent,
            boolean opened,
            boolean answered,
            boolean seen,
            String remark) {

        static final Found NOTHING = new Found(null, false, false, false, false, false, false, "");

        Stage stage() {
            if (journalId == null) {
                return seen ? Stage.TO_MAKE : Stage.NO_RECORDS;
            }
            if (!approved) {
                return wasRead ? Stage.READ : Stage.DRAFT;
            }
            if (answered) {
                return Stage.ANSWERED;
            }
            return opened ? Stage.OPENED : sent ? Stage.SENT : Stage.APPROVED;
        }
    }

    private Map<UUID, Found> found(SettingId settingId, List<ChildView> here) {
        Map<UUID, Found> found = new HashMap<>();
        if (here.isEmpty()) {
            return found;
        }
        database.query(
                LATEST,
                Map.of(
                        "setting", settingId.value(),
                        "children", here.stream().map(ChildView::id).toList(),
                        "since",
                                settings.today(settingId)
                                        .minusWeeks(WEEKS_OF_RECORDS)
                                        .atStartOfDay()
                                        .atOffset(ZoneOffset.UTC)),
                row -> {
                    found.put(
                            row.getObject("child_id", UUID.class),
                            new Found(
                                    row.getObject("journal_id", UUID.class),
                                    row.getBoolean("approved"),
                                    row.getBoolean("was_read"),
                                    row.getBoolean("sent"),
                                    row.getBoolean("opened"),
                                    row.getBoolean("answered"),
                                    row.getBoolean("seen"),
                                    row.getString("remark")));
                });
        return found;
    }

    /** Has the journals of a room made, one after the other, in the background. */
    @Transactional
    public void make(Viewer viewer, UUID roomId, JournalRequest like) {
        SettingId settingId = viewer.settingId();
        JournalRound round = new JournalRound(
                settingId,
                roomId,
                like,
                children.inRoom(settingId, roomId).size(),
                Catalogue.spoken().locale().toLanguageTag(),
                viewer.name(),
                settings.now(settingId));
        rounds.save(round);
        // By the scheduler's clock, which is the machine's.
        scheduler.schedule(JournalRoundJob.of(settingId, round.getId()), new SystemClock().now());
    }

    /** Stops it after the child that it is at. */
    @Transactional
    public void stop(SettingId settingId, UUID roomId) {
        latest(settingId, roomId).ifPresent(JournalRound::stop);
    }

    /** Goes on with those that have none yet. */
    @Transactional
    public void resume(SettingId settingId, UUID roomId) {
        latest(settingId, roomId)
                .filter(round -> round.isEnded() && round.lookedAt() < round.children())
                .ifPresent(round -> {
                    round.resume();
                    scheduler.schedule(JournalRoundJob.of(settingId, round.getId()), new SystemClock().now());
                });
    }

    private Optional<JournalRound> latest(SettingId settingId, UUID roomId) {
        return rounds.findFirstBySettingIdAndRoomIdOrderByAskedAtDescIdDesc(settingId, roomId);
    }
}
