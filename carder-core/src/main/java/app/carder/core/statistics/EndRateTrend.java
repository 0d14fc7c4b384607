package app.carder.core.statistics;

import java.util.List;

/**
 * Whether stretches become longer over time, from how often they end: on each day the number of ends is taken as {@code exp(a + b t)}
 * for each minute of it, fitted by Poisson regression with the minutes as exposure (an exponential survival model; Holford 1980, Laird
 * and Olivier 1981). Minutes of stretches that were cut off count as exposure and not as an end, so that neither they nor more watching
 * make a trend. Stretches grow by {@code exp(-b)} in a unit of time.
 *
 * <p>Days hang together. The standard error is the larger of two: that of a circular block bootstrap of the days' influences with blocks
 * of about {@code n^(1/3)} days (Kuensch 1989; Politis and Romano 1992; its variance in closed form, so that no chance is in it), and
 * that of the single days times {@code 1 + 7 r}, with r their autocorrelation to the next day, corrected for its bias. The interval
 * reaches {@value #Z} of them to each side. Seven and {@value #Z} are our own calibration, by the simulation in the tests: at
 * autocorrelations up to 0.6 at most 6 % of series without a trend are called one. All from memory.
 *
 * @param perUnit b for each unit of time; negative where stretches become longer
 * @param error its standard error
 */
public record EndRateTrend(double perUnit, double error) {

    /** Standard errors to each side of the interval. */
    static final double Z = 2.2;

    private static final double FROM_AUTOCORRELATION = 7;
    private static final int MOST_ROUNDS = 50;
    private static final double FINE = 1e-10;

    /**
     * One day.
     *
     * @param at time, in any unit
     * @param ends stretches that ended, 0 or more
     * @param minutes of all stretches together, 0 or more
     */
    public record Day(double at, int ends, double minutes) {}

    /**
     * Fits the days.
     *
     * @param days in order of time, at two times at least
     * @throws IllegalArgumentException if nothing ended, or there is nothing to compare
     */
    public static EndRateTrend of(List<Day> days) {
        double ends = days.stream().mapToInt(Day::ends).sum();
        double minutes = days.stream().mapToDouble(Day::minutes).sum();
        double middle =
                days.stream().mapToDouble(day -> day.at() * day.minutes()).sum() / minutes;
        if (!(ends > 0)
                || !(minutes > 0)
                || days.stream().mapToDouble(Day::at).distinct().count() < 2) {
            throw new IllegalArgumentException(
                    "A trend must have ends, minutes and two times, got %s.".formatted(days));
        }
        double a = Math.log(ends / minutes);
        double b = 0;
        for (int round = 0; round < MOST_ROUNDS; round++) {
            Fit fit = Fit.of(days, middle, a, b);
            double determinant = fit.weight() * fit.square() - fit.linear() * fit.linear();
            double stepA = (fit.square() * fit.rest() - fit.linear() * fit.slopeRest()) / determinant;
            double stepB = (fit.weight() * fit.slopeRest() - fit.linear() * fit.rest()) / determinant;
            double largest = Math.max(1, Math.max(Math.abs(stepA), Math.abs(stepB)) / 2);
            a += stepA / largest;
            b += stepB / largest;
            if (Math.abs(stepA) + Math.abs(stepB) < FINE) {
                break;
            }
        }
        return new EndRateTrend(b, error(days, middle, a, b));
    }

    private static double error(List<Day> days, double middle, double a, double b) {
        Fit fit = Fit.of(days, middle, a, b);
        double shift = fit.linear() / fit.weight();
        double information = fit.square() - fit.linear() * shift;
        int n = days.size();
        double[] influence = new double[n];
        double[] rest = new double[n];
        double single = 0;
        for (int at = 0; at < n; at++) {
            Day day = days.get(at);
            double expected = day.minutes() * Math.exp(a + b * (day.at() - middle));
            influence[at] = (day.at() - middle - shift) * (day.ends() - expected) / information;
            rest[at] = expected > 0 ? (day.ends() - expected) / Math.sqrt(expected) : 0;
            single += influence[at] * influence[at];
        }
        double small = n > 2 ? n / (n - 2.0) : 2;
        double hangingTogether = single * small * (1 + FROM_AUTOCORRELATION * Math.max(0, autocorrelation(rest)));
        return Math.sqrt(Math.max(hangingTogether, blocks(influence) * small));
    }

    /** The variance of the sum under a circular block bootstrap. */
    private static double blocks(double[] influence) {
        int n = influence.length;
        int length = Math.max(1, (int) Math.round(Math.cbrt(n)));
        double sum = 0;
        for (int start = 0; start < n; start++) {
            double block = 0;
            for (int at = 0; at < length; at++) {
                block += influence[(start + at) % n];
            }
            sum += block * block;
        }
        return sum / length;
    }

    /** To the next day, with the bias of short series put right: {@code r + (1 + 4 r) / n} (Kendall 1954). */
    private static double autocorrelation(double[] rest) {
        double own = 0;
        double next = 0;
        for (int at = 0; at < rest.length; at++) {
            own += rest[at] * rest[at];
            next += at > 0 ? rest[at] * rest[at - 1] : 0;
        }
        double r = own == 0 ? 0 : next / own;
        return r + (1 + 4 * r) / rest.length;
    }

    /** The sums that one round of the fit needs. */
    private record Fit(double rest, double slopeRest, double weight, double linear, double square) {
        static Fit of(List<Day> days, double middle, double a, double b) {
            double rest = 0;
            double slopeRest = 0;
            double weight = 0;
            double linear = 0;
            double square = 0;
            for (Day day : days) {
                double at = day.at() - middle;
                double expected = day.minutes() * Math.exp(a + b * at);
                rest += day.ends() - expected;
                slopeRest += (day.ends() - expected) * at;
                weight += expected;
                linear += expected * at;
                square += expected * at * at;
            }
            return new Fit(rest, slopeRest, weight, linear, square);
        }
    }

    /** Lower end of the interval. */
    public double low() {
        return perUnit - Z * error;
    }

    /** Upper end of the interval. */
    public double high() {
        return perUnit + Z * error;
    }

    /** Whether the interval leaves out zero. */
    public boolean isClear() {
        return low() > 0 || high() < 0;
    }
}
