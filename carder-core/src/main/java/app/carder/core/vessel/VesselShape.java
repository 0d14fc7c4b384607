package app.carder.core.vessel;

import app.carder.core.measure.Length;

/** The shapes of vessel, and which inside measures each is made from. */
public enum VesselShape {
    /** Length, width, depth. */
    BOX,
    /** Diameter, depth. */
    ROUND_TUB,
    /** Width across flats, depth. */
    OCTAGONAL_TRAY,
    /** Diameter at the base, diameter at the rim, depth. */
    TAPERED_JUG;

    /** Whether it has a second measure across. */
    public boolean hasSecondMeasure() {
        return this == BOX || this == TAPERED_JUG;
    }

    /**
     * A vessel of this shape.
     *
     * @param first length, diameter, width across flats or base diameter
     * @param second width or rim diameter; not looked at where the shape has no second measure
     * @param depth inside depth
     * @throws IllegalArgumentException if a measure is zero
     */
    public Vessel of(Length first, Length second, Length depth) {
        return switch (this) {
            case BOX -> new Box(first, second, depth);
            case ROUND_TUB -> new RoundTub(first, depth);
            case OCTAGONAL_TRAY -> new OctagonalTray(first, depth);
            case TAPERED_JUG -> new TaperedJug(first, second, depth);
        };
    }
}
