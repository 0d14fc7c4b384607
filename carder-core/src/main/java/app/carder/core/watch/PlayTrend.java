package app.carder.core.watch;

import app.carder.core.statistics.TheilSen;
import java.time.Duration;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Whether a child's longest stretches of play become longer, compared with the same child earlier. It is silent with
 * fewer than {@value #FEWEST_DAYS} days, or days that lie less than {@value #SHORTEST_SPAN} days apart (own rule): with
 * less, the interval of {@link TheilSen} is so wide that any words would be too many.
 *
 * @param minutesPerWeek slope
 * @param low lower end of its 95 % interval
 * @param high upper end
 * @param days how many went in
 */
public record PlayTrend(double minutesPerWeek, double low, double high, int days) {

    /** Fewer days are not told. */
    public static final int FEWEST_DAYS = 6;

    /** Days that lie less far apart are not told. */
    public static final int SHORTEST_SPAN = 14;

    /**
     * A day.
     *
     * @param on which
     * @param longest the longest stretch of that day
     */
    public record Day(LocalDate on, Duration longest) {}

    /** The trend, where there is enough to speak of one. */
    public static Optional<PlayTrend> of(List<Day> days) {
        List<Day> ordered = days.stream().sorted(Comparator.comparing(Day::on)).toList();
        if (ordered.size() < FEWEST_DAYS) {
            return Optional.empty();
        }
        LocalDate first = ordered.get(0).on();
        if (ChronoUnit.DAYS.between(first, ordered.get(ordered.size() - 1).on()) < SHORTEST_SPAN) {
            return Optional.empty();
        }
        TheilSen trend = TheilSen.of(
                ordered.stream()
                        .mapToDouble(day -> ChronoUnit.DAYS.between(first, day.on()) / 7.0)
                        .toArray(),
                ordered.stream()
                        .mapToDouble(day -> day.longest().getSeconds() / 60.0)
                        .toArray());
        return Optional.of(new PlayTrend(trend.slope(), trend.low(), trend.high(), ordered.size()));
    }

    /** Whether the interval leaves out zero. */
    public boolean isClear() {
        return low > 0 || high < 0;
    }

    /** With its uncertainty, for adults. */
    public String words() {
        if (!isClear()) {
            return "No clear change over %d days: between %s a week.".formatted(days, range());
        }
        return "Longer stretches %s over %d days: about %s a week, likely between %s."
                .formatted(low > 0 ? "have grown" : "have become shorter", days, minutes(minutesPerWeek), range());
    }

    private String range() {
        return "%s and %s".formatted(minutes(low), minutes(high));
    }

    private static String minutes(double value) {
        double rounded = Math.round(value * 10) / 10.0;
        return "%s%s min".formatted(rounded > 0 ? "+" : rounded < 0 ? "−" : "", Math.abs(rounded));
    }
}
