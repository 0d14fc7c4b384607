package app.carder.web.week;

import app.carder.core.said.Said;
import app.carder.core.wording.NameGuard;
import app.carder.exchange.calendar.CalendarFile;
import app.carder.exchange.calendar.CalendarFile.Entry;
import app.carder.web.account.AccountService;
import app.carder.web.account.LinkSecrets;
import app.carder.web.account.Role;
import app.carder.web.account.Viewer;
import app.carder.web.card.CardService;
import app.carder.web.card.CardSummary;
import app.carder.web.children.ChildService;
import app.carder.web.investigate.InvestigationService;
import app.carder.web.investigate.InvestigationView;
import app.carder.web.page.NotFound;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import app.carder.web.room.SessionView;
import app.carder.web.room.ZoneView;
import app.carder.web.setting.OccasionService;
import app.carder.web.setting.OccasionView;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Weeks as calendars: titles of cards, zones and times; never a child's name. */
@Service
class CalendarService {

    private static final int WEEKS_BACK = 1;
    private static final int WEEKS_AHEAD = 6;

    private final CalendarFeedRepository feeds;
    private final WeekService weeks;
    private final RoomService rooms;
    private final CardService deck;
    private final InvestigationService investigations;
    private final OccasionService occasions;
    private final ChildService children;
    private final AccountService accounts;
    private final SettingService settings;
    private final Clock clock;

    CalendarService(
            CalendarFeedRepository feeds,
            WeekService weeks,
            RoomService rooms,
            CardService deck,
            InvestigationService investigations,
            OccasionService occasions,
            ChildService children,
            AccountService accounts,
            SettingService settings,
            Clock clock) {
        this.feeds = feeds;
        this.weeks = weeks;
        this.rooms = rooms;
        this.deck = deck;
        this.investigations = investigations;
        this.occasions = occasions;
        this.children = children;
        this.accounts = accounts;
        this.settings = settings;
        this.clock = clock;
    }

    /**
     * A feed, as its owner sees it.
     *
     * @param id its own
     * @param room its name
     * @param owner whose it is
     * @param since first day
     * @param until last day
     * @param withNames whether children's names stay in it
     */
    record FeedView(UUID id, String room, String owner, LocalDate since, LocalDate until, boolean withNames) {}

    /** A new address for one's calendar program: its secret, which is told only now. */
    @Transactional
    String make(Viewer viewer, UUID roomId, boolean withNames) {
        String token = LinkSecrets.token();
        feeds.save(new CalendarFeed(
                viewer,
                rooms.get(viewer.settingId(), roomId).id(),
                withNames,
                LinkSecrets.hash(token),
                clock.instant()));
        return token;
    }

    /** One's own addresses that are open; for a manager those of everybody. */
    @Transactional(readOnly = true)
    public List<FeedView> open(Viewer viewer) {
        Map<UUID, String> owners = accounts.names(viewer.settingId());
        Map<UUID, String> names =
                rooms.all(viewer.settingId()).stream().collect(Collectors.toMap(RoomView::id, RoomView::name));
        return feeds
                .findBySettingIdAndRevokedAtIsNullAndEndsAtAfterOrderByMadeAt(viewer.settingId(), clock.instant())
                .stream()
                .filter(feed -> mayClose(viewer, feed))
                .map(feed -> new FeedView(
                        feed.getId(),
                        names.getOrDefault(feed.roomId(), ""),
                        owners.getOrDefault(feed.accountId(), ""),
                        settings.local(viewer.settingId(), feed.madeAt()).toLocalDate(),
                        settings.local(viewer.settingId(), feed.endsAt()).toLocalDate(),
                        feed.withNames()))
                .toList();
    }

    private static boolean mayClose(Viewer viewer, CalendarFeed feed) {
        return viewer.role() == Role.MANAGER || feed.accountId().equals(viewer.personId());
    }

    /**
     * Closes an address.
     *
     * @throws NotFound if it is neither one's own nor, for a manager, of the setting
     */
    @Transactional
    void revoke(Viewer viewer, UUID feedId) {
        feeds.findByIdAndSettingId(feedId, viewer.settingId())
                .filter(feed -> mayClose(viewer, feed))
                .orElseThrow(NotFound::new)
                .revoke(clock.instant());
    }

    /**
     * What a calendar program reads.
     *
     * @throws NotFound if there is no such address, it was closed, has ended, or its owner's account is closed
     */
    @Transactional(readOnly = true)
    public String feed(String token) {
        CalendarFeed feed = feeds.findByTokenHash(LinkSecrets.hash(token))
                .filter(found -> found.isOpen(clock.instant()))
                .filter(found -> accounts.isOpen(found.settingId(), found.accountId()))
                .orElseThrow(NotFound::new);
        LocalDate monday = WeekService.mondayOf(settings.today(feed.settingId()));
        return write(
                feed.settingId(),
                rooms.get(feed.settingId(), feed.roomId()),
                monday.minusWeeks(WEEKS_BACK),
                monday.plusWeeks(WEEKS_AHEAD),
                feed.withNames() ? UnaryOperator.identity() : withoutNames(feed.settingId()));
    }

    /** One week as a file. */
    @Transactional(readOnly = true)
    public String week(SettingId settingId, RoomView room, LocalDate monday) {
        return write(settingId, room, monday, monday.plusDays(6), UnaryOperator.identity());
    }

    /** What somebody wrote into a title, a zone or an occasion, as it may leave the house. */
    private UnaryOperator<String> withoutNames(SettingId settingId) {
        return NameGuard.forChild("", children.names(settingId))::withoutNames;
    }

    private String write(
            SettingId settingId, RoomView room, LocalDate from, LocalDate until, UnaryOperator<String> words) {
        Map<BlockPlace, UUID> planned = weeks.planned(settingId, room.id(), from, until);
        Map<UUID, CardSummary> cards =
                deck.byId(settingId, planned.values().stream().distinct().toList());
        Map<UUID, String> zones = room.zones().stream().collect(Collectors.toMap(ZoneView::id, ZoneView::name));
        List<Entry> entries = new ArrayList<>();
        for (LocalDate day = from; !day.isAfter(until); day = day.plusDays(1)) {
            LocalDate on = day;
            for (SessionView session : WeekService.playOn(room, on)) {
                List<String> lines = planned.entrySet().stream()
                        .filter(one -> one.getKey().onDay().equals(on)
                                && one.getKey().sessionId().equals(session.id()))
                        .filter(one -> cards.containsKey(one.getValue()))
                        .map(one -> zones.getOrDefault(one.getKey().zoneId(), "") + ": " + title(cards, one.getValue()))
                        .sorted()
                        .toList();
                if (!lines.isEmpty()) {
                    entries.add(new Entry(
                            on + "-" + session.id() + "@carder",
                            words.apply(
                                    Said.say("week.feed.out", session.session().name(), lines.size())),
                            room.name(),
                            words.apply(String.join("\n", lines)),
                            on.atTime(session.session().startsAt()),
                            on.atTime(session.session().endsAt())));
                }
            }
        }
        for (OccasionView occasion : occasions.between(settingId, from, until)) {
            entries.add(new Entry(
                    occasion.id() + "@carder",
                    words.apply(occasion.details().summary()),
                    "",
                    "",
                    occasion.details().from().atStartOfDay(),
                    occasion.details().until().plusDays(1).atStartOfDay()));
        }
        for (InvestigationView one : investigations.ofRoom(settingId, room.id())) {
            one.days().stream()
                    .filter(day -> !one.ended() && !day.isBefore(from) && !day.isAfter(until))
                    .forEach(day -> entries.add(new Entry(
                            one.id() + "-" + day + "@carder",
                            words.apply(Said.say("week.feed.to-be-checked", one.title())),
                            room.name(),
                            "",
                            day.atStartOfDay(),
                            day.plusDays(1).atStartOfDay())));
        }
        return CalendarFile.write(entries, settings.get(settingId).zone(), clock.instant());
    }

    private static String title(Map<UUID, CardSummary> cards, UUID id) {
        CardSummary card = cards.get(id);
        return card == null ? "" : card.title();
    }
}
