package app.carder.core.statistics;

/**
 * How evenly something is spread over the places that were offered: {@code J = H/ln S} with {@code H = −Σ p·ln p} over
 * S places (Pielou 1966). 1 is the same everywhere, 0 all in one place. Places that were offered and not used count.
 */
public final class Evenness {

    private Evenness() {}

    /**
     * J of some amounts; 0 where there is one place only or nothing at all.
     *
     * @param amounts none negative, one for each place that was offered
     * @throws IllegalArgumentException if one is negative
     */
    public static double of(double... amounts) {
        double sum = 0;
        for (double amount : amounts) {
            if (amount < 0) {
                throw new IllegalArgumentException("An amount must not be negative, got %s.".formatted(amount));
            }
            sum += amount;
        }
        if (amounts.length < 2 || sum == 0) {
            return 0;
        }
        double entropy = 0;
        for (double amount : amounts) {
            if (amount > 0) {
                entropy -= amount / sum * Math.log(amount / sum);
            }
        }
        return entropy / Math.log(amounts.length);
    }
}
