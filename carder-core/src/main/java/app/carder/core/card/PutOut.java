package app.carder.core.card;

import app.carder.core.card.Portion.Counted;
import app.carder.core.card.Portion.Kept;
import app.carder.core.card.Portion.KitThings;
import app.carder.core.card.Portion.Poured;
import app.carder.core.cupboard.Stocked;
import app.carder.core.cupboard.Stocked.Amount;
import app.carder.core.material.Material;
import app.carder.core.material.MaterialKind;
import app.carder.core.material.Trait;
import app.carder.core.measure.Length;
import app.carder.core.measure.Mass;
import app.carder.core.measure.Money;
import app.carder.core.safety.Setup;
import app.carder.core.vessel.Fill;
import app.carder.core.vessel.FillPlan;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What a card's contents come to, with the things of a cupboard: amounts for all vessels, masses, stock, cost, and what the safety
 * check looks at.
 */
public final class PutOut {

    private final Contents contents;
    private final FillPlan.Use use;
    private final Map<String, Stocked> cupboard;
    private final List<Part> parts;
    private final List<Layer> layers;
    private final Optional<Fill.Amounts> amounts;

    /**
     * So much of one thing.
     *
     * @param thing key in the cupboard
     * @param stocked what it is
     * @param amount for all vessels, with what is spilled
     */
    public record Part(String thing, Stocked stocked, Amount amount) {}

    /**
     * One layer that has a depth.
     *
     * @param stocked what it is
     * @param layer as the vessel takes it
     */
    private record Layer(Stocked stocked, Fill.Layer layer) {}

    /**
     * What it costs.
     *
     * @param sum of everything that has a price; absent where nothing has
     * @param unpriced names of what has none
     */
    public record Cost(Optional<Money> sum, List<String> unpriced) {
        /** Keeps its own copy. */
        public Cost {
            unpriced = List.copyOf(unpriced);
        }
    }

    /**
     * What it takes from the stock, where that is written down: grams or pieces, by thing.
     *
     * @param needs what it takes
     * @param stock what there is
     */
    public record Demand(Map<String, Long> needs, Map<String, Long> stock) {
        /** Keeps its own copies. */
        public Demand {
            needs = Map.copyOf(needs);
            stock = Map.copyOf(stock);
        }
    }

    private PutOut(Contents contents, FillPlan.Use use, Map<String, Stocked> cupboard) {
        this.contents = contents;
        this.use = use;
        this.cupboard = cupboard;
        this.layers = contents.portions().stream()
                .flatMap(portion -> portion instanceof Poured poured ? layer(poured) : Stream.empty())
                .toList();
        this.amounts = layers.isEmpty() || !contents.fits()
                ? Optional.empty()
                : contents.vessel()
                        .map(vessel -> Fill.calculate(
                                vessel, layers.stream().map(Layer::layer).toList()));
        this.parts = list();
    }

    /**
     * Holds contents against a cupboard.
     *
     * @param cupboard things by key; what it lacks is told to the safety check as not known
     */
    public static PutOut of(Contents contents, FillPlan.Use use, Map<String, Stocked> cupboard) {
        return new PutOut(contents, use, cupboard);
    }

    private Stream<Layer> layer(Poured poured) {
        Stocked stocked = cupboard.get(poured.thing());
        return stocked == null || !stocked.material().kind().isPoured()
                ? Stream.empty()
                : poured.depth().stream()
                        .map(depth -> new Layer(stocked, new Fill.Layer(stocked.material(), depth, stocked.pack())));
    }

    private List<Part> list() {
        List<Part> all = new ArrayList<>();
        List<Mass> poured = plan().map(plan ->
                        plan.lines().stream().map(FillPlan.FillLine::need).toList())
                .orElse(List.of());
        int layer = 0;
        for (Portion portion : contents.portions()) {
            if (portion instanceof Poured one && layer(one).findAny().isPresent() && layer < poured.size()) {
                all.add(part(one.thing(), Amount.of(poured.get(layer))));
                layer++;
            } else if (portion instanceof Counted counted && cupboard.containsKey(counted.thing())) {
                counted.pieces().ifPresent(count -> all.add(part(counted.thing(), Amount.of(count * use.vessels()))));
            } else if (portion instanceof KitThings kit) {
                kit.things().orElse(List.of()).forEach(one -> add(one, all));
            } else if (portion instanceof Kept kept) {
                kept.made().map(Made::ingredients).orElse(List.of()).forEach(one -> add(one, all));
            }
        }
        return List.copyOf(all);
    }

    private Part part(String thing, Amount amount) {
        return new Part(thing, Objects.requireNonNull(cupboard.get(thing)), amount);
    }

    private void add(Ingredient ingredient, List<Part> all) {
        ingredient
                .thing()
                .filter(thing ->
                        cupboard.containsKey(thing) && ingredient.amount().isKnown())
                .ifPresent(thing -> all.add(part(thing, ingredient.amount())));
    }

    /** Thing by thing, in the order of the card; what has no amount is left out here, and asked about by the safety check. */
    public List<Part> parts() {
        return parts;
    }

    /** What is poured into one vessel; absent where there is nothing to work out, or it does not fit. */
    public Optional<Fill.Amounts> amounts() {
        return amounts;
    }

    /** What is poured, for the whole term of use; absent where there is nothing to work out. */
    public Optional<FillPlan.Plan> plan() {
        return amounts.map(found -> FillPlan.of(
                found,
                layers.stream()
                        .map(layer -> layer.stocked().stock().mass().orElse(Mass.ZERO))
                        .toList(),
                use));
    }

    /** Depths of the layers, from the floor up. */
    public List<Length> depths() {
        return layers.stream().map(layer -> layer.layer().depth()).toList();
    }

    /** What is poured. */
    public List<Material> poured() {
        return layers.stream().map(layer -> layer.stocked().material()).toList();
    }

    /** The mass of one full vessel where that is too heavy for one person to carry. */
    public Optional<Mass> tooHeavy() {
        return amounts.filter(Fill.Amounts::needsTwoPeople).map(Fill.Amounts::mass);
    }

    /** Whether a liquid or water is put out. */
    public boolean isWet() {
        return contents.things()
                .flatMap(thing -> Stream.ofNullable(cupboard.get(thing)))
                .map(Stocked::material)
                .anyMatch(material -> material.kind() == MaterialKind.LIQUID || material.has(Trait.WATER));
    }

    /** Things that are put out, each once, in the order of the card. */
    public List<Stocked> things() {
        return contents.things()
                .flatMap(thing -> Stream.ofNullable(cupboard.get(thing)))
                .toList();
    }

    /**
     * What the safety check looks at.
     *
     * @param said everything that the card says in words
     */
    public Setup setup(String said) {
        return new Setup(SafetyItems.of(contents, cupboard), contents.features(), said, contents.answers());
    }

    /** What is used of each pack, at its price: fills, pieces and mixes alike. */
    public Cost cost() {
        List<Money> priced = new ArrayList<>();
        List<String> unpriced = new ArrayList<>();
        for (Part part : parts) {
            price(part)
                    .ifPresentOrElse(
                            priced::add, () -> unpriced.add(part.stocked().name()));
        }
        return new Cost(
                priced.stream().reduce(Money::plus),
                unpriced.stream().distinct().toList());
    }

    private static Optional<Money> price(Part part) {
        return part.stocked().bought().flatMap(bought -> {
            Optional<Double> byMass =
                    part.amount().mass().flatMap(mass -> bought.content().mass().map(mass::dividedBy));
            Optional<Double> byNumber = part.amount()
                    .pieces()
                    .flatMap(count -> bought.content().pieces().map(each -> count / (double) each));
            return byMass.or(() -> byNumber).map(packs -> bought.price().scaledBy(packs));
        });
    }

    /**
     * Something that is used up each time: paper, glue, tape.
     *
     * @param name of it
     * @param eachTime for all vessels and all children of a session; unknown where nobody wrote it down
     * @param aChild for one child, in the unit of {@code eachTime}, rounded to a tenth; absent where that is not known
     * @param aYear over all sessions of a year
     * @param cost of a year; absent where no price is known
     */
    public record UsedUp(String name, Amount eachTime, Optional<Double> aChild, Amount aYear, Optional<Money> cost) {}

    /** What is used up, thing by thing; what has no amount is named too, so that nobody takes the list for all there is. */
    public List<UsedUp> usedUp() {
        List<UsedUp> usedUp = new ArrayList<>();
        Set<String> known = new HashSet<>();
        for (Part part : parts) {
            if (part.stocked().material().kind() == MaterialKind.CONSUMABLE) {
                known.add(part.thing());
                usedUp.add(usedUp(part));
            }
        }
        contents.things()
                .filter(thing -> !known.contains(thing))
                .flatMap(thing -> Stream.ofNullable(cupboard.get(thing)))
                .filter(stocked -> stocked.material().kind() == MaterialKind.CONSUMABLE)
                .map(stocked ->
                        new UsedUp(stocked.name(), Amount.UNKNOWN, Optional.empty(), Amount.UNKNOWN, Optional.empty()))
                .forEach(usedUp::add);
        return usedUp;
    }

    private UsedUp usedUp(Part part) {
        Amount each = part.amount();
        double amount = each.mass()
                .map(Mass::inGrams)
                .or(() -> each.pieces().map(Integer::doubleValue))
                .orElse(0.0);
        int sessions = use.sessionsPerYear();
        Amount year = each.mass()
                .map(mass -> Amount.of(mass.ofBaseUnits(mass.baseUnits() * sessions)))
                .or(() -> each.pieces().map(pieces -> Amount.of(pieces * sessions)))
                .orElse(Amount.UNKNOWN);
        return new UsedUp(
                part.stocked().name(),
                each,
                Optional.of(Math.round(10 * amount / use.children()) / 10.0),
                year,
                price(part).map(once -> once.scaledBy(sessions)));
    }

    /** What it takes from the stock, where that is written down. */
    public Demand demand() {
        Map<String, Long> needs = new LinkedHashMap<>();
        Map<String, Long> stock = new LinkedHashMap<>();
        for (Part part : parts) {
            Amount there = part.stocked().stock();
            part.amount()
                    .pieces()
                    .ifPresent(count -> there.pieces().ifPresent(pieces -> {
                        needs.merge(part.thing(), (long) count, Long::sum);
                        stock.put(part.thing(), (long) pieces);
                    }));
            part.amount()
                    .mass()
                    .ifPresent(need -> there.mass().ifPresent(mass -> {
                        needs.merge(part.thing(), Math.round(need.inGrams()), Long::sum);
                        stock.put(part.thing(), Math.round(mass.inGrams()));
                    }));
        }
        return new Demand(needs, stock);
    }

    /** In words, such as {@code Rice 2.4 kg, Scoop × 2}; empty where nothing is. */
    public String forPeople() {
        return parts.stream()
                .map(part -> part.stocked().name()
                        + (part.amount().pieces().isPresent() ? " × " : " ")
                        + part.amount().forPeople())
                .collect(Collectors.joining(", "));
    }
}
