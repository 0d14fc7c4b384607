package app.carder.core.vessel;

import app.carder.core.measure.Length;
import app.carder.core.measure.Volume;
import java.util.Locale;

/**
 * A round bowl, taken as the cap of a sphere: {@code V = pi h^2 (3 R - h) / 3} with the radius of the sphere {@code R =
 * (a^2 + H^2) / 2 H}, a the radius of the rim and H the depth. The depth for a volume is {@code h = R + 2 R cos((arccos(1 -
 * 3 V / (2 pi R^3)) + 4 pi) / 3)}, the root of the cubic between 0 and 2 R. Standard geometry.
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
        return Limits.volume(this, depth, Math.PI * h * h * (3 * sphere() - h) / 3);
    }

    @Override
    public Length depthFor(Volume volume) {
        double r = sphere();
        double cosine = 1 - 3 * volume.inCubicMillimetres() / (2 * Math.PI * r * r * r);
        double angle = Math.acos(Math.max(-1, Math.min(1, cosine)));
        return Limits.depth(this, volume, Math.max(0, r + 2 * r * Math.cos((angle + 4 * Math.PI) / 3)));
    }

    @Override
    public Length widthAt(Length depth) {
        double h = depth.inMillimetres();
        return Length.ofMillimetres(2 * Math.sqrt(Math.max(0, 2 * sphere() * h - h * h)));
    }

    @Override
    public String rule() {
        return "V = π × depth² × (3 × R − depth) ÷ 3, R the radius of the sphere";
    }

    @Override
    public String arithmetic(Length depth) {
        double h = depth.inCentimetres();
        return String.format(Locale.ROOT, "π × %.1f² × (3 × %.2f − %.1f) ÷ 3 cm", h, sphere() / 10, h);
    }

    @Override
    public String forPeople() {
        return String.format(
                Locale.ROOT,
                "bowl %.1f cm across the rim, %.1f cm deep",
                rimDiameter.inCentimetres(),
                depth.inCentimetres());
    }

    private double sphere() {
        double a = rimDiameter.inMillimetres() / 2;
        double h = depth.inMillimetres();
        return (a * a + h * h) / (2 * h);
    }
}
