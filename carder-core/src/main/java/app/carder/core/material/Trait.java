package app.carder.core.material;

/** A property of a material that a safety rule looks at. */
public enum Trait {
    /** Liquid water, or melting to it. */
    WATER,
    /** A pulse that makes ill when raw. */
    TOXIC_RAW_PULSE,
    /** A dried pulse or seed that swells when wet. */
    SWELLS,
    /** Enough salt to harm when eaten. */
    SALT,
    /** Uncooked flour. */
    RAW_FLOUR,
    /** Absorbent polymer beads. */
    WATER_BEADS,
    /** A strong magnet that is not sealed in. */
    LOOSE_MAGNET,
    /** A balloon, uninflated or in pieces. */
    BALLOON,
    /** String, lace or ribbon. */
    CORD,
    /** Thin plastic film or bag. */
    PLASTIC_FILM,
    /** Soil, sand or anything from out of doors. */
    SOIL,
    /** Fine powder that hangs in the air. */
    DUST,
    /** Leaves colour on hands and clothes. */
    STAINS,
    /** Cold enough to hurt bare skin in time. */
    ICE
}
