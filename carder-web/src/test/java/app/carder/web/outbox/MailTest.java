package app.carder.web.outbox;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.carder.core.sending.QuietHours;
import app.carder.core.sending.Standing;
import app.carder.web.kit.WebTest;
import app.carder.web.outbox.MailProperties.Security;
import app.carder.web.page.PublicAddress;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import com.icegreen.greenmail.util.GreenMail;
import com.icegreen.greenmail.util.GreenMailUtil;
import com.icegreen.greenmail.util.ServerSetup;
import jakarta.mail.internet.MimeMessage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.InetAddress;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.function.Function;
import javax.net.ssl.SSLContext;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.ssl.DefaultSslBundleRegistry;
import org.springframework.boot.ssl.SslBundle;
import org.springframework.boot.ssl.jks.JksSslStoreBundle;
import org.springframework.boot.ssl.jks.JksSslStoreDetails;
import org.springframework.context.ApplicationContext;
import org.springframework.transaction.support.TransactionOperations;
import org.subethamail.smtp.RejectException;
import org.subethamail.smtp.helper.BasicMessageListener;
import org.subethamail.smtp.server.SMTPServer;

/** Mail against a server that takes, refuses, puts off or is not there. It listens to this machine alone. */
class MailTest extends WebTest {

    private static final String PASSWORD = "only-for-this-run";
    private static final Path STORE = store();
    private static final Path OTHER_STORE = store();
    private static final String FROM = "nursery@quillmere.example";

    private final List<MimeMessage> taken = new CopyOnWriteArrayList<>();
    private final List<AutoCloseable> toClose = new ArrayList<>();

    @Autowired
    private Recipients recipients;

    @Autowired
    private MessageRepository messages;

    @Autowired
    private OutboxService outbox;

    @Autowired
    private SettingService settings;

    @Autowired
    private TransactionOperations transaction;

    @Autowired
    private PublicAddress address;

    @Autowired
    private ApplicationContext application;

    private SettingId quillmere;

    @BeforeEach
    void nothingElseWaits() {
        quillmere = new SettingId(id("select setting_id from room where name = 'Loft'"));
        database.update("update message set standing = 'ACCEPTED' where standing = 'WAITING'");
        transaction.executeWithoutResult(status -> outbox.rest(quillmere, Optional.empty()));
    }

    @AfterEach
    void asItWas() throws Exception {
        for (AutoCloseable one : toClose) {
            one.close();
        }
        database.update("delete from message where to_name = 'Somebody'");
        database.update("delete from mail_hours");
    }

    /** A key and a certificate for localhost, made for this run: a test keeps no keys in the repository. */
    private static Path store() {
        try {
            Path store = Files.createTempDirectory("carder-mail").resolve("store.p12");
            Process keytool = new ProcessBuilder(
                            Path.of(System.getProperty("java.home"), "bin", "keytool")
                                    .toString(),
                            "-genkeypair",
                            "-alias",
                            "mail",
                            "-keyalg",
                            "EC",
                            "-validity",
                            "2",
                            "-dname",
                            "CN=localhost",
                            "-ext",
                            "SAN=dns:localhost",
                            "-storetype",
                            "PKCS12",
                            "-storepass",
                            PASSWORD,
                            "-keystore",
                            store.toString())
                    .redirectErrorStream(true)
                    .start();
            assertThat(keytool.getInputStream().readAllBytes()).isNotNull();
            assertThat(keytool.waitFor()).isZero();
            return store;
        } catch (IOException | InterruptedException broken) {
            throw new IllegalStateException(broken);
        }
    }

    private static DefaultSslBundleRegistry bundles() {
        DefaultSslBundleRegistry registry = new DefaultSslBundleRegistry();
        JksSslStoreDetails ours =
                JksSslStoreDetails.forLocation(STORE.toString()).withPassword(PASSWORD);
        JksSslStoreDetails other =
                JksSslStoreDetails.forLocation(OTHER_STORE.toString()).withPassword(PASSWORD);
        registry.registerBundle("server", SslBundle.of(new JksSslStoreBundle(ours, null)));
        registry.registerBundle("trusted", SslBundle.of(new JksSslStoreBundle(null, ours)));
        registry.registerBundle("others", SslBundle.of(new JksSslStoreBundle(null, other)));
        return registry;
    }

    private static SSLContext serverSide() {
        return bundles().getBundle("server").createSslContext();
    }

    private SMTPServer server(Function<SMTPServer.Builder, SMTPServer.Builder> how, BasicMessageListener takes) {
        SMTPServer server = how.apply(SMTPServer.port(0)
                        .bindAddress(InetAddress.getLoopbackAddress())
                        .hostName("localhost")
                        .messageHandler(takes))
                .build();
        server.start();
        toClose.add(server::stop);
        return server;
    }

    private SMTPServer server(Function<SMTPServer.Builder, SMTPServer.Builder> how) {
        return server(
                how,
                (context, from, to, data) -> taken.add(GreenMailUtil.newMimeMessage(new ByteArrayInputStream(data))));
    }

    private MailServer towards(int port, Security security, String bundle) {
        return new MailServer(
                new MailProperties("localhost", port, security, "", "", FROM, bundle),
                nothingShips(),
                bundles(),
                address);
    }

    private ObjectProvider<ShippedMailServer> nothingShips() {
        return application.getBeanProvider(ShippedMailServer.class);
    }

    private void round(MailServer server) {
        round(server, new ReturnedMail.Mailbox("", 993, "", "", ""));
    }

    private void round(MailServer server, ReturnedMail.Mailbox mailbox) {
        new MailRound(
                        messages,
                        outbox,
                        server,
                        new ReturnedMail(mailbox, bundles(), messages, server, transaction, clock),
                        settings,
                        transaction,
                        recipients,
                        clock)
                .run();
    }

    private UUID written() {
        outbox.send(
                quillmere,
                room("Loft"),
                new Mail("Somebody", "somebody@example.org", "Two lines\nof it", "Zo\u00eb \u2713"));
        return id("select id from message where to_name = 'Somebody' order by id desc limit 1");
    }

    private Standing standing(UUID id) {
        return Standing.valueOf(database.queryForObject("select standing from message where id = ?", String.class, id));
    }

    @Test
    void goesOutByStarttlsUnderAnIdOfItsOwn() throws Exception {
        SMTPServer server = server(how -> how.enableTLS(true).requireTLS(true).startTlsSocketFactory(serverSide()));
        UUID id = written();

        round(towards(server.getPortAllocated(), Security.STARTTLS, "trusted"));

        assertThat(standing(id)).isEqualTo(Standing.ACCEPTED);
        MimeMessage mail = taken.get(0);
        assertThat(mail.getMessageID()).isEqualTo("<" + id + "@localhost>");
        assertThat(mail.getSubject()).isEqualTo("Two lines of it");
        assertThat(mail.getContent().toString().strip()).isEqualTo("Zo\u00eb \u2713");
        assertThat(mail.getHeader("Auto-Submitted")).containsExactly("auto-generated");
        assertThat(mail.getFrom()[0].toString()).contains("Quillmere", FROM);
    }

    @Test
    void goesOutByTlsFromTheFirstByte() {
        SMTPServer server = server(how -> how.serverSocketFactory(serverSide()));
        UUID id = written();

        round(towards(server.getPortAllocated(), Security.TLS, "trusted"));

        assertThat(standing(id)).isEqualTo(Standing.ACCEPTED);
    }

    @Test
    void nothingGoesOutInClearNorToWhoeverCannotProveItsName() {
        int clear = server(how -> how).getPortAllocated();
        int wrong = server(how -> how.serverSocketFactory(serverSide())).getPortAllocated();
        UUID id = written();

        round(towards(clear, Security.STARTTLS, "trusted"));
        assertThat(standing(id)).isEqualTo(Standing.WAITING);
        database.update("update message set next_try_at = '2026-05-01' where id = ?", id);
        round(towards(wrong, Security.TLS, "others"));

        assertThat(standing(id)).isEqualTo(Standing.WAITING);
        assertThat(taken).isEmpty();
        assertThatThrownBy(() -> new MailServer(
                        new MailProperties("192.0.2.1", 25, Security.NONE, "", "", FROM, ""),
                        nothingShips(),
                        bundles(),
                        address))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("STARTTLS or TLS");
    }

    @Test
    void whatIsRefusedIsToldAndCanBeSentAnew() {
        int refusing = server(how -> how, (context, from, to, data) -> {
                    throw new RejectException(550, "5.1.1 No such mailbox here");
                })
                .getPortAllocated();
        UUID id = written();

        round(towards(refusing, Security.NONE, ""));

        assertThat(standing(id)).isEqualTo(Standing.REFUSED);
        assertThat(get("imelda", "/").page().text()).contains("1 message did not reach a family");
        assertThat(get("imelda", "/outbox").page().text()).contains("Refused", "5.1.1 No such mailbox here");
        post("imelda", "/outbox/" + id + "/again");
        round(towards(server(how -> how).getPortAllocated(), Security.NONE, ""));
        assertThat(standing(id)).isEqualTo(Standing.ACCEPTED);
        assertThat(get("imelda", "/").page().text()).doesNotContain("did not reach");
    }

    @Test
    void whoeverReadsNoMoreWhenAMessageIsDueIsNotWrittenTo() {
        UUID message = written();
        UUID carer = UUID.randomUUID();
        database.update(
                "insert into carer (id, setting_id, child_id, name, email, phone, reads_until) select ?, setting_id, id, 'Somebody', 'Somebody@example.org', '', date '2026-01-01' from child where id = ?",
                carer,
                child("Bram"));
        try {
            SMTPServer server = server(how -> how);
            round(towards(server.getPortAllocated(), Security.NONE, ""));

            assertThat(taken).isEmpty();
            assertThat(standing(message)).isEqualTo(Standing.STOPPED);
        } finally {
            database.update("delete from carer where id = ?", carer);
        }
    }

    /** Greylisting, as many servers do it: the first try is put off, the second is taken. */
    @Test
    void whatIsPutOffIsTriedAgainLater() {
        List<String> tries = new CopyOnWriteArrayList<>();
        int greylisting = server(how -> how, (context, from, to, data) -> {
                    tries.add(to);
                    if (tries.size() == 1) {
                        throw new RejectException(451, "4.7.1 Try again later");
                    }
                })
                .getPortAllocated();
        UUID id = written();
        MailServer server = towards(greylisting, Security.NONE, "");

        round(server);
        round(server);
        assertThat(standing(id)).isEqualTo(Standing.WAITING);
        assertThat(tries).as("not before a minute has passed").hasSize(1);
        assertThat(database.queryForObject("select answer from message where id = ?", String.class, id))
                .contains("4.7.1 Try again later");

        clock.advance(Duration.ofMinutes(2));
        round(server);
        assertThat(standing(id)).isEqualTo(Standing.ACCEPTED);
    }

    @Test
    void whatWaitsWhileNobodyAnswersOutlastsARestart() {
        SMTPServer gone = server(how -> how);
        int port = gone.getPortAllocated();
        gone.stop();
        List<UUID> waiting = List.of(written(), written(), written());

        round(towards(port, Security.NONE, ""));
        assertThat(waiting).allMatch(id -> standing(id) == Standing.WAITING);

        clock.advance(Duration.ofMinutes(2));
        round(towards(server(how -> how).getPortAllocated(), Security.NONE, ""));
        assertThat(waiting).allMatch(id -> standing(id) == Standing.ACCEPTED);
        assertThat(taken).hasSize(3);
    }

    /** The process dies after the server took a message and before that is written down: it goes out twice, under one id. */
    @Test
    void sentTwiceAMessageIsKnownAsTheSame() throws Exception {
        MailServer server = towards(server(how -> how).getPortAllocated(), Security.NONE, "");
        UUID id = written();
        round(server);
        database.update("update message set standing = 'WAITING' where id = ?", id);
        round(server);

        assertThat(taken).hasSize(2);
        assertThat(taken.get(0).getMessageID()).isEqualTo(taken.get(1).getMessageID());
    }

    @Test
    void mailRestsInQuietHours() {
        LocalTime here = settings.machineNow(quillmere).toLocalTime();
        transaction.executeWithoutResult(
                status -> outbox.rest(quillmere, Optional.of(new QuietHours(here.minusHours(1), here.plusHours(1)))));
        UUID id = written();
        MailServer server = towards(server(how -> how).getPortAllocated(), Security.NONE, "");

        round(server);
        assertThat(standing(id)).isEqualTo(Standing.WAITING);
        assertThat(taken).isEmpty();
        clock.advance(Duration.ofHours(1));
        round(server);
        assertThat(standing(id)).isEqualTo(Standing.ACCEPTED);
    }

    @Test
    void whatWasWrittenLongAgoIsNotSentOnceThereIsAServer() {
        UUID id = written();
        clock.advance(Duration.ofDays(6));

        round(towards(server(how -> how).getPortAllocated(), Security.NONE, ""));

        assertThat(standing(id)).isEqualTo(Standing.GIVEN_UP);
        assertThat(taken).isEmpty();
    }

    @Test
    void withoutAServerTheOutboxSaysSo() {
        written();

        assertThat(get("imelda", "/outbox").page().text()).contains("Not sent: no mail server is set.");
        assertThat(get("imelda", "/settings/mail").page().text()).contains("No mail server is set");
    }

    @Test
    void theHoursAreChangedAndWrongOnesAreNot() {
        post("imelda", "/settings/mail", "rests", "yes", "from", "18:00", "until", "08:30");
        assertThat(outbox.quiet(quillmere)).contains(new QuietHours(LocalTime.of(18, 0), LocalTime.of(8, 30)));
        assertThat(post("imelda", "/settings/mail", "rests", "yes", "from", "18:00", "until", "18:00")
                        .page()
                        .select(".faults")
                        .text())
                .contains("another time");
        assertThat(post("imelda", "/settings/mail", "rests", "yes", "from", "evening", "until", "08:00")
                        .status())
                .isEqualTo(422);
        post("imelda", "/settings/mail");
        assertThat(outbox.quiet(quillmere)).isEmpty();
    }

    /** RFC 3464: a report names the message and says that it failed. */
    @Test
    void aMessageThatComesBackLaterIsTold() throws Exception {
        MailServer server = towards(server(how -> how).getPortAllocated(), Security.NONE, "");
        UUID id = written();
        round(server);
        String report = """
                From: MAILER-DAEMON@example.org
                To: nursery@quillmere.example
                Subject: Undelivered
                MIME-Version: 1.0
                Content-Type: multipart/report; report-type=delivery-status; boundary=edge

                --edge
                Content-Type: text/plain

                It could not be delivered.
                --edge
                Content-Type: message/delivery-status

                Reporting-MTA: dns; example.org

                Final-Recipient: rfc822; somebody@example.org
                Action: failed
                Status: 5.2.2
                Diagnostic-Code: smtp; 552 5.2.2 Mailbox full
                --edge
                Content-Type: text/rfc822-headers

                Message-ID: <%s@localhost>
                --edge--
                """.formatted(id);
        System.setProperty("greenmail.tls.keystore.file", STORE.toString());
        System.setProperty("greenmail.tls.keystore.password", PASSWORD);
        GreenMail post = new GreenMail(new ServerSetup(0, "localhost", ServerSetup.PROTOCOL_IMAPS));
        post.start();
        toClose.add(post::stop);
        post.setUser(FROM, "nursery", "secret").deliver(GreenMailUtil.newMimeMessage(report.replace("\n", "\r\n")));

        round(server, new ReturnedMail.Mailbox("localhost", post.getImaps().getPort(), "nursery", "secret", "trusted"));

        assertThat(standing(id)).isEqualTo(Standing.RETURNED);
        assertThat(get("imelda", "/outbox").page().text()).contains("Returned", "Mailbox full");
    }
}
