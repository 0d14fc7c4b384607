package app.carder.core.rehearsal;

import app.carder.core.said.Refused;
import app.carder.core.said.Said;
import java.time.LocalTime;

/**
 * A stretch of a day.
 *
 * @param from minute of the day, included, 0 to 1,439
 * @param until minute of the day, excluded, after the first, at most 1,440
 */
public record Span(int from, int until) {

    /** Minutes of a day. */
    public static final int DAY = 24 * 60;

    /**
     * Refuses what is no stretch of a day.
     *
     * @throws IllegalArgumentException if it does not last or leaves the day
     */
    public Span {
        if (from < 0 || until <= from || until > DAY) {
            throw Refused.because("refused.rehearsal.span", from, until);
        }
    }

    /** From a time to a later one of the same day; seconds do not count. */
    public static Span of(LocalTime from, LocalTime until) {
        return new Span(minute(from), minute(until));
    }

    private static int minute(LocalTime time) {
        return time.getHour() * 60 + time.getMinute();
    }

    /** Whether a minute of the day lies in it. */
    public boolean holds(int minute) {
        return minute >= from && minute < until;
    }

    /** Whether they have a minute in common. */
    public boolean touches(Span other) {
        return from < other.until && other.from < until;
    }

    /** Whether all of the other lies in it. */
    public boolean holds(Span other) {
        return from <= other.from && other.until <= until;
    }

    /**
     * So many minutes of it from a time on, fewer where it ends before; the last ones where the time is not in it any more.
     *
     * @param minutes 1 or more, at most as many as it has
     */
    public Span first(LocalTime time, int minutes) {
        int start = holds(minute(time)) ? minute(time) : until - minutes;
        return new Span(start, Math.min(start + minutes, until));
    }

    /** How many minutes. */
    public int minutes() {
        return until - from;
    }

    /** The same, so many minutes later, or earlier below 0. */
    public Span later(int minutes) {
        return new Span(from + minutes, until + minutes);
    }

    /** Begins at. */
    public LocalTime begins() {
        return clock(from);
    }

    /** Ends at; midnight is 00:00. */
    public LocalTime ends() {
        return clock(until);
    }

    /** A minute of the day as the clock shows it. */
    public static LocalTime clock(int minute) {
        return LocalTime.ofSecondOfDay(minute % DAY * 60L);
    }

    /** For people: {@code 10:15 to 10:40}; one minute is a moment: {@code at 10:15}. */
    public Said said() {
        return minutes() == 1
                ? Said.of("rehearsal.at", begins().toString())
                : Said.of("rehearsal.span", begins().toString(), ends().toString());
    }
}
