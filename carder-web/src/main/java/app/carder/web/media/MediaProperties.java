package app.carder.web.media;

import java.nio.file.Path;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.util.unit.DataSize;

/**
 * Settings of the photo store.
 *
 * @param folder where pictures lie
 * @param largestPhoto the most bytes of one file that is taken
 */
@ConfigurationProperties("carder.media")
record MediaProperties(Path folder, DataSize largestPhoto) {}
