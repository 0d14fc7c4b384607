package app.carder.web.week;

import app.carder.core.proposal.WeekPlan;
import app.carder.core.proposal.WeekSolver;
import app.carder.core.said.Said;
import app.carder.web.account.Viewer;
import app.carder.web.page.NotFound;
import app.carder.web.page.Required;
import app.carder.web.provocation.CardSummary;
import app.carder.web.provocation.ProvocationService;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import app.carder.web.room.SessionView;
import app.carder.web.setting.Ids;
import app.carder.web.setting.SettingId;
import jakarta.annotation.PreDestroy;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionOperations;

/**
 * Proposes weeks. Each is a job: its state lies in the database, one thread of this node works on it, another writes down every
 * quarter of a second how far it is and looks whether somebody wants it stopped. A job whose node went away is told as broken off.
 */
@Service
class ProposalService {

    private static final Logger LOG = LoggerFactory.getLogger(ProposalService.class);
    private static final Duration LOST_AFTER = Duration.ofSeconds(20);
    private static final long BEAT_MILLIS = 250;

    private final WeekProposalRepository proposals;
    private final ProposedBlockRepository blocks;
    private final WeekService weeks;
    private final RoomService rooms;
    private final ProvocationService provocations;
    private final WeekProblems problems;
    private final TransactionOperations transaction;
    private final Clock clock;
    private final ExecutorService workers = Executors.newSingleThreadExecutor();
    private final ScheduledExecutorService beats = Executors.newSingleThreadScheduledExecutor();

    ProposalService(
            WeekProposalRepository proposals,
            ProposedBlockRepository blocks,
            WeekService weeks,
            RoomService rooms,
            ProvocationService provocations,
            WeekProblems problems,
            TransactionOperations transaction,
            Clock clock) {
        this.proposals = proposals;
        this.blocks = blocks;
        this.weeks = weeks;
        this.rooms = rooms;
        this.provocations = provocations;
        this.problems = problems;
        this.transaction = transaction;
        this.clock = clock;
    }

    @PreDestroy
    void stop() {
        workers.shutdownNow();
        beats.shutdownNow();
    }

    /** Starts a proposal; its id. */
    UUID ask(Viewer viewer, UUID roomId, LocalDate monday) {
        UUID id = Ids.next();
        SettingId settingId = viewer.settingId();
        WeekProblems.Asked asked = Objects.requireNonNull(transaction.execute(status -> {
            RoomView room = rooms.get(settingId, roomId);
            proposals.save(new WeekProposal(id, settingId, roomId, monday, viewer.name(), clock.instant()));
            return problems.of(settingId, room, monday);
        }));
        workers.execute(() -> work(settingId, id, asked));
        return id;
    }

    private void work(SettingId settingId, UUID id, WeekProblems.Asked asked) {
        WeekSolver solver = WeekSolver.within(WeekSolver.USUAL_LIMIT, asked.problem());
        AtomicLong best = new AtomicLong();
        ScheduledFuture<?> beat = beats.scheduleWithFixedDelay(
                () -> beat(settingId, id, best.get(), solver), BEAT_MILLIS, BEAT_MILLIS, TimeUnit.MILLISECONDS);
        try {
            WeekPlan plan = solver.solve(best::set);
            beat.cancel(false);
            transaction.executeWithoutResult(status -> keep(settingId, id, asked, plan));
        } catch (RuntimeException broken) {
            LOG.error("A week could not be proposed.", broken);
            transaction.executeWithoutResult(
                    status -> proposals.findByIdAndSettingId(id, settingId).ifPresent(WeekProposal::breakOff));
        } finally {
            beat.cancel(false);
        }
    }

    private void beat(SettingId settingId, UUID id, long points, WeekSolver solver) {
        Boolean stop = transaction.execute(status -> {
            Optional<WeekProposal> proposal = proposals.findByIdAndSettingId(id, settingId);
            proposal.ifPresent(found -> found.beat(points, clock.instant()));
            return proposal.map(WeekProposal::isStopWanted).orElse(true);
        });
        if (Boolean.TRUE.equals(stop)) {
            solver.stop();
        }
    }

    private void keep(SettingId settingId, UUID id, WeekProblems.Asked asked, WeekPlan plan) {
        Optional<WeekProposal> proposal = proposals.findByIdAndSettingId(id, settingId);
        if (proposal.isEmpty()) {
            return;
        }
        for (WeekPlan.Placed placed : plan.placed()) {
            blocks.save(new ProposedBlock(
                    settingId,
                    id,
                    Required.from(asked.places(), placed.slot()),
                    UUID.fromString(placed.cardId()),
                    asked.problem().pins().containsKey(placed.slot()),
                    placed.because().stream().map(Said::words).toList()));
        }
        proposal.get()
                .ready(
                        plan.score().points(),
                        plan.givenUp().stream().map(Said::words).toList(),
                        clock.instant());
    }

    /** Ends a proposal early; what was found so far is kept. */
    void wantStop(SettingId settingId, UUID id) {
        transaction.executeWithoutResult(status -> find(settingId, id).wantStop());
    }

    /** Takes a proposed week over on to the board; what is pinned there stays. */
    void take(Viewer viewer, UUID id) {
        transaction.executeWithoutResult(status -> {
            WeekProposal proposal = find(viewer.settingId(), id);
            if (proposal.state() == WeekProposal.State.READY) {
                Map<BlockPlace, UUID> week = new LinkedHashMap<>();
                blocks.findBySettingIdAndProposalId(viewer.settingId(), id)
                        .forEach(block -> week.put(block.at(), block.provocationId()));
                weeks.replace(viewer, proposal.roomId(), proposal.monday(), week);
                proposal.taken();
            }
        });
    }

    private WeekProposal find(SettingId settingId, UUID id) {
        return proposals.findByIdAndSettingId(id, settingId).orElseThrow(NotFound::new);
    }

    /** How far a proposal is, and what it says. */
    ProposalView view(SettingId settingId, UUID id) {
        return Objects.requireNonNull(transaction.execute(status -> {
            WeekProposal proposal = find(settingId, id);
            boolean lost = proposal.state() == WeekProposal.State.RUNNING
                    && proposal.beatAt().plus(LOST_AFTER).isBefore(clock.instant());
            RoomView room = rooms.get(settingId, proposal.roomId());
            List<ProposedBlock> placed = blocks.findBySettingIdAndProposalId(settingId, id);
            return new ProposalView(
                    id,
                    room.id(),
                    proposal.monday(),
                    proposal.state() == WeekProposal.State.RUNNING && !lost,
                    proposal.state() == WeekProposal.State.READY,
                    proposal.state() == WeekProposal.State.TAKEN,
                    proposal.points(),
                    Duration.between(proposal.askedAt(), proposal.beatAt()).toSeconds(),
                    days(settingId, room, placed),
                    proposal.givenUp());
        }));
    }

    private List<ProposalView.Day> days(SettingId settingId, RoomView room, List<ProposedBlock> placed) {
        Map<UUID, CardSummary> cards = provocations.byId(
                settingId,
                placed.stream().map(ProposedBlock::provocationId).distinct().toList());
        Map<UUID, SessionView> sessions =
                room.sessions().stream().collect(Collectors.toMap(SessionView::id, session -> session));
        Map<UUID, String> zones =
                room.zones().stream().collect(Collectors.toMap(zone -> zone.id(), zone -> zone.name()));
        Map<LocalDate, List<ProposedBlock>> byDay = placed.stream()
                .sorted(Comparator.comparing((ProposedBlock block) -> block.at().onDay())
                        .thenComparing(
                                block -> Required.from(sessions, block.at().sessionId())
                                        .session()
                                        .startsAt())
                        .thenComparing(block -> zones.getOrDefault(block.at().zoneId(), ""))
                        .thenComparing(block -> block.at().place()))
                .collect(Collectors.groupingBy(block -> block.at().onDay(), LinkedHashMap::new, Collectors.toList()));
        List<ProposalView.Day> days = new ArrayList<>();
        byDay.forEach((on, of) -> days.add(new ProposalView.Day(
                on,
                of.stream()
                        .map(block -> new ProposalView.Placed(
                                Required.from(sessions, block.at().sessionId())
                                                .session()
                                                .startsAt()
                                        + " "
                                        + Required.from(sessions, block.at().sessionId())
                                                .session()
                                                .name(),
                                zones.getOrDefault(block.at().zoneId(), ""),
                                Required.from(cards, block.provocationId()),
                                block.because()))
                        .toList())));
        return days;
    }
}
