package app.carder.core.card;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** What a calculator's answer puts in front of children. */
public sealed interface Made {

    /** For people. */
    String name();

    /** What goes into it, or lies out. */
    List<Ingredient> ingredients();

    /** The same with every ingredient changed. */
    default Made mapped(UnaryOperator<Ingredient> change) {
        List<Ingredient> changed = ingredients().stream().map(change).toList();
        if (this instanceof Mix mix) {
            return new Mix(mix.name(), mix.heat(), mix.kind(), changed);
        }
        return this instanceof Things things ? new Things(things.name(), changed) : this;
    }

    /**
     * A mix: what went in is no longer single, and heat may have changed it.
     *
     * @param name of the mix
     * @param heat whether it was cooked through
     * @param kind what it becomes
     * @param ingredients by mass
     */
    record Mix(String name, Heat heat, Kind kind, List<Ingredient> ingredients) implements Made {
        /** Keeps its own copy. */
        public Mix {
            ingredients = List.copyOf(ingredients);
        }

        /** Whether it is cooked through. */
        public enum Heat {
            /** Cooked or baked: flour is no longer raw. */
            COOKED,
            /** Not. */
            RAW
        }

        /** What it becomes. */
        public enum Kind {
            /** Kneaded by many hands. */
            DOUGH,
            /** Starch and water. */
            STARCH_MIX,
            /** A liquid. */
            LIQUID
        }

        /** The share of its mass that one thing has, 0 to 1; absent where a mass is not known. */
        public Optional<Double> shareOf(String thing) {
            double all = 0;
            double part = 0;
            for (Ingredient ingredient : ingredients) {
                if (ingredient.amount().mass().isEmpty()) {
                    return Optional.empty();
                }
                double grams = ingredient.amount().mass().get().inGrams();
                all += grams;
                part += ingredient.thing().filter(thing::equals).isPresent() ? grams : 0;
            }
            return all == 0 ? Optional.empty() : Optional.of(part / all);
        }
    }

    /**
     * Things that stay what they are: a pouring set, pieces of a game, fruit for juice.
     *
     * @param name of the set
     * @param ingredients things and pieces
     */
    record Things(String name, List<Ingredient> ingredients) implements Made {
        /** Keeps its own copy. */
        public Things {
            ingredients = List.copyOf(ingredients);
        }
    }

    /**
     * It cannot be worked out any more: a thing is gone from the cupboard, say.
     *
     * @param name of the calculator
     * @param because why
     */
    record Broken(String name, String because) implements Made {
        @Override
        public List<Ingredient> ingredients() {
            return List.of();
        }
    }
}
