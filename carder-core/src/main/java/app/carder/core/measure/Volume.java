package app.carder.core.measure;

import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * A volume, exact to the microlitre (a cubic millimetre).
 *
 * @param microlitres 0 or more
 */
public record Volume(long microlitres) implements Quantity<Volume> {

    private static final Units UNITS =
            Units.of("Volume").with("mL", 1_000).with("L", 1_000_000).with("uL", 1);

    /** Nothing in it. */
    public static final Volume ZERO = new Volume(0);

    /**
     * Refuses negative volumes.
     *
     * @throws IllegalArgumentException if negative
     */
    public Volume {
        UNITS.checked(microlitres, "mL");
    }

    /** {@code ofMillilitres(250)} is a quarter of a litre. */
    public static Volume ofMillilitres(double millilitres) {
        return new Volume(UNITS.toBase(millilitres, "mL"));
    }

    /** {@code ofMicrolitres(250_000)} is a quarter of a litre. */
    public static Volume ofMicrolitres(long microlitres) {
        return new Volume(microlitres);
    }

    /** {@code ofCubicMillimetres(9.6e6)} is 9.6 litres; rounded half up to the microlitre. */
    public static Volume ofCubicMillimetres(double cubicMillimetres) {
        return new Volume(UNITS.toBase(cubicMillimetres, "uL"));
    }

    /**
     * Reads {@code "250 mL"}, {@code "1.5 L"}.
     *
     * @throws IllegalArgumentException if the text is not a volume
     */
    public static Volume parse(CharSequence text) {
        return new Volume(UNITS.parse(text));
    }

    /** In millilitres. */
    public double inMillilitres() {
        return microlitres / 1e3;
    }

    /** In cubic millimetres, which are microlitres. */
    public double inCubicMillimetres() {
        return microlitres;
    }

    /**
     * The mass of this much loose material: {@code m = V rho}, rounded half up to the milligram.
     *
     * <p>{@code Volume.ofMillilitres(500).times(Density.ofGramsPerMillilitre(1.234))} is 617 g.
     *
     * @throws IllegalArgumentException beyond the range of a mass
     */
    public Mass times(Density bulk) {
        BigDecimal nanograms =
                BigDecimal.valueOf(microlitres).multiply(BigDecimal.valueOf(bulk.microgramsPerMillilitre()));
        BigDecimal milligrams = nanograms.movePointLeft(6).setScale(0, RoundingMode.HALF_UP);
        try {
            return new Mass(milligrams.longValueExact());
        } catch (ArithmeticException tooLarge) {
            throw new IllegalArgumentException(
                    "Mass must be smaller, got %s mg.".formatted(milligrams.toPlainString()), tooLarge);
        }
    }

    /** For people: litres from one litre up, else millilitres. */
    public String forPeople() {
        return microlitres >= 1_000_000 ? UNITS.print(microlitres, "L", 2) : UNITS.print(microlitres, "mL", 0);
    }

    @Override
    public long baseUnits() {
        return microlitres;
    }

    @Override
    public Volume ofBaseUnits(long baseUnits) {
        return new Volume(baseUnits);
    }

    @Override
    public String toString() {
        return UNITS.printExactly(microlitres, "mL");
    }
}
