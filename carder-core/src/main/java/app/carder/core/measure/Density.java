package app.carder.core.measure;

import java.math.BigDecimal;

/**
 * The bulk density of a loose material: the mass of what fills a volume, the air between grains included.
 *
 * @param microgramsPerMillilitre 0 or more
 */
public record Density(long microgramsPerMillilitre) implements Quantity<Density> {

    /** Millilitres in a US customary cup, by which food tables give weights: 236.588. */
    public static final double MILLILITRES_PER_CUP = 236.588;

    private static final Units UNITS =
            Units.of("Density").with("g/mL", 1_000_000).with("ug/mL", 1);

    /**
     * Refuses negative densities.
     *
     * @throws IllegalArgumentException if negative
     */
    public Density {
        UNITS.checked(microgramsPerMillilitre, "g/mL");
    }

    /** {@code ofGramsPerMillilitre(1.6)} is dry sand. */
    public static Density ofGramsPerMillilitre(double gramsPerMillilitre) {
        return new Density(UNITS.toBase(gramsPerMillilitre, "g/mL"));
    }

    /** {@code ofGramsPerMillilitre("0.782")}. */
    public static Density ofGramsPerMillilitre(BigDecimal gramsPerMillilitre) {
        return new Density(UNITS.toBase(gramsPerMillilitre, "g/mL"));
    }

    /** From the grams of one level cup, poured: {@code rho = cup / 236.588}. 185 g of rice is 0.782 g/mL. */
    public static Density ofCupGrams(double grams) {
        return ofGramsPerMillilitre(grams / MILLILITRES_PER_CUP);
    }

    /**
     * Reads {@code "0.782 g/mL"}.
     *
     * @throws IllegalArgumentException if the text is not a density
     */
    public static Density parse(CharSequence text) {
        return new Density(UNITS.parse(text));
    }

    /** For people: {@code 0.782 g/mL}. */
    public String forPeople() {
        return UNITS.print(microgramsPerMillilitre, "g/mL", 3);
    }

    @Override
    public long baseUnits() {
        return microgramsPerMillilitre;
    }

    @Override
    public Density ofBaseUnits(long baseUnits) {
        return new Density(baseUnits);
    }

    @Override
    public String toString() {
        return UNITS.printExactly(microgramsPerMillilitre, "g/mL");
    }
}
