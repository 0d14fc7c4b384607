package app.carder.core.card;

import app.carder.core.measure.Length;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** One way of putting something on a card. Whatever is not known is absent, and is never taken as nothing. */
public sealed interface Portion {

    /**
     * A layer in the vessel.
     *
     * @param thing key in the cupboard
     * @param depth of the layer; absent where nobody wrote it down or it could not be read
     */
    record Poured(String thing, Optional<Length> depth) implements Portion {}

    /**
     * Pieces.
     *
     * @param thing key in the cupboard
     * @param pieces for each vessel; absent where nobody wrote it down or it could not be read
     */
    record Counted(String thing, Optional<Integer> pieces) implements Portion {}

    /**
     * An answer of a calculator that was kept with the card; it is worked out anew at each opening.
     *
     * @param id its own
     * @param tool that works it out
     * @param inputs what was typed, by input
     * @param made what it comes to; absent until it was worked out
     */
    record Kept(String id, String tool, Map<String, String> inputs, Optional<Made> made) implements Portion {
        /** Keeps its own copy. */
        public Kept {
            inputs = Map.copyOf(inputs);
        }
    }

    /**
     * The things of a kit.
     *
     * @param kit its key
     * @param name on the bucket; empty until it was looked up
     * @param things in it; absent until it was looked up
     */
    record KitThings(String kit, String name, Optional<List<Ingredient>> things) implements Portion {
        /** Keeps its own copy. */
        public KitThings {
            things = things.map(List::copyOf);
        }
    }

    /**
     * Something named in words only.
     *
     * @param words its name
     */
    record Named(String words) implements Portion {}
}
