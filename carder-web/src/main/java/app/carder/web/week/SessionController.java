package app.carder.web.week;

import app.carder.core.ratio.RatioRule;
import app.carder.core.said.Dates;
import app.carder.core.said.Said;
import app.carder.core.week.DayStrip;
import app.carder.core.week.ProtectedPlay;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.page.FormErrors;
import app.carder.web.page.NotFound;
import app.carder.web.page.Typed;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomService.KeptSession;
import app.carder.web.room.RoomView;
import app.carder.web.room.SessionView;
import app.carder.web.room.WeekRules;
import app.carder.web.setting.OccasionService;
import app.carder.web.undo.CanBeUndone;
import app.carder.web.undo.Deed;
import java.time.DayOfWeek;
import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** Sessions of a room's days, and how long play is left alone in them. */
@Controller
@AllowedTo(Audience.LEADS)
class SessionController {

    private static final Set<DayOfWeek> MONDAY_TO_FRIDAY = EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.FRIDAY);

    private final RoomService rooms;
    private final OccasionService occasions;

    SessionController(RoomService rooms, OccasionService occasions) {
        this.rooms = rooms;
        this.occasions = occasions;
    }

    /**
     * Days of the week that have the same sessions.
     *
     * @param days in words
     * @param strip sessions to scale
     * @param play how long play is left alone
     * @param notices when children are told that it ends, at the latest
     */
    record DayLook(String days, DayStrip strip, ProtectedPlay play, List<String> notices) {}

    @GetMapping("/rooms/{roomId}/sessions")
    ModelAndView open(@AuthenticationPrincipal Viewer viewer, @PathVariable("roomId") UUID roomId) {
        RoomView room = rooms.get(viewer.settingId(), roomId);
        return page(viewer, room, SessionForm.of(room), new FormErrors());
    }

    @PostMapping("/rooms/{roomId}/sessions")
    @CanBeUndone(Deed.SESSIONS_CHANGED)
    ModelAndView save(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam MultiValueMap<String, String> parameters) {
        RoomView room = rooms.get(viewer.settingId(), roomId);
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        SessionForm form = new SessionForm(typed, errors, days(viewer, room));
        Optional<List<KeptSession>> sessions = form.sessions();
        Optional<WeekRules> rules = form.rules();
        Set<UUID> ofRoom = room.sessions().stream().map(SessionView::id).collect(Collectors.toSet());
        if (sessions.stream()
                .flatMap(List::stream)
                .flatMap(session -> session.id().stream())
                .anyMatch(id -> !ofRoom.contains(id))) {
            throw new NotFound();
        }
        if (sessions.isEmpty() || rules.isEmpty()) {
            return page(viewer, room, typed, errors);
        }
        rooms.saveSessions(viewer.settingId(), roomId, sessions.get());
        rooms.saveWeek(viewer.settingId(), roomId, rules.get());
        return new ModelAndView("redirect:/rooms/" + roomId + "/sessions?saved");
    }

    private ModelAndView page(Viewer viewer, RoomView room, Typed typed, FormErrors errors) {
        ModelAndView page = new ModelAndView("week/sessions");
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        page.addObject("room", room);
        page.addObject("rooms", rooms.all(viewer.settingId()));
        page.addObject("looks", looks(room));
        page.addObject("kinds", DayStrip.Kind.values());
        page.addObject("days", days(viewer, room));
        page.addObject("rows", SessionForm.rows(typed));
        page.addObject("ratios", RatioRule.shipped());
        page.addObject("typed", typed);
        page.addObject("errors", errors);
        return page;
    }

    private List<DayOfWeek> days(Viewer viewer, RoomView room) {
        return SessionForm.days(occasions.weekdays(viewer.settingId()), room);
    }

    private static List<DayLook> looks(RoomView room) {
        Map<List<SessionView>, List<DayOfWeek>> alike = new LinkedHashMap<>();
        for (DayOfWeek day : DayOfWeek.values()) {
            List<SessionView> sessions = room.sessionsOn(day);
            if (!sessions.isEmpty()) {
                alike.computeIfAbsent(sessions, key -> new ArrayList<>()).add(day);
            }
        }
        return alike.entrySet().stream()
                .map(one -> look(room, one.getKey(), one.getValue()))
                .toList();
    }

    private static DayLook look(RoomView room, List<SessionView> sessions, List<DayOfWeek> days) {
        ProtectedPlay play = ProtectedPlay.of(
                sessions.stream().map(one -> one.details().planned()).toList());
        return new DayLook(
                MONDAY_TO_FRIDAY.equals(Set.copyOf(days))
                        ? Said.say("week.monday-to-friday")
                        : days.stream().map(Dates::weekday).collect(Collectors.joining(", ")),
                // No now-line: these are days in general.
                DayStrip.of(
                        sessions.stream().map(SessionView::session).toList(),
                        sessions.get(0).session().startsAt()),
                play,
                play.stretches().stream()
                        .map(stretch -> Said.say(
                                "week.before-it-ends-at",
                                stretch.noticeAt(Duration.ofMinutes(room.week().noticeMinutes())),
                                stretch.until()))
                        .toList());
    }
}
