package app.carder.web.family;

import java.time.Duration;
import org.springframework.boot.context.properties.ConfigurationProperties;

/**
 * Settings of private links.
 *
 * @param linkLasts how long a link can be opened
 * @param browserLasts how long a browser in which one was opened opens by itself
 */
@ConfigurationProperties("carder.family")
record FamilyProperties(Duration linkLasts, Duration browserLasts) {}
