package app.carder.web.attendance;

import app.carder.core.attendance.Noted;
import app.carder.core.attendance.Presence;
import app.carder.core.attendance.Pressed;
import app.carder.core.said.Said;
import app.carder.web.account.Viewer;
import app.carder.web.attendance.RegisterView.Line;
import app.carder.web.attendance.WeekRegister.Row;
import app.carder.web.children.CarerView;
import app.carder.web.children.ChildService;
import app.carder.web.children.ChildView;
import app.carder.web.page.NotFound;
import app.carder.web.room.RoomView;
import app.carder.web.setting.OccasionService;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.UnaryOperator;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Notes who came and who was fetched, and says who is there. */
@Service
public class AttendanceService {

    private final AttendanceRepository days;
    private final ChildService children;
    private final OccasionService occasions;
    private final SettingService settings;

    AttendanceService(
            AttendanceRepository days, ChildService children, OccasionService occasions, SettingService settings) {
        this.days = days;
        this.children = children;
        this.occasions = occasions;
        this.settings = settings;
    }

    /**
     * Notes something of a child's day. Where nothing is left of it, nothing is kept.
     *
     * @param change from what was noted to what is
     * @throws NotFound if the setting has no such child
     */
    @Transactional
    public void note(Viewer viewer, UUID childId, LocalDate day, UnaryOperator<Noted> change) {
        note(viewer, childId, day, change, settings.now(viewer.settingId()));
    }

    private void note(Viewer viewer, UUID childId, LocalDate day, UnaryOperator<Noted> change, Instant at) {
        ChildView child = children.get(viewer.settingId(), childId);
        Optional<AttendanceDay> there = days.findBySettingIdAndChildIdAndOnDay(viewer.settingId(), childId, day);
        Noted noted = change.apply(there.map(AttendanceDay::noted).orElse(Noted.NOTHING));
        if (noted.isBlank()) {
            there.ifPresent(days::delete);
        } else if (there.isPresent()) {
            there.get().note(viewer, noted, at);
        } else {
            days.save(new AttendanceDay(viewer, child.roomId(), childId, day, noted, at));
        }
    }

    /**
     * Notes what somebody pressed at a moment, perhaps on a device without a connection. The same press that comes again changes nothing.
     *
     * @param at when it was pressed, by the nursery's time
     * @throws NotFound if the setting has no such child
     */
    @Transactional
    public void noteAt(Viewer viewer, UUID childId, Instant at, Pressed what) {
        LocalDateTime local = settings.local(viewer.settingId(), at);
        LocalTime minute = local.toLocalTime().truncatedTo(ChronoUnit.MINUTES);
        Optional<Instant> noted = days.findBySettingIdAndChildIdAndOnDay(
                        viewer.settingId(), childId, local.toLocalDate())
                .map(AttendanceDay::notedAt);
        if (noted.filter(last -> !last.isBefore(at)).isPresent()) {
            note(viewer, childId, local.toLocalDate(), before -> what.before(before, minute), noted.get());
        } else {
            note(viewer, childId, local.toLocalDate(), before -> what.after(before, minute), at);
        }
    }

    /** The register of a room as it stands now. */
    @Transactional(readOnly = true)
    public RegisterView register(SettingId settingId, RoomView room) {
        List<UUID> all = children.inRoom(settingId, room.id()).stream()
                .map(ChildView::id)
                .toList();
        return register(settingId, room, settings.minute(settingId), children.carersOf(settingId, all));
    }

    /** Those who should be here at a minute of today, and of whom nobody said anything. */
    @Transactional(readOnly = true)
    public List<ChildView> noWord(SettingId settingId, RoomView room, LocalDateTime now) {
        return register(settingId, room, now, Map.of()).noWord().stream()
                .map(Line::child)
                .toList();
    }

    private RegisterView register(
            SettingId settingId, RoomView room, LocalDateTime now, Map<UUID, List<CarerView>> carers) {
        List<ChildView> all = children.inRoom(settingId, room.id());
        Duration askAfter = Duration.ofMinutes(settings.get(settingId).askAfterMinutes());
        boolean isOpen = occasions.openDays(settingId).isOpen(now.toLocalDate());
        return new RegisterView(
                now,
                all.stream()
                        .map(child ->
                                line(child, room, now, askAfter, isOpen, carers.getOrDefault(child.id(), List.of())))
                        .toList());
    }

    private static Line line(
            ChildView child,
            RoomView room,
            LocalDateTime now,
            Duration askAfter,
            boolean isOpen,
            List<CarerView> carers) {
        LocalDate today = now.toLocalDate();
        Optional<LocalTime> due = isOpen ? due(child, room, today) : Optional.empty();
        Noted noted = child.notedOn(today);
        return new Line(child, Presence.of(noted, due, now.toLocalTime(), askAfter), due, noted, carers);
    }

    /** When it was agreed to come on a day: its own hour, else with the first session; empty where it was not agreed. */
    public static Optional<LocalTime> due(ChildView child, RoomView room, LocalDate day) {
        if (!child.coming().isOn(day)) {
            return Optional.empty();
        }
        return child.coming()
                .hours(day.getDayOfWeek())
                .arrives()
                .or(() -> room.sessionsOn(day.getDayOfWeek()).stream()
                        .map(session -> session.session().startsAt())
                        .min(Comparator.naturalOrder()));
    }

    /** The register of the week of a day. */
    @Transactional(readOnly = true)
    public WeekRegister week(SettingId settingId, RoomView room, LocalDate ofDay) {
        List<LocalDate> open = occasions.openDays(settingId).ofWeek(ofDay);
        LocalDateTime now = settings.minute(settingId);
        List<ChildView> all = children.inRoom(settingId, room.id());
        if (open.isEmpty()) {
            return new WeekRegister(List.of(), List.of());
        }
        Map<UUID, Map<LocalDate, Noted>> noted = NotedDays.byChild(days.findBySettingIdAndChildIdInAndOnDayBetween(
                settingId, all.stream().map(ChildView::id).toList(), open.get(0), open.get(open.size() - 1)));
        return new WeekRegister(
                open,
                all.stream()
                        .map(child -> new Row(
                                child,
                                open.stream()
                                        .map(day -> cell(
                                                child,
                                                noted.getOrDefault(child.id(), Map.of())
                                                        .getOrDefault(day, Noted.NOTHING),
                                                day,
                                                now.toLocalDate()))
                                        .toList()))
                        .toList());
    }

    private static String cell(ChildView child, Noted noted, LocalDate day, LocalDate today) {
        if (noted.away().isPresent()) {
            return noted.away().get().words();
        }
        if (!noted.isBlank()) {
            String stillHere = day.equals(today) && noted.leftAt().isEmpty() ? "" : "?";
            return noted.arrivedAt().map(LocalTime::toString).orElse("?")
                    + "–"
                    + noted.leftAt().map(LocalTime::toString).orElse(stillHere);
        }
        if (!child.coming().isOn(day)) {
            return "";
        }
        return day.isAfter(today) ? Said.say("attendance.due") : Said.say("attendance.not-noted");
    }
}
