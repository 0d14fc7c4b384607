package app.carder.web.week;

import app.carder.exchange.calendar.CalendarFile;
import app.carder.exchange.calendar.CalendarFile.Entry;
import app.carder.web.account.LinkSecrets;
import app.carder.web.account.Viewer;
import app.carder.web.investigate.InvestigationService;
import app.carder.web.investigate.InvestigationView;
import app.carder.web.page.NotFound;
import app.carder.web.provocation.CardSummary;
import app.carder.web.provocation.ProvocationService;
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
    private final ProvocationService provocations;
    private final InvestigationService investigations;
    private final OccasionService occasions;
    private final SettingService settings;
    private final Clock clock;

    CalendarService(
            CalendarFeedRepository feeds,
            WeekService weeks,
            RoomService rooms,
            ProvocationService provocations,
            InvestigationService investigations,
            OccasionService occasions,
            SettingService settings,
            Clock clock) {
        this.feeds = feeds;
        this.weeks = weeks;
        this.rooms = rooms;
        this.provocations = provocations;
        this.investigations = investigations;
        this.occasions = occasions;
        this.settings = settings;
        this.clock = clock;
    }

    /**
     * A feed, as its owner sees it.
     *
     * @param id its own
     * @param room its name
     * @param since first day
     */
    record FeedView(UUID id, String room, LocalDate since) {}

    /** A new address for one's calendar program: its secret, which is told only now. */
    @Transactional
    String make(Viewer viewer, UUID roomId) {
        String token = LinkSecrets.token();
        feeds.save(new CalendarFeed(
                viewer.settingId(),
                rooms.get(viewer.settingId(), roomId).id(),
                viewer.personId(),
                LinkSecrets.hash(token),
                clock.instant()));
        return token;
    }

    /** One's own addresses. */
    @Transactional(readOnly = true)
    public List<FeedView> own(Viewer viewer) {
        Map<UUID, String> names =
                rooms.all(viewer.settingId()).stream().collect(Collectors.toMap(RoomView::id, RoomView::name));
        return feeds
                .findBySettingIdAndAccountIdAndRevokedAtIsNullOrderByMadeAt(viewer.settingId(), viewer.personId())
                .stream()
                .map(feed -> new FeedView(
                        feed.getId(),
                        names.getOrDefault(feed.roomId(), ""),
                        settings.local(viewer.settingId(), feed.madeAt()).toLocalDate()))
                .toList();
    }

    /** Closes one of one's own addresses. */
    @Transactional
    void revoke(Viewer viewer, UUID feedId) {
        feeds.findByIdAndSettingIdAndAccountId(feedId, viewer.settingId(), viewer.personId())
                .orElseThrow(NotFound::new)
                .revoke(clock.instant());
    }

    /**
     * What a calendar program reads.
     *
     * @throws NotFound if there is no such address, or it was closed
     */
    @Transactional(readOnly = true)
    public String feed(String token) {
        CalendarFeed feed = feeds.findByTokenHash(LinkSecrets.hash(token))
                .filter(found -> !found.isRevoked())
                .orElseThrow(NotFound::new);
        LocalDate monday = WeekService.mondayOf(settings.today(feed.settingId()));
        return write(
                feed.settingId(),
                rooms.get(feed.settingId(), feed.roomId()),
                monday.minusWeeks(WEEKS_BACK),
                monday.plusWeeks(WEEKS_AHEAD));
    }

    /** One week as a file. */
    @Transactional(readOnly = true)
    public String week(SettingId settingId, RoomView room, LocalDate monday) {
        return write(settingId, room, monday, monday.plusDays(6));
    }

    private String write(SettingId settingId, RoomView room, LocalDate from, LocalDate until) {
        Map<BlockPlace, UUID> planned = weeks.planned(settingId, room.id(), from, until);
        Map<UUID, CardSummary> cards = provocations.byId(
                settingId, planned.values().stream().distinct().toList());
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
                            "%s: %d out".formatted(session.session().name(), lines.size()),
                            room.name(),
                            String.join("\n", lines),
                            on.atTime(session.session().startsAt()),
                            on.atTime(session.session().endsAt())));
                }
            }
        }
        for (OccasionView occasion : occasions.between(settingId, from, until)) {
            entries.add(new Entry(
                    occasion.id() + "@carder",
                    occasion.details().summary(),
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
                            "Look and measure: " + one.title(),
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
