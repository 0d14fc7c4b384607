package app.carder.core.batch;

import app.carder.core.calculation.Calculation;
import app.carder.core.calculation.Source;
import app.carder.core.cupboard.Stocked;
import app.carder.core.measure.Density;
import app.carder.core.measure.Length;
import app.carder.core.measure.Mass;
import app.carder.core.measure.Money;
import app.carder.core.measure.Volume;
import app.carder.core.said.Refused;
import app.carder.core.said.Said;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * A recipe, scaled to what is needed, exactly and in whole household measures.
 *
 * @param recipe what is made
 * @param lines one for each ingredient
 * @param gives what it weighs in all
 * @param cost of the ingredients that have a price, for what is used of them; absent where none has
 * @param saltGrams salt in a hundred grams of it
 * @param calculation how it was found
 */
public record Batch(
        Recipe recipe,
        List<BatchLine> lines,
        Mass gives,
        Optional<Money> cost,
        double saltGrams,
        Calculation calculation) {

    private static final Source RECIPES = Source.commonPractice(Said.of("source.recipes"));
    private static final int MOST_CHILDREN = 200;

    /** Keeps its own copy. */
    public Batch {
        lines = List.copyOf(lines);
    }

    /**
     * One ingredient.
     *
     * @param name of the material
     * @param mass exactly
     * @param spoonfuls the nearest household measure
     * @param rounded mass of that measure
     * @param cost of what is used, where the price is known
     */
    public record BatchLine(String name, Mass mass, Spoonfuls spoonfuls, Mass rounded, Optional<Money> cost) {
        /** How far the household measure is off, in per cent of the exact mass; negative where it is less. */
        public double offPercent() {
            return (rounded.dividedBy(mass) - 1) * 100;
        }
    }

    /** A ball of dough: {@code m = (pi / 6) d^3 rho}, with 1.2 g/mL, weighed in the hand (common practice). */
    public static Mass ofBall(Length diameter) {
        double d = diameter.inMillimetres();
        return Volume.ofCubicMillimetres(Math.PI / 6 * d * d * d).times(Density.ofGramsPerMillilitre(1.2));
    }

    /**
     * Makes enough for so many children.
     *
     * @param children 1 to 200
     * @param portion for each
     * @param cupboard what the ingredients are like, by code
     * @throws IllegalArgumentException if nobody or too many are to have it, the portion is nothing, or an ingredient is
     *     missing from the cupboard
     */
    public static Batch of(Recipe recipe, int children, Mass portion, Map<String, Stocked> cupboard) {
        if (children < 1 || children > MOST_CHILDREN) {
            throw Refused.because("refused.batch.children-must-be", MOST_CHILDREN, children);
        }
        if (portion.isZero()) {
            throw Refused.because("refused.batch.portion-must-be");
        }
        Mass wanted = portion.multipliedBy(children);
        double factor = wanted.dividedBy(recipe.gives());
        Calculation.Notebook notebook = Calculation.asking(
                        Said.say("working.how-much-of-everything-for-children", children))
                .given(Said.say("working.children"), Integer.toString(children))
                .given(Said.say("working.for-each"), portion.forPeople())
                .given(
                        Said.say("working.one-measure-of-the-recipe-gives"),
                        recipe.gives().forPeople())
                .step(
                        Said.say("working.needed-children-portion"),
                        children + " × " + portion.forPeople(),
                        wanted.forPeople())
                .step(
                        Said.say("working.measures-needed-yield"),
                        wanted.forPeople() + " ÷ " + recipe.gives().forPeople(),
                        String.format(Locale.ROOT, "%.3f", factor));
        List<BatchLine> lines = new ArrayList<>();
        for (Recipe.Ingredient ingredient : recipe.ingredients()) {
            Stocked stocked = cupboard.get(ingredient.material());
            if (stocked == null) {
                throw Refused.because("refused.batch.ingredient-must-be", ingredient.material());
            }
            BatchLine line = line(stocked, ingredient.mass().scaledBy(factor));
            lines.add(line);
            notebook.step(
                            Said.say("working.amount-measures", line.name()),
                            String.format(
                                    Locale.ROOT, "%s × %.3f", ingredient.mass().forPeople(), factor),
                            line.mass().forPeople())
                    .from(stocked.material().source());
        }
        return new Batch(
                recipe,
                lines,
                wanted,
                lines.stream().flatMap(line -> line.cost().stream()).reduce(Money::plus),
                recipe.shareOf("salt") * 100,
                notebook.from(RECIPES).close());
    }

    private static BatchLine line(Stocked stocked, Mass mass) {
        Density density = stocked.material()
                .density()
                .orElseThrow(() -> Refused.because("refused.batch.ingredient-must-have", stocked.name()));
        Spoonfuls spoonfuls = Spoonfuls.nearest(mass.dividedBy(density));
        return new BatchLine(
                stocked.name(),
                mass,
                spoonfuls,
                spoonfuls.volume().times(density),
                stocked.pack().map(pack -> pack.price().scaledBy(mass.dividedBy(pack.content()))));
    }
}
