package app.carder.web.card;

import app.carder.core.card.Arrangement;
import app.carder.core.card.Card;
import app.carder.core.card.CardLimits;
import app.carder.core.card.Contents;
import app.carder.core.card.Coverage;
import app.carder.core.card.Ingredient;
import app.carder.core.card.Portion;
import app.carder.core.card.PreparationStep;
import app.carder.core.card.Purpose;
import app.carder.core.card.SettingOut;
import app.carder.core.card.Usage;
import app.carder.core.card.WrittenStep;
import app.carder.core.cupboard.Stocked.Amount;
import app.carder.core.framework.Crosswalk;
import app.carder.core.framework.Framework;
import app.carder.core.framework.Sense;
import app.carder.core.ladder.Change;
import app.carder.core.ladder.LadderStep;
import app.carder.core.measure.Length;
import app.carder.core.measure.Volume;
import app.carder.core.prepare.Step.Who;
import app.carder.core.proposal.AdultLoad;
import app.carder.core.room.ShelfOrder;
import app.carder.core.safety.Feature;
import app.carder.core.said.Refused;
import app.carder.core.said.Said;
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

    /** The materials that a card and its steps name, by their codes in the file. */
    static Stream<String> codes(CardFile.Card card) {
        return Stream.of(
                        card.put().stream().map(CardFile.Put::material),
                        card.ladder().stream()
                                .flatMap(ladderStep -> Stream.of(ladderStep.replaced(), ladderStep.replacement())),
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
            throw Refused.because("card-file.title");
        }
        Set<String> areas = crosswalk.into(framework, card.areas()).areas();
        if (areas.isEmpty()) {
            throw Refused.because("card-file.areas", framework.name());
        }
        Contents contents = new Contents(
                vessel(card),
                few("put", card.put(), CardLimits.MOST_LINES).stream()
                        .map(this::line)
                        .toList(),
                card.features().stream()
                        .map(code -> oneOf(Feature.class, "feature", code))
                        .collect(Collectors.toSet()),
                Map.of());
        if (!contents.fits()) {
            throw Refused.because("card-file.fits");
        }
        return new Card(
                new Purpose(
                        text("title", card.title(), CardLimits.LONGEST_LINE),
                        text("intention", card.intention(), CardLimits.LONGEST_TEXT),
                        text("adult-role", card.adultRole(), CardLimits.LONGEST_TEXT),
                        card.adultLoad().isEmpty()
                                ? AdultLoad.NEAR
                                : oneOf(AdultLoad.class, "adult-load", card.adultLoad()),
                        difficulty(card.difficulty()),
                        new Purpose.Alongside(
                                text("words", card.words(), CardLimits.LONGEST_TEXT),
                                text("might-see", card.mightSee(), CardLimits.LONGEST_TEXT),
                                text("at-home", card.atHome(), CardLimits.LONGEST_TEXT)),
                        text("place", card.place(), CardLimits.LONGEST_LINE)),
                new Coverage(
                        areas,
                        card.statements().stream()
                                .filter(code -> framework.statement(code).isPresent())
                                .collect(Collectors.toSet()),
                        card.senses().stream()
                                .map(code -> oneOf(Sense.class, "sense", code))
                                .collect(Collectors.toSet())),
                contents.plus(kept(card)).plus(kit(card)),
                new Usage(
                        use(card.use()),
                        card.units().isEmpty() ? Usage.Units.METRIC : oneOf(Usage.Units.class, "unit", card.units())),
                ladderSteps(card),
                steps(card),
                settingOut(card.layout()));
    }

    private SettingOut settingOut(CardFile.@Nullable Layout layout) {
        if (layout == null) {
            return SettingOut.USUAL;
        }
        return new SettingOut(
                layout.arrangement().isEmpty()
                        ? Optional.empty()
                        : Optional.of(oneOf(Arrangement.class, "arrangement", layout.arrangement())),
                layout.hand().isEmpty() ? SettingOut.Hand.RIGHT : oneOf(SettingOut.Hand.class, "hand", layout.hand()),
                few("places", layout.places(), CardLimits.MOST_PLACES).stream()
                        .map(place -> new SettingOut.Place(
                                LaidOut.key(material(place.material()).id()),
                                place.number(),
                                place.xMm().doubleValue(),
                                place.yMm().doubleValue(),
                                place.turn(),
                                place.group()))
                        .toList());
    }

    private static Optional<Integer> difficulty(@Nullable Integer said) {
        if (said != null && (said < ShelfOrder.EASIEST || said > ShelfOrder.HARDEST)) {
            throw Refused.because("card-file.difficulty", ShelfOrder.EASIEST, ShelfOrder.HARDEST, said);
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
                    .orElseThrow(() -> Refused.because("card-file.depth", material.name()));
            return new Portion.Poured(LaidOut.key(material.id()), Optional.of(depth));
        }
        int pieces = Optional.ofNullable(put.pieces())
                .orElseThrow(() -> Refused.because("card-file.pieces", material.name()));
        return new Portion.Counted(
                LaidOut.key(material.id()), Optional.of(within("pieces", pieces, 1, CardLimits.MOST_PIECES)));
    }

    private MaterialView material(String code) {
        return Optional.ofNullable(materials.get(code)).orElseThrow(() -> Refused.because("card-file.material", code));
    }

    private static Optional<Vessel> vessel(CardFile.Card card) {
        Optional<Vessel> outer = Optional.ofNullable(card.vessel()).map(CardFileReader::vessel);
        Optional<Vessel> inner = Optional.ofNullable(card.inner()).map(CardFileReader::vessel);
        return outer.map(around ->
                inner.<Vessel>map(within -> new Between(around, within)).orElse(around));
    }

    private static Vessel vessel(CardFile.Holder holder) {
        VesselShape shape = oneOf(VesselShape.class, "shape", holder.shape());
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
            throw Refused.because("card-file.measure");
        }
        return millimetres(millimetres);
    }

    private static Length millimetres(BigDecimal millimetres) {
        return Length.ofMillimetres(millimetres.doubleValue());
    }

    private List<WrittenStep> ladderSteps(CardFile.Card card) {
        Set<LadderStep> said = EnumSet.noneOf(LadderStep.class);
        return card.ladder().stream()
                .map(ladderStep -> {
                    WrittenStep change = ladderStep(card, ladderStep);
                    if (!said.add(change.ladderStep())) {
                        throw Refused.because(
                                "card-file.step-twice", change.ladderStep().words());
                    }
                    return change;
                })
                .toList();
    }

    private WrittenStep ladderStep(CardFile.Card card, CardFile.LadderStep ladderStep) {
        Optional<MaterialView> out = named(ladderStep.replaced());
        Optional<MaterialView> in = named(ladderStep.replacement());
        if (out.isPresent()
                && card.put().stream().noneMatch(put -> put.material().equals(ladderStep.replaced()))) {
            throw Refused.because("card-file.step-takes-out", out.get().name());
        }
        if (in.isPresent()
                && out.filter(gone -> gone.isPoured() == in.get().isPoured()).isEmpty()) {
            throw Refused.because("card-file.step-replaces", in.get().name());
        }
        int percent = ladderStep.amountPercent() == 0 ? 100 : ladderStep.amountPercent();
        return new WrittenStep(
                oneOf(LadderStep.class, "step", ladderStep.step()),
                text("sign", ladderStep.sign(), 300),
                new Change(
                        within("percent", percent, 10, 400),
                        out.map(MaterialView::id).map(LaidOut::key),
                        in.map(MaterialView::id).map(LaidOut::key),
                        text("note", ladderStep.note(), 500)));
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
                        throw Refused.because("card-file.preparation-name", step.name());
                    }
                    step.after().forEach(earlier -> within("earlier", earlier, 1, at));
                    return new PreparationStep(
                            text("step-name", step.name(), CardLimits.LONGEST_LINE),
                            within("hands-on", step.handsOnMinutes(), 1, CardLimits.MOST_HANDS_ON_MINUTES),
                            within("waiting", step.waitingMinutes(), 0, CardLimits.MOST_WAITING_HOURS * 60),
                            step.doneBy().isEmpty() ? Who.ADULT : oneOf(Who.class, "done-by", step.doneBy()),
                            within("turns", Math.max(1, step.turns()), 1, 60),
                            step.after());
                })
                .toList();
    }

    private List<Portion.Kept> kept(CardFile.Card card) {
        return few("calculations", card.calculations(), CardLimits.MOST_KEPT).stream()
                .map(kept -> {
                    if (!isTool.test(kept.tool())) {
                        throw Refused.because("card-file.calculation", kept.tool());
                    }
                    return new Portion.Kept(
                            Ids.next().toString(), kept.tool(), asNamedNow(kept.inputs()), Optional.empty());
                })
                .toList();
    }

    /** Older files call the step of the pouring ladder a rung. */
    private static Map<String, String> asNamedNow(Map<String, String> inputs) {
        return inputs.entrySet().stream()
                .collect(Collectors.toMap(
                        input -> input.getKey().equals("rung") ? "step" : input.getKey(), Map.Entry::getValue));
    }

    /** A kit of its own for now; whether there is one like it already is seen when it is put in. */
    private List<Portion.KitThings> kit(CardFile.Card card) {
        if (card.kit() == null) {
            return List.of();
        }
        String name = text("kit", card.kit().name(), CardLimits.LONGEST_LINE);
        if (name.isEmpty()) {
            throw Refused.because("card-file.kit-name");
        }
        List<Ingredient> things = few("kit-things", card.kit().things(), MOST_IN_A_KIT).stream()
                .map(one -> {
                    MaterialView material = material(one.material());
                    int pieces = within("kit-pieces", one.pieces(), 1, MOST_OF_A_THING);
                    return Ingredient.of(LaidOut.key(material.id()), material.name(), Amount.of(pieces));
                })
                .toList();
        return List.of(new Portion.KitThings(Ids.next().toString(), name, Optional.of(things)));
    }

    /** What a part of a card is called. */
    private static Said part(String part) {
        return Said.of("card-file.part." + part);
    }

    private static <T> List<T> few(String things, List<T> all, int most) {
        if (all.size() > most) {
            throw Refused.because("card-file.too-many", most, part(things), all.size());
        }
        return all;
    }

    private static String text(String thing, String text, int longest) {
        if (text.length() > longest) {
            throw Refused.because("card-file.too-long", part(thing), longest, text.length());
        }
        return text;
    }

    private static int within(String thing, int number, int least, int most) {
        if (number < least || number > most) {
            throw Refused.because("card-file.between", part(thing), least, most, number);
        }
        return number;
    }

    private static <E extends Enum<E>> E oneOf(Class<E> kind, String thing, String code) {
        return Arrays.stream(kind.getEnumConstants())
                .filter(one -> one.name().equals(code))
                .findFirst()
                .orElseThrow(() -> Refused.because(
                        "card-file.one-of",
                        part(thing),
                        Arrays.stream(kind.getEnumConstants()).map(Enum::name).collect(Collectors.joining(", ")),
                        code));
    }
}
