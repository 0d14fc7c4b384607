package app.carder.web.lists;

import app.carder.core.cupboard.RunningOut;
import app.carder.core.cupboard.Stocked;
import app.carder.core.cupboard.WeekShopping.Wanted;
import app.carder.core.prepare.PreparationList;
import app.carder.core.prepare.PreparationList.Due;
import app.carder.core.said.Dates;
import app.carder.core.said.Said;
import app.carder.core.week.OpenDays;
import app.carder.core.week.Rotation;
import app.carder.core.week.Rotation.Mark;
import app.carder.web.account.Viewer;
import app.carder.web.card.CardService;
import app.carder.web.card.PreparationService;
import app.carder.web.lists.ListView.Group;
import app.carder.web.lists.ListView.Item;
import app.carder.web.page.NotFound;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import app.carder.web.room.SessionView;
import app.carder.web.setting.OccasionService;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import app.carder.web.week.BlockPlace;
import app.carder.web.week.WeekService;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Lists for the week board of a room, and what is ticked on them. */
@Service
public class ListService {

    private static final int LONGEST_KEY = 200;
    private static final int DAYS_AHEAD = 14;
    private static final int WEEKS_AHEAD = 4;

    private final ListTickRepository ticks;
    private final SetOutList setOut;
    private final ShoppingList shopping;
    private final WeekService weeks;
    private final RoomService rooms;
    private final CardService deck;
    private final PreparationService preparations;
    private final OccasionService occasions;
    private final SettingService settings;

    ListService(
            ListTickRepository ticks,
            SetOutList setOut,
            ShoppingList shopping,
            WeekService weeks,
            RoomService rooms,
            CardService deck,
            PreparationService preparations,
            OccasionService occasions,
            SettingService settings) {
        this.ticks = ticks;
        this.setOut = setOut;
        this.shopping = shopping;
        this.weeks = weeks;
        this.rooms = rooms;
        this.deck = deck;
        this.preparations = preparations;
        this.occasions = occasions;
        this.settings = settings;
    }

    /**
     * A list of a room.
     *
     * @param of the day that it is for, any day of the week for shopping; where absent: preparation is for today, setting out for the
     *     next open day, shopping for the week of the next open day
     */
    @Transactional(readOnly = true)
    public ListView list(SettingId settingId, RoomView room, ListKind kind, Optional<LocalDate> of) {
        LocalDate today = settings.today(settingId);
        OpenDays open = occasions.openDays(settingId);
        LocalDate next = open.after(today);
        ListView list = switch (kind) {
            case PREPARATION -> preparation(settingId, room, open);
            case SET_OUT -> setOut.of(settingId, room, of.orElse(next));
            case SHOPPING -> shopping.of(settingId, room, WeekService.mondayOf(of.orElse(next)));
        };
        return ticked(settingId, room.id(), list);
    }

    /**
     * What runs out first of what the boards of all rooms take in the next four weeks. Cards are named to those who work in their room, and
     * the room to everybody.
     */
    @Transactional(readOnly = true)
    public RunningOut runningOut(Viewer viewer) {
        LocalDate today = settings.today(viewer.settingId());
        List<Wanted> all = new ArrayList<>();
        Map<String, Stocked> cupboard = new LinkedHashMap<>();
        for (RoomView room : rooms.all(viewer.settingId())) {
            boolean named = viewer.rooms().all().contains(room.id());
            ShoppingList.Uses uses = shopping.uses(viewer.settingId(), room, today, today.plusWeeks(WEEKS_AHEAD));
            uses.all().stream()
                    .map(use -> use.of(named ? room.name() + ": " + use.card() : room.name()))
                    .forEach(all::add);
            cupboard.putAll(uses.cupboard());
        }
        return RunningOut.of(all, cupboard);
    }

    /** What has to be begun today so that cards are ready, and is not ticked. */
    @Transactional(readOnly = true)
    public List<Item> toBegin(SettingId settingId, RoomView room) {
        String title = titleOf(settings.today(settingId));
        return list(settingId, room, ListKind.PREPARATION, Optional.empty()).groups().stream()
                .filter(group -> group.title().equals(title))
                .flatMap(group -> group.items().stream())
                .filter(item -> item.tickedBy().isEmpty())
                .toList();
    }

    private static String titleOf(LocalDate today) {
        return Said.say("lists.today", Dates.dayOfWeek(today));
    }

    private ListView ticked(SettingId settingId, UUID roomId, ListView list) {
        Map<String, String> done = ticks
                .findBySettingIdAndRoomIdAndKindAndItemIn(
                        settingId,
                        roomId,
                        list.kind(),
                        list.items().map(Item::key).toList())
                .stream()
                .collect(Collectors.toMap(ListTick::item, ListTick::tickedBy));
        return new ListView(
                list.kind(),
                list.of(),
                list.summary(),
                list.groups().stream()
                        .map(group -> new Group(
                                group.title(),
                                group.note(),
                                group.items().stream()
                                        .map(item -> item.ticked(Optional.ofNullable(done.get(item.key()))))
                                        .toList()))
                        .toList());
    }

    /**
     * Ticks a line, or takes its tick away; a second time the same changes nothing.
     *
     * @return the line as it is now
     * @throws NotFound if the list has no such line
     */
    @Transactional
    public Item tick(Viewer viewer, UUID roomId, ListKind kind, LocalDate of, String key, Ticking ticking) {
        RoomView room = rooms.get(viewer.settingId(), roomId);
        Item item = list(viewer.settingId(), room, kind, Optional.of(of))
                .items()
                .filter(one -> one.key().equals(key))
                .findFirst()
                .orElseThrow(NotFound::new);
        if (ticking == Ticking.UNDONE) {
            ticks.untick(viewer.settingId(), roomId, kind, key);
            return item.ticked(Optional.empty());
        }
        if (item.tickedBy().isEmpty()) {
            ticks.save(new ListTick(
                    viewer.settingId(), roomId, kind, key, viewer.name(), settings.now(viewer.settingId())));
            return item.ticked(Optional.of(viewer.name()));
        }
        return item;
    }

    /** What a tick says. */
    public enum Ticking {
        /** It is done. */
        DONE,
        /** It is to be done again. */
        UNDONE
    }

    /** Steps of the cards that come on to the board within two weeks: what is late or due today, and what is due on the next open day. */
    private ListView preparation(SettingId settingId, RoomView room, OpenDays open) {
        LocalDate today = settings.today(settingId);
        LocalDate next = open.after(today);
        PreparationList list = due(settingId, room, open);
        List<Due> tonight = list.lateAndOn(today);
        List<Due> tomorrow = list.due().stream()
                .filter(one ->
                        !one.late() && one.planned().startsAt().toLocalDate().equals(next))
                .toList();
        long minutes = PreparationList.minutes(tonight);
        String summary = tonight.isEmpty()
                ? Said.say("lists.nothing-has-to-be-begun-today")
                : Said.say(
                        "lists.min-of-work-for-one-pair",
                        minutes,
                        room.week().eveningMinutes(),
                        minutes > room.week().eveningMinutes() ? "too-much" : "enough");
        List<Group> groups = new ArrayList<>();
        groups.add(group(titleOf(today), tonight));
        groups.add(group(Dates.dayOfWeek(next), tomorrow));
        list.refused()
                .forEach(one -> groups.add(new Group(
                        Said.say("lists.cannot-be-planned", one.job().title()),
                        one.because().words(),
                        List.of())));
        return new ListView(ListKind.PREPARATION, today, summary, groups);
    }

    private static Group group(String title, List<Due> due) {
        List<Item> items = new ArrayList<>();
        for (Due one : due) {
            items.add(new Item(
                    key(one),
                    one.planned().step().name(),
                    Said.say(
                            one.late() ? "lists.should-have-begun" : "lists.begin-by",
                            one.late()
                                    ? Dates.moment(one.planned().startsAt())
                                    : Dates.time(one.planned().startsAt().toLocalTime()),
                            one.planned().step().work().toMinutes()),
                    Said.say(
                            "lists.ready",
                            one.job().title(),
                            Dates.moment(one.job().readyAt()),
                            one.planned().step().waiting().isZero()
                                    ? "none"
                                    : Dates.moment(one.planned().readyAt())),
                    false,
                    Optional.empty(),
                    Optional.empty()));
        }
        return new Group(title, "", items);
    }

    private static String key(Due due) {
        String key = due.job().id() + "/" + due.job().readyAt().toLocalDate() + "/"
                + due.planned().step().name();
        return key.substring(0, Math.min(key.length(), LONGEST_KEY));
    }

    /** Every step of the cards that come on to the board within two weeks, by when it must begin. */
    private PreparationList due(SettingId settingId, RoomView room, OpenDays open) {
        LocalDateTime now = settings.localNow(settingId);
        LocalDate until = now.toLocalDate().plusDays(DAYS_AHEAD);
        Map<UUID, List<LocalDate>> out = weeks.out(settingId, room.id(), until);
        Map<UUID, LocalTime> starts = room.sessions().stream()
                .collect(Collectors.toMap(
                        SessionView::id, session -> session.session().startsAt()));
        Map<UUID, LocalDateTime> readyAt = new LinkedHashMap<>();
        weeks.planned(settingId, room.id(), now.toLocalDate(), until).entrySet().stream()
                .filter(one -> open.isOpen(one.getKey().onDay()))
                .filter(one -> Rotation.mark(
                                out.getOrDefault(one.getValue(), List.of()),
                                one.getKey().onDay(),
                                open)
                        != Mark.SAME)
                .forEach(one -> moment(one.getKey(), starts)
                        .filter(moment -> moment.isAfter(now))
                        .ifPresent(moment -> readyAt.merge(
                                one.getValue(), moment, (first, other) -> first.isBefore(other) ? first : other)));
        return preparations.list(settingId, room, deck.whole(settingId, readyAt.keySet()), readyAt);
    }

    private static Optional<LocalDateTime> moment(BlockPlace at, Map<UUID, LocalTime> starts) {
        return Optional.ofNullable(starts.get(at.sessionId())).map(at.onDay()::atTime);
    }
}
