package app.carder.web.setting;

import java.io.Serializable;
import java.util.UUID;

/**
 * Which setting a record belongs to. Every query takes one, so that no query can forget it.
 *
 * @param value time-ordered UUID
 */
public record SettingId(UUID value) implements Serializable {

    @Override
    public String toString() {
        return value.toString();
    }
}
