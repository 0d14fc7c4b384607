package app.carder.core.watch;

import app.carder.core.said.Said;
import app.carder.core.statistics.EndRateTrend;
import app.carder.core.watch.Episode.Lasted;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Whether a child's stretches of play become longer, compared with the same child earlier, by {@link EndRateTrend}: minutes of play are
 * the exposure, stretches that were cut off count as lower bounds, and days that hang together are allowed for. It is silent with
 * fewer than {@value #FEWEST_DAYS} days or {@value #FEWEST_ENDS} stretches that ended, or days that lie less than {@value
 * #SHORTEST_SPAN} days apart (own rule). The words state the days that were seen, and nothing beyond them.
 *
 * @param from first day that was seen
 * @param until last day that was seen
 * @param days how many
 * @param factor by which stretches grew from the first day to the last; under 1 where they became shorter
 * @param low lower end of its interval
 * @param high upper end
 */
public record PlayTrend(LocalDate from, LocalDate until, int days, double factor, double low, double high) {

    /** Fewer days are not told. */
    public static final int FEWEST_DAYS = 6;

    /** Days that lie less far apart are not told. */
    public static final int SHORTEST_SPAN = 14;

    /** Fewer stretches that ended are not told. */
    public static final int FEWEST_ENDS = 6;

    private static final double MOST_TOLD = 20;

    /**
     * A day.
     *
     * @param on which
     * @param stretches of that day
     */
    public record Day(LocalDate on, List<Lasted> stretches) {
        /** Keeps its own copy. */
        public Day {
            stretches = List.copyOf(stretches);
        }

        private int ends() {
            return (int) stretches.stream().filter(one -> !one.cutOff()).count();
        }

        private double minutes() {
            return stretches.stream()
                            .mapToLong(one -> one.length().getSeconds())
                            .sum()
                    / 60.0;
        }
    }

    /** The trend, where there is enough to speak of one. */
    public static Optional<PlayTrend> of(List<Day> all) {
        List<Day> days = all.stream()
                .filter(day -> day.minutes() > 0)
                .sorted(Comparator.comparing(Day::on))
                .toList();
        if (days.size() < FEWEST_DAYS
                || days.stream().mapToInt(Day::ends).sum() < FEWEST_ENDS
                || span(days) < SHORTEST_SPAN) {
            return Optional.empty();
        }
        LocalDate first = days.get(0).on();
        EndRateTrend trend = EndRateTrend.of(days.stream()
                .map(day -> new EndRateTrend.Day(
                        ChronoUnit.DAYS.between(first, day.on()) / (double) span(days), day.ends(), day.minutes()))
                .toList());
        return Optional.of(new PlayTrend(
                first,
                days.get(days.size() - 1).on(),
                days.size(),
                Math.exp(-trend.perUnit()),
                Math.exp(-trend.high()),
                Math.exp(-trend.low())));
    }

    private static long span(List<Day> days) {
        return ChronoUnit.DAYS.between(
                days.get(0).on(), days.get(days.size() - 1).on());
    }

    /** Whether the interval leaves out "as long as before". */
    public boolean isClear() {
        return low > 1 || high < 1;
    }

    /** With its uncertainty, for adults. */
    public String words() {
        String seen = Said.say("working.over-days-of-watching-between-and", days, from, until);
        if (!isClear()) {
            return Said.say("working.no-clear-change-stretches-were-between", seen, range());
        }
        return Said.say(
                "working.stretches-of-play-have-become-at", low > 1 ? "yes" : "no", seen, times(factor), range());
    }

    private String range() {
        return Said.say("working.and", times(low), times(high));
    }

    private static String times(double value) {
        return value > MOST_TOLD
                ? Said.say("working.more-than-20-times")
                : Said.say("working.times", Math.max(0, value));
    }
}
