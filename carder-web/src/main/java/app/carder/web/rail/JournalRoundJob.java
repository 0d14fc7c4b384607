package app.carder.web.rail;

import app.carder.core.said.Catalogue;
import app.carder.web.children.ChildService;
import app.carder.web.children.ChildView;
import app.carder.web.children.HoldService;
import app.carder.web.children.PauseService;
import app.carder.web.journal.JournalCompiler;
import app.carder.web.setting.SettingId;
import com.github.kagkarlsson.scheduler.task.TaskInstance;
import com.github.kagkarlsson.scheduler.task.helper.OneTimeTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionOperations;

/**
 * Makes the journals of a room, child by child, each kept before the next begins: stopped or broken off, it goes on with those that have
 * none. A child of whom nothing was written in the period gets none.
 */
@Component
class JournalRoundJob {

    private static final String NAME = "journal-round";
    private static final String BETWEEN = "/";
    private static final Logger LOG = LoggerFactory.getLogger(JournalRoundJob.class);

    private final JournalRoundRepository rounds;
    private final JournalCompiler compiler;
    private final ChildService children;
    private final HoldService holds;
    private final PauseService pauses;
    private final TransactionOperations transaction;

    JournalRoundJob(
            JournalRoundRepository rounds,
            JournalCompiler compiler,
            ChildService children,
            HoldService holds,
            PauseService pauses,
            TransactionOperations transaction) {
        this.rounds = rounds;
        this.compiler = compiler;
        this.children = children;
        this.holds = holds;
        this.pauses = pauses;
        this.transaction = transaction;
    }

    /** A job for the scheduler. */
    static TaskInstance<Void> of(SettingId settingId, UUID id) {
        return new TaskInstance<>(NAME, settingId.value() + BETWEEN + id);
    }

    /** Tells the scheduler what to do. */
    @Configuration(proxyBeanMethods = false)
    static class Registration {
        @Bean
        OneTimeTask<Void> journalRounds(JournalRoundJob job) {
            return Tasks.oneTime(NAME).execute((instance, context) -> {
                String[] ids = instance.getId().split(BETWEEN);
                job.work(new SettingId(UUID.fromString(ids[0])), UUID.fromString(ids[1]));
            });
        }
    }

    private void work(SettingId settingId, UUID id) {
        try {
            Optional<JournalRound> asked = rounds.findByIdAndSettingId(id, settingId);
            if (asked.isPresent()) {
                try (Catalogue.Spoken spoken = Catalogue.of(
                                Locale.forLanguageTag(asked.get().language()))
                        .speak()) {
                    makeAll(asked.get());
                }
            }
        } catch (RuntimeException broken) {
            // The scheduler would log what the exception says, and try again for ever.
            LOG.error("The journals of a room could not all be made.", broken);
            transaction.executeWithoutResult(
                    status -> rounds.findByIdAndSettingId(id, settingId).ifPresent(JournalRound::end));
        }
    }

    private void makeAll(JournalRound asked) {
        SettingId settingId = asked.settingId();
        List<ChildView> here = Rail.inOrder(children.inRoom(settingId, asked.roomId()));
        for (int at = 0; at < here.size(); at++) {
            int looked = at + 1;
            UUID child = here.get(at).id();
            boolean goesOn = Objects.requireNonNull(transaction.execute(status -> {
                JournalRound round =
                        rounds.findByIdAndSettingId(asked.getId(), settingId).orElseThrow();
                if (round.isStopWanted()) {
                    return false;
                }
                if (!holds.isRestricted(settingId, child)
                        && pauses.of(settingId, child).isEmpty()) {
                    compiler.compileOnce(settingId, round.askedBy(), round.of(child), round.getId());
                }
                round.looked(looked);
                return true;
            }));
            if (!goesOn) {
                break;
            }
        }
        transaction.executeWithoutResult(
                status -> rounds.findByIdAndSettingId(asked.getId(), settingId).ifPresent(JournalRound::end));
    }
}
