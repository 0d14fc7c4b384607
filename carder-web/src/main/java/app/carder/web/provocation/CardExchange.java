package app.carder.web.provocation;

import app.carder.core.cupboard.CupboardTable;
import app.carder.core.cupboard.Stocked;
import app.carder.core.framework.Crosswalk;
import app.carder.core.framework.Sense;
import app.carder.core.ladder.Rung;
import app.carder.core.measure.Length;
import app.carder.core.measure.Volume;
import app.carder.core.prepare.Step.Who;
import app.carder.core.safety.Feature;
import app.carder.core.safety.Finding;
import app.carder.core.vessel.Between;
import app.carder.core.vessel.FillPlan;
import app.carder.core.vessel.StatedVolume;
import app.carder.core.vessel.Vessel;
import app.carder.core.vessel.VesselShape;
import app.carder.exchange.json.CardFile;
import app.carder.web.account.Viewer;
import app.carder.web.material.MaterialService;
import app.carder.web.material.MaterialView;
import app.carder.web.provocation.CardPart.KeptReckoning;
import app.carder.web.provocation.CardPart.PreparationStep;
import app.carder.web.provocation.CardPart.RungChange;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import app.carder.web.setting.Ids;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Cards out to a file, and in from one: areas by the crosswalk, materials by code or name, safety checked anew. */
@Service
class CardExchange {

    private static final int LONGEST_TEXT = 2000;

    private final ProvocationService provocations;
    private final BenchService bench;
    private final MaterialService materials;
    private final RoomService rooms;
    private final SettingService settings;
    private final Crosswalk crosswalk = Crosswalk.shipped();

    CardExchange(
            ProvocationService provocations,
            BenchService bench,
            MaterialService materials,
            RoomService rooms,
            SettingService settings) {
        this.provocations = provocations;
        this.bench = bench;
        this.materials = materials;
        this.rooms = rooms;
        this.settings = settings;
    }

    /**
     * What importing a card would do.
     *
     * @param title of the card
     * @param areas names of the areas that it would have
     * @param lost codes of areas that say nothing here
     * @param newMaterials names of what would be added to the cupboard
     * @param findings for the children of the room, the gravest first
     * @param fault why it is left out; empty where it is not
     */
    record Preview(
            String title,
            List<String> areas,
            List<String> lost,
            List<String> newMaterials,
            List<Finding> findings,
            String fault) {}

    /** Cards as a file. All of them must be of rooms that work by one framework: that of the first. */
    @Transactional(readOnly = true)
    String write(SettingId settingId, List<UUID> cardIds) {
        List<CardView> cards =
                cardIds.stream().map(id -> provocations.get(settingId, id)).toList();
        Map<UUID, MaterialView> used = materials.byId(
                settingId,
                cards.stream().flatMap(CardExchange::materialsOf).distinct().toList());
        String framework = cards.isEmpty()
                ? ""
                : rooms.get(settingId, cards.get(0).roomId()).framework().code();
        return CardFile.write(
                framework,
                used.values().stream()
                        .map(material -> described(material.stocked()))
                        .toList(),
                cards.stream().map(card -> card(card, used)).toList());
    }

    /** Looks a file over, without writing anything. */
    @Transactional(readOnly = true)
    List<Preview> preview(SettingId settingId, UUID roomId, CardFile file) {
        RoomView room = rooms.get(settingId, roomId);
        Map<String, Stocked> inFile = inFile(settingId, file);
        Map<String, MaterialView> known = known(settingId, inFile);
        return file.cards().stream()
                .map(card -> preview(settingId, room, card, inFile, known))
                .toList();
    }

    /** Writes the cards that can be read; what the cupboard lacks is added to it. Returns how many. */
    @Transactional
    int putIn(Viewer viewer, UUID roomId, CardFile file) {
        SettingId settingId = viewer.settingId();
        RoomView room = rooms.get(settingId, roomId);
        Map<String, Stocked> inFile = inFile(settingId, file);
        Map<String, MaterialView> known = new HashMap<>(known(settingId, inFile));
        int written = 0;
        for (CardFile.Card card : file.cards()) {
            if (fault(room, card, inFile).isPresent()) {
                continue;
            }
            codes(card)
                    .filter(code -> !known.containsKey(code))
                    .distinct()
                    .forEach(code -> known.put(code, added(settingId, inFile.get(code))));
            Map<String, UUID> ids = new HashMap<>();
            known.forEach((code, material) -> ids.put(code, material.id()));
            UUID id = Ids.next();
            provocations.write(viewer, id, roomId, details(room, card, ids));
            provocations.writeRungs(viewer, id, rungs(card, ids));
            provocations.writeSteps(viewer, id, steps(card));
            card.reckonings().stream()
                    .limit(12)
                    .forEach(kept ->
                            provocations.keep(viewer, id, new KeptReckoning(Ids.next(), kept.tool(), kept.inputs())));
            written++;
        }
        return written;
    }

    private MaterialView added(SettingId settingId, @Nullable Stocked stocked) {
        if (stocked == null) {
            throw new IllegalStateException("Impossible state: a card with a material that is not in its file.");
        }
        UUID id = Ids.next();
        boolean codeTaken = materials.cupboard(settingId).stream()
                .anyMatch(material -> material.code().equals(stocked.code()));
        Stocked own = codeTaken ? withCode(stocked, "own-" + id) : stocked;
        materials.add(settingId, id, own);
        return new MaterialView(id, 0, own);
    }

    private static Stocked withCode(Stocked stocked, String code) {
        return new Stocked(
                code,
                stocked.material(),
                stocked.vessel(),
                stocked.bought(),
                stocked.stock(),
                stocked.keptIn(),
                stocked.keepsDays());
    }

    private Preview preview(
            SettingId settingId,
            RoomView room,
            CardFile.Card card,
            Map<String, Stocked> inFile,
            Map<String, MaterialView> known) {
        Optional<String> fault = fault(room, card, inFile);
        if (fault.isPresent()) {
            return new Preview(card.title(), List.of(), List.of(), List.of(), List.of(), fault.get());
        }
        Crosswalk.Mapped mapped = crosswalk.into(room.framework(), card.areas());
        Map<String, UUID> ids = new HashMap<>();
        Map<UUID, MaterialView> byId = new HashMap<>();
        inFile.forEach((code, stocked) -> {
            MaterialView material = known.getOrDefault(code, new MaterialView(Ids.next(), 0, stocked));
            ids.put(code, material.id());
            byId.put(material.id(), material);
        });
        BenchView reckoned = bench.reckon(
                settingId,
                room,
                new BenchService.Question(details(room, card, ids), List.of()),
                byId,
                settings.today(settingId));
        return new Preview(
                card.title(),
                room.framework().areas().stream()
                        .filter(area -> mapped.areas().contains(area.code()))
                        .map(area -> area.name())
                        .toList(),
                mapped.lost(),
                codes(card)
                        .distinct()
                        .filter(code -> !known.containsKey(code))
                        .flatMap(code -> Stream.ofNullable(inFile.get(code)).map(Stocked::name))
                        .toList(),
                reckoned.findings(),
                "");
    }

    /** Why a card cannot be taken over: in words, for the preview. */
    private Optional<String> fault(RoomView room, CardFile.Card card, Map<String, Stocked> inFile) {
        if (card.title().isBlank() || card.title().length() > 120) {
            return Optional.of("It needs a title of at most 120 letters.");
        }
        Optional<String> unknown =
                codes(card).filter(code -> !inFile.containsKey(code)).findFirst();
        if (unknown.isPresent()) {
            return Optional.of(
                    "Its material \"%s\" is not described in the file, or described wrongly.".formatted(unknown.get()));
        }
        if (Stream.of(card.intention(), card.adultRole(), card.words())
                .anyMatch(text -> text.length() > LONGEST_TEXT)) {
            return Optional.of("A text of it is longer than %d letters.".formatted(LONGEST_TEXT));
        }
        if (crosswalk.into(room.framework(), card.areas()).areas().isEmpty()) {
            return Optional.of("None of its areas says anything in \"%s\"."
                    .formatted(room.framework().name()));
        }
        Map<String, UUID> any = new HashMap<>();
        inFile.keySet().forEach(code -> any.put(code, Ids.next()));
        try {
            CardDetails details = details(room, card, any);
            Length filled = details.lines().stream()
                    .flatMap(line -> line.depth().stream())
                    .reduce(Length.ZERO, Length::plus);
            if (details.vessel()
                            .filter(vessel -> !filled.isMoreThan(vessel.depth()))
                            .isEmpty()
                    && !filled.isZero()) {
                return Optional.of("Its fills do not go into its vessel.");
            }
            rungs(card, any);
            steps(card);
            return Optional.empty();
        } catch (IllegalArgumentException wrong) {
            return Optional.of(String.valueOf(wrong.getMessage()));
        }
    }

    /** Materials of the file by code; those that are described wrongly are left out. */
    private Map<String, Stocked> inFile(SettingId settingId, CardFile file) {
        return CupboardTable.readRows(file.materials(), materials.currency(settingId)).rows().stream()
                .collect(Collectors.toMap(Stocked::code, Function.identity(), (one, same) -> one, LinkedHashMap::new));
    }

    /** Which of them the cupboard has already: by name, as a code may mean another thing elsewhere. */
    private Map<String, MaterialView> known(SettingId settingId, Map<String, Stocked> inFile) {
        Map<String, MaterialView> byName = materials.cupboard(settingId).stream()
                .collect(Collectors.toMap(material -> material.name().toLowerCase(Locale.ROOT), Function.identity()));
        Map<String, MaterialView> known = new LinkedHashMap<>();
        inFile.forEach(
                (code, stocked) -> Optional.ofNullable(byName.get(stocked.name().toLowerCase(Locale.ROOT)))
                        .ifPresent(material -> known.put(code, material)));
        return known;
    }

    private static Stream<String> codes(CardFile.Card card) {
        return Stream.concat(
                        card.put().stream().map(CardFile.Put::material),
                        card.rungs().stream().flatMap(rung -> Stream.of(rung.replaced(), rung.replacement())))
                .filter(code -> !code.isEmpty());
    }

    private CardDetails details(RoomView room, CardFile.Card card, Map<String, UUID> ids) {
        Set<String> areas = crosswalk.into(room.framework(), card.areas()).areas();
        return new CardDetails(
                card.title(),
                card.intention(),
                card.adultRole(),
                card.words(),
                card.place(),
                areas,
                card.statements().stream()
                        .filter(code -> room.framework().statement(code).isPresent())
                        .collect(Collectors.toSet()),
                card.senses().stream().map(Sense::valueOf).collect(Collectors.toSet()),
                card.features().stream().map(Feature::valueOf).collect(Collectors.toSet()),
                vessel(card),
                card.put().stream()
                        .limit(CardForm.MOST_LINES)
                        .map(put -> line(put, ids))
                        .toList(),
                card.units().isEmpty() ? CardDetails.Units.METRIC : CardDetails.Units.valueOf(card.units()),
                use(card.use()),
                Optional.empty(),
                Optional.empty());
    }

    private static FillPlan.Use use(CardFile.@Nullable Use use) {
        FillPlan.Use usual = CardDetails.USUAL_USE;
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

    private static CardDetails.Line line(CardFile.Put put, Map<String, UUID> ids) {
        UUID id = ids.get(put.material());
        if (id == null || (put.depthMm() == null) == (put.pieces() == null)) {
            throw new IllegalArgumentException("Each thing that is put out must have a depth or a number of pieces.");
        }
        Integer pieces = put.pieces();
        if (pieces != null && pieces < 1) {
            throw new IllegalArgumentException("Pieces must be 1 or more, got %d.".formatted(pieces));
        }
        return new CardDetails.Line(
                id, Optional.ofNullable(put.depthMm()).map(CardExchange::millimetres), Optional.ofNullable(pieces));
    }

    private static Optional<Vessel> vessel(CardFile.Card card) {
        Optional<Vessel> outer = Optional.ofNullable(card.vessel()).map(CardExchange::vessel);
        Optional<Vessel> inner = Optional.ofNullable(card.inner()).map(CardExchange::vessel);
        return outer.map(around ->
                inner.<Vessel>map(within -> new Between(around, within)).orElse(around));
    }

    private static Vessel vessel(CardFile.Holder holder) {
        VesselShape shape = VesselShape.valueOf(holder.shape());
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

    private static List<RungChange> rungs(CardFile.Card card, Map<String, UUID> ids) {
        List<RungChange> rungs = new ArrayList<>();
        for (CardFile.Rung rung : card.rungs()) {
            int percent = rung.amountPercent() == 0 ? 100 : rung.amountPercent();
            if (percent < 10 || percent > 400) {
                throw new IllegalArgumentException(
                        "Amount of a rung must be from 10 to 400 %%, got %d %%.".formatted(percent));
            }
            rungs.add(new RungChange(
                    Rung.valueOf(rung.rung()),
                    rung.sign(),
                    rung.note(),
                    percent,
                    Optional.ofNullable(ids.get(rung.replaced())),
                    Optional.ofNullable(ids.get(rung.replacement()))));
        }
        return rungs;
    }

    private static List<PreparationStep> steps(CardFile.Card card) {
        return card.steps().stream()
                .limit(12)
                .map(step -> new PreparationStep(
                        step.name(),
                        within("Hands-on minutes", step.handsOnMinutes(), 1, 720),
                        within("Waiting minutes", step.waitingMinutes(), 0, 43_200),
                        step.doneBy().isEmpty() ? Who.ADULT : Who.valueOf(step.doneBy()),
                        within("Turns", Math.max(1, step.turns()), 1, 60),
                        step.after()))
                .toList();
    }

    private static int within(String thing, int number, int least, int most) {
        if (number < least || number > most) {
            throw new IllegalArgumentException(
                    "%s must be from %d to %d, got %d.".formatted(thing, least, most, number));
        }
        return number;
    }

    private static Stream<UUID> materialsOf(CardView card) {
        return Stream.concat(
                card.details().lines().stream().map(CardDetails.Line::materialId),
                card.rungs().stream()
                        .flatMap(rung -> Stream.concat(rung.replaced().stream(), rung.replacement().stream())));
    }

    /** What a material is like; what this setting pays and has is its own business. */
    private static Map<String, String> described(Stocked stocked) {
        Map<String, String> cells = new LinkedHashMap<>(CupboardTable.cells(stocked));
        cells.keySet()
                .removeIf(column ->
                        column.startsWith("pack_") || column.startsWith("stock_") || column.equals("kept_in"));
        cells.values().removeIf(String::isEmpty);
        return cells;
    }

    private static CardFile.Card card(CardView card, Map<UUID, MaterialView> used) {
        CardDetails details = card.details();
        Vessel vessel = details.vessel().orElse(null);
        return new CardFile.Card(
                details.title(),
                details.intention(),
                details.adultRole(),
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
                                line.depth().map(CardExchange::number).orElse(null),
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
                vessel.secondMeasure().map(CardExchange::number).orElse(null),
                number(vessel.depth()),
                vessel instanceof StatedVolume stated
                        ? BigDecimal.valueOf(stated.stated().microlitres(), 3).stripTrailingZeros()
                        : null);
    }

    private static BigDecimal number(Length length) {
        return BigDecimal.valueOf(length.micrometres(), 3).stripTrailingZeros();
    }
}
