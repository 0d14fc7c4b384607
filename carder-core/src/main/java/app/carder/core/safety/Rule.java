package app.carder.core.safety;

import app.carder.core.said.Said;
import java.time.LocalDate;
import java.util.Optional;

/**
 * One safety rule: data, read by {@link Trigger} and {@link Concerned}.
 *
 * @param code its own
 * @param level how strict it is
 * @param condition when it speaks, and of whom
 * @param words what it says
 * @param authority where it comes from
 * @param checked how it was checked, and when it is to be looked at again
 */
public record Rule(
        String code,
        Level level,
        Condition condition,
        Finding.Words words,
        Finding.Authority authority,
        Checked checked) {

    /**
     * When a rule speaks, in the words of the rules' table.
     *
     * @param when in the words of {@link Trigger}
     * @param who in the words of {@link Concerned}
     */
    public record Condition(String when, String who) {}

    /**
     * How a rule was checked against its source.
     *
     * @param how from memory, or the day and the edition
     * @param lookAgainOn when it is to be looked at again; absent for a room's own rules
     */
    public record Checked(Said how, Optional<LocalDate> lookAgainOn) {
        /** A rule that the room made. */
        public static final Checked BY_THE_ROOM = new Checked(Said.of("checked.agreed-in-the-room"), Optional.empty());

        /** Whether the day to look at it again has come. */
        public boolean isDue(LocalDate today) {
            return lookAgainOn.filter(day -> !day.isAfter(today)).isPresent();
        }
    }

    /**
     * Refuses words that it cannot read.
     *
     * @throws IllegalArgumentException if a word of the condition is not known
     */
    public Rule {
        Trigger.parse(condition.when());
        Concerned.parse(condition.who());
    }
}
