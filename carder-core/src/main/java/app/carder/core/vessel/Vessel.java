package app.carder.core.vessel;

import app.carder.core.measure.Length;
import app.carder.core.measure.Volume;
import java.util.Optional;

/**
 * What holds a fill, by its inside measures. Depths are taken from the inside of the floor.
 *
 * <p>For every vessel {@link #volumeTo} and {@link #depthFor} are inverse to each other within the rounding of the
 * quantities.
 */
public sealed interface Vessel
        permits Between, Bowl, Box, HexagonalTray, OctagonalTray, RoundTub, StatedVolume, TaperedJug {

    /** Which shape it is. */
    VesselShape shape();

    /** The first of the measures that its shape is made from; across where it is made by volume. */
    default Length firstMeasure() {
        return widthAt(Length.ZERO);
    }

    /** The second of them, where the shape has one. */
    default Optional<Length> secondMeasure() {
        return Optional.empty();
    }

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

    /** From the near rim to the far one for somebody who sits where it is nearest: of a box, its shorter side. */
    default Length acrossRim() {
        return widthAt(depth());
    }

    /** The rule for the volume, in symbols. */
    String rule();

    /** The rule with this vessel's measures put in, for one depth. */
    String arithmetic(Length depth);

    /** For people: the measures in words. */
    String forPeople();
}
