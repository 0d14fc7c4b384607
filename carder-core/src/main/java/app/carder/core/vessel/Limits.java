package app.carder.core.vessel;

import app.carder.core.measure.Length;
import app.carder.core.measure.Volume;

/** What every vessel refuses, and the formulas of those with upright sides. Square and cubic measures in millimetres. */
final class Limits {

    private Limits() {}

    /** Refuses measures that no vessel has. */
    static void requireMeasures(Length... measures) {
        for (Length measure : measures) {
            if (measure.isZero()) {
                throw new IllegalArgumentException("Vessel must measure more than 0 cm in every direction, got 0 cm.");
            }
        }
    }

    /** Cubic millimetres to a depth, after checking it. */
    static Volume volume(Vessel vessel, Length depth, double cubicMillimetres) {
        if (depth.isMoreThan(vessel.depth())) {
            throw new IllegalArgumentException(
                    "Depth must not be more than the vessel's %s, got %s. Maybe a deeper vessel?"
                            .formatted(vessel.depth(), depth));
        }
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

    /** Upright sides: {@code V = floor x depth}. */
    static Volume uprightVolume(Vessel vessel, double floor, Length depth) {
        return volume(vessel, depth, floor * depth.inMillimetres());
    }

    /** Upright sides: {@code depth = V / floor}. */
    static Length uprightDepth(Vessel vessel, double floor, Volume volume) {
        return depth(vessel, volume, volume.inCubicMillimetres() / floor);
    }
}
