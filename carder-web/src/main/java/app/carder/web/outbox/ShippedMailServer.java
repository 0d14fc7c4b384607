package app.carder.web.outbox;

import app.carder.web.outbox.MailProperties.Security;
import java.net.InetAddress;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;
import org.subethamail.smtp.helper.BasicMessageListener;
import org.subethamail.smtp.server.SMTPServer;

/** A small mail server for demo data: it listens to this machine alone, takes everything, and passes nothing on. */
@Component
@ConditionalOnProperty(name = "carder.mail.shipped", havingValue = "true")
class ShippedMailServer implements AutoCloseable {

    private final SMTPServer server;
    private final MailProperties properties;

    ShippedMailServer(@Value("${carder.mail.shipped-port:0}") int port) {
        BasicMessageListener takes = (context, from, to, data) -> {};
        server = SMTPServer.port(port)
                .bindAddress(InetAddress.getLoopbackAddress())
                .messageHandler(takes)
                .build();
        server.start();
        properties = new MailProperties(
                InetAddress.getLoopbackAddress().getHostAddress(),
                server.getPortAllocated(),
                Security.NONE,
                "",
                "",
                "nursery@carder.example",
                "");
    }

    MailProperties properties() {
        return properties;
    }

    @Override
    public void close() {
        server.stop();
    }
}
