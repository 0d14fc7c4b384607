package app.carder.core.statistics;

import java.util.Arrays;
import java.util.stream.IntStream;

/**
 * A trend that one odd day does not throw off: the median of the slopes between all pairs of points (Theil 1950), with
 * the distribution-free interval of Sen (1968), J. Am. Stat. Assoc. 63:1379, from memory: the slopes are ordered, and
 * the interval reaches from the {@code (N−C)/2 + 1}st to the {@code (N+C)/2}th of N, where C is the least value
 * that Kendall's S reaches with at most 2.5 % chance on each side if there is no trend. Up to {@value #EXACT_UP_TO}
 * points that chance is counted exactly, beyond it is taken as normal with the variance {@code n(n−1)(2n+5)/18}.
 *
 * <p>Pairs at the same x have no slope and are left out. With values that are equal, the interval is a little too wide.
 *
 * @param slope in units of y for each unit of x
 * @param intercept median of {@code y − slope·x}
 * @param low lower end of the 95 % interval; minus infinity where there are too few points for one
 * @param high upper end; infinity where there are too few points for one
 */
public record TheilSen(double slope, double intercept, double low, double high) {

    private static final int EXACT_UP_TO = 40;
    private static final double Z = 1.959964;
    private static final double TAIL = 0.025;

    /**
     * The trend of some points.
     *
     * @param x times or amounts, at least two of them different
     * @param y one for each x
     * @throws IllegalArgumentException if there are not as many y as x, or fewer than two different x
     */
    public static TheilSen of(double[] x, double[] y) {
        if (x.length != y.length) {
            throw new IllegalArgumentException("Each x must have one y, got %d and %d.".formatted(x.length, y.length));
        }
        double[] slopes = IntStream.range(0, x.length)
                .boxed()
                .flatMapToDouble(i -> IntStream.range(i + 1, x.length)
                        .filter(j -> x[i] != x[j])
                        .mapToDouble(j -> (y[j] - y[i]) / (x[j] - x[i])))
                .sorted()
                .toArray();
        if (slopes.length == 0) {
            throw new IllegalArgumentException(
                    "A trend must have two different x, got %s.".formatted(Arrays.toString(x)));
        }
        double slope = Median.of(slopes);
        double intercept = Median.of(IntStream.range(0, x.length)
                .mapToDouble(i -> y[i] - slope * x[i])
                .toArray());
        int cut = (slopes.length - critical(x.length)) / 2;
        boolean isBounded = slopes.length >= critical(x.length);
        return new TheilSen(
                slope,
                intercept,
                isBounded ? slopes[cut] : Double.NEGATIVE_INFINITY,
                isBounded ? slopes[slopes.length - 1 - cut] : Double.POSITIVE_INFINITY);
    }

    /** Whether the interval leaves out zero. */
    public boolean isClear() {
        return low > 0 || high < 0;
    }

    /** The least S such that the chance of S or more is at most 2.5 % without a trend; above N where there is none. */
    static int critical(int n) {
        int pairs = n * (n - 1) / 2;
        if (n > EXACT_UP_TO) {
            int rounded = (int) Math.ceil(Z * Math.sqrt(n * (n - 1.0) * (2 * n + 5) / 18));
            return rounded + Math.floorMod(rounded - pairs, 2);
        }
        double[] chance = inversions(n);
        double tail = 0;
        // With i inversions S is N − 2i.
        for (int i = 0; i <= pairs; i++) {
            tail += chance[i];
            if (tail > TAIL) {
                return pairs - 2 * (i - 1);
            }
        }
        return pairs + 2;
    }

    /** The chance of each number of inversions among all orders of n values. */
    private static double[] inversions(int n) {
        double[] chance = {1};
        for (int size = 2; size <= n; size++) {
            double[] next = new double[size * (size - 1) / 2 + 1];
            for (int i = 0; i < chance.length; i++) {
                for (int more = 0; more < size; more++) {
                    next[i + more] += chance[i] / size;
                }
            }
            chance = next;
        }
        return chance;
    }
}
