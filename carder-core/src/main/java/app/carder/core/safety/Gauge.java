package app.carder.core.safety;

import app.carder.core.material.Solid;
import app.carder.core.measure.Length;
import app.carder.core.measure.Volume;
import app.carder.core.safety.Setup.Item;
import app.carder.core.vessel.Vessel;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Predicate;

/** A gauge that a thing is held against: the geometry behind the rules. */
enum Gauge {
    /** Goes whole into the small-parts cylinder, in any position. */
    SMALL_PART {
        @Override
        boolean meets(Item item) {
            return item.material()
                    .form()
                    .filter(piece -> once(piece, SmallPartsCylinder::holds))
                    .isPresent();
        }
    },
    /** A ball that passes the small-ball gauge. */
    SMALL_BALL {
        @Override
        boolean meets(Item item) {
            return item.material().form().filter(SmallBallGauge::passes).isPresent();
        }
    },
    /** Passes an oval of 35 by 50 mm to its full depth of 30 mm: 16 CFR 1510, from memory. Screened by its two smaller measures. */
    RATTLE {
        private static final Length NARROW = Length.ofMillimetres(35);
        private static final Length WIDE = Length.ofMillimetres(50);

        @Override
        boolean meets(Item item) {
            return item.material()
                    .form()
                    .filter(piece -> !piece.shortest().isMoreThan(NARROW)
                            && !piece.middle().isMoreThan(WIDE))
                    .isPresent();
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

    private static final int MOST_KEPT = 5000;
    private static final Map<Solid, Boolean> KEPT = new ConcurrentHashMap<>();

    abstract boolean meets(Item item);

    /** The search over positions takes milliseconds, and a form never changes: its answer is kept. */
    private static boolean once(Solid piece, Predicate<Solid> gauge) {
        if (KEPT.size() > MOST_KEPT) {
            KEPT.clear();
        }
        return KEPT.computeIfAbsent(piece, gauge::test);
    }
}
