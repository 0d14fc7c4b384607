package app.carder.core.statistics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class StatisticsTest {

    @ParameterizedTest
    @CsvSource({
        // hits, of, low, high, source (from memory)
        "81, 263, 0.255289, 0.366210, Newcombe 1998",
        "15, 148, 0.062386, 0.160487, Newcombe 1998",
        "0, 20, 0.000000, 0.161125, Newcombe 1998",
        "1, 29, 0.006113, 0.171755, Newcombe 1998",
        "0, 1, 0, 0.793451, by the formula",
        "1, 1, 0.206549, 1, by the formula",
        "5, 10, 0.236593, 0.763407, by the formula",
        "6, 10, 0.313, 0.832, by the formula"
    })
    void theIntervalOfAShareIsThatOfItsSource(int hits, int of, double low, double high, String source) {
        Wilson wilson = Wilson.of(hits, of);

        double tolerance = source.equals("by the formula") ? 5e-4 : 5e-7;
        assertThat(wilson.low()).isCloseTo(low, within(tolerance));
        assertThat(wilson.high()).isCloseTo(high, within(tolerance));
    }

    @Test
    void aShareOfNothingIsRefused() {
        assertThatThrownBy(() -> Wilson.of(0, 0)).hasMessageContaining("got 0 of 0");
        assertThatThrownBy(() -> Wilson.of(3, 2)).hasMessageContaining("got 3 of 2");
    }

    @ParameterizedTest
    @CsvSource({
        "'12 9 7 5 4 2 1', 0.891116, Pielou 1966 by the definition",
        "'1 2 3 4', 0.923220, by the definition",
        "'10 0 0 0 0 0 0', 0, all in one place",
        "'3 3 3', 1, the same everywhere",
        "'5', 0, one place only",
        "'0 0', 0, nothing at all"
    })
    void evennessFollowsItsDefinition(String amounts, double expected, String because) {
        double[] values = Arrays.stream(amounts.split(" "))
                .mapToDouble(Double::parseDouble)
                .toArray();

        assertThat(Evenness.of(values)).as(because).isCloseTo(expected, within(5e-7));
    }

    @Test
    void evennessRefusesWhatIsBelowNothing() {
        assertThatThrownBy(() -> Evenness.of(1, -1)).hasMessageContaining("must not be negative, got -1.0");
    }

    @Test
    void theMiddleOfAnEvenNumberLiesHalfWay() {
        assertThat(Median.of(List.of(
                        Duration.ofSeconds(4), Duration.ofSeconds(1), Duration.ofSeconds(2), Duration.ofSeconds(9))))
                .contains(Duration.ofSeconds(3));
        assertThat(Median.of(List.of())).isEmpty();
    }

    @Nested
    class TrendOfPoints {

        @Test
        void isThatOfHollanderAndWolfe() {
            TheilSen trend = TheilSen.of(new double[] {1, 2, 3, 4, 5}, new double[] {1.26, 1.27, 1.12, 1.16, 1.03});

            assertThat(trend.slope()).isCloseTo(-0.05625, within(1e-9));
            assertThat(trend.intercept()).isCloseTo(1.31625, within(1e-9));
        }

        @Test
        void isThatOfSen1968() {
            TheilSen trend =
                    TheilSen.of(new double[] {1, 2, 3, 4, 10, 12, 18}, new double[] {9, 15, 19, 20, 45, 55, 78});

            assertThat(trend.slope()).isCloseTo(4.0, within(1e-9));
            assertThat(trend.isClear()).isTrue();
        }

        @Test
        void isNotThrownOffByOneOddDay() {
            TheilSen trend = TheilSen.of(new double[] {1, 2, 3, 4, 5, 6}, new double[] {2, 3, 2.5, 3.5, 4, 9});

            assertThat(trend.slope()).isCloseTo(0.75, within(1e-9));
            assertThat(trend.intercept()).isCloseTo(0.875, within(1e-9));
        }

        /** Critical values of Kendall's S for 5 % on two sides: table in Kendall, Rank Correlation Methods, from memory. */
        @ParameterizedTest
        @CsvSource({"5, 10", "6, 13", "7, 15", "8, 18", "9, 20", "10, 23", "12, 30", "20, 62"})
        void usesTheTabledCriticalValues(int n, int expected) {
            assertThat(TheilSen.critical(n)).isEqualTo(expected);
        }

        @Test
        void hasNoBoundsWithFourPoints() {
            TheilSen trend = TheilSen.of(new double[] {1, 2, 3, 4}, new double[] {1, 2, 3, 4});

            assertThat(trend.low()).isEqualTo(Double.NEGATIVE_INFINITY);
            assertThat(trend.isClear()).isFalse();
        }

        /** The slow and obvious interval: all slopes for which the rest shows no trend that the test would notice. */
        @Test
        void itsIntervalHoldsTheSlopesThatTheRankTestWouldNotRefuse() {
            Random random = new Random(3);
            for (int round = 0; round < 100; round++) {
                int n = 6 + random.nextInt(8);
                double[] x = new double[n];
                double[] y = new double[n];
                for (int i = 0; i < n; i++) {
                    x[i] = i + 0.3 * random.nextDouble();
                    y[i] = 0.5 * x[i] + random.nextGaussian();
                }

                TheilSen trend = TheilSen.of(x, y);

                double step = 1e-7;
                assertThat(isRefused(x, y, trend.low() - step)).isTrue();
                assertThat(isRefused(x, y, trend.low() + step)).isFalse();
                assertThat(isRefused(x, y, trend.high() - step)).isFalse();
                assertThat(isRefused(x, y, trend.high() + step)).isTrue();
            }
        }

        private static boolean isRefused(double[] x, double[] y, double slope) {
            int s = 0;
            for (int i = 0; i < x.length; i++) {
                for (int j = i + 1; j < x.length; j++) {
                    s += (int) Math.signum((y[j] - slope * x[j] - (y[i] - slope * x[i])) * (x[j] - x[i]));
                }
            }
            return Math.abs(s) >= TheilSen.critical(x.length);
        }

        @Test
        void needsTwoDifferentTimes() {
            assertThatThrownBy(() -> TheilSen.of(new double[] {2, 2}, new double[] {1, 5}))
                    .hasMessageContaining("two different x");
            assertThatThrownBy(() -> TheilSen.of(new double[] {2}, new double[] {1, 5}))
                    .hasMessageContaining("got 1 and 2");
        }

        @Test
        void takesManyPointsAsNormal() {
            // n = 60: 1.96·sqrt(60·59·125/18) = 307.3; S is even with 1770 pairs.
            assertThat(TheilSen.critical(60)).isEqualTo(308);
        }
    }
}
