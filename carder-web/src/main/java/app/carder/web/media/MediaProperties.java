package app.carder.web.media;

import java.nio.file.Path;
import org.springframework.boot.context.properties.ConfigurationProperties;

/**
 * Settings of the photo store.
 *
 * @param folder where pictures lie
 */
@ConfigurationProperties("carder.media")
record MediaProperties(Path folder) {}
