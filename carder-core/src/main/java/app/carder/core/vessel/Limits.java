package app.carder.core.vessel;

import app.carder.core.measure.Length;
import app.carder.core.measure.Volume;
import app.carder.core.said.Refused;
import java.util.stream.Stream;

/** What every vessel refuses, and the formulas of those with upright sides. Square and cubic measures in millimetres. */
final class Limits {

    private Limits() {}

    /** Refuses measures that no vessel has. */
    static void requireMeasures(Length... measures) {
        for (Length measure : measures) {
            if (measure.isZero()) {
                throw Refused.because("refused.limits.vessel-must-measure");
            }
        }
    }

    /** Cubic millimetres to a depth, after checking it. */
    static Volume volume(Vessel vessel, Length depth, double cubicMillimetres) {
        requireWithin(vessel, depth);
        return Volume.ofCubicMillimetres(cubicMillimetres);
    }

    /** Refuses a depth above the rim. */
    static void requireWithin(Vessel vessel, Length depth) {
        if (depth.isMoreThan(vessel.depth())) {
            throw Refused.because("refused.limits.depth-must-not", vessel.depth(), depth);
        }
    }

    /** A depth from a formula, after checking that the volume goes in. */
    static Length depth(Vessel vessel, Volume volume, double millimetres) {
        requireRoom(vessel, volume);
        return Length.ofMillimetres(Math.min(millimetres, vessel.depth().inMillimetres()));
    }

    /** Refuses a volume that does not go in. */
    static void requireRoom(Vessel vessel, Volume volume) {
        if (volume.isMoreThan(vessel.capacity())) {
            throw Refused.because("refused.limits.volume-must-not", vessel.capacity(), volume);
        }
    }

    /** Whether the inner vessel is sure to stand on the floor of the outer one. */
    static boolean standsInside(Vessel outer, Vessel inner) {
        if (outer instanceof Box around && inner instanceof Box within) {
            return longer(within).compareTo(longer(around)) < 0
                    && shorter(within).compareTo(shorter(around)) < 0;
        }
        Length height = outer.depth().isMoreThan(inner.depth()) ? inner.depth() : outer.depth();
        return Stream.of(Length.ZERO, height).allMatch(at -> around(inner, at) < within(outer, at));
    }

    /** Across the smallest circle around the section at a depth, in millimetres. */
    private static double around(Vessel vessel, Length depth) {
        double width = vessel.widthAt(depth).inMillimetres();
        if (vessel instanceof Box box) {
            return Math.hypot(width, box.width().inMillimetres());
        }
        return width / Math.cos(Math.PI / vessel.shape().sides());
    }

    /** Across the largest circle inside the section at a depth, in millimetres. */
    private static double within(Vessel vessel, Length depth) {
        double width = vessel.widthAt(depth).inMillimetres();
        return vessel instanceof Box box ? Math.min(width, box.width().inMillimetres()) : width;
    }

    /** How long the place is that the vessel stands on. */
    static Length footprintLength(Vessel vessel) {
        if (vessel instanceof Between between) {
            return footprintLength(between.outer());
        }
        return vessel instanceof Box box ? longer(box) : widest(vessel);
    }

    /** How wide the place is that the vessel stands on. */
    static Length footprintWidth(Vessel vessel) {
        if (vessel instanceof Between between) {
            return footprintWidth(between.outer());
        }
        return vessel instanceof Box box ? shorter(box) : widest(vessel);
    }

    private static Length widest(Vessel vessel) {
        return vessel.widthAt(Length.ZERO).orMore(vessel.widthAt(vessel.depth()));
    }

    private static Length longer(Box box) {
        return box.length().orMore(box.width());
    }

    private static Length shorter(Box box) {
        return box.length().isMoreThan(box.width()) ? box.width() : box.length();
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
