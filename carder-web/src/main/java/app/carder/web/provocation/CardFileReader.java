package app.carder.web.provocation;

import app.carder.core.card.Card;
import app.carder.core.card.CardLimits;
import app.carder.core.card.Contents;
import app.carder.core.card.Coverage;
import app.carder.core.card.Ingredient;
import app.carder.core.card.LadderStep;
import app.carder.core.card.Portion;
import app.carder.core.card.PreparationStep;
import app.carder.core.card.Purpose;
import app.carder.core.card.Usage;
import app.carder.core.cupboard.Stocked.Amount;
import app.carder.core.framework.Crosswalk;
import app.carder.core.framework.Framework;
import app.carder.core.framework.Sense;
import app.carder.core.ladder.Change;
import app.carder.core.ladder.Rung;
import app.carder.core.measure.Length;
import app.carder.core.measure.Volume;
import app.carder.core.prepare.Step.Who;
import app.carder.core.proposal.AdultLoad;
import app.carder.core.room.ShelfOrder;
import app.carder.core.safety.Feature;
import app.carder.core.vessel.Between;
import app.carder.core.vessel.FillPlan;
import app.carder.core.vessel.StatedVolume;
import app.carder.core.vessel.Vessel;
import app.carder.core.vessel.VesselShape;
import app.carder.exchange.json.CardFile;
import app.carder.web.material.MaterialView;
import app.carder.web.setting.Ids;
import java.math.BigDecimal;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Reads a card of a file as a card of a room. It takes nothing that could not have been typed in here: what a form would mark, this
 * refuses, in words for whoever opened the file.
 */
final class CardFileReader {

    private static final int MOST_IN_A_KIT = 12;
    private static final int MOST_OF_A_THING = 1000;

    private final Framework framework;
    private final Crosswalk crosswalk;
    private final Map<String, MaterialView> materials;
    private final Predicate<String> isTool;

    /**
     * For the cards of one file.
     *
     * @param framework of the room
     * @param materials of the file that are described rightly, by code
     * @param isTool which tools work out here
     */
    CardFileReader(
            Framework framework, Crosswalk crosswalk, Map<String, MaterialView> materials, Predicate<String> isTool) {
        this.framework = framework;
        this.crosswalk = crosswalk;
        this.materials = materials;
        this.isTool = isTool;
    }

    /** A card with its parts. */
    record Read(Card card) {}

    /**
     * Reads one.
     *
     * @throws IllegalArgumentException if it cannot be taken over; the message says why
     */
    Read read(CardFile.Card card) {
        return new Read(card(card));
    }

    /** The materials that a card and its rungs name, by their codes in the file. */
    static Stream<String> codes(CardFile.Card card) {
        return Stream.of(
                        card.put().stream().map(CardFile.Put::material),
                        card.rungs().stream().flatMap(rung -> Stream.of(rung.replaced(), rung.replacement())),
                        card.calculations().stream().flatMap(kept -> kept.things().stream()),
                        Stream.ofNullable(card.kit())
                                .flatMap(kit -> kit.things().stream())
                                .map(CardFile.KitThing::material))
                .flatMap(Function.identity())
                .filter(code -> !code.isEmpty())
                .distinct();
    }

    private Card card(CardFile.Card card) {
        if (card.title().isBlank()) {
            throw new IllegalArgumentException("It needs a title.");
        }
        Set<String> areas = crosswalk.into(framework, card.areas()).areas();
        if (areas.isEmpty()) {
            throw new IllegalArgumentException(
                    "None of its areas says anything in \"%s\".".formatted(framework.name()));
        }
        Contents contents = new Contents(
                vessel(card),
                few("things put out", card.put(), CardLimits.MOST_LINES).stream()
                        .map(this::line)
                        .toList(),
                card.features().stream()
                        .map(code -> oneOf(Feature.class, "Feature", code))
                        .collect(Collectors.toSet()),
                Map.of());
        if (!contents.fits()) {
            throw new IllegalArgumentException("Its fills do not go into its vessel.");
        }
        return new Card(
                new Purpose(
                        text("Title", card.title(), CardLimits.LONGEST_LINE),
                        text("Intention", card.intention(), CardLimits.LONGEST_TEXT),
                        text("Adult's role", card.adultRole(), CardLimits.LONGEST_TEXT),
                        card.adultLoad().isEmpty()
                                ? AdultLoad.NEAR
                                : oneOf(AdultLoad.class, "Load on the adults", card.adultLoad()),
                        difficulty(card.difficulty()),
                        text("Words to offer", card.words(), CardLimits.LONGEST_TEXT),
                        text("Place", card.place(), CardLimits.LONGEST_LINE)),
                new Coverage(
                        areas,
                        card.statements().stream()
                                .filter(code -> framework.statement(code).isPresent())
                                .collect(Collectors.toSet()),
                        card.senses().stream()
                                .map(code -> oneOf(Sense.class, "Sense", code))
                                .collect(Collectors.toSet())),
                contents.plus(kept(card)).plus(kit(card)),
                new Usage(
                        use(card.use()),
                        card.units().isEmpty() ? Usage.Units.METRIC : oneOf(Usage.Units.class, "Unit", card.units())),
                rungs(card),
                steps(card));
    }

    private static Optional<Integer> difficulty(@Nullable Integer said) {
        if (said != null && (said < ShelfOrder.EASIEST || said > ShelfOrder.HARDEST)) {
            throw new IllegalArgumentException(
                    "Difficulty must be %d to %d, got %d.".formatted(ShelfOrder.EASIEST, ShelfOrder.HARDEST, said));
        }
        return Optional.ofNullable(said);
    }

    private static FillPlan.Use use(CardFile.@Nullable Use use) {
        FillPlan.Use usual = Usage.USUAL_TERM;
        return use == null
                ? usual
                : new FillPlan.Use(
                        orUsual(use.vessels(), usual.vessels()),
                        orUsual(use.spillPercent(), usual.spillPercent()),
                        orUsual(use.children(), usual.children()),
                        orUsual(use.sessionsPerFill(), usual.sessionsPerFill()),
                        orUsual(use.sessionsPerYear(), usual.sessionsPerYear()));
    }

    private static int orUsual(@Nullable Integer given, int usual) {
        return given == null ? usual : given;
    }

    private Portion line(CardFile.Put put) {
        MaterialView material = material(put.material());
        if (material.isPoured()) {
            Length depth = Optional.ofNullable(put.depthMm())
                    .map(CardFileReader::millimetres)
                    .filter(found -> !found.isZero())
                    .orElseThrow(() -> new IllegalArgumentException(
                            "\"%s\" is poured and needs a depth.".formatted(material.name())));
            return new Portion.Poured(LaidOut.key(material.id()), Optional.of(depth));
        }
        int pieces = Optional.ofNullable(put.pieces())
                .orElseThrow(() -> new IllegalArgumentException(
                        "\"%s\" is counted and needs a number of pieces.".formatted(material.name())));
        return new Portion.Counted(
                LaidOut.key(material.id()), Optional.of(within("Pieces", pieces, 1, CardLimits.MOST_PIECES)));
    }

    private MaterialView material(String code) {
        return Optional.ofNullable(materials.get(code))
                .orElseThrow(() -> new IllegalArgumentException(
                        "Its material \"%s\" is not described in the file, or described wrongly.".formatted(code)));
    }

    private static Optional<Vessel> vessel(CardFile.Card card) {
        Optional<Vessel> outer = Optional.ofNullable(card.vessel()).map(CardFileReader::vessel);
        Optional<Vessel> inner = Optional.ofNullable(card.inner()).map(CardFileReader::vessel);
        return outer.map(around ->
                inner.<Vessel>map(within -> new Between(around, within)).orElse(around));
    }

    private static Vessel vessel(CardFile.Holder holder) {
        VesselShape shape = oneOf(VesselShape.class, "Shape", holder.shape());
        Length depth = measure(holder.depthMm());
        if (shape.isByVolume()) {
            return new StatedVolume(
                    Volume.ofMillilitres(Optional.ofNullable(holder.holdsMl())
                            .map(BigDecimal::doubleValue)
                            .orElse(0.0)),
                    depth);
        }
        return shape.of(
                measure(holder.firstMm()), shape.hasSecondMeasure() ? measure(holder.secondMm()) : Length.ZERO, depth);
    }

    private static Length measure(@Nullable BigDecimal millimetres) {
        if (millimetres == null) {
            throw new IllegalArgumentException("A measure of its vessel is missing.");
        }
        return millimetres(millimetres);
    }

    private static Length millimetres(BigDecimal millimetres) {
        return Length.ofMillimetres(millimetres.doubleValue());
    }

    private List<LadderStep> rungs(CardFile.Card card) {
        Set<Rung> said = EnumSet.noneOf(Rung.class);
        return card.rungs().stream()
                .map(rung -> {
                    LadderStep change = rung(card, rung);
                    if (!said.add(change.rung())) {
                        throw new IllegalArgumentException(
                                "Its ladder has the rung %s twice.".formatted(change.rung()));
                    }
                    return change;
                })
                .toList();
    }

    private LadderStep rung(CardFile.Card card, CardFile.Rung rung) {
        Optional<MaterialView> out = named(rung.replaced());
        Optional<MaterialView> in = named(rung.replacement());
        if (out.isPresent()
                && card.put().stream().noneMatch(put -> put.material().equals(rung.replaced()))) {
            throw new IllegalArgumentException("A rung takes out \"%s\", which is not on the card."
                    .formatted(out.get().name()));
        }
        if (in.isPresent()
                && out.filter(gone -> gone.isPoured() == in.get().isPoured()).isEmpty()) {
            throw new IllegalArgumentException(
                    "\"%s\" must take the place of something that is measured in the same way."
                            .formatted(in.get().name()));
        }
        int percent = rung.amountPercent() == 0 ? 100 : rung.amountPercent();
        return new LadderStep(
                oneOf(Rung.class, "Rung", rung.rung()),
                text("Sign of a rung", rung.sign(), 300),
                new Change(
                        within("Amount of a rung in per cent", percent, 10, 400),
                        out.map(MaterialView::id).map(LaidOut::key),
                        in.map(MaterialView::id).map(LaidOut::key),
                        text("Note of a rung", rung.note(), 500)));
    }

    private Optional<MaterialView> named(String code) {
        return code.isEmpty() ? Optional.empty() : Optional.of(material(code));
    }

    private static List<PreparationStep> steps(CardFile.Card card) {
        List<CardFile.Step> steps = few("steps", card.steps(), CardLimits.MOST_STEPS);
        Set<String> names = new HashSet<>();
        return IntStream.range(0, steps.size())
                .mapToObj(at -> {
                    CardFile.Step step = steps.get(at);
                    if (step.name().isBlank() || !names.add(step.name())) {
                        throw new IllegalArgumentException(
                                "Each step needs a name of its own, got \"%s\".".formatted(step.name()));
                    }
                    step.after().forEach(earlier -> within("Number of an earlier step", earlier, 1, at));
                    return new PreparationStep(
                            text("Name of a step", step.name(), CardLimits.LONGEST_LINE),
                            within("Hands-on minutes", step.handsOnMinutes(), 1, CardLimits.MOST_HANDS_ON_MINUTES),
                            within("Waiting minutes", step.waitingMinutes(), 0, CardLimits.MOST_WAITING_HOURS * 60),
                            step.doneBy().isEmpty() ? Who.ADULT : oneOf(Who.class, "Who does a step", step.doneBy()),
                            within("Turns", Math.max(1, step.turns()), 1, 60),
                            step.after());
                })
                .toList();
    }

    private List<Portion.Kept> kept(CardFile.Card card) {
        return few("calculations", card.calculations(), CardLimits.MOST_KEPT).stream()
                .map(kept -> {
                    if (!isTool.test(kept.tool())) {
                        throw new IllegalArgumentException(
                                "Its calculation \"%s\" is not known here. Maybe update Carder?"
                                        .formatted(kept.tool()));
                    }
                    return new Portion.Kept(Ids.next().toString(), kept.tool(), kept.inputs(), Optional.empty());
                })
                .toList();
    }

    /** A kit of its own for now; whether there is one like it already is seen when it is put in. */
    private List<Portion.KitThings> kit(CardFile.Card card) {
        if (card.kit() == null) {
            return List.of();
        }
        String name = text("Name of the kit", card.kit().name(), CardLimits.LONGEST_LINE);
        if (name.isEmpty()) {
            throw new IllegalArgumentException("Its kit needs a name.");
        }
        List<Ingredient> things = few("things in its kit", card.kit().things(), MOST_IN_A_KIT).stream()
                .map(one -> {
                    MaterialView material = material(one.material());
                    int pieces = within("Pieces in the kit", one.pieces(), 1, MOST_OF_A_THING);
                    return Ingredient.of(LaidOut.key(material.id()), material.name(), Amount.of(pieces));
                })
                .toList();
        return List.of(new Portion.KitThings(Ids.next().toString(), name, Optional.of(things)));
    }

    private static <T> List<T> few(String things, List<T> all, int most) {
        if (all.size() > most) {
            throw new IllegalArgumentException("A card may have %d %s, got %d.".formatted(most, things, all.size()));
        }
        return all;
    }

    private static String text(String thing, String text, int longest) {
        if (text.length() > longest) {
            throw new IllegalArgumentException(
                    "%s must be at most %d letters long, got %d.".formatted(thing, longest, text.length()));
        }
        return text;
    }

    private static int within(String thing, int number, int least, int most) {
        if (number < least || number > most) {
            throw new IllegalArgumentException(
                    "%s must be from %d to %d, got %d.".formatted(thing, least, most, number));
        }
        return number;
    }

    private static <E extends Enum<E>> E oneOf(Class<E> kind, String thing, String code) {
        return Arrays.stream(kind.getEnumConstants())
                .filter(one -> one.name().equals(code))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("%s must be one of %s, got \"%s\"."
                        .formatted(
                                thing,
                                Arrays.stream(kind.getEnumConstants())
                                        .map(Enum::name)
                                        .collect(Collectors.joining(", ")),
                                code)));
    }
}
