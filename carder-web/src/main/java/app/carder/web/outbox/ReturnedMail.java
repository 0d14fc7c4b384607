package app.carder.web.outbox;

import app.carder.core.sending.Standing;
import jakarta.mail.BodyPart;
import jakarta.mail.Flags;
import jakarta.mail.Folder;
import jakarta.mail.MessagingException;
import jakarta.mail.Multipart;
import jakarta.mail.Part;
import jakarta.mail.Session;
import jakarta.mail.Store;
import jakarta.mail.internet.MimeMessage;
import jakarta.mail.search.FlagTerm;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.Properties;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;
import org.springframework.boot.ssl.SslBundles;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionOperations;

/** Reads the mailbox to which mail is returned, where one is set: reports of RFC 3464 that name one of our messages. */
@Component
class ReturnedMail {

    private static final Logger LOG = LoggerFactory.getLogger(ReturnedMail.class);
    private static final String WAITS_MILLIS =
            String.valueOf(Duration.ofSeconds(15).toMillis());
    private static final int MOST_A_ROUND = 100;
    private static final int MOST_LETTERS = 200_000;
    private static final int MOST_DEEP = 6;
    private static final Pattern FAILED = Pattern.compile("(?im)^Action:[ \\t]{0,5}failed");
    private static final Pattern SAID = Pattern.compile("(?im)^Diagnostic-Code:[ \\t]{0,5}([^\\r\\n]{1,300})");

    private final Mailbox mailbox;
    private final SslBundles bundles;
    private final MessageRepository messages;
    private final MailServer server;
    private final TransactionOperations transaction;
    private final Clock clock;

    ReturnedMail(
            Mailbox mailbox,
            SslBundles bundles,
            MessageRepository messages,
            MailServer server,
            TransactionOperations transaction,
            Clock clock) {
        this.mailbox = mailbox;
        this.bundles = bundles;
        this.messages = messages;
        this.server = server;
        this.transaction = transaction;
        this.clock = clock;
    }

    /**
     * Where returned mail arrives: that of {@code carder.mail.from}.
     *
     * @param host its IMAP server, by TLS; empty where nobody reads it
     * @param port of it
     * @param username to sign in with
     * @param password of that name
     * @param bundle name of the {@code spring.ssl.bundle} whose certificates are trusted; empty for those of the machine
     */
    @ConfigurationProperties("carder.mail.returned")
    record Mailbox(
            @DefaultValue("") String host,
            @DefaultValue("993") int port,
            @DefaultValue("") String username,
            @DefaultValue("") String password,
            @DefaultValue("") String bundle) {

        /** Whether somebody reads it. */
        boolean isSet() {
            return !host.isEmpty();
        }
    }

    /** Looks for new reports. What cannot be read is left as it is. */
    void read() {
        if (!mailbox.isSet()) {
            return;
        }
        Properties properties = new Properties();
        properties.put("mail.store.protocol", "imaps");
        properties.put("mail.imaps.ssl.checkserveridentity", "true");
        properties.put("mail.imaps.connectiontimeout", WAITS_MILLIS);
        properties.put("mail.imaps.timeout", WAITS_MILLIS);
        if (!mailbox.bundle().isEmpty()) {
            properties.put(
                    "mail.imaps.ssl.socketFactory",
                    bundles.getBundle(mailbox.bundle()).createSslContext().getSocketFactory());
        }
        try (Store store = Session.getInstance(properties).getStore()) {
            store.connect(mailbox.host(), mailbox.port(), mailbox.username(), mailbox.password());
            try (Folder inbox = store.getFolder("INBOX")) {
                inbox.open(Folder.READ_WRITE);
                Arrays.stream(inbox.search(new FlagTerm(new Flags(Flags.Flag.SEEN), false)))
                        .limit(MOST_A_ROUND)
                        .forEach(this::take);
            }
        } catch (MessagingException unreachable) {
            LOG.warn(
                    "The mailbox for returned mail could not be read: {}",
                    unreachable.getClass().getSimpleName());
        }
    }

    private void take(jakarta.mail.Message found) {
        try {
            String report = text((MimeMessage) found, 0).orElse("");
            found.setFlag(Flags.Flag.SEEN, true);
            if (FAILED.matcher(report).find()) {
                Matcher ours = Pattern.compile(
                                Pattern.quote("<") + "([0-9a-f-]{36})" + Pattern.quote(ending()),
                                Pattern.CASE_INSENSITIVE)
                        .matcher(report);
                if (ours.find()) {
                    Matcher said = SAID.matcher(report);
                    settle(UUID.fromString(ours.group(1).toLowerCase(Locale.ROOT)), said.find() ? said.group(1) : "");
                }
            }
        } catch (MessagingException | IOException unreadable) {
            LOG.warn(
                    "A returned mail could not be read: {}",
                    unreadable.getClass().getSimpleName());
        }
    }

    private String ending() {
        String example = server.messageId(new UUID(0, 0));
        return example.substring(example.indexOf('@'));
    }

    private void settle(UUID id, String said) {
        transaction.executeWithoutResult(status -> messages.findById(id)
                .filter(message -> message.delivery().standing() == Standing.ACCEPTED)
                .ifPresent(message -> message.settle(message.delivery().returned(), said, clock.instant())));
    }

    /** Everything that is written in it, one part after the other, up to a bound; absent where it is nested too deeply. */
    private static Optional<String> text(Part part, int deep) throws MessagingException, IOException {
        if (deep > MOST_DEEP) {
            return Optional.empty();
        }
        if (part.getContent() instanceof Multipart parts) {
            StringBuilder all = new StringBuilder();
            for (int at = 0; at < Math.min(parts.getCount(), MOST_A_ROUND); at++) {
                BodyPart inner = parts.getBodyPart(at);
                text(inner, deep + 1).ifPresent(words -> all.append(words).append('\n'));
            }
            return Optional.of(all.substring(0, Math.min(all.length(), MOST_LETTERS)));
        }
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        part.getInputStream().transferTo(new Bounded(bytes));
        return Optional.of(bytes.toString(StandardCharsets.UTF_8));
    }

    /** Takes so many bytes, and lets the others go. */
    private static final class Bounded extends OutputStream {
        private final ByteArrayOutputStream bytes;

        private Bounded(ByteArrayOutputStream bytes) {
            this.bytes = bytes;
        }

        @Override
        public void write(int one) {
            if (bytes.size() < MOST_LETTERS) {
                bytes.write(one);
            }
        }
    }
}
