package app.carder.core.vessel;

import app.carder.core.measure.Length;
import app.carder.core.measure.Volume;
import app.carder.core.said.Refused;
import app.carder.core.said.Said;
import java.util.Optional;

/**
 * The space between a vessel and a smaller one that stands on its floor: {@code V(h) = outer(h) - inner(h)} up to the rim of the
 * inner one. Above it the fill runs into the inner vessel, so that from there on {@code V(h) = outer(h)}: the walls of the inner
 * one are not known, and a little more is asked for than is needed.
 *
 * <p>The depth for a volume is found by halving, to the micrometre, as the volume grows with the depth.
 *
 * @param outer by its inside measures
 * @param inner by its outside measures
 */
public record Between(Vessel outer, Vessel inner) implements Vessel {

    /**
     * Refuses an inner vessel that cannot stand inside: box in box by its sides, everything else by the circle around the
     * inner one and the circle inside the outer one, floor and rim.
     *
     * @throws IllegalArgumentException if it does not stand inside
     */
    public Between {
        if (!Limits.standsInside(outer, inner)) {
            throw Refused.because("refused.between.inner-vessel-must", inner.forPeople(), outer.forPeople());
        }
    }

    @Override
    public VesselShape shape() {
        return outer.shape();
    }

    @Override
    public Length depth() {
        return outer.depth();
    }

    @Override
    public Length firstMeasure() {
        return outer.firstMeasure();
    }

    @Override
    public Optional<Length> secondMeasure() {
        return outer.secondMeasure();
    }

    @Override
    public Volume volumeTo(Length depth) {
        Limits.requireWithin(this, depth);
        return depth.isMoreThan(inner.depth())
                ? outer.volumeTo(depth)
                : outer.volumeTo(depth).minus(inner.volumeTo(depth));
    }

    @Override
    public Length depthFor(Volume volume) {
        Limits.requireRoom(this, volume);
        long low = 0;
        long high = depth().micrometres();
        while (low < high) {
            long middle = (low + high) / 2;
            if (volumeTo(Length.ofMicrometres(middle)).compareTo(volume) < 0) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return Length.ofMicrometres(low);
    }

    @Override
    public Length widthAt(Length depth) {
        return outer.widthAt(depth);
    }

    @Override
    public String rule() {
        return Said.say("working.space-between-outer-inner-up-to", outer.rule());
    }

    @Override
    public String arithmetic(Length depth) {
        return depth.isMoreThan(inner.depth())
                ? outer.arithmetic(depth)
                : outer.arithmetic(depth) + " − " + inner.arithmetic(depth);
    }

    @Override
    public String forPeople() {
        return Said.say("working.around-a-outside", outer.forPeople(), inner.forPeople());
    }
}
