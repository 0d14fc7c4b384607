package app.carder.web.card;

import app.carder.core.card.Card;
import app.carder.core.card.CardLimits;
import app.carder.core.card.Contents;
import app.carder.core.card.Coverage;
import app.carder.core.card.Portion;
import app.carder.core.card.Purpose;
import app.carder.core.card.SettingOut;
import app.carder.core.card.Usage;
import app.carder.core.card.Usage.Units;
import app.carder.core.framework.Framework;
import app.carder.core.framework.Sense;
import app.carder.core.measure.Length;
import app.carder.core.measure.Volume;
import app.carder.core.proposal.AdultLoad;
import app.carder.core.room.ShelfOrder;
import app.carder.core.safety.Feature;
import app.carder.core.vessel.Between;
import app.carder.core.vessel.Fill;
import app.carder.core.vessel.FillPlan.Use;
import app.carder.core.vessel.StatedVolume;
import app.carder.core.vessel.Vessel;
import app.carder.core.vessel.VesselShape;
import app.carder.web.material.MaterialView;
import app.carder.web.page.FormErrors;
import app.carder.web.page.Typed;
import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Reads a card from a form, and puts a card into one. Materials and vessels are typed by their names in the cupboard. */
final class CardForm {

    private static final String NOT_SAID = "none";
    private static final int MOST_PACKS = 1_000;

    private final Typed typed;
    private final FormErrors errors;
    private final Framework framework;
    private final List<MaterialView> cupboard;
    private final Predicate<UUID> kits;

    CardForm(Typed typed, FormErrors errors, Framework framework, List<MaterialView> cupboard, Predicate<UUID> kits) {
        this.typed = typed;
        this.errors = errors;
        this.framework = framework;
        this.cupboard = cupboard;
        this.kits = kits;
    }

    /**
     * A card, opened for editing.
     *
     * @param names of the materials on it, by key
     */
    static Typed of(CardView view, Map<String, MaterialView> names) {
        return of(view.card(), names)
                .with("weekOf", view.weekOf().map(LocalDate::toString).orElse(""))
                .with("id", view.id())
                .with("version", view.version());
    }

    /** What a card says, put into a form. */
    static Typed of(Card card, Map<String, MaterialView> names) {
        Use term = card.usage().term();
        List<Portion> lines = card.contents().lines();
        Optional<Vessel> stands = card.contents().vessel();
        Typed typed = Typed.nothing()
                .with("title", card.purpose().title())
                .with("intention", card.purpose().intention())
                .with("adultRole", card.purpose().adultRole())
                .with("load", card.purpose().load())
                .with(
                        "difficulty",
                        card.purpose().difficulty().map(String::valueOf).orElse(NOT_SAID))
                .with("words", card.purpose().words())
                .with("mightSee", card.purpose().mightSee())
                .with("atHome", card.purpose().atHome())
                .with("place", card.purpose().place())
                .with("areas", List.copyOf(card.coverage().areas()))
                .with("statements", List.copyOf(card.coverage().statements()))
                .with(
                        "senses",
                        card.coverage().senses().stream().map(Enum::name).toList())
                .with(
                        "features",
                        card.contents().features().stream().map(Enum::name).toList())
                .with("units", card.usage().units())
                .with("vessels", term.vessels())
                .with("spill", term.spillPercent())
                .with("children", term.children())
                .with("sessions", term.sessionsPerFill())
                .with("sessionsYear", term.sessionsPerYear())
                .with("kit", card.contents().kit().map(Portion.KitThings::kit).orElse(""))
                .with("shape", stands.map(vessel -> vessel.shape().name()).orElse("NONE"))
                .with(
                        "material",
                        lines.stream()
                                .map(line -> Optional.ofNullable(names.get(thing(line)))
                                        .map(MaterialView::name)
                                        .orElse(""))
                                .toList())
                .with("amount", lines.stream().map(CardForm::amount).toList());
        stands.ifPresent(vessel -> {
            boolean nested = vessel instanceof Between;
            put(typed, nested ? ((Between) vessel).outer() : vessel, "first", "second", "depth", "holds");
            if (nested) {
                Vessel inner = ((Between) vessel).inner();
                typed.with("innerShape", inner.shape());
                put(typed, inner, "innerFirst", "innerSecond", "innerDepth", "innerHolds");
            }
        });
        return typed;
    }

    private static String thing(Portion line) {
        return line instanceof Portion.Poured poured
                ? poured.thing()
                : line instanceof Portion.Counted counted ? counted.thing() : "";
    }

    private static void put(Typed typed, Vessel vessel, String first, String second, String depth, String holds) {
        if (vessel instanceof StatedVolume stated) {
            typed.with(
                    holds,
                    BigDecimal.valueOf(stated.stated().microlitres(), 3)
                            .stripTrailingZeros()
                            .toPlainString());
        } else {
            typed.with(first, centimetres(vessel.firstMeasure()));
            vessel.secondMeasure().ifPresent(length -> typed.with(second, centimetres(length)));
        }
        typed.with(depth, centimetres(vessel.depth()));
    }

    private static String amount(Portion line) {
        if (line instanceof Portion.Poured poured) {
            return poured.depth().map(CardForm::centimetres).orElse("");
        }
        return line instanceof Portion.Counted counted
                ? counted.pieces().map(String::valueOf).orElse("")
                : "";
    }

    private static String centimetres(Length length) {
        return length.exactCentimetres().toPlainString();
    }

    /**
     * The whole card, where nothing is wrong.
     *
     * @param there the card as it is; what the form does not ask stays as it is there
     */
    Optional<Card> read(Optional<Card> there) {
        typed.line("title", errors);
        typed.passage("intention", CardLimits.LONGEST_TEXT, errors);
        typed.passage("adultRole", CardLimits.LONGEST_TEXT, errors);
        typed.passage("words", CardLimits.LONGEST_TEXT, errors);
        typed.passage("mightSee", CardLimits.LONGEST_TEXT, errors);
        typed.passage("atHome", CardLimits.LONGEST_TEXT, errors);
        typed.optional("place", CardLimits.LONGEST_LINE, errors);
        if (areas().isEmpty()) {
            errors.add("areas", "card.areas.missing");
        }
        week();
        Card card = draft(there);
        boolean unread = card.contents().lines().stream().anyMatch(CardForm::isUnread);
        if (unread && !errors.any()) {
            throw new IllegalStateException("Impossible state: an amount is missing and no fault says so.");
        }
        return errors.any() ? Optional.empty() : Optional.of(card);
    }

    private static boolean isUnread(Portion line) {
        return line instanceof Portion.Poured poured && poured.depth().isEmpty()
                || line instanceof Portion.Counted counted && counted.pieces().isEmpty();
    }

    /** What can be read already; what cannot is marked, and stands on the card without its amount. */
    Card draft(Optional<Card> there) {
        Optional<Vessel> vessel = vessel();
        Contents contents = new Contents(
                        vessel,
                        lines(vessel),
                        Arrays.stream(Feature.values())
                                .filter(feature -> typed.has("features", feature.name()))
                                .collect(Collectors.toSet()),
                        there.map(card -> card.contents().answers()).orElse(Map.of()))
                .plus(typed
                        .chosen("kit", kits, errors)
                        .map(kit -> new Portion.KitThings(kit.toString(), "", Optional.empty()))
                        .stream()
                        .toList())
                .plus(there.map(card -> card.contents().kept()).orElse(List.of()));
        return new Card(
                new Purpose(
                        typed.text("title"),
                        typed.passage("intention"),
                        typed.passage("adultRole"),
                        AdultLoad.of(typed.text("load")).orElse(AdultLoad.NEAR),
                        difficulty(),
                        new Purpose.Alongside(
                                typed.passage("words"), typed.passage("mightSee"), typed.passage("atHome")),
                        typed.text("place")),
                new Coverage(areas(), statements(), sensesOf(typed)),
                contents,
                new Usage(use(), typed.has("units", Units.HOUSEHOLD.name()) ? Units.HOUSEHOLD : Units.METRIC),
                there.map(Card::ladder).orElse(List.of()),
                there.map(Card::preparation).orElse(List.of()),
                there.map(Card::settingOut).orElse(SettingOut.USUAL));
    }

    private Optional<Integer> difficulty() {
        String said = typed.text("difficulty");
        return said.isEmpty() || said.equals(NOT_SAID)
                ? Optional.empty()
                : Typed.whole("difficulty", said, ShelfOrder.EASIEST, ShelfOrder.HARDEST, errors);
    }

    private Set<String> statements() {
        return typed.all("statements").stream()
                .filter(code -> framework.statement(code).isPresent())
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    private Set<String> areas() {
        Set<String> areas = typed.all("areas").stream()
                .filter(framework::hasArea)
                .collect(Collectors.toCollection(LinkedHashSet::new));
        statements().forEach(code -> framework.areaOf(code).ifPresent(area -> areas.add(area.code())));
        return areas;
    }

    private Use use() {
        Use usual = Usage.USUAL_TERM;
        return new Use(
                number("vessels", 1, 100, usual.vessels()),
                number("spill", 0, 100, usual.spillPercent()),
                number("children", 1, 1000, usual.children()),
                number("sessions", 1, 1000, usual.sessionsPerFill()),
                number("sessionsYear", 1, 2000, usual.sessionsPerYear()));
    }

    private int number(String field, int least, int most, int usual) {
        String text = typed.text(field);
        return text.isEmpty()
                ? usual
                : Typed.whole(field, text, least, most, errors).orElse(usual);
    }

    /** The Monday of the week of a day that was typed. */
    Optional<LocalDate> week() {
        return typed.text("weekOf").isEmpty()
                ? Optional.empty()
                : typed.day("weekOf", errors).map(day -> day.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY)));
    }

    /** The vessel, where its measures are possible; nothing for a card without one. */
    private Optional<Vessel> vessel() {
        String fromCupboard = typed.text("vesselFrom");
        Optional<Vessel> outer = fromCupboard.isEmpty()
                ? vessel("shape", "first", "second", "depth", "holds")
                : fromCupboard(fromCupboard);
        Optional<Vessel> inner = vessel("innerShape", "innerFirst", "innerSecond", "innerDepth", "innerHolds");
        if (inner.isEmpty() || outer.isEmpty()) {
            return outer;
        }
        try {
            return Optional.of(new Between(outer.get(), inner.get()));
        } catch (IllegalArgumentException doesNotStandInside) {
            errors.add("innerFirst", "card.inner.tooLarge", inner.get().forPeople());
            return outer;
        }
    }

    private Optional<Vessel> fromCupboard(String name) {
        Optional<Vessel> found =
                material(name).flatMap(material -> material.stocked().vessel());
        if (found.isEmpty()) {
            errors.add("vesselFrom", "card.vessel.unknown", name);
        }
        return found;
    }

    private Optional<Vessel> vessel(String shapeField, String first, String second, String depth, String holds) {
        Optional<VesselShape> shape = Arrays.stream(VesselShape.values())
                .filter(found -> found.name().equals(typed.text(shapeField)))
                .findFirst();
        if (shape.isEmpty()) {
            return Optional.empty();
        }
        Optional<Length> deep = typed.centimetres(depth, errors);
        if (shape.get().isByVolume()) {
            Optional<Volume> volume = Typed.number(typed.text(holds))
                    .filter(number -> number.signum() > 0 && number.compareTo(BigDecimal.valueOf(200_000)) <= 0)
                    .map(number -> Volume.ofMillilitres(number.doubleValue()));
            if (volume.isEmpty()) {
                errors.add(holds, typed.text(holds).isEmpty() ? "card.holds.missing" : "card.holds", typed.text(holds));
            }
            return volume.flatMap(stated -> deep.map(down -> new StatedVolume(stated, down)));
        }
        Optional<Length> across = typed.centimetres(first, errors);
        Optional<Length> along =
                shape.get().hasSecondMeasure() ? typed.centimetres(second, errors) : Optional.of(Length.ZERO);
        return across.flatMap(one ->
                along.flatMap(other -> deep.map(down -> shape.get().of(one, other, down))));
    }

    /** The lines that can be read; the others are marked. */
    private List<Portion> lines(Optional<Vessel> vessel) {
        List<String> chosen = typed.all("material");
        List<String> amounts = typed.all("amount");
        List<Portion> lines = new ArrayList<>();
        List<Length> depths = new ArrayList<>();
        for (int row = 0; row < Math.min(chosen.size(), CardLimits.MOST_LINES); row++) {
            String amount = row < amounts.size() ? amounts.get(row) : "";
            Optional<MaterialView> material = material(chosen.get(row));
            if (material.isEmpty()) {
                if (!chosen.get(row).isEmpty()) {
                    errors.add(field("material", row), "card.material.unknown", chosen.get(row));
                    lines.add(new Portion.Named(chosen.get(row)));
                } else if (!amount.isEmpty()) {
                    errors.add(field("material", row), "card.material.missing");
                }
                continue;
            }
            String thing = LaidOut.key(material.get().id());
            if (material.get().isPoured()) {
                Optional<Length> depth = Typed.centimetres(field("amount", row), amount, errors);
                depth.ifPresent(depths::add);
                lines.add(new Portion.Poured(thing, depth));
                if (depth.isPresent()) {
                    checkDepth(vessel, Fill.together(depths), row);
                }
            } else {
                lines.add(new Portion.Counted(
                        thing, Typed.whole(field("amount", row), amount, 1, CardLimits.MOST_PIECES, errors)));
            }
        }
        return lines;
    }

    /** Packs asked about, row by row, whether or not an amount stands beside them. */
    List<PackQuestion> packs() {
        List<String> chosen = typed.all("material");
        List<String> packs = typed.all("packs");
        List<PackQuestion> asked = new ArrayList<>();
        for (int row = 0; row < Math.min(Math.min(chosen.size(), packs.size()), CardLimits.MOST_LINES); row++) {
            Optional<MaterialView> material = material(chosen.get(row));
            if (material.isPresent() && !packs.get(row).isEmpty()) {
                int place = row;
                Typed.whole(field("packs", row), packs.get(row), 1, MOST_PACKS, errors)
                        .ifPresent(count -> asked.add(new PackQuestion(place, material.get(), count)));
            }
        }
        return asked;
    }

    /**
     * How deep do so many packs lie?
     *
     * @param row where it was asked
     * @param material what is in the packs
     * @param packs how many
     */
    record PackQuestion(int row, MaterialView material, int packs) {}

    private void checkDepth(Optional<Vessel> vessel, Length filled, int row) {
        if (vessel.isEmpty() && !errors.any()) {
            errors.add(field("amount", row), "card.depth.noVessel");
        }
        vessel.filter(found -> filled.isMoreThan(found.depth()))
                .ifPresent(found -> errors.add(
                        field("amount", row),
                        "card.depth.tooDeep",
                        filled.forPeople(),
                        found.depth().forPeople()));
    }

    /** By name, in any case. */
    private Optional<MaterialView> material(String typedName) {
        String wanted = typedName.toLowerCase(Locale.ROOT);
        return wanted.isEmpty()
                ? Optional.empty()
                : cupboard.stream()
                        .filter(found -> found.name().toLowerCase(Locale.ROOT).equals(wanted))
                        .findFirst();
    }

    /** What was typed where a name of the cupboard is asked for. */
    static List<String> materialsOf(Typed typed) {
        return Stream.concat(typed.all("material").stream(), Stream.of(typed.text("vesselFrom")))
                .filter(name -> !name.isEmpty())
                .toList();
    }

    /** One blank row after the last that is filled in, three at least. */
    static int rows(Typed typed) {
        return typed.rows("material", 3, CardLimits.MOST_LINES);
    }

    /** The senses ticked on a form. */
    static Set<Sense> sensesOf(Typed typed) {
        return Arrays.stream(Sense.values())
                .filter(sense -> typed.has("senses", sense.name()))
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    private static String field(String name, int row) {
        return name + "-" + row;
    }
}
