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
