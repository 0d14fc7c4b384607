package app.carder.core.statistics;

/**
 * A share of a number of times, with what it could be in the long run: the 95 % score interval of Wilson (1927).
 * {@code p = k/n; centre = (p + z²/2n)/(1 + z²/n); half = z·sqrt(p(1−p)/n + z²/4n²)/(1 + z²/n)} with z = 1.959964.
 * Checked against Newcombe (1998), Statistics in Medicine 17:857, from memory.
 *
 * @param hits k, 0 to n
 * @param of n, at least 1
 * @param low lower end, 0 to 1
 * @param high upper end, 0 to 1
 */
public record Wilson(int hits, int of, double low, double high) {

    private static final double Z = 1.959964;

    /** Fewer than this say nothing about a share (own rule). */
    public static final int FEWEST = 10;

    /**
     * The interval of k of n.
     *
     * @throws IllegalArgumentException unless 0 ≤ k ≤ n and n ≥ 1
     */
    public static Wilson of(int hits, int of) {
        if (of < 1 || hits < 0 || hits > of) {
            throw new IllegalArgumentException(
                    "A share must be of at least 1, with 0 to all hits, got %d of %d.".formatted(hits, of));
        }
        double n = of;
        double p = hits / n;
        double square = Z * Z;
        double centre = (p + square / (2 * n)) / (1 + square / n);
        double half = Z * Math.sqrt(p * (1 - p) / n + square / (4 * n * n)) / (1 + square / n);
        return new Wilson(hits, of, Math.max(0, centre - half), Math.min(1, centre + half));
    }

    /** k/n. */
    public double share() {
        return (double) hits / of;
    }

    /** Whether there were enough to speak of a share at all. */
    public boolean isEnough() {
        return of >= FEWEST;
    }
}
