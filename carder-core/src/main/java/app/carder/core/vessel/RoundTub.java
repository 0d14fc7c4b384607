package app.carder.core.vessel;

import app.carder.core.measure.Length;
import app.carder.core.measure.Volume;
import app.carder.core.said.Said;
import java.util.Locale;

/**
 * A round tub with upright sides: {@code V = pi r^2 h}.
 *
 * @param diameter inside
 * @param depth inside, to the rim
 */
public record RoundTub(Length diameter, Length depth) implements Vessel {

    /** Refuses measures of zero. */
    public RoundTub {
        Limits.requireMeasures(diameter, depth);
    }

    @Override
    public VesselShape shape() {
        return VesselShape.ROUND_TUB;
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
        return diameter;
    }

    @Override
    public String rule() {
        return Said.say("working.v-diameter-2-depth");
    }

    @Override
    public String arithmetic(Length depth) {
        return String.format(Locale.ROOT, "π × (%.1f ÷ 2)² × %.1f cm", diameter.inCentimetres(), depth.inCentimetres());
    }

    @Override
    public String forPeople() {
        return Said.say("working.round-tub-cm-across-cm-deep", diameter.inCentimetres(), depth.inCentimetres());
    }

    private double floor() {
        return Math.PI * Math.pow(diameter.inMillimetres() / 2, 2);
    }
}
