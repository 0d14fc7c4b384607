package app.carder.web.provocation;

import app.carder.core.framework.Framework;
import app.carder.core.framework.Sense;
import app.carder.core.measure.Length;
import app.carder.core.vessel.Fill;
import app.carder.core.vessel.Vessel;
import app.carder.core.vessel.VesselShape;
import app.carder.web.material.MaterialView;
import app.carder.web.page.FormErrors;
import app.carder.web.page.Typed;
import app.carder.web.provocation.CardDetails.Line;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;

/** Reads a card from a form, and puts a card into one. */
final class CardForm {

    private static final int MOST_LINES = 8;
    private static final int LONGEST_TEXT = 2000;
    private static final int MOST_PIECES = 10_000;
    private static final int MOST_PACKS = 1_000;

    private final Typed typed;
    private final FormErrors errors;
    private final Framework framework;
    private final Map<UUID, MaterialView> cupboard;

    CardForm(Typed typed, FormErrors errors, Framework framework, List<MaterialView> cupboard) {
        this.typed = typed;
        this.errors = errors;
        this.framework = framework;
        this.cupboard = cupboard.stream().collect(Collectors.toMap(MaterialView::id, Function.identity()));
    }

    /** A card, opened for editing. */
    static Typed of(CardView card) {
        CardDetails details = card.details();
        Typed typed = Typed.nothing()
                .with("id", card.id())
                .with("version", card.version())
                .with("title", details.title())
                .with("intention", details.intention())
                .with("adultRole", details.adultRole())
                .with("areas", List.copyOf(details.areas()))
                .with("statements", List.copyOf(details.statements()))
                .with("senses", details.senses().stream().map(Enum::name).toList())
                .with(
                        "shape",
                        details.vessel().map(vessel -> vessel.shape().name()).orElse("NONE"))
                .with(
                        "material",
                        details.lines().stream()
                                .map(line -> line.materialId().toString())
                                .toList())
                .with(
                        "amount",
                        details.lines().stream()
                                .map(line -> line.depth()
                                        .map(depth -> depth.exactCentimetres().toPlainString())
                                        .orElseGet(() -> line.pieces()
                                                .map(String::valueOf)
                                                .orElse("")))
                                .toList());
        details.vessel().ifPresent(vessel -> VesselMeasures.of(vessel).forEach(typed::with));
        return typed;
    }

    /** The whole card, where nothing is wrong. */
    Optional<CardDetails> read() {
        String title = typed.line("title", errors);
        String intention = typed.optional("intention", LONGEST_TEXT, errors);
        String adultRole = typed.optional("adultRole", LONGEST_TEXT, errors);
        Set<String> statements = typed.all("statements").stream()
                .filter(code -> framework.statement(code).isPresent())
                .collect(Collectors.toCollection(LinkedHashSet::new));
        Set<String> areas = typed.all("areas").stream()
                .filter(framework::hasArea)
                .collect(Collectors.toCollection(LinkedHashSet::new));
        statements.forEach(code -> framework.areaOf(code).ifPresent(area -> areas.add(area.code())));
        if (areas.isEmpty()) {
            errors.add("areas", "card.areas.missing");
        }
        Optional<Vessel> vessel = vessel();
        List<Line> lines = lines(vessel);
        return errors.any()
                ? Optional.empty()
                : Optional.of(new CardDetails(
                        title, intention, adultRole, areas, statements, sensesOf(typed), vessel, lines));
    }

    /** The vessel, where its measures are possible; nothing for a card without one. */
    Optional<Vessel> vessel() {
        Optional<VesselShape> shape = Arrays.stream(VesselShape.values())
                .filter(found -> found.name().equals(typed.text("shape")))
                .findFirst();
        if (shape.isEmpty()) {
            return Optional.empty();
        }
        Optional<Length> first = typed.centimetres("first", errors);
        Optional<Length> second =
                shape.get().hasSecondMeasure() ? typed.centimetres("second", errors) : Optional.of(Length.ZERO);
        Optional<Length> depth = typed.centimetres("depth", errors);
        return first.flatMap(across ->
                second.flatMap(along -> depth.map(deep -> shape.get().of(across, along, deep))));
    }

    /** The lines that can be read; the others are marked. */
    List<Line> lines(Optional<Vessel> vessel) {
        List<String> chosen = typed.all("material");
        List<String> amounts = typed.all("amount");
        List<Line> lines = new ArrayList<>();
        List<Length> depths = new ArrayList<>();
        for (int row = 0; row < Math.min(chosen.size(), MOST_LINES); row++) {
            String amount = row < amounts.size() ? amounts.get(row) : "";
            Optional<MaterialView> material = material(chosen.get(row));
            if (material.isEmpty()) {
                if (!amount.isEmpty()) {
                    errors.add(field("material", row), "card.material.missing");
                }
                continue;
            }
            Optional<Line> line = material.get().isPoured()
                    ? Typed.centimetres(field("amount", row), amount, errors)
                            .map(depth -> Line.poured(material.get().id(), depth))
                    : Typed.whole(field("amount", row), amount, 1, MOST_PIECES, errors)
                            .map(pieces -> Line.counted(material.get().id(), pieces));
            if (line.isPresent()) {
                line.get().depth().ifPresent(depths::add);
                checkDepth(vessel, line.get(), Fill.together(depths), row);
            }
            line.ifPresent(lines::add);
        }
        return lines;
    }

    /** Packs asked about, row by row, whether or not an amount stands beside them. */
    List<PackQuestion> packs() {
        List<String> chosen = typed.all("material");
        List<String> packs = typed.all("packs");
        List<PackQuestion> asked = new ArrayList<>();
        for (int row = 0; row < Math.min(Math.min(chosen.size(), packs.size()), MOST_LINES); row++) {
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

    private void checkDepth(Optional<Vessel> vessel, Line line, Length filled, int row) {
        if (line.depth().isEmpty()) {
            return;
        }
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

    private Optional<MaterialView> material(String id) {
        return cupboard.values().stream()
                .filter(found -> found.id().toString().equals(id))
                .findFirst();
    }

    /** One blank row after the last that is filled in, three at least. */
    static int rows(Typed typed) {
        List<String> chosen = typed.all("material");
        int filled = chosen.size();
        while (filled > 0 && chosen.get(filled - 1).isEmpty()) {
            filled--;
        }
        return Math.min(MOST_LINES, Math.max(3, filled + 1));
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
