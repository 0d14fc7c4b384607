package app.carder.core.vessel;

import app.carder.core.measure.Length;
import app.carder.core.measure.Volume;
import app.carder.core.said.Said;
import java.util.Locale;

/**
 * A regular octagonal tray with upright sides: {@code V = 2 (sqrt 2 - 1) d^2 h}, d the width across flats.
 *
 * @param acrossFlats inside, from one side to the opposite side
 * @param depth inside, to the rim
 */
public record OctagonalTray(Length acrossFlats, Length depth) implements Vessel {

    private static final double AREA_OVER_SQUARE = 2 * (Math.sqrt(2) - 1);

    /** Refuses measures of zero. */
    public OctagonalTray {
        Limits.requireMeasures(acrossFlats, depth);
    }

    @Override
    public VesselShape shape() {
        return VesselShape.OCTAGONAL_TRAY;
    }

    @Override
    public Volume volumeTo(Length depth) {
        return Limits.uprightVolume(this, floor(), depth);
    }

    @Override
    public Length depthFor(Volume volume) {
        return Limits.uprightDepth(this, floor(), volume);
    }

    @Override
    public Length widthAt(Length depth) {
        return acrossFlats;
    }

    /** One of the eight sides: {@code s = (sqrt 2 - 1) d}. */
    public Length side() {
        return Length.ofMillimetres((Math.sqrt(2) - 1) * acrossFlats.inMillimetres());
    }

    @Override
    public String rule() {
        return Said.say("working.v-2-2-1-width-across");
    }

    @Override
    public String arithmetic(Length depth) {
        return String.format(
                Locale.ROOT, "0.8284 × %.1f² × %.1f cm", acrossFlats.inCentimetres(), depth.inCentimetres());
    }

    @Override
    public String forPeople() {
        return Said.say(
                "working.octagonal-tray-cm-across-flats-cm", acrossFlats.inCentimetres(), depth.inCentimetres());
    }

    private double floor() {
        return AREA_OVER_SQUARE * Math.pow(acrossFlats.inMillimetres(), 2);
    }
}
