package app.carder.web.week;

import app.carder.core.proposal.WeekPlan;
import app.carder.core.proposal.WeekSolver;
import app.carder.core.said.Said;
import app.carder.web.page.Required;
import app.carder.web.room.RoomService;
import app.carder.web.setting.SettingId;
import com.github.kagkarlsson.scheduler.task.TaskInstance;
import com.github.kagkarlsson.scheduler.task.helper.OneTimeTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import jakarta.annotation.PreDestroy;
import java.time.Clock;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionOperations;

/**
 * Works on proposed weeks, in the background. How far it is, and whether somebody wants it stopped, goes through the database every
 * quarter of a second, so that any node can show it. One that was begun by a node which went away begins anew elsewhere.
 */
@Component
class ProposalJob {

    private static final String NAME = "week-proposal";
    private static final String BETWEEN = "/";
    private static final Logger LOG = LoggerFactory.getLogger(ProposalJob.class);
    private static final long BEAT_MILLIS = 250;

    private final WeekProposalRepository proposals;
    private final ProposedBlockRepository blocks;
    private final RoomService rooms;
    private final WeekProblems problems;
    private final TransactionOperations transaction;
    private final Clock clock;
    private final ScheduledExecutorService beats = Executors.newSingleThreadScheduledExecutor();

    ProposalJob(
            WeekProposalRepository proposals,
            ProposedBlockRepository blocks,
            RoomService rooms,
            WeekProblems problems,
            TransactionOperations transaction,
            Clock clock) {
        this.proposals = proposals;
        this.blocks = blocks;
        this.rooms = rooms;
        this.problems = problems;
        this.transaction = transaction;
        this.clock = clock;
    }

    @PreDestroy
    void stop() {
        beats.shutdownNow();
    }

    /** A job for the scheduler; the more of its setting are waiting already, the later its turn. */
    static TaskInstance<Void> of(SettingId settingId, UUID id, int waiting) {
        return new TaskInstance.Builder<Void>(NAME, settingId.value() + BETWEEN + id)
                .priority(-Math.min(waiting, Short.MAX_VALUE))
                .build();
    }

    /** Tells the scheduler what to do. */
    @Configuration(proxyBeanMethods = false)
    static class Registration {
        @Bean
        OneTimeTask<Void> weekProposals(ProposalJob job) {
            return Tasks.oneTime(NAME).execute((instance, context) -> {
                String[] ids = instance.getId().split(BETWEEN);
                job.work(new SettingId(UUID.fromString(ids[0])), UUID.fromString(ids[1]));
            });
        }
    }

    private void work(SettingId settingId, UUID id) {
        try {
            begun(settingId, id).ifPresent(asked -> solve(settingId, id, asked));
        } catch (RuntimeException broken) {
            // The scheduler would log what the exception says, and try again for ever.
            LOG.error("A week could not be proposed.", broken);
            transaction.executeWithoutResult(
                    status -> proposals.findByIdAndSettingId(id, settingId).ifPresent(WeekProposal::breakOff));
        }
    }

    private Optional<WeekProblems.Asked> begun(SettingId settingId, UUID id) {
        return Objects.requireNonNull(transaction.execute(status -> proposals
                .findByIdAndSettingId(id, settingId)
                .filter(WeekProposal::isOpen)
                .map(proposal -> {
                    proposal.begin(clock.instant());
                    return problems.of(settingId, rooms.get(settingId, proposal.roomId()), proposal.monday());
                })));
    }

    private void solve(SettingId settingId, UUID id, WeekProblems.Asked asked) {
        WeekSolver solver = WeekSolver.within(WeekSolver.USUAL_LIMIT, asked.problem());
        AtomicLong best = new AtomicLong();
        ScheduledFuture<?> beat = beats.scheduleWithFixedDelay(
                () -> beat(settingId, id, best.get(), solver), BEAT_MILLIS, BEAT_MILLIS, TimeUnit.MILLISECONDS);
        try {
            WeekPlan plan = solver.solve(best::set);
            beat.cancel(false);
            transaction.executeWithoutResult(status -> save(settingId, id, asked, plan));
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

    private void save(SettingId settingId, UUID id, WeekProblems.Asked asked, WeekPlan plan) {
        Optional<WeekProposal> proposal =
                proposals.findByIdAndSettingId(id, settingId).filter(WeekProposal::isOpen);
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
}
