package app.carder.web.week;

import app.carder.core.card.SetOutGate;
import app.carder.core.said.Said;
import app.carder.core.week.OpenDays;
import app.carder.core.week.Rotation;
import app.carder.core.week.Rotation.Advised;
import app.carder.core.week.Rotation.Novelty;
import app.carder.web.card.CardService;
import app.carder.web.card.CardSummary;
import app.carder.web.card.SafetyService;
import app.carder.web.card.SafetyService.Moment;
import app.carder.web.page.Required;
import app.carder.web.room.RoomView;
import app.carder.web.room.SessionView;
import app.carder.web.room.ZoneView;
import app.carder.web.roomplan.RoomPlanService;
import app.carder.web.roomplan.RoomPlanService.ZonePlaces;
import app.carder.web.setting.Area;
import app.carder.web.setting.OccasionService;
import app.carder.web.setting.OccasionView;
import app.carder.web.setting.Remembered;
import app.carder.web.setting.SettingId;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Lays a room's week out as a board: as it is planned, and as it is proposed beside that. */
@Service
class WeekBoards {

    private static final List<Novelty> DECK_ORDER =
            List.of(Novelty.STILL_CHOSEN, Novelty.STAYS, Novelty.BACK, Novelty.NEW, Novelty.CHANGE, Novelty.RESTS);

    private final WeekService weeks;
    private final RoomPlanService plans;
    private final CardService deck;
    private final SafetyService safety;
    private final OccasionService occasions;

    WeekBoards(
            WeekService weeks,
            RoomPlanService plans,
            CardService deck,
            SafetyService safety,
            OccasionService occasions) {
        this.weeks = weeks;
        this.plans = plans;
        this.deck = deck;
        this.safety = safety;
        this.occasions = occasions;
    }

    /** A card in a place of the week, planned or only proposed. */
    private record Placed(UUID id, BlockPlace at, UUID cardId, boolean pinned) {
        static Placed of(PlannedBlock block) {
            return new Placed(block.getId(), block.at(), block.cardId(), block.isPinned());
        }

        static Placed of(ProposedBlock block) {
            return new Placed(block.getId(), block.at(), block.cardId(), block.isPinned());
        }
    }

    /** What is the same on every board of a week. */
    private record Ground(
            SettingId settingId,
            RoomView room,
            LocalDate monday,
            OpenDays open,
            List<OccasionView> taking,
            List<CardSummary> cards,
            Map<UUID, ZonePlaces> places) {}

    /** The board of a week. */
    @Remembered({Area.BOARD, Area.CARDS, Area.PEOPLE, Area.PLACES, Area.RECORDS})
    @Transactional(readOnly = true)
    public BoardView board(SettingId settingId, RoomView room, LocalDate monday) {
        return planned(ground(settingId, room, monday));
    }

    /** A proposed week on a board, and what differs from the week as it is planned now. */
    @Transactional(readOnly = true)
    public ProposedBoard proposed(SettingId settingId, RoomView room, LocalDate monday, List<ProposedBlock> proposed) {
        Ground ground = ground(settingId, room, monday);
        Map<UUID, List<LocalDate>> out = new HashMap<>(weeks.out(settingId, room.id(), monday.minusDays(1)));
        proposed.stream()
                .collect(Collectors.groupingBy(
                        ProposedBlock::cardId,
                        Collectors.mapping(block -> block.at().onDay(), Collectors.toSet())))
                .forEach((card, days) -> out.merge(
                        card,
                        days.stream().sorted().toList(),
                        (before, now) ->
                                Stream.concat(before.stream(), now.stream()).toList()));
        return ProposedBoard.of(
                planned(ground),
                board(ground, proposed.stream().map(Placed::of).toList(), out),
                proposed.stream().collect(Collectors.toMap(ProposedBlock::getId, ProposedBlock::because)));
    }

    private Ground ground(SettingId settingId, RoomView room, LocalDate monday) {
        return new Ground(
                settingId,
                room,
                monday,
                occasions.openDays(settingId),
                occasions.between(settingId, monday, monday.plusDays(6)),
                deck.inRoom(settingId, room.id()),
                plans.places(settingId, room));
    }

    private BoardView planned(Ground ground) {
        LocalDate last = ground.monday.plusDays(6);
        UUID roomId = ground.room.id();
        return board(
                ground,
                weeks.ofDays(ground.settingId, roomId, ground.monday, last).stream()
                        .map(Placed::of)
                        .toList(),
                weeks.out(ground.settingId, roomId, last));
    }

    private BoardView board(Ground ground, List<Placed> week, Map<UUID, List<LocalDate>> out) {
        Map<UUID, CardSummary> byId = ground.cards.stream().collect(Collectors.toMap(CardSummary::id, card -> card));
        Map<BlockPlace, Placed> byPlace = week.stream()
                .filter(there -> byId.containsKey(there.cardId()))
                .collect(Collectors.toMap(Placed::at, there -> there, (one, same) -> one));
        Map<UUID, Map<Moment, SetOutGate>> gates = gates(ground, week);
        List<BoardView.Day> days = new ArrayList<>();
        for (LocalDate on : ground.open.usualOfWeek(ground.monday)) {
            List<BoardView.Session> sessions = new ArrayList<>();
            for (SessionView session :
                    ground.open.isOpen(on) ? WeekService.playOn(ground.room, on) : List.<SessionView>of()) {
                Function<Placed, BoardView.Block> block = there -> new BoardView.Block(
                        there.id(),
                        on,
                        Required.from(byId, there.cardId()),
                        Rotation.mark(out.getOrDefault(there.cardId(), List.of()), on, ground.open),
                        there.pinned(),
                        Required.from(Required.from(gates, there.cardId()), WeekService.moment(session, on)));
                sessions.add(new BoardView.Session(
                        session,
                        WeekService.placesIn(ground.room, session, on, ground.places).stream()
                                .map(place -> cell(
                                        ground,
                                        place,
                                        Optional.ofNullable(byPlace.get(place)).map(block)))
                                .toList()));
            }
            days.add(new BoardView.Day(
                    on,
                    ground.open.isOpen(on),
                    ground.taking.stream().filter(one -> one.details().isOn(on)).toList(),
                    sessions));
        }
        return new BoardView(ground.monday, days, deckCards(ground, week));
    }

    private List<BoardView.DeckCard> deckCards(Ground ground, List<Placed> week) {
        Set<UUID> bans = weeks.banned(ground.settingId, ground.room.id(), ground.monday);
        Map<UUID, Advised> advised = weeks.advised(ground.settingId, ground.room, ground.monday);
        Map<UUID, Long> times = week.stream().collect(Collectors.groupingBy(Placed::cardId, Collectors.counting()));
        return ground.cards.stream()
                .map(card -> new BoardView.DeckCard(
                        card,
                        advised.getOrDefault(card.id(), new Advised(Novelty.NEW, 0, Said.nothing())),
                        times.getOrDefault(card.id(), 0L).intValue(),
                        bans.contains(card.id())))
                .sorted(Comparator.comparing((BoardView.DeckCard card) ->
                                DECK_ORDER.indexOf(card.advised().turn()))
                        .thenComparing(card -> card.card().title()))
                .toList();
    }

    /** Whether each card of a week may be set out in each of its sessions. */
    private Map<UUID, Map<Moment, SetOutGate>> gates(Ground ground, List<Placed> week) {
        Set<UUID> onBoard = week.stream().map(Placed::cardId).collect(Collectors.toSet());
        List<Moment> moments = ground.open.usualOfWeek(ground.monday).stream()
                .flatMap(on ->
                        WeekService.playOn(ground.room, on).stream().map(session -> WeekService.moment(session, on)))
                .toList();
        return safety.gates(ground.settingId, ground.room, onBoard, moments);
    }

    private static BoardView.Cell cell(Ground ground, BlockPlace at, Optional<BoardView.Block> block) {
        ZoneView zone = ground.room.zones().stream()
                .filter(one -> one.id().equals(at.zoneId()))
                .findFirst()
                .orElseThrow();
        ZonePlaces here = ground.places.get(at.zoneId());
        return new BoardView.Cell(
                at,
                zone,
                here != null && here.places() > 1
                        ? Said.of("place.of-several", zone.name(), at.place() + 1)
                                .words()
                        : zone.name(),
                block);
    }
}
