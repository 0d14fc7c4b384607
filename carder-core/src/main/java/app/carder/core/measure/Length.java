package app.carder.core.measure;

import java.math.BigDecimal;

/**
 * A length, exact to the micrometre.
 *
 * @param micrometres 0 or more
 */
public record Length(long micrometres) implements Quantity<Length> {

    private static final Units UNITS = Units.of("Length")
            .with("cm", 10_000)
            .with("mm", 1_000)
            .with("m", 1_000_000)
            .with("um", 1);

    /** No length at all. */
    public static final Length ZERO = new Length(0);

    /**
     * Refuses negative lengths.
     *
     * @throws IllegalArgumentException if negative
     */
    public Length {
        UNITS.checked(micrometres, "cm");
    }

    /** {@code ofMillimetres(31.7)} is 31,700 micrometres; rounded half up to the micrometre. */
    public static Length ofMillimetres(double millimetres) {
        return new Length(UNITS.toBase(millimetres, "mm"));
    }

    /** {@code ofCentimetres("4.5")} is 45,000 micrometres; rounded half up to the micrometre. */
    public static Length ofCentimetres(BigDecimal centimetres) {
        return new Length(UNITS.toBase(centimetres, "cm"));
    }

    /** {@code ofCentimetres(60)} is 600,000 micrometres. */
    public static Length ofCentimetres(double centimetres) {
        return new Length(UNITS.toBase(centimetres, "cm"));
    }

    /** {@code ofMicrometres(1_000)} is a millimetre. */
    public static Length ofMicrometres(long micrometres) {
        return new Length(micrometres);
    }

    /**
     * Reads {@code "12.5 cm"}, {@code "3 mm"}, {@code "1,2 m"}.
     *
     * @throws IllegalArgumentException if the text is not a length
     */
    public static Length parse(CharSequence text) {
        return new Length(UNITS.parse(text));
    }

    /** In millimetres. */
    public double inMillimetres() {
        return micrometres / 1e3;
    }

    /** In centimetres. */
    public double inCentimetres() {
        return micrometres / 1e4;
    }

    /** In centimetres, without loss: {@code 4.5}. */
    public BigDecimal exactCentimetres() {
        return UNITS.fromBase(micrometres, "cm");
    }

    /** For people, to the millimetre: {@code 4.5 cm}. */
    public String forPeople() {
        return UNITS.print(micrometres, "cm", 1);
    }

    @Override
    public long baseUnits() {
        return micrometres;
    }

    @Override
    public Length ofBaseUnits(long baseUnits) {
        return new Length(baseUnits);
    }

    @Override
    public String toString() {
        return UNITS.printExactly(micrometres, "cm");
    }
}
