package app.carder.web.week;

import app.carder.web.page.Days;
import app.carder.web.page.NotFound;
import java.time.LocalDate;
import java.util.UUID;

/**
 * A place on the week board.
 *
 * @param onDay which day
 * @param sessionId which session
 * @param zoneId which zone
 * @param place which place in the zone, from the left, 0 to 11
 */
public record BlockPlace(LocalDate onDay, UUID sessionId, UUID zoneId, int place) {

    /** As the board names it in its forms. */
    public String key() {
        return String.join("_", onDay.toString(), sessionId.toString(), zoneId.toString(), String.valueOf(place));
    }

    /**
     * From its name.
     *
     * @throws NotFound if it names no place
     */
    static BlockPlace ofKey(String key) {
        String[] parts = key.split("_");
        try {
            return new BlockPlace(
                    Days.read(parts[0]).orElseThrow(NotFound::new),
                    UUID.fromString(parts[1]),
                    UUID.fromString(parts[2]),
                    Integer.parseInt(parts[3]));
        } catch (IllegalArgumentException | ArrayIndexOutOfBoundsException noPlace) {
            throw new NotFound();
        }
    }
}
