package app.carder.web.week;

import app.carder.web.page.Days;
import app.carder.web.page.NotFound;
import java.time.LocalDate;
import java.util.Optional;
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
    public static BlockPlace ofKey(String key) {
        return read(key).orElseThrow(NotFound::new);
    }

    /** From its name; absent where it names no place. */
    public static Optional<BlockPlace> read(String key) {
        String[] parts = key.split("_");
        try {
            return Days.read(parts[0])
                    .map(day -> new BlockPlace(
                            day, UUID.fromString(parts[1]), UUID.fromString(parts[2]), Integer.parseInt(parts[3])));
        } catch (IllegalArgumentException | ArrayIndexOutOfBoundsException noPlace) {
            return Optional.empty();
        }
    }
}
