package app.carder.web.calculator;

import app.carder.core.batch.Batch;
import app.carder.core.batch.DyedGrain;
import app.carder.core.batch.IceBlocks;
import app.carder.core.batch.Recipe;
import app.carder.core.batch.Servings;
import app.carder.core.calculation.Source;
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
import app.carder.core.said.Said;
import app.carder.core.vessel.Vessel;
import app.carder.web.calculator.Field.Option;
import app.carder.web.calculator.Tool.Group;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** Mixing and making. */
final class BatchTools {

    private static final Map<String, Recipe> RECIPES = Recipe.shipped();
    private static final List<Option> UNITS = List.of(
            new Option("METRIC", Said.of("tool.grams")), new Option("HOUSEHOLD", Said.of("tool.cups-and-spoons")));

    private BatchTools() {}

    static List<Tool> all() {
        return List.of(
                new Tool(
                        "dough",
                        Said.of("tool.dough"),
                        Said.of("tool.how-much-of-everything-for-these"),
                        Group.BATCHES,
                        List.of(
                                Field.choice(
                                        "recipe",
                                        Said.of("tool.recipe"),
                                        "dough-cooked",
                                        recipes(code -> code.contains("dough"))),
                                Field.whole("children", Said.of("tool.children"), "", 11, 1, 200),
                                Field.decimal("ball", Said.of("tool.a-ball-for-each-across"), "mm", "70", 20, 200),
                                Field.choice("units", Said.of("tool.measured-in"), "METRIC", UNITS)),
                        inputs -> batch(inputs, Batch.ofBall(inputs.millimetres("ball")))),
                new Tool(
                        "mix",
                        Said.of("tool.starch-bubbles-paint"),
                        Said.of("tool.how-much-of-everything-for-these"),
                        Group.BATCHES,
                        List.of(
                                Field.choice(
                                        "recipe",
                                        Said.of("tool.recipe"),
                                        "starch-mix",
                                        recipes(code -> !code.contains("dough"))),
                                Field.whole("children", Said.of("tool.children-or-pots"), "", 6, 1, 200),
                                Field.decimal("portion", Said.of("tool.for-each"), "g", "250", 1, 5000),
                                Field.choice("units", Said.of("tool.measured-in"), "METRIC", UNITS)),
                        inputs -> batch(inputs, inputs.grams("portion"))),
                new Tool(
                        "dye",
                        Said.of("tool.dyed-grain"),
                        Said.of("tool.vinegar-colour-bags-trays-and-hours"),
                        Group.BATCHES,
                        List.of(
                                Field.thing("grain", Said.of("tool.grain-or-pasta"), "Rice, white long-grain"),
                                Field.decimal("mass", Said.of("tool.in-all"), "g", "2000", 50, 50_000),
                                Field.whole("colours", Said.of("tool.colours"), "", 4, 1, 12),
                                Field.thing("tray", Said.of("tool.tray-to-dry-on"), "Baking tray")),
                        BatchTools::dye),
                new Tool(
                        "ice",
                        Said.of("tool.ice"),
                        Said.of("tool.how-much-water-and-when-is"),
                        Group.BATCHES,
                        List.of(
                                Field.thing("mould", Said.of("tool.mould"), "Ice mould"),
                                Field.whole("moulds", Said.of("tool.moulds"), "", 6, 1, 200)),
                        BatchTools::ice),
                new Tool(
                        "juice",
                        Said.of("tool.juice"),
                        Said.of("tool.how-many-fruits-for-so-many"),
                        Group.BATCHES,
                        List.of(
                                Field.whole("cups", Said.of("tool.cups"), "", 11, 1, 500),
                                Field.decimal("cup", Said.of("tool.a-cup"), "mL", "120", 1, 1000),
                                Field.decimal("first", Said.of("tool.the-first-fruit-gave"), "mL", "65", 1, 2000)),
                        inputs -> served(
                                Servings.ofJuice(
                                        inputs.whole("cups"), inputs.millilitres("cup"), inputs.millilitres("first")),
                                Said.say("tool.fruits"),
                                inputs.set(
                                        Said.say("tool.fruit-for-juice"),
                                        Map.of(Said.say("tool.fruit"), inputs.whole("cups"))))),
                new Tool(
                        "kits",
                        Said.of("tool.kits"),
                        Said.of("tool.how-many-kits-for-these-children"),
                        Group.BATCHES,
                        List.of(
                                Field.whole("children", Said.of("tool.children"), "", 20, 1, 500),
                                Field.whole("perKit", Said.of("tool.one-kit-serves"), "", 6, 1, 500)),
                        inputs -> served(
                                Servings.ofKits(inputs.whole("children"), inputs.whole("perKit")),
                                Said.say("tool.kits"),
                                List.of())));
    }

    private static List<Option> recipes(java.util.function.Predicate<String> wanted) {
        return RECIPES.values().stream()
                .filter(recipe -> wanted.test(recipe.code()))
                .map(recipe -> new Option(recipe.code(), Said.typed(recipe.name())))
                .toList();
    }

    private static ToolAnswer batch(Inputs inputs, Mass portion) {
        Recipe recipe = Objects.requireNonNull(RECIPES.get(inputs.text("recipe")));
        Batch batch = Batch.of(recipe, inputs.whole("children"), portion, inputs.byCode());
        boolean cups = inputs.text("units").equals("HOUSEHOLD");
        ToolAnswer.Builder answer = ToolAnswer.of(mix(batch), batch.calculation())
                .figure(Said.say("tool.in-all"), batch.gives().forPeople())
                .figure(Said.say("tool.for-each"), portion.forPeople())
                .figure(Said.say("tool.keeps"), Said.say("tool.days", recipe.keepsDays()))
                .columns(
                        Said.say("tool.ingredient"),
                        cups ? Said.say("tool.measure") : Said.say("tool.weigh"),
                        cups ? Said.say("tool.that-is") : Said.say("tool.or-measure"),
                        Said.say("tool.cost"))
                .sketch(jugs(batch))
                .note(recipe.note());
        batch.cost().ifPresent(cost -> answer.figure(Said.say("tool.cost-of-what-is-used"), cost.forPeople()));
        for (Batch.BatchLine line : batch.lines()) {
            String rounded = "%s (%+.0f %%)".formatted(line.rounded().forPeople(), line.offPercent());
            String cost = line.cost().map(Money::forPeople).orElse("");
            answer.row(
                    line.name(),
                    cups ? line.spoonfuls().forPeople() : line.mass().forPeople(),
                    cups ? rounded : line.spoonfuls().forPeople(),
                    cost);
        }
        if (batch.saltGrams() > 0) {
            answer.note(Said.say("tool.100-g-hold-g-of-salt", batch.saltGrams()));
        }
        if (recipe.heat() == Recipe.Heat.NEEDED) {
            answer.note(Said.say("tool.an-adult-does-what-needs-heat"));
        }
        return answer.done();
    }

    private static Made mix(Batch batch) {
        Recipe recipe = batch.recipe();
        List<Ingredient> ingredients = new ArrayList<>();
        for (int at = 0; at < batch.lines().size(); at++) {
            Batch.BatchLine line = batch.lines().get(at);
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
        for (Batch.BatchLine line : batch.lines()) {
            double high = Math.max(1, line.mass().inGrams() / heaviest * 60);
            double x = 10 + at * 48;
            sheet.box(x, 70 - high, 30, high, Style.fill(at))
                    .label(x + 15, 66 - high, 7, line.mass().forPeople())
                    .label(x + 15, 80 + at % 2 * 8, 6, line.name());
            at++;
        }
        return sheet.line(4, 70, 10 + at * 48, 70, Style.WALL)
                .done(
                        14 + at * 48,
                        92,
                        Said.say("tool.ingredients-by-weight"),
                        Said.say("tool.bars-as-high-as-each-ingredient"));
    }

    private static ToolAnswer dye(Inputs inputs) {
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
                Said.say("tool.dyed", grain.name()),
                List.of(
                        Ingredient.of(grain.code(), grain.name(), Amount.of(inputs.grams("mass"))),
                        liquid(inputs, "vinegar", dyed.vinegar()),
                        liquid(inputs, "food-colour", dyed.colour())));
        return ToolAnswer.of(made, dyed.calculation())
                .figure(Said.say("tool.a-colour"), dyed.perColour().forPeople())
                .figure(Said.say("tool.vinegar-for-each"), dyed.vinegar().forPeople())
                .figure(Said.say("tool.liquid-colour-for-each"), dyed.colour().forPeople())
                .figure(Said.say("tool.bags-or-tubs-to-shake-in"), Said.say("tool.each", dyed.bags()))
                .figure(Said.say("tool.trays-to-dry-on"), Integer.toString(dyed.trays()))
                .figure(Said.say("tool.dries-in"), dyed.hours().forPeople())
                .sketch(sheet.done(
                        270,
                        8 + rows * 32,
                        Said.say("tool.trays-each-colour-on-its-own"),
                        Said.say("tool.trays-in-one-layer", dyed.trays())))
                .note(Said.say("tool.longer-where-the-air-is-damp"))
                .note(Said.say("tool.dyed-grain-is-no-longer-food"))
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

    private static ToolAnswer ice(Inputs inputs) {
        IceBlocks ice = IceBlocks.of(inputs.vessel("mould"), inputs.whole("moulds"));
        Vessel mould = inputs.vessel("mould");
        Made made = new Made.Things(
                Said.say("tool.ice"),
                List.of(Ingredient.made(
                        new Material(
                                Said.say(
                                        "tool.ice-from-the",
                                        inputs.thing("mould").name()),
                                MaterialKind.PIECES,
                                Optional.empty(),
                                Optional.of(new Solid.Rod(
                                        mould.widthAt(mould.depth()).orMore(mould.widthAt(Length.ZERO)),
                                        mould.depth())),
                                Optional.empty(),
                                Set.of(),
                                Set.of(Trait.ICE, Trait.WATER, Trait.SLIPPERY, Trait.LOOKED_THROUGH),
                                Source.derived(Said.of("tool.source-the-mould"))),
                        Amount.of(inputs.whole("moulds")))));
        return ToolAnswer.of(made, ice.calculation())
                .figure(Said.say("tool.water-for-each"), ice.perMould().forPeople())
                .figure(Said.say("tool.in-all"), ice.water().forPeople())
                .figure(Said.say("tool.in-the-freezer-for"), Said.say("tool.hours", ice.freezeHours()))
                .figure(Said.say("tool.melts-in-the-room-in"), ice.meltHours().forPeople())
                .sketch(new Sheet()
                        .box(10, 10, 60, 50, Style.WALL)
                        .box(10, 10 + 50 * (1 - 0.917 / 0.998), 60, 50 * 0.917 / 0.998, Style.FILL_2)
                        .done(80, 70, Said.say("tool.water-in-the-mould"), Said.say("tool.the-gap-at-the-top-is")))
                .note(Said.say("tool.what-is-frozen-in-must-be"))
                .done();
    }

    private static ToolAnswer served(Servings servings, String what, List<Ingredient> out) {
        Sheet sheet = new Sheet();
        long drawn = Math.min(60, servings.needed());
        Stream.iterate(0, at -> at < drawn, at -> at + 1)
                .forEach(at -> sheet.round(12 + at % 12 * 18, 12 + at / 12 * 18, 7, Style.fill(0)));
        return ToolAnswer.of(new Made.Things(what, out), servings.calculation())
                .figure(what, Long.toString(servings.needed()))
                .figure(Said.say("tool.left-over"), servings.over())
                .sketch(sheet.done(
                        226, 24 + (drawn - 1) / 12 * 18.0, what, Said.say("tool.of-them", servings.needed())))
                .done();
    }
}
