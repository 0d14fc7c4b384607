package app.carder.web.reckoner;

import app.carder.core.batch.Batch;
import app.carder.core.batch.DyedGrain;
import app.carder.core.batch.IceBlocks;
import app.carder.core.batch.Recipe;
import app.carder.core.batch.Servings;
import app.carder.core.card.Ingredient;
import app.carder.core.card.Made;
import app.carder.core.cupboard.Stocked;
import app.carder.core.cupboard.Stocked.Amount;
import app.carder.core.drawing.Sketch;
import app.carder.core.drawing.Sketch.Sheet;
import app.carder.core.drawing.Sketch.Style;
import app.carder.core.material.Material;
import app.carder.core.material.MaterialKind;
import app.carder.core.material.Solid;
import app.carder.core.material.Trait;
import app.carder.core.measure.Length;
import app.carder.core.measure.Mass;
import app.carder.core.measure.Money;
import app.carder.core.measure.Volume;
import app.carder.core.reckoning.Source;
import app.carder.core.vessel.Vessel;
import app.carder.web.reckoner.Field.Option;
import app.carder.web.reckoner.Tool.Group;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** Mixing and making. */
final class BatchTools {

    private static final Map<String, Recipe> RECIPES = Recipe.shipped();
    private static final List<Option> UNITS =
            List.of(new Option("METRIC", "grams"), new Option("HOUSEHOLD", "cups and spoons"));

    private BatchTools() {}

    static List<Tool> all() {
        return List.of(
                new Tool(
                        "dough",
                        "Dough",
                        "How much of everything for these children?",
                        Group.BATCHES,
                        List.of(
                                Field.choice(
                                        "recipe", "Recipe", "dough-cooked", recipes(code -> code.contains("dough"))),
                                Field.whole("children", "Children", "", 11, 1, 200),
                                Field.decimal("ball", "A ball for each, across", "mm", "70", 20, 200),
                                Field.choice("units", "Measured in", "METRIC", UNITS)),
                        inputs -> batch(inputs, Batch.ofBall(inputs.millimetres("ball")))),
                new Tool(
                        "mix",
                        "Starch, bubbles, paint",
                        "How much of everything for these children?",
                        Group.BATCHES,
                        List.of(
                                Field.choice(
                                        "recipe", "Recipe", "starch-mix", recipes(code -> !code.contains("dough"))),
                                Field.whole("children", "Children, or pots", "", 6, 1, 200),
                                Field.decimal("portion", "For each", "g", "250", 1, 5000),
                                Field.choice("units", "Measured in", "METRIC", UNITS)),
                        inputs -> batch(inputs, inputs.grams("portion"))),
                new Tool(
                        "dye",
                        "Dyed grain",
                        "Vinegar, colour, bags, trays and hours to dry?",
                        Group.BATCHES,
                        List.of(
                                Field.thing("grain", "Grain or pasta", "Rice, white long-grain"),
                                Field.decimal("mass", "In all", "g", "2000", 50, 50_000),
                                Field.whole("colours", "Colours", "", 4, 1, 12),
                                Field.thing("tray", "Tray to dry on", "Baking tray")),
                        BatchTools::dye),
                new Tool(
                        "ice",
                        "Ice",
                        "How much water, and when is it ready?",
                        Group.BATCHES,
                        List.of(
                                Field.thing("mould", "Mould", "Ice mould"),
                                Field.whole("moulds", "Moulds", "", 6, 1, 200)),
                        BatchTools::ice),
                new Tool(
                        "juice",
                        "Juice",
                        "How many fruits for so many cups, from the first one?",
                        Group.BATCHES,
                        List.of(
                                Field.whole("cups", "Cups", "", 11, 1, 500),
                                Field.decimal("cup", "A cup", "mL", "120", 1, 1000),
                                Field.decimal("first", "The first fruit gave", "mL", "65", 1, 2000)),
                        inputs -> served(
                                Servings.ofJuice(
                                        inputs.whole("cups"), inputs.millilitres("cup"), inputs.millilitres("first")),
                                "Fruits",
                                inputs.set("Fruit for juice", Map.of("fruit", inputs.whole("cups"))))),
                new Tool(
                        "kits",
                        "Kits",
                        "How many kits for these children?",
                        Group.BATCHES,
                        List.of(
                                Field.whole("children", "Children", "", 20, 1, 500),
                                Field.whole("perKit", "One kit serves", "", 6, 1, 500)),
                        inputs -> served(
                                Servings.ofKits(inputs.whole("children"), inputs.whole("perKit")), "Kits", List.of())));
    }

    private static List<Option> recipes(java.util.function.Predicate<String> wanted) {
        return RECIPES.values().stream()
                .filter(recipe -> wanted.test(recipe.code()))
                .map(recipe -> new Option(recipe.code(), recipe.name()))
                .toList();
    }

    private static Answer batch(Inputs inputs, Mass portion) {
        Recipe recipe = Objects.requireNonNull(RECIPES.get(inputs.text("recipe")));
        Batch batch = Batch.of(recipe, inputs.whole("children"), portion, inputs.byCode());
        boolean cups = inputs.text("units").equals("HOUSEHOLD");
        Answer.Builder answer = Answer.of(mix(batch), batch.reckoning())
                .figure("In all", batch.gives().forPeople())
                .figure("For each", portion.forPeople())
                .figure("Keeps", recipe.keepsDays() + (recipe.keepsDays() == 1 ? " day" : " days"))
                .columns("Ingredient", cups ? "Measure" : "Weigh", cups ? "that is" : "or measure", "Cost")
                .sketch(jugs(batch))
                .note(recipe.note());
        batch.cost().ifPresent(cost -> answer.figure("Cost of what is used", cost.forPeople()));
        for (Batch.Line line : batch.lines()) {
            String rounded = "%s (%+.0f %%)".formatted(line.rounded().forPeople(), line.offPercent());
            String cost = line.cost().map(Money::forPeople).orElse("");
            answer.row(
                    line.name(),
                    cups ? line.spoonfuls().forPeople() : line.mass().forPeople(),
                    cups ? rounded : line.spoonfuls().forPeople(),
                    cost);
        }
        if (batch.saltGrams() > 0) {
            answer.note(String.format(
                    Locale.ROOT, "100 g hold %.0f g of salt: not for children who mouth things.", batch.saltGrams()));
        }
        if (recipe.heat() == Recipe.Heat.NEEDED) {
            answer.note("An adult does what needs heat.");
        }
        return answer.done();
    }

    private static Made mix(Batch batch) {
        Recipe recipe = batch.recipe();
        List<Ingredient> ingredients = new ArrayList<>();
        for (int at = 0; at < batch.lines().size(); at++) {
            Batch.Line line = batch.lines().get(at);
            ingredients.add(
                    Ingredient.of(recipe.ingredients().get(at).material(), line.name(), Amount.of(line.mass())));
        }
        return new Made.Mix(
                recipe.name(),
                recipe.cooked() == Recipe.Cooked.THROUGH ? Made.Mix.Heat.COOKED : Made.Mix.Heat.RAW,
                recipe.code().contains("dough")
                        ? Made.Mix.Kind.DOUGH
                        : recipe.code().equals("starch-mix") ? Made.Mix.Kind.STARCH_MIX : Made.Mix.Kind.LIQUID,
                ingredients);
    }

    /** The ingredients side by side, each bar as high as its share. */
    private static Sketch jugs(Batch batch) {
        Sheet sheet = new Sheet();
        double heaviest = batch.lines().stream()
                .mapToDouble(line -> line.mass().inGrams())
                .max()
                .orElse(1);
        int at = 0;
        for (Batch.Line line : batch.lines()) {
            double high = Math.max(1, line.mass().inGrams() / heaviest * 60);
            double x = 10 + at * 48;
            sheet.box(x, 70 - high, 30, high, Style.fill(at))
                    .label(x + 15, 66 - high, 7, line.mass().forPeople())
                    .label(x + 15, 80 + at % 2 * 8, 6, line.name());
            at++;
        }
        return sheet.line(4, 70, 10 + at * 48, 70, Style.WALL)
                .done(14 + at * 48, 92, "Ingredients by weight", "Bars as high as each ingredient is heavy.");
    }

    private static Answer dye(Inputs inputs) {
        DyedGrain dyed = DyedGrain.of(
                inputs.thing("grain").material(), inputs.grams("mass"), inputs.whole("colours"), inputs.vessel("tray"));
        Sheet sheet = new Sheet();
        for (int tray = 0; tray < dyed.trays(); tray++) {
            sheet.box(
                    4 + tray % 6 * 44,
                    4 + tray / 6 * 32,
                    40,
                    28,
                    Style.fill(tray * inputs.whole("colours") / dyed.trays()));
        }
        int rows = (dyed.trays() + 5) / 6;
        Stocked grain = inputs.thing("grain");
        Made made = new Made.Things(
                "Dyed " + grain.name(),
                List.of(
                        Ingredient.of(grain.code(), grain.name(), Amount.of(inputs.grams("mass"))),
                        liquid(inputs, "vinegar", dyed.vinegar()),
                        liquid(inputs, "food-colour", dyed.colour())));
        return Answer.of(made, dyed.reckoning())
                .figure("A colour", dyed.perColour().forPeople())
                .figure("Vinegar for each", dyed.vinegar().forPeople())
                .figure("Liquid colour for each", dyed.colour().forPeople())
                .figure("Bags or tubs to shake in", dyed.bags() + " each")
                .figure("Trays to dry on", Integer.toString(dyed.trays()))
                .figure("Dries in", dyed.hours().forPeople())
                .sketch(sheet.done(
                        270, 8 + rows * 32, "Trays, each colour on its own", dyed.trays() + " trays in one layer."))
                .note("Longer where the air is damp. Dyed dry grain keeps six months and more in a dry, labelled box.")
                .note("Dyed grain is no longer food.")
                .done();
    }

    /** For all colours, by mass. */
    private static Ingredient liquid(Inputs inputs, String code, Volume each) {
        Volume all = each.multipliedBy(inputs.whole("colours"));
        Stocked stocked = inputs.byCode().get(code);
        return stocked == null
                ? Ingredient.named(code, Amount.UNKNOWN)
                : Ingredient.of(
                        code,
                        stocked.name(),
                        stocked.material()
                                .density()
                                .map(density -> Amount.of(all.times(density)))
                                .orElse(Amount.UNKNOWN));
    }

    private static Answer ice(Inputs inputs) {
        IceBlocks ice = IceBlocks.of(inputs.vessel("mould"), inputs.whole("moulds"));
        Vessel mould = inputs.vessel("mould");
        Made made = new Made.Things(
                "Ice",
                List.of(Ingredient.made(
                        new Material(
                                "Ice from the " + inputs.thing("mould").name(),
                                MaterialKind.PIECES,
                                Optional.empty(),
                                Optional.of(new Solid.Rod(
                                        mould.widthAt(mould.depth()).orMore(mould.widthAt(Length.ZERO)),
                                        mould.depth())),
                                Optional.empty(),
                                Set.of(),
                                Set.of(Trait.ICE, Trait.WATER, Trait.SLIPPERY, Trait.LOOKED_THROUGH),
                                Source.derived("the mould")),
                        Amount.of(inputs.whole("moulds")))));
        return Answer.of(made, ice.reckoning())
                .figure("Water for each", ice.perMould().forPeople())
                .figure("In all", ice.water().forPeople())
                .figure("In the freezer for", ice.freezeHours() + "\u00a0hours")
                .figure("Melts in the room in", ice.meltHours().forPeople())
                .sketch(new Sheet()
                        .box(10, 10, 60, 50, Style.WALL)
                        .box(10, 10 + 50 * (1 - 0.917 / 0.998), 60, 50 * 0.917 / 0.998, Style.FILL_2)
                        .done(80, 70, "Water in the mould", "The gap at the top is what the ice needs to grow."))
                .note("What is frozen in must be too large for the small-parts cylinder where children mouth things.")
                .done();
    }

    private static Answer served(Servings servings, String what, List<Ingredient> out) {
        Sheet sheet = new Sheet();
        long drawn = Math.min(60, servings.needed());
        Stream.iterate(0, at -> at < drawn, at -> at + 1)
                .forEach(at -> sheet.round(12 + at % 12 * 18, 12 + at / 12 * 18, 7, Style.fill(0)));
        return Answer.of(new Made.Things(what, out), servings.reckoning())
                .figure(what, Long.toString(servings.needed()))
                .figure("Left over", servings.over())
                .sketch(sheet.done(226, 24 + (drawn - 1) / 12 * 18.0, what, servings.needed() + " of them."))
                .done();
    }
}
