package app.carder.web.outbox;

import app.carder.core.sending.Delivery;
import app.carder.core.sending.Standing;
import app.carder.web.setting.SettingService;
import com.github.kagkarlsson.scheduler.task.helper.RecurringTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import com.github.kagkarlsson.scheduler.task.schedule.FixedDelay;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.Objects;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionOperations;

/**
 * Hands what waits in the outbox to the mail server, one message in a transaction: it is held while the server takes it, so that no other
 * node sends it too, and waits again if this one dies. Only if that happens between the server's answer and the end of the transaction does
 * it go out twice, both times under the same Message-ID.
 */
@Component
class MailRound {

    private static final int MOST_A_ROUND = 200;
    private static final Logger LOG = LoggerFactory.getLogger(MailRound.class);

    private final MessageRepository messages;
    private final OutboxService outbox;
    private final MailServer server;
    private final ReturnedMail returned;
    private final SettingService settings;
    private final TransactionOperations transaction;
    private final Recipients recipients;
    private final Clock clock;

    MailRound(
            MessageRepository messages,
            OutboxService outbox,
            MailServer server,
            ReturnedMail returned,
            SettingService settings,
            TransactionOperations transaction,
            Recipients recipients,
            Clock clock) {
        this.recipients = recipients;
        this.messages = messages;
        this.outbox = outbox;
        this.server = server;
        this.returned = returned;
        this.settings = settings;
        this.transaction = transaction;
        this.clock = clock;
    }

    /** Tells the scheduler when. */
    @Configuration(proxyBeanMethods = false)
    static class Registration {
        @Bean
        RecurringTask<Void> mailRounds(MailRound round, @Value("${carder.mail.every}") Duration every) {
            return Tasks.recurring("mail-round", FixedDelay.of(every)).execute((instance, context) -> round.run());
        }
    }

    /** Sends what is due. A fault ends the round, and the next one goes on. */
    void run() {
        if (!server.isSet()) {
            return;
        }
        try {
            int sent = 0;
            while (sent < MOST_A_ROUND && Objects.requireNonNull(transaction.execute(status -> sendNext()))) {
                sent++;
            }
            returned.read();
        } catch (RuntimeException broken) {
            LOG.error("A round of mail broke off.", broken);
        }
    }

    private boolean sendNext() {
        Optional<Message> next = messages.nextDue(clock.instant());
        next.ifPresent(this::send);
        return next.isPresent();
    }

    private void send(Message message) {
        Instant now = clock.instant();
        Delivery delivery = message.delivery();
        LocalDateTime here = settings.local(message.settingId(), now);
        LocalDateTime opens = outbox.quiet(message.settingId())
                .map(quiet -> quiet.opens(here))
                .orElse(here);
        if (message.roomId() != null
                && !recipients.mayBeWrittenTo(
                        message.settingId(), message.mail().toAddress())) {
            message.stop(now);
        } else if (now.isAfter(message.askedAt().plus(Delivery.GIVEN_UP_AFTER))) {
            // Written when there was no mail server: what it says may be over.
            message.settle(new Delivery(Standing.GIVEN_UP, delivery.tries(), delivery.nextTryAt()), "", now);
        } else if (opens.isAfter(here)) {
            message.settle(delivery.held(now.plus(Duration.between(here, opens))), message.answer(), now);
        } else {
            MailServer.Answer answer = server.send(
                    message.getId(), settings.get(message.settingId()).name(), message.mail(), message.writtenAt());
            message.settle(
                    switch (answer.outcome()) {
                        case ACCEPTED -> delivery.accepted();
                        case REFUSED -> delivery.refused();
                        case PUT_OFF -> delivery.putOff(now, message.askedAt());
                    },
                    answer.words(),
                    now);
        }
    }
}
