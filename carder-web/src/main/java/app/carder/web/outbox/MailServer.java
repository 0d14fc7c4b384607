package app.carder.web.outbox;

import app.carder.web.outbox.MailProperties.Security;
import app.carder.web.page.PublicAddress;
import jakarta.mail.MessagingException;
import jakarta.mail.SendFailedException;
import jakarta.mail.internet.AddressException;
import jakarta.mail.internet.InternetAddress;
import jakarta.mail.internet.MimeMessage;
import java.io.UnsupportedEncodingException;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Date;
import java.util.List;
import java.util.Optional;
import java.util.Properties;
import java.util.UUID;
import java.util.stream.Stream;
import org.eclipse.angus.mail.smtp.SMTPAddressFailedException;
import org.eclipse.angus.mail.smtp.SMTPSendFailedException;
import org.eclipse.angus.mail.smtp.SMTPSenderFailedException;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.ssl.SslBundles;
import org.springframework.mail.MailException;
import org.springframework.mail.MailSendException;
import org.springframework.mail.javamail.JavaMailSenderImpl;
import org.springframework.mail.javamail.MimeMessageHelper;
import org.springframework.stereotype.Component;

/** The mail server that takes this application's mail, where one is set. */
@Component
class MailServer {

    private static final String WAITS_MILLIS =
            String.valueOf(Duration.ofSeconds(15).toMillis());
    private static final int FIRST_OF_REFUSALS = 500;

    private final Optional<JavaMailSenderImpl> sender;
    private final MailProperties properties;
    private final boolean shipped;
    private final PublicAddress address;

    @Autowired
    MailServer(
            MailProperties properties,
            ObjectProvider<ShippedMailServer> shipped,
            SslBundles bundles,
            PublicAddress address) {
        ShippedMailServer ours = properties.host().isEmpty() ? shipped.getIfAvailable() : null;
        this.shipped = ours != null;
        this.properties = ours == null ? properties : ours.properties();
        this.address = address;
        this.sender =
                this.properties.host().isEmpty() ? Optional.empty() : Optional.of(sender(this.properties, bundles));
    }

    /** What became of an attempt. */
    enum Outcome {
        /** The server took it. */
        ACCEPTED,
        /** It will never take it. */
        REFUSED,
        /** Not now, or nobody answered. */
        PUT_OFF
    }

    /**
     * What a server answered.
     *
     * @param outcome of the attempt
     * @param words of the server, or of the machine where none answered
     */
    record Answer(Outcome outcome, String words) {}

    /**
     * Refuses a server to which mail would go in clear over a network.
     *
     * @throws IllegalArgumentException if there is no address to send from, or the connection is not kept private
     */
    private static JavaMailSenderImpl sender(MailProperties properties, SslBundles bundles) {
        if (!properties.from().contains("@")) {
            throw new IllegalArgumentException("carder.mail.from is to be the address that mail comes from.");
        }
        if (properties.security() == Security.NONE && !isThisMachine(properties.host())) {
            throw new IllegalArgumentException(
                    "carder.mail.security=NONE is for a mail server on this machine. Use STARTTLS or TLS.");
        }
        JavaMailSenderImpl sender = new JavaMailSenderImpl();
        sender.setHost(properties.host());
        sender.setPort(properties.port());
        sender.setDefaultEncoding(StandardCharsets.UTF_8.name());
        Properties mail = sender.getJavaMailProperties();
        if (!properties.username().isEmpty()) {
            sender.setUsername(properties.username());
            sender.setPassword(properties.password());
            mail.put("mail.smtp.auth", "true");
        }
        mail.put("mail.smtp.starttls.enable", String.valueOf(properties.security() == Security.STARTTLS));
        mail.put("mail.smtp.starttls.required", String.valueOf(properties.security() == Security.STARTTLS));
        mail.put("mail.smtp.ssl.enable", String.valueOf(properties.security() == Security.TLS));
        mail.put("mail.smtp.ssl.checkserveridentity", "true");
        mail.put("mail.smtp.connectiontimeout", WAITS_MILLIS);
        mail.put("mail.smtp.timeout", WAITS_MILLIS);
        mail.put("mail.smtp.writetimeout", WAITS_MILLIS);
        if (!properties.bundle().isEmpty()) {
            mail.put(
                    "mail.smtp.ssl.socketFactory",
                    bundles.getBundle(properties.bundle()).createSslContext().getSocketFactory());
        }
        return sender;
    }

    private static boolean isThisMachine(String host) {
        try {
            return InetAddress.getByName(host).isLoopbackAddress();
        } catch (UnknownHostException nowhere) {
            return false;
        }
    }

    /** Whether there is one. */
    boolean isSet() {
        return sender.isPresent();
    }

    /** Whether it is the one that ships, which passes nothing on. */
    boolean isShipped() {
        return shipped;
    }

    MailProperties properties() {
        return properties;
    }

    /**
     * Hands a mail to the server.
     *
     * @param id of the message: sent twice, it is known by it as the same
     * @param fromName whose name stands before the address
     */
    Answer send(UUID id, String fromName, Mail mail, Instant writtenAt) {
        JavaMailSenderImpl to = sender.orElseThrow();
        try {
            MimeMessage message = to.createMimeMessage();
            MimeMessageHelper parts = new MimeMessageHelper(message, StandardCharsets.UTF_8.name());
            parts.setFrom(properties.from(), oneLine(fromName));
            parts.setTo(new InternetAddress(mail.toAddress(), true));
            parts.setSubject(oneLine(mail.subject()));
            parts.setText(mail.body());
            parts.setSentDate(Date.from(writtenAt));
            message.setHeader("Message-ID", messageId(id));
            // RFC 3834: nobody's holiday answers it.
            message.setHeader("Auto-Submitted", "auto-generated");
            to.send(message);
            return new Answer(Outcome.ACCEPTED, "");
        } catch (AddressException unreadable) {
            return new Answer(Outcome.REFUSED, words(unreadable));
        } catch (MailSendException failed) {
            return answer(Stream.of(failed.getMessageExceptions()).toList(), failed);
        } catch (MailException | MessagingException | UnsupportedEncodingException failed) {
            return answer(List.of(failed), failed);
        }
    }

    /** The header by which a message is known to mail servers. */
    String messageId(UUID id) {
        return "<" + id + "@" + address.host() + ">";
    }

    /** The gravest of what a server said; without its number nobody answered, or not as a mail server does. */
    private static Answer answer(List<? extends Exception> failures, Exception whole) {
        List<Exception> all = new ArrayList<>();
        failures.forEach(failure -> collect(failure, all));
        Optional<Exception> refused = all.stream()
                .filter(failure -> code(failure) >= FIRST_OF_REFUSALS)
                .findFirst();
        Exception told = refused.or(
                        () -> all.stream().filter(failure -> code(failure) > 0).findFirst())
                .or(() -> all.stream().findFirst())
                .orElse(whole);
        return new Answer(refused.isPresent() ? Outcome.REFUSED : Outcome.PUT_OFF, words(told));
    }

    private static void collect(Exception failure, List<Exception> all) {
        all.add(failure);
        if (failure instanceof MessagingException more && more.getNextException() != null) {
            collect(more.getNextException(), all);
        } else if (failure.getCause() instanceof Exception cause) {
            collect(cause, all);
        }
    }

    /** The number of an SMTP reply; 0 where there is none. */
    private static int code(Exception failure) {
        if (failure instanceof SMTPAddressFailedException one) {
            return one.getReturnCode();
        }
        if (failure instanceof SMTPSenderFailedException one) {
            return one.getReturnCode();
        }
        return failure instanceof SMTPSendFailedException one ? one.getReturnCode() : 0;
    }

    private static String words(Exception failure) {
        String said = failure.getMessage();
        return said == null || failure instanceof SendFailedException && said.isBlank()
                ? failure.getClass().getSimpleName()
                : oneLine(said);
    }

    private static String oneLine(String text) {
        return text.replace('\r', ' ').replace('\n', ' ').strip();
    }
}
