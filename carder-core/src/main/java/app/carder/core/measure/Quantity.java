package app.carder.core.measure;

/**
 * An exact amount of one dimension, held as a whole number of that dimension's base unit.
 *
 * <p>Amounts are never negative: nothing that is put out in a room can be. Arithmetic is exact and
 * refuses to overflow.
 *
 * @param <Q> the quantity itself
 */
public sealed interface Quantity<Q extends Quantity<Q>> extends Comparable<Q> permits Density, Length, Mass, Volume {

    /** The amount as a whole number of base units, 0 or more. */
    long baseUnits();

    /**
     * An amount of the same dimension.
     *
     * @param baseUnits 0 or more
     * @throws IllegalArgumentException if negative
     */
    Q ofBaseUnits(long baseUnits);

    /**
     * The sum.
     *
     * @throws ArithmeticException beyond the range of a long
     */
    default Q plus(Q other) {
        return ofBaseUnits(Math.addExact(baseUnits(), other.baseUnits()));
    }

    /**
     * The difference.
     *
     * @throws IllegalArgumentException if the other is larger
     */
    default Q minus(Q other) {
        return ofBaseUnits(Math.subtractExact(baseUnits(), other.baseUnits()));
    }

    /**
     * The amount, {@code times} over.
     *
     * @throws ArithmeticException beyond the range of a long
     */
    default Q multipliedBy(long times) {
        return ofBaseUnits(Math.multiplyExact(baseUnits(), times));
    }

    /**
     * The amount, scaled: {@code Mass.ofGrams(250).scaledBy(1.5)} is 375 g. Rounded half up to the base unit.
     *
     * @param factor 0 or more
     * @throws IllegalArgumentException if the factor is negative or no number, or the amount beyond the range of a long
     */
    default Q scaledBy(double factor) {
        if (!(factor >= 0) || Double.isInfinite(factor)) {
            throw new IllegalArgumentException("Factor must be 0 or more, got %s.".formatted(factor));
        }
        double scaled = baseUnits() * factor;
        if (scaled > Long.MAX_VALUE / 2) {
            throw new IllegalArgumentException("Amount must be smaller, got %s times %s.".formatted(this, factor));
        }
        return ofBaseUnits(Math.round(scaled));
    }

    /** How many times the other goes into this, with its fraction; the other must be more than nothing. */
    default double dividedBy(Q other) {
        if (other.isZero()) {
            throw new IllegalArgumentException("Divisor must be more than nothing, got " + other + ".");
        }
        return (double) baseUnits() / other.baseUnits();
    }

    /** The larger of the two. */
    default Q orMore(Q other) {
        return compareTo(other) >= 0 ? ofBaseUnits(baseUnits()) : other;
    }

    /** What is left after taking the other away, nothing where the other is more. */
    default Q lessOrNothing(Q other) {
        return ofBaseUnits(Math.max(0, baseUnits() - other.baseUnits()));
    }

    /** Whether nothing is there. */
    default boolean isZero() {
        return baseUnits() == 0;
    }

    /** Whether this is more than the other. */
    default boolean isMoreThan(Q other) {
        return compareTo(other) > 0;
    }

    @Override
    default int compareTo(Q other) {
        return Long.compare(baseUnits(), other.baseUnits());
    }
}
