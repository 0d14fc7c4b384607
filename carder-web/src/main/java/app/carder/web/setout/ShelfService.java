package app.carder.web.setout;

import app.carder.core.ladder.LadderStep;
import app.carder.core.measure.Mass;
import app.carder.core.room.ShelfOrder;
import app.carder.core.room.ShelfOrder.Item;
import app.carder.web.card.CardService;
import app.carder.web.card.CardSummary;
import app.carder.web.card.CardView;
import app.carder.web.card.ContentsService;
import app.carder.web.page.NotFound;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import app.carder.web.room.ZoneView;
import app.carder.web.roomplan.RoomPlanService;
import app.carder.web.roomplan.RoomPlanService.ZonePlaces;
import app.carder.web.setout.ShelfView.Slot;
import app.carder.web.setout.ShelfView.Standing;
import app.carder.web.setting.SettingId;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Where on its shelf each card stands: from left to right, from easy to hard. */
@Service
public class ShelfService {

    private static final Limit OF_A_DAY = Limit.of(100);
    private static final int MOST_PLACES = 12;
    private static final ZonePlaces ONE_PLACE = new ZonePlaces(1, 1, true, false);

    private final SetOutRepository setOuts;
    private final RoomPlanService plans;
    private final RoomService rooms;
    private final CardService deck;
    private final ContentsService contents;

    ShelfService(
            SetOutRepository setOuts,
            RoomPlanService plans,
            RoomService rooms,
            CardService deck,
            ContentsService contents) {
        this.setOuts = setOuts;
        this.plans = plans;
        this.rooms = rooms;
        this.deck = deck;
        this.contents = contents;
    }

    /** The zones of a room with what is out. */
    @Transactional(readOnly = true)
    public List<ShelfView> shelves(SettingId settingId, RoomView room, List<SetOutView> out) {
        Map<UUID, Optional<Mass>> tooHeavy = tooHeavy(
                settingId, out.stream().map(one -> one.card().id()).distinct().toList());
        Map<UUID, ZonePlaces> places = plans.places(settingId, room);
        return room.zones().stream()
                .map(zone ->
                        shelf(zone, places.getOrDefault(zone.id(), ONE_PLACE).shelf(), out, tooHeavy))
                .toList();
    }

    private Map<UUID, Optional<Mass>> tooHeavy(SettingId settingId, List<UUID> cardIds) {
        List<CardView> cards = deck.whole(settingId, cardIds);
        return contents.lay(settingId, cards).entrySet().stream()
                .collect(Collectors.toMap(
                        Map.Entry::getKey, one -> one.getValue().putOut().tooHeavy()));
    }

    private static ShelfView shelf(
            ZoneView zone, int places, List<SetOutView> out, Map<UUID, Optional<Mass>> tooHeavy) {
        List<SetOutView> here =
                out.stream().filter(one -> one.zone().id().equals(zone.id())).toList();
        List<String> misplaced = new ShelfOrder(
                        places,
                        here.stream()
                                .map(one -> new Item(one.id().toString(), one.place(), one.level(), false))
                                .toList())
                .outOfOrder().stream().map(Item::id).toList();
        int slots =
                Math.max(places, here.stream().mapToInt(SetOutView::place).max().orElse(0) + 1);
        return new ShelfView(
                zone,
                IntStream.range(0, slots)
                        .mapToObj(place -> new Slot(
                                place,
                                here.stream()
                                        .filter(one -> one.place() == place)
                                        .map(one -> new Standing(
                                                one,
                                                tooHeavy.getOrDefault(one.card().id(), Optional.empty()),
                                                misplaced.contains(one.id().toString())))
                                        .toList()))
                        .toList(),
                places,
                here.stream()
                        .filter(one -> misplaced.contains(one.id().toString()))
                        .map(one -> one.card().title())
                        .toList());
    }

    /** The place that was asked for where it is free; else one that keeps the order of the shelf, else the first free one. */
    int freePlace(SettingId settingId, CardView card, SetOutDetails details) {
        RoomView room = rooms.get(settingId, card.roomId());
        List<SetOut> there = ofDay(settingId, room.id(), details.onDay()).stream()
                .filter(out -> out.zoneId().equals(details.zoneId()))
                .filter(out -> details.sessionId() == null
                        || out.sessionId() == null
                        || details.sessionId().equals(out.sessionId()))
                .toList();
        List<Integer> taken = there.stream().map(SetOut::place).toList();
        int places = plans.places(settingId, room)
                .getOrDefault(details.zoneId(), ONE_PLACE)
                .shelf();
        if (details.place() != null && details.place() < places && !taken.contains(details.place())) {
            return details.place();
        }
        return new ShelfOrder(places, items(settingId, there))
                .placeFor(level(card.purpose().difficulty(), details.ladderStep()))
                .orElseGet(() -> IntStream.range(0, MOST_PLACES)
                        .filter(place -> !taken.contains(place))
                        .findFirst()
                        .orElse(MOST_PLACES - 1));
    }

    private List<Item> items(SettingId settingId, List<SetOut> there) {
        List<UUID> ids = there.stream().map(SetOut::cardId).distinct().toList();
        Map<UUID, CardSummary> cards = deck.byId(settingId, ids);
        Map<UUID, Optional<Mass>> tooHeavy = tooHeavy(settingId, ids);
        List<Item> items = new ArrayList<>();
        for (SetOut out : there) {
            items.add(new Item(
                    out.getId().toString(),
                    out.place(),
                    Optional.ofNullable(cards.get(out.cardId()))
                            .flatMap(CardSummary::difficulty)
                            .flatMap(difficulty -> level(Optional.of(difficulty), out.ladderStep())),
                    tooHeavy.getOrDefault(out.cardId(), Optional.empty()).isPresent()));
        }
        return items;
    }

    private static Optional<Integer> level(Optional<Integer> difficulty, LadderStep ladderStep) {
        return difficulty.map(one -> ShelfOrder.level(one, ladderStep));
    }

    private List<SetOut> ofDay(SettingId settingId, UUID roomId, LocalDate day) {
        return setOuts.findBySettingIdAndRoomIdAndOnDayAndPutAwayAtIsNullOrderBySetOutAt(
                settingId, roomId, day, OF_A_DAY);
    }

    /**
     * Puts what is out on another place; what stands there at the same time changes places with it.
     *
     * @return the room
     * @throws NotFound if the room has no such place, or the card is out in that zone already
     */
    @Transactional
    UUID move(SettingId settingId, UUID setOutId, UUID zoneId, int place) {
        SetOut moved = setOuts.findByIdAndSettingId(setOutId, settingId).orElseThrow(NotFound::new);
        RoomView room = rooms.get(settingId, moved.roomId());
        checkPlace(room, zoneId, place);
        List<SetOut> day = ofDay(settingId, room.id(), moved.onDay());
        UUID from = moved.zoneId();
        int before = moved.place();
        boolean twice = day.stream()
                .anyMatch(out -> !out.getId().equals(setOutId)
                        && out.zoneId().equals(zoneId)
                        && !zoneId.equals(from)
                        && out.cardId().equals(moved.cardId()));
        if (twice) {
            throw new NotFound();
        }
        day.stream()
                .filter(out -> !out.getId().equals(setOutId) && out.overlaps(moved))
                .filter(out -> out.zoneId().equals(zoneId) && out.place() == place)
                .forEach(out -> out.stand(from, before));
        moved.stand(zoneId, place);
        return room.id();
    }

    private static void checkPlace(RoomView room, UUID zoneId, int place) {
        if (place < 0
                || place >= MOST_PLACES
                || room.zones().stream().noneMatch(zone -> zone.id().equals(zoneId))) {
            throw new NotFound();
        }
    }

    /** Orders a zone by difficulty on the places that are taken; what is too heavy to be carried stays. */
    @Transactional
    void order(SettingId settingId, RoomView room, UUID zoneId, LocalDate day) {
        checkPlace(room, zoneId, 0);
        List<SetOut> there = ofDay(settingId, room.id(), day).stream()
                .filter(out -> out.zoneId().equals(zoneId))
                .toList();
        Map<String, SetOut> byId =
                there.stream().collect(Collectors.toMap(out -> out.getId().toString(), out -> out));
        new ShelfOrder(MOST_PLACES, items(settingId, there))
                .ordered()
                .forEach(item ->
                        Optional.ofNullable(byId.get(item.id())).ifPresent(out -> out.stand(zoneId, item.place())));
    }
}
