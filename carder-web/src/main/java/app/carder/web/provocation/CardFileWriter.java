package app.carder.web.provocation;

import app.carder.core.cupboard.CupboardTable;
import app.carder.core.cupboard.Stocked;
import app.carder.core.measure.Length;
import app.carder.core.vessel.Between;
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

/** Says a card, and what it puts out, in the terms of a card file. */
final class CardFileWriter {

    private CardFileWriter() {}

    /** Whatever a card or a rung of it puts out. */
    static Stream<UUID> materialsOf(CardView card) {
        return Stream.concat(
                card.details().lines().stream().map(CardDetails.Line::materialId),
                card.rungs().stream()
                        .flatMap(rung -> Stream.concat(rung.replaced().stream(), rung.replacement().stream())));
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
    static CardFile.Card card(CardView card, Map<UUID, MaterialView> used) {
        CardDetails details = card.details();
        Vessel vessel = details.vessel().orElse(null);
        return new CardFile.Card(
                details.title(),
                details.intention(),
                details.adultRole(),
                details.load().name(),
                details.difficulty().orElse(null),
                details.words(),
                details.place(),
                details.areas().stream().sorted().toList(),
                details.statements().stream().sorted().toList(),
                names(details.senses()),
                names(details.features()),
                vessel == null ? null : holder(vessel instanceof Between between ? between.outer() : vessel),
                vessel instanceof Between between ? holder(between.inner()) : null,
                details.lines().stream()
                        .map(line -> new CardFile.Put(
                                code(line.materialId(), used),
                                line.depth().map(CardFileWriter::number).orElse(null),
                                line.pieces().orElse(null)))
                        .toList(),
                details.units().name(),
                new CardFile.Use(
                        details.use().vessels(),
                        details.use().spillPercent(),
                        details.use().children(),
                        details.use().sessionsPerFill(),
                        details.use().sessionsPerYear()),
                card.rungs().stream()
                        .map(rung -> new CardFile.Rung(
                                rung.rung().name(),
                                rung.sign(),
                                rung.note(),
                                rung.amountPercent(),
                                rung.replaced().map(id -> code(id, used)).orElse(""),
                                rung.replacement().map(id -> code(id, used)).orElse("")))
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
                card.reckonings().stream()
                        .map(kept -> new CardFile.Kept(kept.tool(), kept.inputs()))
                        .toList());
    }

    private static List<String> names(Set<? extends Enum<?>> chosen) {
        return chosen.stream().map(Enum::name).sorted().collect(Collectors.toList());
    }

    private static String code(UUID id, Map<UUID, MaterialView> used) {
        return Optional.ofNullable(used.get(id)).map(MaterialView::code).orElse("");
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
