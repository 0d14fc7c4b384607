package app.carder.core.vessel;

import app.carder.core.measure.Length;
import app.carder.core.measure.Volume;
import app.carder.core.said.Said;
import java.util.Locale;
import java.util.Optional;

/**
 * A tray or box with upright sides: {@code V = l w h}.
 *
 * @param length inside, the longer way
 * @param width inside, the other way
 * @param depth inside, to the rim
 */
public record Box(Length length, Length width, Length depth) implements Vessel {

    /** Refuses measures of zero. */
    public Box {
        Limits.requireMeasures(length, width, depth);
    }

    @Override
    public VesselShape shape() {
        return VesselShape.BOX;
    }

    @Override
    public Optional<Length> secondMeasure() {
        return Optional.of(width);
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
        return length;
    }

    @Override
    public Length acrossRim() {
        return length.isMoreThan(width) ? width : length;
    }

    @Override
    public String rule() {
        return Said.say("working.v-length-width-depth");
    }

    @Override
    public String arithmetic(Length depth) {
        return String.format(
                Locale.ROOT,
                "%.1f × %.1f × %.1f cm",
                length.inCentimetres(),
                width.inCentimetres(),
                depth.inCentimetres());
    }

    @Override
    public String forPeople() {
        return Said.say("working.box-cm-cm-deep", length.inCentimetres(), width.inCentimetres(), depth.inCentimetres());
    }

    private double floor() {
        return length.inMillimetres() * width.inMillimetres();
    }
}
