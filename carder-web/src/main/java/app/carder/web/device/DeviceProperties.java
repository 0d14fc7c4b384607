package app.carder.web.device;

import java.nio.file.Path;
import java.time.Duration;
import org.springframework.boot.context.properties.ConfigurationProperties;

/**
 * Settings of devices.
 *
 * @param keepsWithoutContact after so long without contact a device wipes itself; it warns from half of it on
 * @param uploads where photos lie until they have arrived whole
 * @param uploadsLast how long a photo that was begun and not finished is kept
 */
@ConfigurationProperties("carder.device")
record DeviceProperties(Duration keepsWithoutContact, Path uploads, Duration uploadsLast) {}
