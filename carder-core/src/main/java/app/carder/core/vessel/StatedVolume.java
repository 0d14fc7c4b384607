package app.carder.core.vessel;

import app.carder.core.measure.Length;
import app.carder.core.measure.Volume;
import app.carder.core.said.Refused;
import app.carder.core.said.Said;
import java.util.Locale;

/**
 * A vessel of which only what it holds and how deep it is are known, as printed under a bottle: taken as upright, so {@code V
 * = capacity x depth / inside depth}. For a vessel that tapers this is wrong between floor and rim; measure it instead.
 *
 * @param stated what it holds, filled to the rim
 * @param depth inside, to the rim
 */
public record StatedVolume(Volume stated, Length depth) implements Vessel {

    /**
     * Refuses measures of zero.
     *
     * @throws IllegalArgumentException if it holds nothing
     */
    public StatedVolume {
        Limits.requireMeasures(depth);
        if (stated.isZero()) {
            throw Refused.because("refused.stated-volume.vessel-must-hold");
        }
    }

    @Override
    public VesselShape shape() {
        return VesselShape.STATED_VOLUME;
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
        return Length.ofMillimetres(2 * Math.sqrt(floor() / Math.PI));
    }

    @Override
    public String rule() {
        return Said.say("working.v-what-it-holds-depth-inside");
    }

    @Override
    public String arithmetic(Length depth) {
        return String.format(
                Locale.ROOT,
                "%.0f mL × %.1f ÷ %.1f",
                stated.inMillilitres(),
                depth.inCentimetres(),
                this.depth.inCentimetres());
    }

    @Override
    public String forPeople() {
        return Said.say("working.vessel-that-holds-ml-cm-deep", stated.inMillilitres(), depth.inCentimetres());
    }

    private double floor() {
        return stated.inCubicMillimetres() / depth.inMillimetres();
    }
}
