package app.carder.web.outbox;

import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;

/**
 * The mail server that takes this application's mail.
 *
 * @param host its name; empty where none is set
 * @param port 587 for STARTTLS, 465 for TLS, as a rule
 * @param security how the connection is kept private; none only towards this machine itself
 * @param username where it asks for one
 * @param password of that name
 * @param from whose mail it is, an address that this server may send for
 * @param bundle name of the {@code spring.ssl.bundle} whose certificates are trusted; empty for those of the machine
 */
@ConfigurationProperties("carder.mail")
record MailProperties(
        @DefaultValue("") String host,
        @DefaultValue("587") int port,
        @DefaultValue("STARTTLS") Security security,
        @DefaultValue("") String username,
        @DefaultValue("") String password,
        @DefaultValue("") String from,
        @DefaultValue("") String bundle) {

    /** How a connection is kept private. */
    enum Security {
        /** From the first byte. */
        TLS,
        /** Before anything is said; without it nothing is sent. */
        STARTTLS,
        /** Not at all. */
        NONE
    }
}
