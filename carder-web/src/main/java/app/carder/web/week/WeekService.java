package app.carder.web.week;

import app.carder.core.week.DayStrip;
import app.carder.core.week.OpenDays;
import app.carder.core.week.PlannedSession.Garden;
import app.carder.core.week.Rotation;
import app.carder.core.week.Rotation.Advised;
import app.carder.core.week.Rotation.Past;
import app.carder.web.account.Viewer;
import app.carder.web.card.CardService;
import app.carder.web.card.SafetyService.Moment;
import app.carder.web.page.Days;
import app.carder.web.page.NotFound;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import app.carder.web.room.SessionView;
import app.carder.web.room.ZoneView;
import app.carder.web.roomplan.RoomPlanService;
import app.carder.web.roomplan.RoomPlanService.ZonePlaces;
import app.carder.web.setout.SetOutService;
import app.carder.web.setting.Area;
import app.carder.web.setting.OccasionService;
import app.carder.web.setting.Remembered;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import app.carder.web.watch.ObservationService;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The week board of a room: which card is planned for which place, and what the rotation says of each. */
@Service
public class WeekService {

    private static final Limit MOST_BLOCKS = Limit.of(8000);
    private static final int WEEKS_LOOKED_BACK = 26;

    private final PlannedBlockRepository blocks;
    private final BannedCardRepository banned;
    private final RoomService rooms;
    private final RoomPlanService plans;
    private final CardService deck;
    private final SetOutService setOuts;
    private final ObservationService observations;
    private final OccasionService occasions;
    private final SettingService settings;

    WeekService(
            PlannedBlockRepository blocks,
            BannedCardRepository banned,
            RoomService rooms,
            RoomPlanService plans,
            CardService deck,
            SetOutService setOuts,
            ObservationService observations,
            OccasionService occasions,
            SettingService settings) {
        this.blocks = blocks;
        this.banned = banned;
        this.rooms = rooms;
        this.plans = plans;
        this.deck = deck;
        this.setOuts = setOuts;
        this.observations = observations;
        this.occasions = occasions;
        this.settings = settings;
    }

    /** The Monday of a day's week. */
    public static LocalDate mondayOf(LocalDate day) {
        return day.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
    }

    /** The Monday of the week that a text names by one of its days; of the usual day's week where it names none. */
    public static LocalDate mondayOf(String text, LocalDate usual) {
        return mondayOf(Days.read(text).orElse(usual));
    }

    /** A session of a day, as the safety check knows it. */
    public static Moment moment(SessionView session, LocalDate on) {
        return Moment.between(
                on, session.session().startsAt(), session.session().endsAt());
    }

    /** Sessions of free play on a day. */
    public static List<SessionView> playOn(RoomView room, LocalDate on) {
        return room.sessionsOn(on.getDayOfWeek()).stream()
                .filter(SessionView::isPlay)
                .toList();
    }

    /** Places of a session: out of doors the garden's; indoors the room's, and the garden's where it is open. */
    public static List<BlockPlace> placesIn(
            RoomView room, SessionView session, LocalDate on, Map<UUID, ZonePlaces> places) {
        boolean out = session.session().kind() == DayStrip.Kind.OUTDOORS;
        boolean both = session.details().planned().garden() == Garden.OPEN;
        List<BlockPlace> all = new ArrayList<>();
        for (ZoneView zone : room.zones()) {
            ZonePlaces here = places.getOrDefault(zone.id(), new ZonePlaces(1, 1, true, false));
            if (here.outdoors() == out || both) {
                for (int place = 0; place < here.places(); place++) {
                    all.add(new BlockPlace(on, session.id(), zone.id(), place));
                }
            }
        }
        return all;
    }

    /** What is planned from a day to another. */
    List<PlannedBlock> ofDays(SettingId settingId, UUID roomId, LocalDate from, LocalDate until) {
        return blocks.findBySettingIdAndRoomIdAndOnDayBetween(settingId, roomId, from, until, MOST_BLOCKS);
    }

    /** Days on which cards stood out or are planned to, by card, in order. */
    @Remembered(Area.BOARD)
    @Transactional(readOnly = true)
    public Map<UUID, List<LocalDate>> out(SettingId settingId, UUID roomId, LocalDate until) {
        LocalDate from = until.minusWeeks(WEEKS_LOOKED_BACK);
        Map<UUID, Set<LocalDate>> days = new HashMap<>();
        setOuts.daysOut(settingId, roomId, from, until)
                .forEach((card, on) ->
                        days.computeIfAbsent(card, key -> new HashSet<>()).addAll(on));
        ofDays(settingId, roomId, from, until)
                .forEach(block -> days.computeIfAbsent(block.cardId(), key -> new HashSet<>())
                        .add(block.onDay()));
        Map<UUID, List<LocalDate>> sorted = new HashMap<>();
        days.forEach((card, on) -> sorted.put(card, on.stream().sorted().toList()));
        return sorted;
    }

    /** What the rotation says of every card that was out, on a week's first open day; others are new. */
    Map<UUID, Advised> advised(SettingId settingId, RoomView room, LocalDate monday) {
        OpenDays open = occasions.openDays(settingId);
        LocalDate first = open.plus(monday, 0);
        Rotation rotation = room.week().rotation();
        Map<UUID, Set<UUID>> seenWith =
                observations.seenWith(settingId, room.id(), open.plus(first, -rotation.everyOpenDays()));
        Map<UUID, Advised> advised = new LinkedHashMap<>();
        out(settingId, room.id(), monday.minusDays(1))
                .forEach((card, days) -> advised.put(
                        card,
                        rotation.advise(
                                new Past(
                                        days,
                                        seenWith.getOrDefault(card, Set.of()).size()),
                                first,
                                open)));
        return advised;
    }

    /** Cards that are not to be proposed. */
    Set<UUID> banned(SettingId settingId, UUID roomId, LocalDate monday) {
        return banned.findBySettingIdAndRoomIdAndMonday(settingId, roomId, monday).stream()
                .map(BannedCard::cardId)
                .collect(Collectors.toSet());
    }

    /** Bans a card from a week's proposals, or allows it again. */
    @Transactional
    public void ban(Viewer viewer, UUID roomId, LocalDate monday, UUID cardId) {
        SettingId settingId = viewer.settingId();
        deck.get(settingId, cardId);
        Optional<BannedCard> there = banned.findBySettingIdAndRoomIdAndMonday(settingId, roomId, monday).stream()
                .filter(card -> card.cardId().equals(cardId))
                .findFirst();
        there.ifPresentOrElse(banned::delete, () -> banned.save(new BannedCard(settingId, roomId, monday, cardId)));
    }

    /**
     * Puts a card into a place; what stood there makes way.
     *
     * @throws NotFound if the room has no such place on that day, or no such card
     */
    @Transactional
    public void put(Viewer viewer, RoomView room, BlockPlace at, UUID cardId) {
        checkPlace(viewer.settingId(), room, at);
        if (!deck.get(viewer.settingId(), cardId).roomId().equals(room.id())) {
            throw new NotFound();
        }
        stand(viewer, room.id(), at, cardId, false);
    }

    /** What becomes of a block where it stood. */
    public enum Moving {
        /** It leaves. */
        MOVE,
        /** It stays, too. */
        COPY
    }

    /** Puts a card there; what stood there makes way. */
    void stand(Viewer viewer, UUID roomId, BlockPlace at, UUID cardId, boolean pinned) {
        Optional<PlannedBlock> there = at(viewer.settingId(), roomId, at);
        if (there.isPresent()) {
            there.get().stand(cardId, pinned, viewer.name(), settings.now(viewer.settingId()));
        } else {
            PlannedBlock block = new PlannedBlock(
                    viewer.settingId(), roomId, at, cardId, viewer.name(), settings.now(viewer.settingId()));
            block.pin(pinned);
            blocks.save(block);
        }
    }

    /**
     * Two cards change places, within a day or between two.
     *
     * @return whether something stands in both; else nothing is changed
     */
    @Transactional
    public boolean swap(Viewer viewer, RoomView room, BlockPlace one, BlockPlace other) {
        Optional<PlannedBlock> first = at(viewer.settingId(), room.id(), one);
        Optional<PlannedBlock> second = at(viewer.settingId(), room.id(), other);
        if (first.isEmpty() || second.isEmpty()) {
            return false;
        }
        UUID card = first.get().cardId();
        boolean pinned = first.get().isPinned();
        first.get()
                .stand(second.get().cardId(), second.get().isPinned(), viewer.name(), settings.now(viewer.settingId()));
        second.get().stand(card, pinned, viewer.name(), settings.now(viewer.settingId()));
        return true;
    }

    private Optional<PlannedBlock> at(SettingId settingId, UUID roomId, BlockPlace at) {
        return ofDays(settingId, roomId, at.onDay(), at.onDay()).stream()
                .filter(block -> block.at().equals(at))
                .findFirst();
    }

    private void checkPlace(SettingId settingId, RoomView room, BlockPlace at) {
        if (!isPlace(settingId, room, at)) {
            throw new NotFound();
        }
    }

    /** Whether a room has such a place on that day. */
    boolean isPlace(SettingId settingId, RoomView room, BlockPlace at) {
        return occasions.openDays(settingId).isOpen(at.onDay())
                && playOn(room, at.onDay()).stream()
                        .anyMatch(session -> placesIn(room, session, at.onDay(), plans.places(settingId, room))
                                .contains(at));
    }

    /** One block. */
    PlannedBlock block(SettingId settingId, UUID blockId) {
        return find(settingId, blockId);
    }

    /** Takes a block off the board. */
    @Transactional
    public void remove(SettingId settingId, UUID blockId) {
        blocks.delete(find(settingId, blockId));
    }

    /** Where a block stands: its room and its Monday. */
    @Transactional(readOnly = true)
    public BlockHome home(SettingId settingId, UUID blockId) {
        PlannedBlock block = find(settingId, blockId);
        return new BlockHome(block.roomId(), mondayOf(block.onDay()));
    }

    /**
     * Where a block stands.
     *
     * @param roomId its room
     * @param monday its week
     */
    public record BlockHome(UUID roomId, LocalDate monday) {}

    private PlannedBlock find(SettingId settingId, UUID blockId) {
        return blocks.findByIdAndSettingId(blockId, settingId).orElseThrow(NotFound::new);
    }

    /** Pinned blocks of some days, by place. */
    Map<BlockPlace, UUID> pinned(SettingId settingId, UUID roomId, LocalDate from, LocalDate until) {
        return ofDays(settingId, roomId, from, until).stream()
                .filter(PlannedBlock::isPinned)
                .collect(Collectors.toMap(PlannedBlock::at, PlannedBlock::cardId, (one, same) -> one));
    }

    /** Takes everything of a week off that is not pinned. */
    void clear(SettingId settingId, UUID roomId, LocalDate monday) {
        blocks.clear(settingId, roomId, monday, monday.plusDays(6), false);
    }

    /** Replaces everything of a week that is not pinned. */
    @Transactional
    public void replace(Viewer viewer, UUID roomId, LocalDate monday, Map<BlockPlace, UUID> week) {
        clear(viewer.settingId(), roomId, monday);
        Map<BlockPlace, UUID> pinned = pinned(viewer.settingId(), roomId, monday, monday.plusDays(6));
        week.forEach((at, card) -> {
            if (!pinned.containsKey(at)) {
                blocks.save(new PlannedBlock(
                        viewer.settingId(), roomId, at, card, viewer.name(), settings.now(viewer.settingId())));
            }
        });
    }

    /** Puts cards into their places, where nothing that is pinned stands; what stood there makes way. */
    @Transactional
    public void add(Viewer viewer, UUID roomId, Map<BlockPlace, UUID> cards) {
        Map<BlockPlace, PlannedBlock> there = new HashMap<>();
        cards.keySet().stream()
                .map(BlockPlace::onDay)
                .distinct()
                .flatMap(day -> ofDays(viewer.settingId(), roomId, day, day).stream())
                .forEach(block -> there.put(block.at(), block));
        cards.forEach((at, card) -> {
            PlannedBlock block = there.get(at);
            if (block == null) {
                blocks.save(new PlannedBlock(
                        viewer.settingId(), roomId, at, card, viewer.name(), settings.now(viewer.settingId())));
            } else if (!block.isPinned()) {
                block.stand(card, false, viewer.name(), settings.now(viewer.settingId()));
            }
        });
    }

    /** What is planned for a day, by place. */
    @Remembered(Area.BOARD)
    @Transactional(readOnly = true)
    public Map<BlockPlace, UUID> planned(SettingId settingId, UUID roomId, LocalDate from, LocalDate until) {
        Map<BlockPlace, UUID> planned = new LinkedHashMap<>();
        ofDays(settingId, roomId, from, until).forEach(block -> planned.put(block.at(), block.cardId()));
        return planned;
    }
}
