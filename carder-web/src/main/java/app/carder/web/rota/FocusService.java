package app.carder.web.rota;

import app.carder.core.rota.FocusGroups;
import app.carder.core.rota.FocusGroups.Child;
import app.carder.core.rota.FocusGroups.Now;
import app.carder.core.rota.FocusGroups.Time;
import app.carder.core.said.Said;
import app.carder.core.week.DayStrip.Kind;
import app.carder.core.week.OpenDays;
import app.carder.web.account.Viewer;
import app.carder.web.children.ChildService;
import app.carder.web.children.ChildView;
import app.carder.web.page.NotFound;
import app.carder.web.page.Required;
import app.carder.web.room.RoomView;
import app.carder.web.room.SessionView;
import app.carder.web.setting.OccasionService;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import app.carder.web.watch.ObservationService;
import app.carder.web.watch.ObservationView;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Draws focus groups: the next one, and how everybody comes in within the cycle. */
@Service
public class FocusService {

    private static final Limit MOST = Limit.of(400);
    private static final int DAYS_REMEMBERED = 180;
    private static final Duration DEEP_FOR = Duration.ofMinutes(30);
    private static final int DEEP_FROM = 4;
    private static final int NEWEST = 60;

    private final FocusGroupRepository groups;
    private final ChildService children;
    private final ObservationService observations;
    private final OccasionService occasions;
    private final SettingService settings;

    FocusService(
            FocusGroupRepository groups,
            ChildService children,
            ObservationService observations,
            OccasionService occasions,
            SettingService settings) {
        this.groups = groups;
        this.children = children;
        this.observations = observations;
        this.occasions = occasions;
        this.settings = settings;
    }

    /**
     * The cycle that a room is in.
     *
     * @param size at most so many in a group, 1 to 12
     * @param weeks of the cycle, from this week's Monday, 1 to 4
     */
    @Transactional(readOnly = true)
    public FocusView view(SettingId settingId, RoomView room, int size, int weeks) {
        LocalDateTime now = settings.localNow(settingId);
        LocalDate today = now.toLocalDate();
        LocalDate from = today.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
        LocalDate until = from.plusWeeks(weeks).minusDays(1);
        OpenDays open = occasions.openDays(settingId);
        List<LocalDate> days =
                today.datesUntil(until.plusDays(1)).filter(open::isOpen).toList();
        List<ChildView> all = children.inRoom(settingId, room.id());
        Map<UUID, ChildView> byId = all.stream().collect(Collectors.toMap(ChildView::id, child -> child));
        List<FocusGroup> before = groups.findBySettingIdAndRoomIdAndOnDayGreaterThanEqualOrderByOnDayDesc(
                settingId, room.id(), today.minusDays(DAYS_REMEMBERED), MOST);
        List<FocusGroup> ofCycle =
                before.stream().filter(group -> !group.onDay().isBefore(from)).toList();
        Map<Time, SessionView> sessions = new HashMap<>();
        List<Time> times = new ArrayList<>();
        for (int day = 0; day < days.size(); day++) {
            for (SessionView session : room.sessionsOn(days.get(day).getDayOfWeek())) {
                LocalDateTime ends = days.get(day).atTime(session.session().endsAt());
                if (session.session().kind() == Kind.PROTECTED_PLAY
                        && ends.isAfter(now)
                        && ofCycle.stream()
                                .noneMatch(group -> group.onDay().equals(ends.toLocalDate())
                                        && group.sessionId().equals(session.id()))) {
                    Time time = new Time(day, session.id().toString());
                    sessions.put(time, session);
                    times.add(time);
                }
            }
        }
        Set<UUID> done =
                ofCycle.stream().flatMap(group -> group.childIds().stream()).collect(Collectors.toSet());
        Set<UUID> deep = deep(settingId, room, now);
        FocusGroups drawn = FocusGroups.of(
                all.stream()
                        .filter(child -> !done.contains(child.id()))
                        .map(child -> new Child(
                                child.id().toString(),
                                child.name(),
                                attends(child, days),
                                waiting(child, before, today),
                                deep.contains(child.id()) ? Now.DEEP : Now.FREE))
                        .toList(),
                times,
                size);
        return new FocusView(
                from,
                until,
                drawn.groups().stream()
                        .map(group -> planned(group, days, Required.from(sessions, group.time()), byId))
                        .toList(),
                drawn.unplaced().stream()
                        .map(one -> one.child().name() + ": " + one.because().words())
                        .toList(),
                ofCycle.stream()
                        .map(group -> new FocusView.Drawn(
                                group.getId(),
                                group.onDay(),
                                group.childIds().stream()
                                        .flatMap(id -> Stream.ofNullable(byId.get(id)))
                                        .map(ChildView::name)
                                        .toList(),
                                group.drawnBy()))
                        .toList());
    }

    private static FocusView.Planned planned(
            FocusGroups.Group group, List<LocalDate> days, SessionView session, Map<UUID, ChildView> byId) {
        return new FocusView.Planned(
                days.get(group.time().day()),
                session.id(),
                Said.say(
                        "week.session-at",
                        session.session().name(),
                        session.session().startsAt()),
                group.children().stream()
                        .map(child -> Required.from(byId, UUID.fromString(child.id())))
                        .toList(),
                group.children().stream()
                        .filter(child -> child.now() == Now.DEEP)
                        .map(Child::name)
                        .toList());
    }

    private static Set<Integer> attends(ChildView child, List<LocalDate> days) {
        Set<Integer> attends = new HashSet<>();
        for (int day = 0; day < days.size(); day++) {
            if (child.attendsOn(days.get(day))) {
                attends.add(day);
            }
        }
        return attends;
    }

    private static int waiting(ChildView child, List<FocusGroup> before, LocalDate today) {
        return before.stream()
                .filter(group -> group.childIds().contains(child.id()))
                .findFirst()
                .map(group -> (int) ChronoUnit.DAYS.between(group.onDay(), today))
                .orElse(DAYS_REMEMBERED);
    }

    /** Children who were noted deep in play within the last half hour. */
    private Set<UUID> deep(SettingId settingId, RoomView room, LocalDateTime now) {
        return observations.newest(settingId, room.id(), NEWEST).stream()
                .filter(seen -> seen.involvement()
                                .filter(level -> level.level() >= DEEP_FROM)
                                .isPresent()
                        && !seen.observedAt().isAfter(now)
                        && seen.observedAt().plus(DEEP_FOR).isAfter(now))
                .map(ObservationView::childIds)
                .flatMap(List::stream)
                .collect(Collectors.toSet());
    }

    /**
     * Writes down that a group was drawn.
     *
     * @throws NotFound if the room has no such session on that day, or no such child, or none is named
     */
    @Transactional
    public void draw(Viewer viewer, RoomView room, LocalDate on, UUID sessionId, List<UUID> childIds) {
        boolean session = room.sessionsOn(on.getDayOfWeek()).stream()
                .anyMatch(one -> one.id().equals(sessionId));
        Set<UUID> known = children.inRoom(viewer.settingId(), room.id()).stream()
                .map(ChildView::id)
                .collect(Collectors.toSet());
        if (!session || childIds.isEmpty() || !known.containsAll(childIds)) {
            throw new NotFound();
        }
        groups.save(new FocusGroup(
                viewer.settingId(),
                room.id(),
                on,
                sessionId,
                childIds,
                viewer.name(),
                settings.now(viewer.settingId())));
    }

    /**
     * A group of a day.
     *
     * @param id its own
     * @param names who is in it
     * @param sessionId of its session
     * @param startsAt when it is taken aside; absent where nobody has said
     */
    public record OfDay(UUID id, List<String> names, UUID sessionId, Optional<LocalTime> startsAt) {
        /** Keeps its own copy. */
        public OfDay {
            names = List.copyOf(names);
        }
    }

    /** Groups that were drawn for a day, in the order in which they were. */
    @Transactional(readOnly = true)
    public List<OfDay> on(SettingId settingId, RoomView room, LocalDate day) {
        Map<UUID, ChildView> byId =
                children.inRoom(settingId, room.id()).stream().collect(Collectors.toMap(ChildView::id, child -> child));
        return groups.findBySettingIdAndRoomIdAndOnDay(settingId, room.id(), day, MOST).stream()
                .sorted(Comparator.comparing(FocusGroup::getId))
                .map(group -> new OfDay(
                        group.getId(),
                        group.childIds().stream()
                                .flatMap(id -> Stream.ofNullable(byId.get(id)))
                                .map(ChildView::name)
                                .toList(),
                        group.sessionId(),
                        group.startsAt()))
                .toList();
    }

    /**
     * A group is taken aside at another time of its day.
     *
     * @return whether the room plays at that time; else nothing is changed
     * @throws NotFound if there is no such group
     */
    @Transactional
    public boolean moveTo(SettingId settingId, RoomView room, UUID groupId, LocalTime startsAt) {
        FocusGroup group = groups.findByIdAndSettingIdAndRoomId(groupId, settingId, room.id())
                .orElseThrow(NotFound::new);
        Optional<SessionView> session = room.sessionsOn(group.onDay().getDayOfWeek()).stream()
                .filter(one -> one.isPlay() && one.session().holds(startsAt))
                .findFirst();
        session.ifPresent(playing -> group.moveTo(playing.id(), startsAt));
        return session.isPresent();
    }

    /** Takes a drawn group back. */
    @Transactional
    public void takeBack(SettingId settingId, RoomView room, UUID groupId) {
        groups.delete(groups.findByIdAndSettingIdAndRoomId(groupId, settingId, room.id())
                .orElseThrow(NotFound::new));
    }
}
