package app.carder.core.picture;

import app.carder.core.measure.Length;
import app.carder.core.vessel.Between;
import app.carder.core.vessel.Vessel;
import java.util.Optional;

/**
 * What a card's things stand in.
 *
 * @param vessel absent where there is none
 * @param filled depth of what is poured
 */
record Tray(Optional<Vessel> vessel, Length filled) {

    /** A container narrower than this stands among the things: nothing is set out in a jug. */
    private static final double LEAST_WIDTH = 200;

    /** Whether things are set out in it. */
    boolean holdsThings() {
        return vessel.filter(found -> isWide(found) && !(found instanceof Between))
                .isPresent();
    }

    /** Whether things can be set out in a container. */
    static boolean isWide(Vessel vessel) {
        return Math.min(rim(vessel).width(), rim(vessel).height()) >= LEAST_WIDTH;
    }

    static Region rim(Vessel vessel) {
        return Region.of(vessel, vessel.depth());
    }

    /** The inside at the height of what is poured, under its rim. */
    Region surface() {
        Vessel around = vessel.orElseThrow();
        Region rim = rim(around);
        Region inside = Region.of(around, around.depth().minus(free()));
        return inside.moved((rim.width() - inside.width()) / 2, (rim.height() - inside.height()) / 2);
    }

    /** From what is poured up to the rim; nothing where it runs over. */
    Length free() {
        Length depth = vessel.orElseThrow().depth();
        return filled.isMoreThan(depth) ? Length.ZERO : depth.minus(filled);
    }
}
