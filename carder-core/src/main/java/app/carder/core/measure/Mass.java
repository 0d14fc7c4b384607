package app.carder.core.measure;

import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * A mass, exact to the milligram.
 *
 * @param milligrams 0 or more
 */
public record Mass(long milligrams) implements Quantity<Mass> {

    private static final Units UNITS =
            Units.of("Mass").with("g", 1_000).with("kg", 1_000_000).with("mg", 1);

    /** No mass at all. */
    public static final Mass ZERO = new Mass(0);

    /**
     * Refuses negative masses.
     *
     * @throws IllegalArgumentException if negative
     */
    public Mass {
        UNITS.checked(milligrams, "g");
    }

    /** {@code ofGrams(500)} is half a kilogram. */
    public static Mass ofGrams(double grams) {
        return new Mass(UNITS.toBase(grams, "g"));
    }

    /** {@code ofGrams("0.5")} is 500 milligrams. */
    public static Mass ofGrams(BigDecimal grams) {
        return new Mass(UNITS.toBase(grams, "g"));
    }

    /** {@code ofMilligrams(1_000)} is a gram. */
    public static Mass ofMilligrams(long milligrams) {
        return new Mass(milligrams);
    }

    /**
     * Reads {@code "500 g"}, {@code "7.5 kg"}.
     *
     * @throws IllegalArgumentException if the text is not a mass
     */
    public static Mass parse(CharSequence text) {
        return new Mass(UNITS.parse(text));
    }

    /** In grams. */
    public double inGrams() {
        return milligrams / 1e3;
    }

    /** In grams, without loss. */
    public BigDecimal exactGrams() {
        return UNITS.fromBase(milligrams, "g");
    }

    /**
     * The room that this much loose material takes: {@code V = m / rho}, rounded half up to the microlitre.
     *
     * <p>{@code Mass.ofGrams(1000).dividedBy(Density.ofCupGrams(185))} is 1279 mL.
     *
     * @throws IllegalArgumentException if the density is zero or the volume beyond range
     */
    public Volume dividedBy(Density bulk) {
        if (bulk.isZero()) {
            throw new IllegalArgumentException("Density must be more than zero to find a volume, got " + bulk + ".");
        }
        BigDecimal microlitres = BigDecimal.valueOf(milligrams)
                .movePointRight(6)
                .divide(BigDecimal.valueOf(bulk.microgramsPerMillilitre()), 0, RoundingMode.HALF_UP);
        try {
            return new Volume(microlitres.longValueExact());
        } catch (ArithmeticException tooLarge) {
            throw new IllegalArgumentException(
                    "Volume must be smaller, got %s uL.".formatted(microlitres.toPlainString()), tooLarge);
        }
    }

    /** For people: kilograms from one kilogram up, else grams. */
    public String forPeople() {
        return milligrams >= 1_000_000 ? UNITS.print(milligrams, "kg", 2) : UNITS.print(milligrams, "g", 0);
    }

    @Override
    public long baseUnits() {
        return milligrams;
    }

    @Override
    public Mass ofBaseUnits(long baseUnits) {
        return new Mass(baseUnits);
    }

    @Override
    public String toString() {
        return UNITS.printExactly(milligrams, "g");
    }
}
