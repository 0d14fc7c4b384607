package app.carder.core.attendance;

import java.time.LocalTime;
import java.util.Optional;

/**
 * What was noted of a child's day.
 *
 * @param arrivedAt when it came
 * @param leftAt when it was fetched
 * @param fetchedBy by whom; empty where nobody is named
 * @param away why it does not come, where the family said so
 */
public record Noted(Optional<LocalTime> arrivedAt, Optional<LocalTime> leftAt, String fetchedBy, Optional<Away> away) {

    /** Nothing yet. */
    public static final Noted NOTHING = new Noted(Optional.empty(), Optional.empty(), "", Optional.empty());

    /** Whether anything was noted. */
    public boolean isBlank() {
        return arrivedAt.isEmpty() && leftAt.isEmpty() && away.isEmpty();
    }

    /** It has come; a word that it would not is wrong then. */
    public Noted arrived(LocalTime at) {
        return new Noted(Optional.of(at), Optional.empty(), "", Optional.empty());
    }

    /** It was fetched. Whoever was fetched had come, if nobody noted when. */
    public Noted left(LocalTime at, String by) {
        return new Noted(arrivedAt.filter(came -> !came.isAfter(at)), Optional.of(at), by, Optional.empty());
    }

    /** The family said that it does not come. */
    public static Noted away(Away why) {
        return new Noted(Optional.empty(), Optional.empty(), "", Optional.of(why));
    }

    /**
     * Whether the child counts as there on that day, whatever was agreed; empty where what was agreed counts. Nobody who has not come yet is taken
     * off a list before somebody says why.
     */
    public Optional<Boolean> attends() {
        if (arrivedAt.isPresent() || leftAt.isPresent()) {
            return Optional.of(true);
        }
        return away.map(why -> false);
    }
}
