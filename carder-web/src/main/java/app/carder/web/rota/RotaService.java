package app.carder.web.rota;

import app.carder.core.measure.Age;
import app.carder.core.ratio.FirstAidCover;
import app.carder.core.ratio.Staffing;
import app.carder.core.ratio.Staffing.AdultHours;
import app.carder.core.ratio.Staffing.ChildHours;
import app.carder.web.account.AccountService;
import app.carder.web.adults.AdultService;
import app.carder.web.children.ChildService;
import app.carder.web.children.ChildView;
import app.carder.web.page.NotFound;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import app.carder.web.room.SessionView;
import app.carder.web.setting.Area;
import app.carder.web.setting.Remembered;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Collection;
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

/** Who is in a room when, and whether that is enough for the children who are due. */
@Service
public class RotaService {

    private static final Limit MOST = Limit.of(500);

    private final ShiftRepository shifts;
    private final AbsenceRepository absences;
    private final RoomService rooms;
    private final ChildService children;
    private final AccountService accounts;
    private final AdultService adults;
    private final SettingService settings;

    RotaService(
            ShiftRepository shifts,
            AbsenceRepository absences,
            RoomService rooms,
            ChildService children,
            AccountService accounts,
            AdultService adults,
            SettingService settings) {
        this.shifts = shifts;
        this.absences = absences;
        this.rooms = rooms;
        this.children = children;
        this.accounts = accounts;
        this.adults = adults;
        this.settings = settings;
    }

    /** Hours of adults in a room, by weekday and time. */
    @Remembered(Area.PEOPLE)
    @Transactional(readOnly = true)
    public List<ShiftView> shifts(SettingId settingId, UUID roomId) {
        Map<UUID, String> names = names(settingId);
        return shifts.findBySettingIdAndRoomIdOrderByWeekdayAscFromTimeAsc(settingId, roomId, MOST).stream()
                .map(shift -> shift.view(names.getOrDefault(shift.accountId(), "")))
                .toList();
    }

    /** Absences from a day on. */
    @Remembered(Area.PEOPLE)
    @Transactional(readOnly = true)
    public List<AbsenceView> absences(SettingId settingId, LocalDate from) {
        Map<UUID, String> names = names(settingId);
        return absences.findBySettingIdAndUntilDayGreaterThanEqualOrderByFromDay(settingId, from, MOST).stream()
                .map(absence -> absence.view(names.getOrDefault(absence.accountId(), "")))
                .toList();
    }

    private Map<UUID, String> names(SettingId settingId) {
        return accounts.names(settingId);
    }

    /** Adds an adult's hours on some days of the week. */
    @Transactional
    public void addShifts(
            SettingId settingId,
            UUID roomId,
            UUID accountId,
            Collection<DayOfWeek> days,
            LocalTime from,
            LocalTime until) {
        UUID room = rooms.get(settingId, roomId).id();
        checkStaff(settingId, accountId);
        days.forEach(day -> shifts.save(new Shift(settingId, room, accountId, day, from, until)));
    }

    /** Rooms in which a person is down already for a part of these hours; an adult is in one place at a time. */
    @Transactional(readOnly = true)
    public List<String> clashes(
            SettingId settingId,
            UUID roomId,
            UUID accountId,
            Collection<DayOfWeek> days,
            LocalTime from,
            LocalTime until) {
        List<Shift> there = shifts.findBySettingIdAndAccountId(settingId, accountId, MOST);
        return days.stream()
                .map(day -> new Shift(settingId, roomId, accountId, day, from, until))
                .flatMap(wanted -> there.stream().filter(wanted::clashesWith))
                .map(Shift::roomId)
                .distinct()
                .map(room -> rooms.get(settingId, room).name())
                .sorted()
                .toList();
    }

    /** Hours that a person cannot work, as the same person is down for another room then: they count in neither. */
    private Set<UUID> doubtful(SettingId settingId) {
        List<Shift> all = shifts.findBySettingIdOrderByWeekdayAscFromTimeAsc(settingId, MOST);
        return all.stream()
                .filter(shift -> all.stream().anyMatch(shift::clashesWith))
                .map(Shift::getId)
                .collect(Collectors.toSet());
    }

    /**
     * Lets hours begin and end at other times.
     *
     * @return rooms in which the person is down already for a part of them; where there is any, nothing is changed
     * @throws NotFound if the room has no such hours
     */
    @Transactional
    public List<String> changeShift(SettingId settingId, UUID roomId, UUID shiftId, LocalTime from, LocalTime until) {
        Shift shift =
                shifts.findBySettingIdAndRoomIdAndId(settingId, roomId, shiftId).orElseThrow(NotFound::new);
        List<String> elsewhere = clashes(settingId, roomId, shift.accountId(), List.of(shift.day()), from, until);
        if (elsewhere.isEmpty()) {
            shift.beginAt(from);
            shift.endAt(until);
        }
        return elsewhere;
    }

    /** Takes hours away. */
    @Transactional
    public void removeShift(SettingId settingId, UUID roomId, UUID shiftId) {
        shifts.deleteBySettingIdAndRoomIdAndId(
                settingId, rooms.get(settingId, roomId).id(), shiftId);
    }

    /** Writes an absence down. */
    @Transactional
    public void addAbsence(SettingId settingId, UUID accountId, LocalDate from, LocalDate until) {
        checkStaff(settingId, accountId);
        absences.save(new Absence(settingId, accountId, from, until));
    }

    /** Takes an absence away. */
    @Transactional
    public void removeAbsence(SettingId settingId, UUID absenceId) {
        absences.deleteBySettingIdAndId(settingId, absenceId);
    }

    private void checkStaff(SettingId settingId, UUID accountId) {
        if (accounts.staff(settingId).stream().noneMatch(one -> one.id().equals(accountId))) {
            throw new NotFound();
        }
    }

    /**
     * Whether somebody with a first-aid certificate is on site while children are in a room.
     *
     * @param isWritten whether anybody wrote down a certificate; without, nothing can be told
     * @param cover of the day
     */
    public record FirstAid(boolean isWritten, FirstAidCover cover) {}

    /** First aid on a day; those who are certified count in whatever room they are. */
    @Remembered(Area.PEOPLE)
    @Transactional(readOnly = true)
    public FirstAid firstAid(SettingId settingId, LocalDate day, Staffing staffing) {
        Map<UUID, LocalDate> until = adults.firstAidUntil(settingId);
        Set<UUID> away = absences(settingId, day).stream()
                .filter(one -> one.isOn(day))
                .map(AbsenceView::accountId)
                .collect(Collectors.toSet());
        Set<UUID> certified = until.entrySet().stream()
                .filter(one -> !one.getValue().isBefore(day) && !away.contains(one.getKey()))
                .map(Map.Entry::getKey)
                .collect(Collectors.toSet());
        List<AdultHours> hours = certified.isEmpty()
                ? List.of()
                : shifts.findBySettingIdAndAccountIdIn(settingId, certified, MOST).stream()
                        .map(shift -> shift.view(""))
                        .filter(shift -> shift.day() == day.getDayOfWeek())
                        .map(shift -> new AdultHours(shift.name(), shift.from(), shift.until()))
                        .toList();
        return new FirstAid(!until.isEmpty(), FirstAidCover.of(staffing.stretches(), hours));
    }

    /** Days of a room, checked against attendance and rota; children are there from the first session to the last, unless they have hours of
     * their own. */
    @Remembered({Area.PEOPLE, Area.PLACES})
    @Transactional(readOnly = true)
    public Map<LocalDate, Staffing> staffing(SettingId settingId, RoomView room, List<LocalDate> days) {
        Map<LocalDate, Staffing> staffing = new LinkedHashMap<>();
        hours(settingId, room, days)
                .forEach((day, hours) -> staffing.put(
                        day,
                        Staffing.of(
                                room.week().ratio(),
                                hours.children().stream()
                                        .map(child -> new ChildHours(child.months(), child.from(), child.until()))
                                        .toList(),
                                hours.adults().stream()
                                        .map(shift -> new AdultHours(shift.name(), shift.from(), shift.until()))
                                        .toList())));
        return staffing;
    }

    /**
     * Who is in a room on a day.
     *
     * @param children who are due
     * @param adults on the rota who are not away and not down for another room at the same time
     */
    public record Hours(List<Due> children, List<ShiftView> adults) {
        /** Keeps its own copies. */
        public Hours {
            children = List.copyOf(children);
            adults = List.copyOf(adults);
        }
    }

    /**
     * A child who is due.
     *
     * @param child who
     * @param months completed months of age on that day
     * @param from included
     * @param until excluded
     */
    public record Due(ChildView child, int months, LocalTime from, LocalTime until) {}

    /** Who is in a room on some days; children are there from the first session to the last, unless they have hours of their own. */
    @Remembered({Area.PEOPLE, Area.PLACES})
    @Transactional(readOnly = true)
    public Map<LocalDate, Hours> hours(SettingId settingId, RoomView room, List<LocalDate> days) {
        List<ChildView> all = children.expected(settingId, room.id());
        List<ShiftView> hours = shifts(settingId, room.id());
        Set<UUID> doubtful = doubtful(settingId);
        List<AbsenceView> away = absences(settingId, settings.today(settingId).minusDays(60));
        Map<LocalDate, Hours> byDay = new LinkedHashMap<>();
        for (LocalDate day : days) {
            byDay.put(
                    day,
                    new Hours(
                            due(all, room.sessionsOn(day.getDayOfWeek()), day),
                            hours.stream()
                                    .filter(shift ->
                                            shift.day() == day.getDayOfWeek() && !doubtful.contains(shift.id()))
                                    .filter(shift -> away.stream()
                                            .noneMatch(
                                                    one -> one.accountId().equals(shift.accountId()) && one.isOn(day)))
                                    .toList()));
        }
        return byDay;
    }

    private static List<Due> due(List<ChildView> all, List<SessionView> sessions, LocalDate day) {
        if (sessions.isEmpty()) {
            return List.of();
        }
        LocalTime first = sessions.get(0).session().startsAt();
        LocalTime last = sessions.stream()
                .map(session -> session.session().endsAt())
                .max(LocalTime::compareTo)
                .orElseThrow();
        return all.stream()
                .filter(child -> child.attendsOn(day))
                .map(child -> due(child, day, first, last))
                .toList();
    }

    /** Where the hours of a child and of the sessions have nothing in common, it may be there from the first of them to the last. */
    private static Due due(ChildView child, LocalDate day, LocalTime first, LocalTime last) {
        int months = Age.between(child.age().bornOn(), day).inMonths();
        LocalTime from = child.arrivesOn(day).orElse(first);
        LocalTime until = child.leavesOn(day).orElse(last);
        return until.isAfter(from)
                ? new Due(child, months, from, until)
                : new Due(child, months, until.isBefore(first) ? until : first, from.isAfter(last) ? from : last);
    }

    /**
     * Shifts somebody's break between two of their hours in a room, every week.
     *
     * @param minutes later, or earlier below 0
     * @return whether they have such a break there, and it stays within their hours; else nothing is changed
     */
    @Transactional
    public boolean shiftBreak(
            SettingId settingId,
            UUID roomId,
            UUID accountId,
            DayOfWeek day,
            LocalTime from,
            LocalTime until,
            int minutes) {
        List<Shift> theirs = shifts.findBySettingIdAndAccountId(settingId, accountId, MOST).stream()
                .filter(shift -> shift.roomId().equals(roomId) && shift.isOn(day))
                .toList();
        LocalTime begins = from.plusMinutes(minutes);
        LocalTime ends = until.plusMinutes(minutes);
        Optional<Shift> before =
                theirs.stream().filter(shift -> shift.ends(from)).findFirst();
        Optional<Shift> after =
                theirs.stream().filter(shift -> shift.begins(until)).findFirst();
        boolean fits = before.isPresent()
                && after.isPresent()
                && (minutes > 0 ? after.get().holds(ends) : before.get().holds(begins));
        if (fits) {
            before.get().endAt(begins);
            after.get().beginAt(ends);
        }
        return fits;
    }
}
