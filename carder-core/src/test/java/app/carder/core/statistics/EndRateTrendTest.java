package app.carder.core.statistics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.carder.core.statistics.EndRateTrend.Day;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class EndRateTrendTest {

    private static final int SERIES = 2000;
    private static final int DAYS = 60;

    /** Two days: the rate of ends is 0.2 and 0.1 a minute, so b is ln(0.5). */
    @Test
    void isExactOnTwoDays() {
        EndRateTrend trend = EndRateTrend.of(List.of(new Day(0, 6, 30), new Day(1, 6, 60)));

        assertThat(trend.perUnit()).isCloseTo(Math.log(0.5), within(1e-8));
    }

    /** Twice the minutes at the same rate is no trend. */
    @Test
    void moreWatchingIsNoTrend() {
        EndRateTrend trend =
                EndRateTrend.of(List.of(new Day(0, 4, 20), new Day(1, 6, 30), new Day(2, 8, 40), new Day(3, 10, 50)));

        assertThat(trend.perUnit()).isCloseTo(0, within(1e-9));
        assertThat(trend.isClear()).isFalse();
    }

    @Test
    void refusesWhatCannotBeCompared() {
        assertThatThrownBy(() -> EndRateTrend.of(List.of(new Day(0, 1, 5))))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> EndRateTrend.of(List.of(new Day(0, 0, 5), new Day(1, 0, 5))))
                .isInstanceOf(IllegalArgumentException.class);
    }

    /**
     * By simulation, {@value #SERIES} series of {@value #DAYS} days over twelve weeks, an hour a day (or growing from half an hour to an
     * hour and a half), stretches of five minutes in the middle, days that differ by 20 % and hang together by so much: the table of
     * docs/benchmarks.md. Without a trend at most 6 % may be called one; of a doubling at least 70 % must be.
     */
    @ParameterizedTest(name = "autocorrelation {0}, {1} watching")
    @CsvSource({"0, same", "0, growing", "0.3, same", "0.3, growing", "0.6, same", "0.6, growing"})
    void callsFewSeriesWithoutATrendAndMostDoublings(double autocorrelation, String watching) {
        double none = called(1, autocorrelation, watching.equals("growing"));
        double doubling = called(2, autocorrelation, watching.equals("growing"));
        System.out.printf(
                "trend: autocorrelation %.1f, %s watching: none %.3f, doubling %.3f%n",
                autocorrelation, watching, none, doubling);

        assertThat(none).isLessThanOrEqualTo(0.06);
        assertThat(doubling).isGreaterThanOrEqualTo(0.70);
    }

    private static double called(double growth, double autocorrelation, boolean growing) {
        Random random = new Random(5);
        int called = 0;
        for (int series = 0; series < SERIES; series++) {
            if (EndRateTrend.of(series(random, growth, autocorrelation, growing))
                    .isClear()) {
                called++;
            }
        }
        return called / (double) SERIES;
    }

    private static List<Day> series(Random random, double growth, double autocorrelation, boolean growing) {
        List<Day> days = new ArrayList<>();
        double apart = random.nextGaussian() * 0.2;
        for (int day = 0; day < DAYS; day++) {
            if (day > 0) {
                apart = autocorrelation * apart
                        + Math.sqrt(1 - autocorrelation * autocorrelation) * 0.2 * random.nextGaussian();
            }
            double at = day / (double) (DAYS - 1);
            double mean = 5 * Math.pow(growth, at) * Math.exp(apart);
            double left = growing ? 30 + 60 * at : 60;
            int ends = 0;
            double minutes = 0;
            while (left > 0) {
                double stretch = -mean * Math.log(1 - random.nextDouble());
                minutes += Math.min(stretch, left);
                ends += stretch < left ? 1 : 0;
                left -= stretch + 1;
            }
            days.add(new Day(at, ends, minutes));
        }
        return days;
    }
}
