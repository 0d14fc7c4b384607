package app.carder.web.page;

import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;
import org.springframework.util.unit.DataSize;

/**
 * What the application takes from outside, at most. Forms, parts and their number are Tomcat's settings, uploads in chunks
 * {@code carder.device}'s, photos {@code carder.media}'s.
 *
 * @param body of a request that is no form: records from the app in the hand, a plan's strokes
 */
@ConfigurationProperties("carder.limits")
public record LimitProperties(@DefaultValue("1MB") DataSize body) {}
