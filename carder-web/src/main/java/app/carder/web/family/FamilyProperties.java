package app.carder.web.family;

import java.time.Duration;
import org.springframework.boot.context.properties.ConfigurationProperties;

/**
 * Settings of private links.
 *
 * @param linkLasts how long a link can be opened
 * @param address where families reach the application, without a slash at the end
 */
@ConfigurationProperties("carder.family")
record FamilyProperties(Duration linkLasts, String address) {}
