package app.carder.core.look;

/** Numbers that look as if they fell by chance, and are always the same: the van der Corput sequence (Halton's, by base). */
public final class Spread {

    private Spread() {}

    /**
     * One of them, evenly spread.
     *
     * @param at which, from 0
     * @param base a prime; those of two bases are independent
     * @return from -1 to 1
     */
    public static double of(int at, int base) {
        double value = 0;
        double share = 1.0 / base;
        for (int rest = at + 1; rest > 0; rest /= base) {
            value += rest % base * share;
            share /= base;
        }
        return 2 * value - 1;
    }
}
