package app.carder.web.kit;

import app.carder.web.page.LimitProperties;
import org.springframework.boot.context.properties.bind.Binder;
import org.springframework.boot.context.properties.source.MapConfigurationPropertySource;

/** The limits that hold where nothing is set. */
public final class Limits {

    private Limits() {}

    /** All of them. */
    public static LimitProperties usual() {
        return new Binder(new MapConfigurationPropertySource()).bindOrCreate("carder.limits", LimitProperties.class);
    }
}
