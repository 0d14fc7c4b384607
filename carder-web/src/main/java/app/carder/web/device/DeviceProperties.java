package app.carder.web.device;

import java.nio.file.Path;
import java.time.Duration;
import org.springframework.boot.context.properties.ConfigurationProperties;

/**
 * Settings of devices.
 *
 * @param keyLasts after so long records are sealed to a new key; what was sealed to older ones is opened for {@link SealKeys#KEPT}
 * @param uploads where photos lie until they have arrived whole
 */
@ConfigurationProperties("carder.device")
record DeviceProperties(Duration keyLasts, Path uploads) {}
