package app.carder.web.provocation;

import app.carder.core.cupboard.Stocked;
import app.carder.core.ladder.Change;
import app.carder.core.ladder.Rung;
import app.carder.core.material.Material;
import app.carder.core.material.MaterialKind;
import app.carder.core.measure.Length;
import app.carder.core.measure.Mass;
import app.carder.core.practice.GrainAdvice;
import app.carder.core.practice.PracticeStyle;
import app.carder.core.reckoning.Source;
import app.carder.core.safety.ChildPresent;
import app.carder.core.safety.Setup;
import app.carder.core.vessel.Containment;
import app.carder.core.vessel.Fill;
import app.carder.core.vessel.Fill.Layer;
import app.carder.core.vessel.FillPlan;
import app.carder.core.vessel.Vessel;
import app.carder.core.vessel.VesselDrawing;
import app.carder.web.children.ChildService;
import app.carder.web.children.ChildView;
import app.carder.web.kits.KitService;
import app.carder.web.kits.KitView;
import app.carder.web.material.MaterialService;
import app.carder.web.material.MaterialView;
import app.carder.web.provocation.BenchView.PackLevel;
import app.carder.web.provocation.BenchView.Pieces;
import app.carder.web.provocation.CardForm.PackQuestion;
import app.carder.web.provocation.CardPart.RungChange;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import app.carder.web.rules.RuleService;
import app.carder.web.setting.SettingId;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Hands a card to the core: amounts, use, drawing, advice, safety for the children who are there. */
@Service
public class BenchService {

    private final MaterialService materials;
    private final ChildService children;
    private final RoomService rooms;
    private final RuleService rules;
    private final KitService kits;

    BenchService(
            MaterialService materials, ChildService children, RoomService rooms, RuleService rules, KitService kits) {
        this.materials = materials;
        this.children = children;
        this.rooms = rooms;
        this.rules = rules;
        this.kits = kits;
    }

    /** Reckons a stored card for the children of its room on a day. */
    @Transactional(readOnly = true)
    public BenchView reckon(SettingId settingId, CardView card, LocalDate on) {
        return reckon(settingId, card, Rung.AS_IS, on);
    }

    /** Reckons one rung of a stored card: its amounts and its safety. */
    @Transactional(readOnly = true)
    public BenchView reckon(SettingId settingId, CardView card, Rung rung, LocalDate on) {
        RoomView room = rooms.get(settingId, card.roomId());
        CardDetails details = onRung(card, rung);
        Map<UUID, MaterialView> byId = materials.byId(
                settingId,
                details.lines().stream().map(CardDetails.Line::materialId).toList());
        return reckon(settingId, room, new Question(details, List.of()), byId, on);
    }

    /** The card as it is on a rung: depths, pieces and materials changed as the rung says. */
    static CardDetails onRung(CardView card, Rung rung) {
        Optional<RungChange> change = card.rung(rung);
        CardDetails details = card.details();
        if (change.isEmpty() || rung == Rung.AS_IS) {
            return details;
        }
        RungChange written = change.get();
        List<Change.Put> put = details.lines().stream()
                .map(line -> new Change.Put(line.materialId().toString(), line.depth(), line.pieces()))
                .toList();
        List<CardDetails.Line> lines = new Change(
                        written.amountPercent(),
                        written.replaced().map(UUID::toString),
                        written.replacement().map(UUID::toString),
                        written.note())
                .applyTo(put, details.vessel().map(Vessel::depth)).stream()
                        .map(one -> new CardDetails.Line(UUID.fromString(one.code()), one.depth(), one.pieces()))
                        .toList();
        return new CardDetails(
                details.title(),
                details.intention(),
                details.adultRole(),
                details.load(),
                details.difficulty(),
                details.words(),
                details.place(),
                details.areas(),
                details.statements(),
                details.senses(),
                details.features(),
                details.vessel(),
                lines,
                details.units(),
                details.use(),
                details.weekOf(),
                details.kitId());
    }

    /**
     * What is on the bench.
     *
     * @param details as far as they can be read
     * @param packs how deep do so many packs lie?
     */
    record Question(CardDetails details, List<PackQuestion> packs) {}

    /** Reckons what is on the bench. */
    @Transactional(readOnly = true)
    BenchView reckon(
            SettingId settingId, RoomView room, Question question, Map<UUID, MaterialView> byId, LocalDate on) {
        CardDetails card = question.details();
        List<MaterialView> putOut = card.lines().stream()
                .flatMap(line -> Stream.ofNullable(byId.get(line.materialId())))
                .distinct()
                .toList();
        Optional<KitView> kit = card.kitId().map(id -> kits.get(settingId, id));
        List<MaterialView> inReach = Stream.concat(
                        putOut.stream(),
                        kit.stream().flatMap(found -> found.parts().stream().map(KitView.Part::material)))
                .distinct()
                .toList();
        List<Layer> layers = new ArrayList<>();
        List<Mass> stock = new ArrayList<>();
        List<Pieces> pieces = new ArrayList<>();
        for (CardDetails.Line line : card.lines()) {
            MaterialView material = byId.get(line.materialId());
            if (material != null) {
                line.depth().filter(depth -> material.isPoured()).ifPresent(depth -> {
                    layers.add(new Layer(material.material(), depth, material.pack()));
                    stock.add(material.stocked().stock().mass().orElse(Mass.ZERO));
                });
                line.pieces().ifPresent(count -> pieces.add(pieces(material, count, card.use())));
            }
        }
        Optional<Vessel> vessel = card.vessel();
        List<Length> depths = layers.stream().map(Layer::depth).toList();
        boolean fits = vessel.filter(found -> !Fill.together(depths).isMoreThan(found.depth()))
                .isPresent();
        Optional<Fill.Amounts> amounts =
                fits && !layers.isEmpty() ? vessel.map(found -> Fill.reckon(found, layers)) : Optional.empty();

        List<ChildView> attending = children.attending(settingId, room.id(), on);
        boolean someAttend = !attending.isEmpty();
        List<ChildPresent> present = (someAttend ? attending : children.inRoom(settingId, room.id()))
                .stream().map(child -> child.present(on)).toList();
        return new BenchView(
                vessel.map(found -> VesselDrawing.of(found, depths)),
                amounts,
                amounts.map(found -> FillPlan.of(found, stock, card.use())),
                vessel.filter(found -> !layers.isEmpty())
                        .map(found -> Containment.of(
                                found, layers.stream().map(Layer::material).toList())),
                pieces,
                question.packs().stream()
                        .flatMap(asked -> level(vessel, asked).stream())
                        .toList(),
                advice(room.style(), putOut, present),
                rules.of(settingId, room.id()).check(setup(card, inReach), present),
                kit,
                putOut.stream()
                        .filter(material -> material.stocked().keepsDays().isPresent())
                        .toList(),
                putOut.stream().collect(Collectors.toMap(MaterialView::name, MaterialView::id, (one, same) -> one)),
                present.size(),
                someAttend,
                on);
    }

    private static Pieces pieces(MaterialView material, int count, FillPlan.Use use) {
        int needed = count * use.vessels();
        Optional<Integer> there = material.stocked().stock().pieces();
        return new Pieces(
                material.id(),
                material.name(),
                needed,
                there.map(stock -> Math.max(0, needed - stock)).orElse(0),
                there.isPresent());
    }

    static Setup setup(CardDetails card, List<MaterialView> putOut) {
        Stream<Setup.Item> things = putOut.stream()
                .map(MaterialView::stocked)
                .map((Stocked stocked) -> new Setup.Item(stocked.material(), stocked.vessel()));
        Stream<Setup.Item> vessel = card.vessel().stream()
                .map(found -> new Setup.Item(
                        new Material(
                                "the vessel",
                                MaterialKind.VESSEL,
                                Optional.empty(),
                                Optional.empty(),
                                Optional.empty(),
                                Set.of(),
                                Set.of(),
                                Source.entered("the card")),
                        Optional.of(found)));
        return new Setup(Stream.concat(things, vessel).toList(), card.features(), card.said());
    }

    private static List<GrainAdvice> advice(
            PracticeStyle style, List<MaterialView> putOut, List<ChildPresent> present) {
        return present.stream()
                .map(child -> child.age().inMonths())
                .min(Integer::compare)
                .map(youngest -> putOut.stream()
                        .flatMap(material -> GrainAdvice.of(style, material.material(), youngest).stream())
                        .collect(Collectors.toList()))
                .orElseGet(List::of);
    }

    private static Optional<PackLevel> level(Optional<Vessel> vessel, PackQuestion asked) {
        MaterialView material = asked.material();
        return vessel.filter(found -> material.isPoured())
                .flatMap(found -> material.pack()
                        .map(pack -> new PackLevel(
                                asked.row(),
                                material.name(),
                                asked.packs(),
                                Fill.levelOf(found, material.material(), pack, asked.packs()))));
    }
}
