package app.carder.core.vessel;

import app.carder.core.measure.Length;
import app.carder.core.measure.Volume;
import app.carder.core.said.Said;
import java.util.Locale;

/**
 * A regular hexagonal tray with upright sides: {@code V = (sqrt 3 / 2) d^2 h}, d the width across flats.
 *
 * @param acrossFlats inside, from one side to the opposite side
 * @param depth inside, to the rim
 */
public record HexagonalTray(Length acrossFlats, Length depth) implements Vessel {

    private static final double AREA_OVER_SQUARE = Math.sqrt(3) / 2;

    /** Refuses measures of zero. */
    public HexagonalTray {
        Limits.requireMeasures(acrossFlats, depth);
    }

    @Override
    public VesselShape shape() {
        return VesselShape.HEXAGONAL_TRAY;
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

    @Override
    public String rule() {
        return Said.say("working.v-3-2-width-across-flats");
    }

    @Override
    public String arithmetic(Length depth) {
        return String.format(
                Locale.ROOT, "0.8660 × %.1f² × %.1f cm", acrossFlats.inCentimetres(), depth.inCentimetres());
    }

    @Override
    public String forPeople() {
        return Said.say(
                "working.hexagonal-tray-cm-across-flats-cm", acrossFlats.inCentimetres(), depth.inCentimetres());
    }

    private double floor() {
        return AREA_OVER_SQUARE * Math.pow(acrossFlats.inMillimetres(), 2);
    }
}
