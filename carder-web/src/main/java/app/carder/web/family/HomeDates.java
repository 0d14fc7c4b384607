package app.carder.web.family;

import app.carder.web.account.Viewer;
import app.carder.web.card.CardService;
import app.carder.web.card.CardSummary;
import app.carder.web.children.ChildService;
import app.carder.web.journal.JournalPartsService;
import app.carder.web.page.Required;
import app.carder.web.room.RoomService;
import app.carder.web.setting.OccasionDetails;
import app.carder.web.setting.OccasionService;
import app.carder.web.setting.OccasionView;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import app.carder.web.week.BlockPlace;
import app.carder.web.week.WeekService;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a family sees beside its journals: what is ahead, and what its children play with this week. */
@Service
class HomeDates {

    private static final int WEEKS_AHEAD = 8;
    private static final int MOST = 8;
    private static final int DAYS_OF_A_WEEK = 7;

    private final FamilyService family;
    private final ChildService children;
    private final RoomService rooms;
    private final OccasionService occasions;
    private final WeekService weeks;
    private final CardService cards;
    private final JournalPartsService journals;
    private final SettingService settings;

    HomeDates(
            FamilyService family,
            ChildService children,
            RoomService rooms,
            OccasionService occasions,
            WeekService weeks,
            CardService cards,
            JournalPartsService journals,
            SettingService settings) {
        this.family = family;
        this.children = children;
        this.rooms = rooms;
        this.occasions = occasions;
        this.weeks = weeks;
        this.cards = cards;
        this.journals = journals;
        this.settings = settings;
    }

    /**
     * Something ahead.
     *
     * @param from first day
     * @param until last day, the same where it is one
     * @param child whom it is about; empty for everybody
     * @param what it is; of a child's own, the room that it moves into
     * @param closes whether nobody comes
     */
    record Ahead(LocalDate from, LocalDate until, String child, String what, boolean closes) {

        /** Whether it takes more than a day. */
        public boolean isLong() {
            return until.isAfter(from);
        }
    }

    /** What is ahead for everybody, and for the children of somebody, the next first. */
    @Transactional(readOnly = true)
    List<Ahead> ahead(Viewer viewer) {
        SettingId settingId = viewer.settingId();
        LocalDate today = settings.today(settingId);
        LocalDate last = today.plusWeeks(WEEKS_AHEAD);
        Stream<Ahead> forAll = occasions.between(settingId, today, last).stream()
                .map(OccasionView::details)
                .map(HomeDates::ahead);
        Stream<Ahead> own = family.childrenOf(viewer).stream()
                .map(id -> children.get(settingId, id))
                .flatMap(child -> child.move().stream()
                        .filter(move -> !move.on().isBefore(today) && !move.on().isAfter(last))
                        .map(move -> new Ahead(
                                move.on(),
                                move.on(),
                                child.name(),
                                rooms.get(settingId, move.roomId()).name(),
                                false)));
        return Stream.concat(forAll, own)
                .sorted(Comparator.comparing(Ahead::from))
                .limit(MOST)
                .toList();
    }

    private static Ahead ahead(OccasionDetails occasion) {
        return new Ahead(occasion.from(), occasion.until(), "", occasion.summary(), occasion.closes());
    }

    /**
     * Journals that close after a child has left.
     *
     * @param childId whose
     * @param child its name
     * @param on the last day on which they can be opened
     */
    record Closing(UUID childId, String child, LocalDate on) {}

    /** Whose journals close, by the day that comes first. */
    @Transactional(readOnly = true)
    List<Closing> closing(Viewer viewer) {
        SettingId settingId = viewer.settingId();
        return family.carersOf(viewer).stream()
                .flatMap(carer -> carer.closesOn().stream()
                        .map(on -> new Closing(
                                carer.childId(),
                                children.get(settingId, carer.childId()).name(),
                                on)))
                .sorted(Comparator.comparing(Closing::on))
                .toList();
    }

    /**
     * This week in a room.
     *
     * @param room its name
     * @param days on which something is planned
     * @param cards each once, those that are out most often first
     */
    record Week(String room, List<LocalDate> days, List<OnDays> cards) {}

    /**
     * A card of the week.
     *
     * @param title of it
     * @param days on which it is planned
     */
    record OnDays(String title, Set<LocalDate> days) {}

    /** What is planned this week in the rooms of somebody's children; nothing where the setting does not share it. */
    @Transactional(readOnly = true)
    List<Week> thisWeek(Viewer viewer) {
        SettingId settingId = viewer.settingId();
        if (!journals.sharesWeek(settingId)) {
            return List.of();
        }
        LocalDate monday = WeekService.mondayOf(settings.today(settingId));
        return family.childrenOf(viewer).stream()
                .map(id -> children.get(settingId, id).roomId())
                .distinct()
                .map(roomId -> week(settingId, roomId, monday))
                .filter(week -> !week.cards().isEmpty())
                .toList();
    }

    private Week week(SettingId settingId, UUID roomId, LocalDate monday) {
        Map<BlockPlace, UUID> planned = weeks.planned(settingId, roomId, monday, monday.plusDays(DAYS_OF_A_WEEK - 1L));
        Map<UUID, CardSummary> found = cards.byId(settingId, Set.copyOf(planned.values()));
        Map<String, Set<LocalDate>> byTitle = new LinkedHashMap<>();
        planned.forEach((place, cardId) -> {
            if (found.containsKey(cardId)) {
                byTitle.computeIfAbsent(Required.from(found, cardId).title(), title -> new TreeSet<>())
                        .add(place.onDay());
            }
        });
        return new Week(
                rooms.get(settingId, roomId).name(),
                byTitle.values().stream()
                        .flatMap(Set::stream)
                        .distinct()
                        .sorted()
                        .toList(),
                byTitle.entrySet().stream()
                        .map(one -> new OnDays(one.getKey(), one.getValue()))
                        .sorted(Comparator.comparingInt(
                                        (OnDays one) -> one.days().size())
                                .reversed())
                        .toList());
    }
}
