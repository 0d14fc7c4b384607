package app.carder.core.vessel;

import app.carder.core.measure.Length;
import app.carder.core.said.Refused;

/** The shapes of vessel, and which inside measures each is made from. */
public enum VesselShape {
    /** Length, width, depth. */
    BOX,
    /** Diameter, depth. */
    ROUND_TUB,
    /** Width across flats, depth. */
    OCTAGONAL_TRAY,
    /** Width across flats, depth. */
    HEXAGONAL_TRAY,
    /** Diameter at the base, diameter at the rim, depth. */
    TAPERED_JUG,
    /** Diameter at the rim, depth in the middle. */
    BOWL,
    /** What it holds, depth. */
    STATED_VOLUME;

    private static final int SIDES_OF_A_CIRCLE = 72;

    /** Sides of its section: that of a drawn circle where it is round. */
    int sides() {
        return switch (this) {
            case BOX -> 4;
            case OCTAGONAL_TRAY -> 8;
            case HEXAGONAL_TRAY -> 6;
            case ROUND_TUB, TAPERED_JUG, BOWL, STATED_VOLUME -> SIDES_OF_A_CIRCLE;
        };
    }

    /** Whether it is made from what it holds, not from a measure across. */
    public boolean isByVolume() {
        return this == STATED_VOLUME;
    }

    /** Whether it has a second measure across. */
    public boolean hasSecondMeasure() {
        return this == BOX || this == TAPERED_JUG;
    }

    /**
     * A vessel of this shape, by its measures.
     *
     * @param first length, diameter, width across flats, base diameter, or rim diameter of a bowl
     * @param second width or rim diameter; not looked at where the shape has no second measure
     * @param depth inside depth
     * @throws IllegalArgumentException if a measure is zero, or the shape is made by volume
     */
    public Vessel of(Length first, Length second, Length depth) {
        return switch (this) {
            case BOX -> new Box(first, second, depth);
            case ROUND_TUB -> new RoundTub(first, depth);
            case OCTAGONAL_TRAY -> new OctagonalTray(first, depth);
            case HEXAGONAL_TRAY -> new HexagonalTray(first, depth);
            case TAPERED_JUG -> new TaperedJug(first, second, depth);
            case BOWL -> new Bowl(first, depth);
            case STATED_VOLUME -> throw Refused.because("refused.vessel-shape.vessel-must-be");
        };
    }
}
