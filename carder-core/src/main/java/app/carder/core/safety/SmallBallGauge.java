package app.carder.core.safety;

import app.carder.core.material.Solid;
import app.carder.core.measure.Length;

/**
 * The small-ball gauge: a round hole of 44.5 mm. A ball that passes it can seal an airway, although it may not fit the
 * small-parts cylinder.
 *
 * <p>Source: EN 71-1 template E (44.5 mm); 16 CFR 1500.18(a)(17) has 44.4 mm (from memory). The larger is used.
 */
public final class SmallBallGauge {

    /** Diameter of the hole. */
    public static final Length HOLE = Length.ofMillimetres(44.5);

    private SmallBallGauge() {}

    /** Whether it is a ball and passes under its own weight. */
    public static boolean passes(Solid piece) {
        return piece instanceof Solid.Ball ball && !ball.diameter().isMoreThan(HOLE);
    }
}
