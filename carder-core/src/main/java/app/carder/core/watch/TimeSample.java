package app.carder.core.watch;

import app.carder.core.said.Said;
import app.carder.core.statistics.Wilson;
import java.time.Duration;
import java.time.Instant;
import java.util.Collection;
import java.util.EnumMap;
import java.util.Map;
import java.util.function.Function;

/**
 * What children were at when looked at in fixed steps: momentary time sampling, which on average neither over- nor
 * underestimates the time (Powell and others 1975, 1977, from memory). Activities and company after the target child
 * method of Sylva, Roy and Painter (1980), from memory, with fewer codes and our own words.
 *
 * @param looks how many looks there were
 * @param activities how often each activity was seen; those that never were are there with 0
 * @param company the same for company
 * @param depths the same for involvement, where it was noted
 */
public record TimeSample(
        int looks, Map<Activity, Integer> activities, Map<Company, Integer> company, Map<Involvement, Integer> depths) {

    /** What a child is at. */
    public enum Activity {
        HANDLING,
        PRETENDING,
        MOVING,
        LOOKING,
        BOOKS_AND_MARKS,
        TALKING,
        WAITING,
        CARE;

        /** For people. */
        public String words() {
            return Said.say("activity." + name());
        }
    }

    /** With whom. */
    public enum Company {
        ALONE,
        BESIDE,
        PAIR,
        GROUP,
        ADULT;

        /** For people. */
        public String words() {
            return Said.say("company." + name());
        }
    }

    /**
     * One look at one child. What was not tapped is null.
     *
     * @param activity what it was at
     * @param company with whom
     * @param depth how deep
     */
    public record Look(
            @org.jspecify.annotations.Nullable Activity activity,
            @org.jspecify.annotations.Nullable Company company,
            @org.jspecify.annotations.Nullable Involvement depth) {}

    /** Counts looks. */
    public static TimeSample of(Collection<Look> looks) {
        return new TimeSample(
                looks.size(),
                count(Activity.class, looks, Look::activity),
                count(Company.class, looks, Look::company),
                count(Involvement.class, looks, Look::depth));
    }

    /** Part of the looks in which this was seen, of those in which an activity was noted, with its interval. */
    public Wilson share(Activity activity) {
        return share(activities, activity);
    }

    /** The same for company. */
    public Wilson share(Company with) {
        return share(company, with);
    }

    private static <E> Wilson share(Map<E, Integer> counts, E code) {
        return Wilson.of(
                counts.getOrDefault(code, 0),
                Math.max(1, counts.values().stream().mapToInt(Integer::intValue).sum()));
    }

    private static <E extends Enum<E>> Map<E, Integer> count(
            Class<E> codes, Collection<Look> looks, Function<Look, @org.jspecify.annotations.Nullable E> code) {
        Map<E, Integer> counts = new EnumMap<>(codes);
        for (E each : codes.getEnumConstants()) {
            counts.put(each, 0);
        }
        for (Look look : looks) {
            E found = code.apply(look);
            if (found != null) {
                counts.merge(found, 1, Integer::sum);
            }
        }
        return counts;
    }

    /**
     * The next moment to look, the steps counted from the start so that a late answer does not push the rest.
     *
     * @param every length of a step, at least a second
     * @return the first step after now
     * @throws IllegalArgumentException if a step is shorter than a second
     */
    public static Instant next(Instant start, Duration every, Instant now) {
        if (every.getSeconds() < 1) {
            throw new IllegalArgumentException("A step must be at least a second, got %s.".formatted(every));
        }
        if (now.isBefore(start)) {
            return start.plus(every);
        }
        long steps = Duration.between(start, now).toMillis() / every.toMillis();
        return start.plus(every.multipliedBy(steps + 1));
    }
}
