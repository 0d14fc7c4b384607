package app.carder.core.premises;

import app.carder.core.said.Said;
import app.carder.core.week.DayStrip.Kind;
import app.carder.core.week.DayStrip.Session;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;

/**
 * The day that a room begins with, laid into the hours in which the place is open: common practice, meant to be changed. Play comes first and is
 * as long as the day allows; there is a meal and a rest where children stay over noon, and time out of doors at the end.
 */
public final class UsualDay {

    private static final LocalTime NOON_MEAL = LocalTime.of(11, 30);
    private static final int HOUR = 60;
    private static final int HALF_HOUR = 30;
    private static final int QUARTER = 15;

    /** A day is long where there are so many minutes of play before the meal and after the rest. */
    private static final int LEAST_BEFORE = 2 * HOUR;

    private static final int LEAST_AFTER = 3 * HOUR;

    private UsualDay() {}

    /** The sessions from opening to closing, in order, without a gap. */
    public static List<Session> of(LocalTime opens, LocalTime closes) {
        boolean isLong = minutes(opens, NOON_MEAL) >= LEAST_BEFORE && minutes(NOON_MEAL, closes) >= LEAST_AFTER;
        return isLong ? longDay(opens, closes) : shortDay(opens, closes);
    }

    private static List<Session> longDay(LocalTime opens, LocalTime closes) {
        Day day = new Day(opens);
        boolean early = minutes(opens, NOON_MEAL) >= LEAST_BEFORE + HOUR;
        day.until("arrival", Kind.CARE, opens.plusMinutes(early ? HOUR : HALF_HOUR));
        day.until("free-play", Kind.PROTECTED_PLAY, NOON_MEAL);
        day.until("lunch", Kind.CARE, NOON_MEAL.plusMinutes(HOUR));
        boolean rests = minutes(NOON_MEAL, closes) >= LEAST_AFTER + HOUR;
        if (rests) {
            day.until("rest", Kind.CARE, NOON_MEAL.plusMinutes(2L * HOUR));
        }
        day.until("free-play", Kind.PROTECTED_PLAY, closes.minusMinutes(HOUR));
        day.until("outdoors", Kind.OUTDOORS, closes);
        return day.sessions;
    }

    private static List<Session> shortDay(LocalTime opens, LocalTime closes) {
        Day day = new Day(opens);
        long whole = minutes(opens, closes);
        int arrival = whole >= 2 * HOUR ? QUARTER : 0;
        int outdoors = whole >= 2 * HOUR ? HALF_HOUR : 0;
        if (arrival > 0) {
            day.until("arrival", Kind.CARE, opens.plusMinutes(arrival));
        }
        day.until("free-play", Kind.PROTECTED_PLAY, closes.minusMinutes(outdoors));
        if (outdoors > 0) {
            day.until("outdoors", Kind.OUTDOORS, closes);
        }
        return day.sessions;
    }

    private static long minutes(LocalTime from, LocalTime until) {
        return ChronoUnit.MINUTES.between(from, until);
    }

    /** One session begins where the last ended. */
    private static final class Day {
        private final List<Session> sessions = new ArrayList<>();
        private LocalTime at;

        Day(LocalTime opens) {
            this.at = opens;
        }

        void until(String name, Kind kind, LocalTime end) {
            sessions.add(new Session(Said.say("usual-day." + name), kind, at, end));
            at = end;
        }
    }
}
