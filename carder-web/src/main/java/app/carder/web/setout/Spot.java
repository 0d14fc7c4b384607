package app.carder.web.setout;

import app.carder.web.page.NotFound;
import java.util.UUID;

/**
 * A place in a zone.
 *
 * @param zoneId which zone
 * @param place from the left, from 0
 */
record Spot(UUID zoneId, int place) {

    /**
     * From its name in a form.
     *
     * @throws NotFound if it names no place
     */
    static Spot ofKey(String key) {
        String[] parts = key.split("_");
        try {
            return new Spot(UUID.fromString(parts[0]), Integer.parseUnsignedInt(parts[1]));
        } catch (IllegalArgumentException | ArrayIndexOutOfBoundsException noPlace) {
            throw new NotFound();
        }
    }
}
