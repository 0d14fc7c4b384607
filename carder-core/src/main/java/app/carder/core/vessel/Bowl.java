package app.carder.core.vessel;

import app.carder.core.measure.Length;
import app.carder.core.measure.Volume;
import app.carder.core.said.Said;
import java.util.Locale;

/**
 * A round bowl, taken as the cap of a sphere: {@code V = pi h^2 (3 R - h) / 3} with the radius of the sphere {@code R =
 * (a^2 + H^2) / 2 H}, a the radius of the rim and H the depth. The depth for a volume is {@code h = R + 2 R cos((arccos(1 -
 * 3 V / (2 pi R^3)) + 4 pi) / 3)}, the root of the cubic between 0 and 2 R. Standard geometry.
 *
 * <p>A bowl that is deeper than half its rim is taken as a half sphere with upright sides above it: a cap of a sphere would narrow
 * towards the rim, and no bowl of that sort is put out.
 *
 * @param rimDiameter inside, across the rim
 * @param depth inside, in the middle
 */
public record Bowl(Length rimDiameter, Length depth) implements Vessel {

    /** Refuses measures of zero. */
    public Bowl {
        Limits.requireMeasures(rimDiameter, depth);
    }

    @Override
    public VesselShape shape() {
        return VesselShape.BOWL;
    }

    @Override
    public Length firstMeasure() {
        return rimDiameter;
    }

    @Override
    public Volume volumeTo(Length depth) {
        double h = depth.inMillimetres();
        double round = Math.min(h, half());
        double upright = Math.max(0, h - half());
        return Limits.volume(this, depth, Math.PI * round * round * (3 * sphere() - round) / 3 + floor() * upright);
    }

    @Override
    public Length depthFor(Volume volume) {
        double r = sphere();
        double halfSphere = 2 * Math.PI * r * r * r / 3;
        if (isDeep() && volume.inCubicMillimetres() > halfSphere) {
            return Limits.depth(this, volume, r + (volume.inCubicMillimetres() - halfSphere) / floor());
        }
        double cosine = 1 - 3 * volume.inCubicMillimetres() / (2 * Math.PI * r * r * r);
        double angle = Math.acos(Math.max(-1, Math.min(1, cosine)));
        return Limits.depth(this, volume, Math.max(0, r + 2 * r * Math.cos((angle + 4 * Math.PI) / 3)));
    }

    @Override
    public Length widthAt(Length depth) {
        double h = Math.min(depth.inMillimetres(), half());
        return Length.ofMillimetres(2 * Math.sqrt(Math.max(0, 2 * sphere() * h - h * h)));
    }

    @Override
    public String rule() {
        return Said.say(isDeep() ? "working.volume-of-a-deep-bowl" : "working.volume-of-a-bowl");
    }

    @Override
    public String arithmetic(Length depth) {
        double h = Math.min(depth.inCentimetres(), half() / 10);
        String round = String.format(Locale.ROOT, "π × %.1f² × (3 × %.2f − %.1f) ÷ 3 cm", h, sphere() / 10, h);
        double upright = depth.inCentimetres() - h;
        return upright > 0
                ? round + String.format(Locale.ROOT, " + π × %.2f² × %.1f cm", sphere() / 10, upright)
                : round;
    }

    @Override
    public String forPeople() {
        return Said.say("working.bowl-cm-across-the-rim-cm", rimDiameter.inCentimetres(), depth.inCentimetres());
    }

    private boolean isDeep() {
        return depth.inMillimetres() > rimDiameter.inMillimetres() / 2;
    }

    /** Up to where it is round, in millimetres. */
    private double half() {
        return isDeep() ? rimDiameter.inMillimetres() / 2 : depth.inMillimetres();
    }

    /** Of the upright part, in square millimetres. */
    private double floor() {
        return Math.PI * sphere() * sphere();
    }

    private double sphere() {
        double a = rimDiameter.inMillimetres() / 2;
        double h = half();
        return (a * a + h * h) / (2 * h);
    }
}
