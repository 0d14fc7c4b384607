package app.carder.core.safety;

import app.carder.core.material.MaterialKind;
import app.carder.core.material.Solid;
import app.carder.core.material.Trait;
import app.carder.core.measure.Length;
import app.carder.core.measure.Volume;
import app.carder.core.safety.Setup.Item;
import app.carder.core.vessel.Vessel;
import java.util.Optional;

/** A gauge that a thing is held against: the geometry behind the rules. */
enum Gauge {
    /** Goes whole into the small-parts cylinder, in any position. */
    SMALL_PART {
        @Override
        boolean meets(Item item) {
            return !isLooseGrain(item)
                    && item.size()
                            .map(piece -> squeezed(item, piece))
                            .filter(IN_CYLINDER::of)
                            .isPresent();
        }
    },
    /** A ball that passes the small-ball gauge. */
    SMALL_BALL {
        @Override
        boolean meets(Item item) {
            return !isLooseGrain(item)
                    && item.size()
                            .filter(piece -> SmallBallGauge.passes(squeezed(item, piece)))
                            .isPresent();
        }
    },
    /** Passes an oval of 35 by 50 mm to its full depth of 30 mm: 16 CFR 1510, from memory. Screened by its two smaller measures. */
    RATTLE {
        private static final Length NARROW = Length.ofMillimetres(35);
        private static final Length WIDE = Length.ofMillimetres(50);

        @Override
        boolean meets(Item item) {
            return item.size()
                    .map(piece -> squeezed(item, piece))
                    .filter(piece -> !piece.shortest().isMoreThan(NARROW)
                            && !piece.middle().isMoreThan(WIDE))
                    .isPresent();
        }
    },
    /**
     * Loose grain: what is poured and is at most 6 mm through its middle. Its dangers are breathing in, nose and ear, and slipping;
     * it is not held against the gauges for pieces. The limit lies between lentils and dried beans; common practice.
     */
    LOOSE_GRAIN {
        @Override
        boolean meets(Item item) {
            return isLooseGrain(item);
        }
    },
    /**
     * A cup that can seal on a face: opening 64 to 102 mm, less than 177 mL, deeper than 13 mm. ASTM F963, hemispheric objects,
     * from memory; without the second opening that breaks the seal.
     */
    SUCTION_CUP {
        private static final Length NARROWEST = Length.ofMillimetres(64);
        private static final Length WIDEST = Length.ofMillimetres(102);
        private static final Length SHALLOW = Length.ofMillimetres(13);
        private static final Volume SMALL = Volume.ofMillilitres(177);

        @Override
        boolean meets(Item item) {
            Optional<Vessel> cup = item.vessel();
            return cup.filter(vessel -> {
                        Length rim = vessel.widthAt(vessel.depth());
                        return rim.compareTo(NARROWEST) >= 0
                                && rim.compareTo(WIDEST) <= 0
                                && SMALL.isMoreThan(vessel.capacity())
                                && vessel.depth().isMoreThan(SHALLOW);
                    })
                    .isPresent();
        }
    };

    private static final Length LARGEST_GRAIN = Length.ofMillimetres(6);
    /** The search over positions takes milliseconds, and a form never changes. */
    private static final Memo<Solid, Boolean> IN_CYLINDER = new Memo<>(SmallPartsCylinder::holds);

    abstract boolean meets(Item item);

    /** Whether it is held against the outer measures of a piece. */
    boolean needsSize() {
        return this != SUCTION_CUP;
    }

    /** The figures that decide. */
    Optional<String> figures(Item item) {
        return needsSize() ? item.size().map(Solid::forPeople) : item.vessel().map(Vessel::forPeople);
    }

    private static boolean isLooseGrain(Item item) {
        return item.material().kind() == MaterialKind.FILL
                && item.size()
                        .filter(grain -> !grain.middle().isMoreThan(LARGEST_GRAIN))
                        .isPresent();
    }

    /** What can be squeezed is gauged squeezed, as it would be in a mouth. */
    private static Solid squeezed(Item item, Solid piece) {
        double share = item.material().has(Trait.SQUEEZES_TO_A_QUARTER)
                ? 0.25
                : item.material().has(Trait.SQUEEZES_TO_A_HALF) ? 0.5 : 1;
        return share == 1 ? piece : piece.squeezedTo(share);
    }
}
