package app.carder.web.card;

import app.carder.core.card.Card;
import app.carder.core.card.Made;
import app.carder.core.card.Portion;
import app.carder.core.card.Purpose;
import app.carder.core.card.SettingOut;
import app.carder.core.cupboard.CupboardTable;
import app.carder.core.cupboard.Stocked;
import app.carder.core.measure.Length;
import app.carder.core.vessel.Between;
import app.carder.core.vessel.FillPlan;
import app.carder.core.vessel.StatedVolume;
import app.carder.core.vessel.Vessel;
import app.carder.exchange.json.CardFile;
import app.carder.web.material.MaterialView;
import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Says a card, and what it puts out, in the terms of a card file. */
final class CardFileWriter {

    private CardFileWriter() {}

    /** Whatever a card or a step of it puts out, its kit and its kept answers included. */
    static Stream<UUID> materialsOf(CardView card, LaidOut laid) {
        return Stream.concat(
                        laid.contents().things(),
                        card.ladder().stream()
                                .flatMap(step ->
                                        Stream.concat(step.change().replace().stream(), step.change().with().stream())))
                .map(UUID::fromString);
    }

    /** What a material is like; what this setting pays and has is its own business. */
    static Map<String, String> described(Stocked stocked) {
        Map<String, String> cells = new LinkedHashMap<>(CupboardTable.cells(stocked));
        cells.keySet()
                .removeIf(column ->
                        column.startsWith("pack_") || column.startsWith("stock_") || column.equals("kept_in"));
        cells.values().removeIf(String::isEmpty);
        return cells;
    }

    /** The card. */
    static CardFile.Card card(CardView card, LaidOut laid, Map<UUID, MaterialView> used) {
        Card said = card.card();
        Purpose purpose = said.purpose();
        FillPlan.Use term = said.usage().term();
        Vessel vessel = said.contents().vessel().orElse(null);
        return new CardFile.Card(
                purpose.title(),
                purpose.intention(),
                purpose.adultRole(),
                purpose.load().name(),
                purpose.difficulty().orElse(null),
                purpose.words(),
                purpose.mightSee(),
                purpose.atHome(),
                purpose.place(),
                said.coverage().areas().stream().sorted().toList(),
                said.coverage().statements().stream().sorted().toList(),
                names(said.coverage().senses()),
                names(said.contents().features()),
                vessel == null ? null : holder(vessel instanceof Between between ? between.outer() : vessel),
                vessel instanceof Between between ? holder(between.inner()) : null,
                said.contents().lines().stream().map(line -> put(line, used)).toList(),
                said.usage().units().name(),
                new CardFile.Use(
                        term.vessels(),
                        term.spillPercent(),
                        term.children(),
                        term.sessionsPerFill(),
                        term.sessionsPerYear()),
                card.ladder().stream()
                        .map(ladderStep -> new CardFile.LadderStep(
                                ladderStep.ladderStep().name(),
                                ladderStep.sign(),
                                ladderStep.change().note(),
                                ladderStep.change().amountPercent(),
                                ladderStep
                                        .change()
                                        .replace()
                                        .map(id -> code(id, used))
                                        .orElse(""),
                                ladderStep
                                        .change()
                                        .with()
                                        .map(id -> code(id, used))
                                        .orElse("")))
                        .toList(),
                card.steps().stream()
                        .map(step -> new CardFile.Step(
                                step.name(),
                                step.handsOnMinutes(),
                                step.waitingMinutes(),
                                step.who().name(),
                                step.turns(),
                                step.after()))
                        .toList(),
                laid.contents().kept().stream().map(kept -> kept(kept, used)).toList(),
                laid.contents().kit().map(kit -> kit(kit, used)).orElse(null),
                layout(said.settingOut(), used));
    }

    private static CardFile.@Nullable Layout layout(SettingOut settingOut, Map<UUID, MaterialView> used) {
        if (settingOut.equals(SettingOut.USUAL)) {
            return null;
        }
        return new CardFile.Layout(
                settingOut.arrangement().map(Enum::name).orElse(""),
                settingOut.hand().name(),
                settingOut.places().stream()
                        .map(place -> place(place, used))
                        .filter(place -> !place.material().isEmpty())
                        .toList());
    }

    /** A mix has no code of its own: it is laid out again where the file is read. */
    private static CardFile.Place place(SettingOut.Place place, Map<UUID, MaterialView> used) {
        return new CardFile.Place(
                used.values().stream()
                        .filter(thing -> LaidOut.key(thing.id()).equals(place.thing()))
                        .map(MaterialView::code)
                        .findFirst()
                        .orElse(""),
                place.number(),
                BigDecimal.valueOf(Math.round(place.x() * 10), 1),
                BigDecimal.valueOf(Math.round(place.y() * 10), 1),
                (int) Math.round(place.turn()),
                place.group());
    }

    private static CardFile.Kept kept(Portion.Kept kept, Map<UUID, MaterialView> used) {
        return new CardFile.Kept(
                kept.tool(),
                kept.inputs(),
                kept.made().map(Made::ingredients).orElse(List.of()).stream()
                        .flatMap(ingredient -> ingredient.thing().stream())
                        .map(thing -> code(thing, used))
                        .filter(code -> !code.isEmpty())
                        .distinct()
                        .toList());
    }

    private static CardFile.Kit kit(Portion.KitThings kit, Map<UUID, MaterialView> used) {
        return new CardFile.Kit(
                kit.name(),
                kit.things().orElse(List.of()).stream()
                        .flatMap(one -> one.thing().stream()
                                .map(thing -> new CardFile.KitThing(
                                        code(thing, used), one.amount().pieces().orElse(1))))
                        .filter(one -> !one.material().isEmpty())
                        .toList());
    }

    private static List<String> names(Set<? extends Enum<?>> chosen) {
        return chosen.stream().map(Enum::name).sorted().collect(Collectors.toList());
    }

    private static CardFile.Put put(Portion line, Map<UUID, MaterialView> used) {
        return new CardFile.Put(
                code(thing(line), used),
                line instanceof Portion.Poured poured
                        ? poured.depth().map(CardFileWriter::number).orElse(null)
                        : null,
                line instanceof Portion.Counted counted ? counted.pieces().orElse(null) : null);
    }

    private static String thing(Portion line) {
        return line instanceof Portion.Poured poured ? poured.thing() : ((Portion.Counted) line).thing();
    }

    private static String code(String thing, Map<UUID, MaterialView> used) {
        return Optional.ofNullable(used.get(UUID.fromString(thing)))
                .map(MaterialView::code)
                .orElse("");
    }

    private static CardFile.Holder holder(Vessel vessel) {
        boolean byVolume = vessel instanceof StatedVolume;
        return new CardFile.Holder(
                vessel.shape().name(),
                byVolume ? null : number(vessel.firstMeasure()),
                vessel.secondMeasure().map(CardFileWriter::number).orElse(null),
                number(vessel.depth()),
                vessel instanceof StatedVolume stated
                        ? BigDecimal.valueOf(stated.stated().microlitres(), 3).stripTrailingZeros()
                        : null);
    }

    private static BigDecimal number(Length length) {
        return BigDecimal.valueOf(length.micrometres(), 3).stripTrailingZeros();
    }
}
