package app.carder.core.vessel;

import app.carder.core.measure.Length;
import app.carder.core.measure.Volume;
import app.carder.core.said.Said;
import java.util.Locale;
import java.util.Optional;

/**
 * A jug, cup or bucket whose sides lean: a frustum, {@code V = pi h (r^2 + r q + q^2) / 3} with the radius r at the
 * floor and q at the surface. The depth for a volume is {@code h = (cbrt(3 k V / pi + r^3) - r) / k} with the lean
 * {@code k = (R - r) / H}; where the sides are upright to within 1e-9 of a millimetre per millimetre, the formula of the
 * cylinder is used, because k divides.
 *
 * @param baseDiameter inside, at the floor
 * @param rimDiameter inside, at the rim; may be narrower than the floor
 * @param depth inside, to the rim
 */
public record TaperedJug(Length baseDiameter, Length rimDiameter, Length depth) implements Vessel {

    private static final double UPRIGHT = 1e-9;

    /** Refuses measures of zero. */
    public TaperedJug {
        Limits.requireMeasures(baseDiameter, rimDiameter, depth);
    }

    @Override
    public VesselShape shape() {
        return VesselShape.TAPERED_JUG;
    }

    @Override
    public Optional<Length> secondMeasure() {
        return Optional.of(rimDiameter);
    }

    @Override
    public Volume volumeTo(Length depth) {
        double r = baseRadius();
        double q = r + lean() * depth.inMillimetres();
        return Limits.volume(this, depth, Math.PI * depth.inMillimetres() * (r * r + r * q + q * q) / 3);
    }

    @Override
    public Length depthFor(Volume volume) {
        double r = baseRadius();
        double v = volume.inCubicMillimetres();
        double k = lean();
        double millimetres =
                Math.abs(k) < UPRIGHT ? v / (Math.PI * r * r) : (Math.cbrt(3 * k * v / Math.PI + r * r * r) - r) / k;
        return Limits.depth(this, volume, millimetres);
    }

    @Override
    public Length widthAt(Length depth) {
        return Length.ofMillimetres(2 * (baseRadius() + lean() * depth.inMillimetres()));
    }

    @Override
    public String rule() {
        return Said.say("working.v-depth-r-r-q-q");
    }

    @Override
    public String arithmetic(Length depth) {
        double r = baseRadius() / 10;
        double q = widthAt(depth).inCentimetres() / 2;
        return String.format(
                Locale.ROOT, "π × %.1f × (%.2f² + %.2f × %.2f + %.2f²) ÷ 3 cm", depth.inCentimetres(), r, r, q, q);
    }

    @Override
    public String forPeople() {
        return Said.say(
                "working.jug-cm-across-the-floor-cm",
                baseDiameter.inCentimetres(),
                rimDiameter.inCentimetres(),
                depth.inCentimetres());
    }

    private double baseRadius() {
        return baseDiameter.inMillimetres() / 2;
    }

    private double lean() {
        return (rimDiameter.inMillimetres() - baseDiameter.inMillimetres()) / 2 / depth.inMillimetres();
    }
}
