package app.carder.web.card;

import app.carder.core.card.Card;
import app.carder.core.card.PutOut;
import app.carder.core.card.SetOutGate;
import app.carder.core.ladder.LadderStep;
import app.carder.core.picture.SetUpPicture;
import app.carder.core.practice.GrainAdvice;
import app.carder.core.practice.PracticeStyle;
import app.carder.core.safety.ChildPresent;
import app.carder.core.vessel.Containment;
import app.carder.core.vessel.Fill;
import app.carder.core.vessel.Vessel;
import app.carder.core.vessel.VesselDrawing;
import app.carder.web.card.BenchView.PackLevel;
import app.carder.web.card.BenchView.Pieces;
import app.carder.web.card.CardForm.PackQuestion;
import app.carder.web.card.SafetyService.Moment;
import app.carder.web.card.SafetyService.Present;
import app.carder.web.kits.KitService;
import app.carder.web.material.MaterialView;
import app.carder.web.page.Required;
import app.carder.web.picture.PictureSvg;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import app.carder.web.setting.SettingId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Hands a card to the core: amounts, use, drawing, advice, safety for the children who are there. */
@Service
public class BenchService {

    private final ContentsService contents;
    private final SafetyService safety;
    private final RoomService rooms;
    private final KitService kits;

    BenchService(ContentsService contents, SafetyService safety, RoomService rooms, KitService kits) {
        this.contents = contents;
        this.safety = safety;
        this.rooms = rooms;
        this.kits = kits;
    }

    /** Works out a stored card for the children of its room at a moment. */
    @Transactional(readOnly = true)
    public BenchView calculate(SettingId settingId, CardView card, Moment moment) {
        return calculate(settingId, card, LadderStep.AS_IS, moment);
    }

    /** Works out a stored card on a step of its ladder: its amounts and its safety. */
    @Transactional(readOnly = true)
    public BenchView calculate(SettingId settingId, CardView card, LadderStep ladderStep, Moment moment) {
        RoomView room = rooms.get(settingId, card.roomId());
        LaidOut laid = contents.lay(
                settingId,
                card.card().contentsOn(ladderStep),
                card.card().usage().term());
        return calculate(settingId, room, new Question(card.card(), List.of()), laid, moment);
    }

    /**
     * What is on the bench.
     *
     * @param card as far as it can be read
     * @param packs how deep do so many packs lie?
     */
    record Question(Card card, List<PackQuestion> packs) {}

    /**
     * Works out what is on the bench.
     *
     * @param atHand things that need not be read again, by key
     */
    @Transactional(readOnly = true)
    BenchView calculate(
            SettingId settingId, RoomView room, Question question, Map<String, MaterialView> atHand, Moment moment) {
        LaidOut laid = contents.lay(
                settingId, question.card().contents(), question.card().usage().term(), atHand);
        return calculate(settingId, room, question, laid, moment);
    }

    private BenchView calculate(SettingId settingId, RoomView room, Question question, LaidOut laid, Moment moment) {
        Card card = question.card();
        PutOut putOut = laid.putOut();
        Optional<Vessel> vessel = laid.contents().vessel();
        List<MaterialView> things = laid.inOrder();
        Present present = safety.present(settingId, room, moment);
        SetUpPicture picture = CardPictures.draw(laid, card.settingOut(), List.of());
        return new BenchView(
                Optional.of(picture)
                        .filter(found -> !found.isEmpty())
                        .map(found -> PictureSvg.of(found, card.purpose().title(), ids(found))),
                vessel.map(found -> VesselDrawing.of(found, putOut.depths())),
                putOut.amounts(),
                putOut.plan(),
                vessel.filter(found -> !putOut.depths().isEmpty()).map(found -> Containment.of(found, putOut.poured())),
                putOut.parts().stream()
                        .flatMap(part -> part.amount().pieces().stream()
                                .map(count -> pieces(Required.from(laid.things(), part.thing()), count)))
                        .toList(),
                question.packs().stream()
                        .flatMap(asked -> level(vessel, asked).stream())
                        .toList(),
                advice(room.style(), things, present.children()),
                new SetOutGate(safety.findings(settingId, room, laid, card.said(), present.children())),
                // A kit of a file that is only looked over is not here yet.
                laid.contents()
                        .kit()
                        .map(kit -> UUID.fromString(kit.kit()))
                        .filter(kit -> kits.has(settingId, kit))
                        .map(kit -> kits.get(settingId, kit)),
                putOut.cost(),
                putOut.usedUp(),
                things.stream()
                        .filter(material -> material.stocked().keepsDays().isPresent())
                        .toList(),
                things.stream().collect(Collectors.toMap(MaterialView::name, MaterialView::id, (one, same) -> one)),
                present.children().stream().map(ChildPresent::name).toList(),
                present.marks(),
                present.attending(),
                moment.on());
    }

    private static Pieces pieces(MaterialView material, int needed) {
        Optional<Integer> there = material.stocked().stock().pieces();
        return new Pieces(
                material.id(),
                material.name(),
                needed,
                there.map(stock -> Math.max(0, needed - stock)).orElse(0),
                there.isPresent());
    }

    private static List<GrainAdvice> advice(
            PracticeStyle style, List<MaterialView> putOut, List<ChildPresent> present) {
        return present.stream()
                .flatMap(child -> child.age().stream())
                .map(age -> age.inMonths())
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

    /** Steps of one card stand on one page: things of different pictures must not be taken for each other. */
    private static String ids(SetUpPicture picture) {
        return "b" + Integer.toUnsignedString(picture.hashCode(), Character.MAX_RADIX) + "-";
    }
}
