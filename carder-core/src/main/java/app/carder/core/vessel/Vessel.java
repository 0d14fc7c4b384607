package app.carder.core.vessel;

import app.carder.core.measure.Length;
import app.carder.core.measure.Volume;

/**
 * What holds a fill, by its inside measures. Depths are taken from the inside of the floor.
 *
 * <p>For every vessel {@link #volumeTo} and {@link #depthFor} are inverse to each other within the rounding of the
 * quantities.
 */
public sealed interface Vessel permits Box, OctagonalTray, RoundTub, TaperedJug {

    /** Which shape it is. */
    VesselShape shape();

    /** Inside depth, to the rim. */
    Length depth();

    /**
     * The volume from the floor to a level surface.
     *
     * @param depth 0 to the inside depth
     * @throws IllegalArgumentException if deeper than the vessel
     */
    Volume volumeTo(Length depth);

    /**
     * The depth at which a volume lies level.
     *
     * @param volume 0 to the capacity
     * @throws IllegalArgumentException if it does not go in
     */
    Length depthFor(Volume volume);

    /** What it holds, filled to the rim. */
    default Volume capacity() {
        return volumeTo(depth());
    }

    /** Across the surface at a depth, along the direction in which the section is drawn. */
    Length widthAt(Length depth);

    /** The rule for the volume, in symbols. */
    String rule();

    /** The rule with this vessel's measures put in, for one depth. */
    String arithmetic(Length depth);

    /** For people: the measures in words. */
    String forPeople();

    /** Refuses a depth beyond the vessel's. */
    private static void requireWithin(Vessel vessel, Length depth) {
        if (depth.isMoreThan(vessel.depth())) {
            throw new IllegalArgumentException(
                    "Depth must not be more than the vessel's %s, got %s. Maybe a deeper vessel?"
                            .formatted(vessel.depth(), depth));
        }
    }

    /** Cubic millimetres to a depth, after checking it. */
    static Volume volume(Vessel vessel, Length depth, double cubicMillimetres) {
        requireWithin(vessel, depth);
        return Volume.ofCubicMillimetres(cubicMillimetres);
    }

    /** A depth from a formula, after checking that the volume goes in. */
    static Length depth(Vessel vessel, Volume volume, double millimetres) {
        if (volume.isMoreThan(vessel.capacity())) {
            throw new IllegalArgumentException(
                    "Volume must not be more than the vessel holds (%s), got %s. Maybe a larger vessel?"
                            .formatted(vessel.capacity(), volume));
        }
        return Length.ofMillimetres(Math.min(millimetres, vessel.depth().inMillimetres()));
    }

    /** Refuses measures that no vessel has. */
    static void requireMeasures(Length... measures) {
        for (Length measure : measures) {
            if (measure.isZero()) {
                throw new IllegalArgumentException("Vessel must measure more than 0 cm in every direction, got 0 cm.");
            }
        }
    }
}
