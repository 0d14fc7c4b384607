package app.carder.core.attendance;

import app.carder.core.said.Said;
import java.time.Duration;
import java.time.LocalTime;
import java.util.Optional;

/** Where a child is, as far as anybody has noted. */
public enum Presence {
    /** Not agreed for that day, and not come. */
    NOT_DUE,
    /** Agreed, and there is time yet. */
    EXPECTED,
    /** Should be there by now; nobody said why not. Somebody asks after it. */
    NO_WORD,
    HERE,
    LEFT,
    AWAY,
    /** Nobody has told anything of that day, as on a device that has had no connection since the day before. */
    UNTOLD;

    /** So long after it was due a child is asked after, unless the setting says otherwise: common practice. */
    public static final Duration ASKED_AFTER = Duration.ofMinutes(30);

    /**
     * At a time of the day.
     *
     * @param noted what was noted
     * @param due when it was agreed to come; empty where it was not agreed for the day
     * @param now the time
     * @param askAfter so long after it was due it is asked after
     */
    public static Presence of(Noted noted, Optional<LocalTime> due, LocalTime now, Duration askAfter) {
        Presence presence = of(noted, due);
        boolean isLate = due.filter(at -> now.toSecondOfDay() - at.toSecondOfDay() >= askAfter.toSeconds())
                .isPresent();
        return presence == EXPECTED && isLate ? NO_WORD : presence;
    }

    /** Whatever the time is: whoever is late is expected. */
    public static Presence of(Noted noted, Optional<LocalTime> due) {
        if (noted.leftAt().isPresent()) {
            return LEFT;
        }
        if (noted.arrivedAt().isPresent()) {
            return HERE;
        }
        if (noted.away().isPresent()) {
            return AWAY;
        }
        return due.isPresent() ? EXPECTED : NOT_DUE;
    }

    /** Where nobody has told what was agreed for the day, by what was pressed since. */
    public static Presence ofUntold(Noted pressed) {
        return pressed.isBlank() ? UNTOLD : of(pressed, Optional.empty());
    }

    /** Whether somebody has to be looked for if the house is left: everybody who may be in it, and everybody of whom nothing is known. */
    public boolean mayBeInside() {
        return this == HERE || this == EXPECTED || this == NO_WORD || this == UNTOLD;
    }

    /** Whether somebody has to do something about it now. */
    public boolean isUrgent() {
        return this == NO_WORD;
    }

    /** For people. */
    public String words() {
        return Said.say("presence." + name());
    }
}
