package app.carder.web.account;

import java.nio.file.Path;
import org.springframework.boot.context.properties.ConfigurationProperties;

/**
 * Where the server's own keys lie.
 *
 * @param folder outside of the database, so that a copy of that opens nothing; back it up apart
 */
@ConfigurationProperties("carder.keys")
record KeyProperties(Path folder) {}
