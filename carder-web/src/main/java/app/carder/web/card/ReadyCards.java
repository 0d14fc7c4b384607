package app.carder.web.card;

import app.carder.core.card.Card;
import app.carder.core.card.Coverage;
import app.carder.core.deck.FittedCard;
import app.carder.core.deck.ReadyCard;
import app.carder.core.framework.Crosswalk;
import app.carder.core.picture.SetUpPicture;
import app.carder.core.practice.PracticeStyle;
import app.carder.core.safety.Finding;
import app.carder.web.account.Viewer;
import app.carder.web.card.SafetyService.Moment;
import app.carder.web.material.MaterialService;
import app.carder.web.material.MaterialView;
import app.carder.web.page.NotFound;
import app.carder.web.page.Required;
import app.carder.web.page.Typed;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import app.carder.web.setting.Ids;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Ready cards, said in a room's framework and fitted to its setting's cupboard. */
@Service
class ReadyCards {

    private final List<ReadyCard> shipped = ReadyCard.shipped();
    private final Crosswalk crosswalk = Crosswalk.shipped();
    private final MaterialService materials;
    private final ContentsService contents;
    private final SafetyService safety;
    private final CardService deck;
    private final RoomService rooms;
    private final SettingService settings;

    ReadyCards(
            MaterialService materials,
            ContentsService contents,
            SafetyService safety,
            CardService deck,
            RoomService rooms,
            SettingService settings) {
        this.materials = materials;
        this.contents = contents;
        this.safety = safety;
        this.deck = deck;
        this.rooms = rooms;
        this.settings = settings;
    }

    /**
     * Which of them.
     *
     * @param style whose deck
     * @param years age of the children, in whole years; absent for any
     * @param isOutdoors whether they take place out of doors; absent for both
     */
    record Wanted(PracticeStyle style, Optional<Integer> years, Optional<Boolean> isOutdoors) {

        private boolean includes(ReadyCard ready) {
            return ready.style() == style
                    && years.map(ready.ages()::includeYear).orElse(true)
                    && isOutdoors.map(out -> out == ready.isOutdoors()).orElse(true);
        }
    }

    /**
     * A ready card as this room would have it.
     *
     * @param ready as it ships
     * @param card as it would be written down
     * @param notes what is different here, in words
     * @param holds what would hold it for the children of today, the gravest first
     * @param isThere whether the room has a card of that title
     */
    record Offer(ReadyCard ready, Card card, List<String> notes, List<Finding> holds, boolean isThere) {}

    /** What a room is offered. */
    @Transactional(readOnly = true)
    List<Offer> offers(SettingId settingId, RoomView room, Wanted wanted) {
        Map<String, MaterialView> byCode = byCode(settingId);
        Map<String, MaterialView> byKey = byCode.values().stream()
                .collect(Collectors.toMap(thing -> LaidOut.key(thing.id()), Function.identity()));
        Set<String> titles = titles(settingId, room.id());
        SafetyService.Present present = safety.present(settingId, room, Moment.day(settings.today(settingId)));
        return shipped.stream()
                .filter(wanted::includes)
                .map(ready -> {
                    FittedCard fitted = fitted(ready, byCode);
                    Card card = written(fitted, room, byCode);
                    LaidOut laid = contents.lay(
                            settingId, card.contents(), card.usage().term(), byKey);
                    return new Offer(
                            ready,
                            card,
                            fitted.notes().stream().map(Object::toString).toList(),
                            safety.findings(settingId, room, laid, card.said(), present.children()).stream()
                                    .filter(Finding::holds)
                                    .toList(),
                            titles.contains(ready.title().toLowerCase(Locale.ROOT)));
                })
                .toList();
    }

    /** How a ready card would look set out here. */
    @Transactional(readOnly = true)
    SetUpPicture picture(SettingId settingId, RoomView room, String code) {
        ReadyCard ready = byCode(code).orElseThrow(NotFound::new);
        Map<String, MaterialView> cupboard = byCode(settingId);
        Card card = written(fitted(ready, cupboard), room, cupboard);
        return CardPictures.draw(
                contents.lay(settingId, card.contents(), card.usage().term()), card.settingOut(), List.of());
    }

    /** A ready card, opened on the bench before anything is written; absent where there is none of that code. */
    @Transactional(readOnly = true)
    Optional<Typed> opened(SettingId settingId, RoomView room, String code) {
        return byCode(code).map(ready -> {
            Map<String, MaterialView> cupboard = byCode(settingId);
            return CardForm.of(
                    written(fitted(ready, cupboard), room, cupboard),
                    cupboard.values().stream()
                            .collect(Collectors.toMap(thing -> LaidOut.key(thing.id()), Function.identity())));
        });
    }

    /** Writes those of these codes into a room's deck that are not in it yet. Returns how many. */
    @Transactional
    int take(Viewer viewer, UUID roomId, Collection<String> codes) {
        SettingId settingId = viewer.settingId();
        RoomView room = rooms.get(settingId, roomId);
        Map<String, MaterialView> cupboard = byCode(settingId);
        Set<String> titles = titles(settingId, roomId);
        List<ReadyCard> wanted = shipped.stream()
                .filter(ready -> codes.contains(ready.code())
                        && !titles.contains(ready.title().toLowerCase(Locale.ROOT)))
                .toList();
        wanted.forEach(ready -> {
            UUID id = Ids.next();
            Card card = written(fitted(ready, cupboard), room, cupboard);
            deck.write(viewer, id, roomId, card, Optional.empty());
            deck.writeLadderSteps(viewer, id, card.ladder());
        });
        return wanted.size();
    }

    private Optional<ReadyCard> byCode(String code) {
        return shipped.stream().filter(ready -> ready.code().equals(code)).findFirst();
    }

    private Map<String, MaterialView> byCode(SettingId settingId) {
        return materials.cupboard(settingId).stream()
                .collect(Collectors.toMap(MaterialView::code, Function.identity()));
    }

    private Set<String> titles(SettingId settingId, UUID roomId) {
        return deck.plan(settingId, Optional.of(roomId)).stream()
                .map(card -> card.title().toLowerCase(Locale.ROOT))
                .collect(Collectors.toSet());
    }

    private static FittedCard fitted(ReadyCard ready, Map<String, MaterialView> cupboard) {
        return FittedCard.of(
                ready,
                cupboard.entrySet().stream()
                        .collect(Collectors.toMap(
                                Map.Entry::getKey, thing -> thing.getValue().stocked())));
    }

    private Card written(FittedCard fitted, RoomView room, Map<String, MaterialView> cupboard) {
        Card card =
                fitted.keyed(code -> LaidOut.key(Required.from(cupboard, code).id()));
        return new Card(
                card.purpose(),
                new Coverage(
                        crosswalk
                                .into(room.framework(), card.coverage().areas())
                                .areas(),
                        Set.of(),
                        card.coverage().senses()),
                card.contents(),
                card.usage(),
                card.ladder(),
                card.preparation(),
                card.settingOut());
    }
}
