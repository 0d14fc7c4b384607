package app.carder.core.cupboard;

import app.carder.core.look.Look;
import app.carder.core.material.Material;
import app.carder.core.measure.Mass;
import app.carder.core.measure.Money;
import app.carder.core.said.Refused;
import app.carder.core.vessel.Fill;
import app.carder.core.vessel.Vessel;
import java.util.Optional;

/**
 * One thing in the cupboard.
 *
 * @param code short and lasting, unique in the cupboard; what tables refer to it by
 * @param material what it is
 * @param vessel its inside, where it holds something
 * @param bought how it is bought, where known
 * @param stock how much of it there is, where known
 * @param keptIn where it is kept; empty where nobody wrote it down
 * @param keepsDays how many days it can be used again after preparing; absent where it keeps
 * @param seen what somebody has said of how it looks
 */
public record Stocked(
        String code,
        Material material,
        Optional<Vessel> vessel,
        Optional<Bought> bought,
        Amount stock,
        String keptIn,
        Optional<Integer> keepsDays,
        Look.Seen seen) {

    private static final Mass USUAL_STEP = Mass.ofGrams(500);

    /**
     * Refuses what contradicts itself.
     *
     * @throws IllegalArgumentException if the code is blank, a vessel has no measures, or it keeps for no day
     */
    public Stocked {
        if (code.isBlank()) {
            throw Refused.because("refused.stocked.code-must-not");
        }
        if (material.kind() == app.carder.core.material.MaterialKind.VESSEL && vessel.isEmpty()) {
            throw Refused.because("refused.stocked.vessel-must-have", material.name());
        }
        if (keepsDays.filter(days -> days < 1 || days > 3650).isPresent()) {
            throw Refused.because("refused.stocked.days-that-it", keepsDays.get());
        }
    }

    /** A thing of whose looks nobody has said anything. */
    public Stocked(
            String code,
            Material material,
            Optional<Vessel> vessel,
            Optional<Bought> bought,
            Amount stock,
            String keptIn,
            Optional<Integer> keepsDays) {
        this(code, material, vessel, bought, stock, keptIn, keepsDays, Look.Seen.NOTHING);
    }

    /**
     * An amount of a material: by mass for what is poured, by number for everything else. One of the two, or neither.
     *
     * @param mass of a fill
     * @param pieces of what is counted, 0 or more
     */
    public record Amount(Optional<Mass> mass, Optional<Integer> pieces) {
        /** Nobody wrote it down. */
        public static final Amount UNKNOWN = new Amount(Optional.empty(), Optional.empty());

        /**
         * Refuses two answers to one question.
         *
         * @throws IllegalArgumentException if both are given, or fewer than none
         */
        public Amount {
            if (mass.isPresent() && pieces.isPresent()) {
                throw Refused.because("refused.stocked.amount-must-be");
            }
            if (pieces.filter(count -> count < 0).isPresent()) {
                throw Refused.because("refused.stocked.pieces-must-be", pieces.get());
            }
        }

        /** So much. */
        public static Amount of(Mass mass) {
            return new Amount(Optional.of(mass), Optional.empty());
        }

        /** So many. */
        public static Amount of(int pieces) {
            return new Amount(Optional.empty(), Optional.of(pieces));
        }

        /** Whether it is known. */
        public boolean isKnown() {
            return mass.isPresent() || pieces.isPresent();
        }

        /** For people; empty where unknown. */
        public String forPeople() {
            return mass.map(Mass::forPeople)
                    .or(() -> pieces.map(String::valueOf))
                    .orElse("");
        }
    }

    /**
     * How it is bought.
     *
     * @param content of one pack, more than nothing
     * @param price of one pack
     */
    public record Bought(Amount content, Money price) {
        /**
         * Refuses an empty pack.
         *
         * @throws IllegalArgumentException if nothing is in it
         */
        public Bought {
            if (content.mass().map(Mass::isZero).orElse(false)
                    || content.pieces().map(count -> count == 0).orElse(false)
                    || !content.isKnown()) {
                throw Refused.because("refused.stocked.pack-must-hold");
            }
        }
    }

    /** How it is bought by mass. */
    public Optional<Fill.Pack> pack() {
        return bought.flatMap(how -> how.content().mass().map(mass -> new Fill.Pack(mass, how.price())));
    }

    /** What one more or less of it is in stock: a pack of what is poured, half a kilogram where nobody knows the pack; a piece of the rest. */
    public Amount step() {
        return material.kind().isPoured()
                ? Amount.of(bought.flatMap(how -> how.content().mass()).orElse(USUAL_STEP))
                : Amount.of(1);
    }

    /**
     * What is in stock after so many steps; never less than nothing. Where nobody wrote down how much there is, it counts from nothing.
     *
     * @param steps more, or less where below 0
     */
    public Amount stockAfter(int steps) {
        if (material.kind().isPoured()) {
            Mass there = stock.mass().orElse(Mass.ZERO);
            Mass change = Mass.ofGrams(step().mass().orElse(USUAL_STEP).inGrams() * Math.abs(steps));
            return Amount.of(
                    steps >= 0 ? there.plus(change) : change.isMoreThan(there) ? Mass.ZERO : there.minus(change));
        }
        return Amount.of(Math.max(0, stock.pieces().orElse(0) + steps));
    }

    /** How it looks; guessed from its form where it is none of the things that ship. */
    public Look look() {
        return Optional.ofNullable(Look.shipped().get(code))
                .orElseGet(() -> Look.guessed(material, vessel))
                .as(seen);
    }

    /** For people. */
    public String name() {
        return material.name();
    }
}
