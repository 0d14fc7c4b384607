package app.carder.web.today;

import app.carder.core.ratio.Staffing;
import app.carder.core.week.DayStrip;
import app.carder.core.week.ProtectedPlay;
import app.carder.web.attendance.AttendanceService;
import app.carder.web.card.CardService;
import app.carder.web.card.CardSummary;
import app.carder.web.children.ChildService;
import app.carder.web.children.ChildView;
import app.carder.web.investigate.InvestigationService;
import app.carder.web.lists.ListService;
import app.carder.web.page.Required;
import app.carder.web.room.RoomView;
import app.carder.web.room.SessionView;
import app.carder.web.room.ZoneView;
import app.carder.web.rota.RotaService;
import app.carder.web.setout.SetOutService;
import app.carder.web.setout.SetOutView;
import app.carder.web.setting.Area;
import app.carder.web.setting.OccasionService;
import app.carder.web.setting.Remembered;
import app.carder.web.setting.SettingId;
import app.carder.web.today.TodayView.Planned;
import app.carder.web.today.TodayView.Unseen;
import app.carder.web.watch.ObservationService;
import app.carder.web.week.BlockPlace;
import app.carder.web.week.WeekService;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Puts a room's day together as it stands now. */
@Service
class TodayService {

    private static final int LONGEST_UNSEEN = 6;
    private static final int FIRST_PREPARATIONS = 5;

    private final SetOutService setOuts;
    private final ChildService children;
    private final AttendanceService attendance;
    private final ObservationService observations;
    private final WeekService weeks;
    private final CardService deck;
    private final ListService lists;
    private final InvestigationService investigations;
    private final RotaService rota;
    private final OccasionService occasions;

    TodayService(
            SetOutService setOuts,
            ChildService children,
            AttendanceService attendance,
            ObservationService observations,
            WeekService weeks,
            CardService deck,
            ListService lists,
            InvestigationService investigations,
            RotaService rota,
            OccasionService occasions) {
        this.setOuts = setOuts;
        this.children = children;
        this.attendance = attendance;
        this.observations = observations;
        this.weeks = weeks;
        this.deck = deck;
        this.lists = lists;
        this.investigations = investigations;
        this.rota = rota;
        this.occasions = occasions;
    }

    /** A room's day as it stands in a minute of it, in the setting's zone. */
    @Remembered({Area.BOARD, Area.CARDS, Area.PEOPLE, Area.PLACES, Area.RECORDS})
    @Transactional(readOnly = true)
    TodayView of(SettingId settingId, RoomView room, LocalDateTime now) {
        LocalDate today = now.toLocalDate();
        LocalTime time = now.toLocalTime();
        Optional<SessionView> session = room.sessionsOn(today.getDayOfWeek()).stream()
                .filter(one -> holds(one.session(), time))
                .findFirst();
        LocalDate shown = occasions.openDays(settingId).plus(today, 0);
        boolean open = shown.equals(today);
        Staffing ofDay = Required.from(rota.staffing(settingId, room, List.of(shown)), shown);
        Optional<Staffing> staffing = Optional.of(ofDay).filter(day -> open);
        List<SetOutView> all = setOuts.out(settingId, room, today);
        List<ChildView> attending = children.attending(settingId, room.id(), shown);
        return new TodayView(
                now,
                shown,
                occasions.between(settingId, today, today),
                session.map(SessionView::session),
                noticeAt(room, now),
                staffing.flatMap(day -> day.at(time)),
                ofDay.drawing(),
                staffing.stream()
                        .flatMap(day -> day.shortfalls().stream())
                        .filter(stretch -> stretch.until().isAfter(time))
                        .toList(),
                staffing.map(day -> rota.firstAid(settingId, today, day)),
                all.stream().filter(one -> isNow(one, session)).toList(),
                all.stream().filter(one -> !isNow(one, session)).toList(),
                planned(settingId, room, open ? now : shown.atStartOfDay(), open ? all : List.of()),
                lists.toBegin(settingId, room).stream()
                        .limit(FIRST_PREPARATIONS)
                        .toList(),
                investigations.ofRoom(settingId, room.id()).stream()
                        .filter(one -> one.isDue(today))
                        .toList(),
                attending,
                open ? attendance.noWord(settingId, room, now) : List.of(),
                unseen(settingId, attending));
    }

    private static boolean holds(DayStrip.Session session, LocalTime time) {
        return !time.isBefore(session.startsAt()) && time.isBefore(session.endsAt());
    }

    private static Optional<LocalTime> noticeAt(RoomView room, LocalDateTime now) {
        ProtectedPlay play = ProtectedPlay.of(room.sessionsOn(now.getDayOfWeek()).stream()
                .map(one -> one.details().planned())
                .toList());
        return play.stretches().stream()
                .filter(stretch -> !now.toLocalTime().isBefore(stretch.from())
                        && now.toLocalTime().isBefore(stretch.until()))
                .map(stretch -> stretch.noticeAt(Duration.ofMinutes(room.week().noticeMinutes())))
                .findFirst();
    }

    private static boolean isNow(SetOutView out, Optional<SessionView> session) {
        return out.sessionId() == null
                || session.filter(one -> out.isOutIn(one.id())).isPresent();
    }

    /** What the board has for the session of play that goes on, or the next one today, and is not out yet. */
    private List<Planned> planned(SettingId settingId, RoomView room, LocalDateTime now, List<SetOutView> out) {
        Map<BlockPlace, UUID> blocks = weeks.planned(settingId, room.id(), now.toLocalDate(), now.toLocalDate());
        Optional<SessionView> next = WeekService.playOn(room, now.toLocalDate()).stream()
                .filter(session -> session.session().endsAt().isAfter(now.toLocalTime()))
                .findFirst();
        if (blocks.isEmpty() || next.isEmpty()) {
            return List.of();
        }
        Set<UUID> outIds = out.stream().map(one -> one.card().id()).collect(Collectors.toSet());
        Map<UUID, CardSummary> cards = deck.byId(settingId, Set.copyOf(blocks.values()));
        Map<UUID, String> zones = room.zones().stream().collect(Collectors.toMap(ZoneView::id, ZoneView::name));
        return blocks.entrySet().stream()
                .filter(one -> one.getKey().sessionId().equals(next.get().id()))
                .filter(one -> !outIds.contains(one.getValue()) && cards.containsKey(one.getValue()))
                .map(one -> new Planned(
                        one.getValue(),
                        Required.from(cards, one.getValue()).title(),
                        zones.getOrDefault(one.getKey().zoneId(), ""),
                        one.getKey().zoneId(),
                        next.get().session().startsAt()))
                .toList();
    }

    private List<Unseen> unseen(SettingId settingId, List<ChildView> attending) {
        Map<UUID, LocalDate> lastSeen = observations.lastSeen(
                settingId, attending.stream().map(ChildView::id).toList());
        return attending.stream()
                .map(child -> new Unseen(child, Optional.ofNullable(lastSeen.get(child.id()))))
                .sorted(Comparator.comparing(one -> one.lastOn().orElse(LocalDate.MIN)))
                .limit(LONGEST_UNSEEN)
                .toList();
    }
}
