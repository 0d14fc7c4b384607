package app.carder.web.attendance;

import app.carder.core.attendance.Away;
import app.carder.core.attendance.Noted;
import app.carder.core.attendance.Pressed;
import app.carder.core.said.Dates;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.RoomBorder;
import app.carder.web.account.Viewer;
import app.carder.web.children.ChildService;
import app.carder.web.page.Download;
import app.carder.web.page.FormErrors;
import app.carder.web.page.NotFound;
import app.carder.web.page.Printer;
import app.carder.web.page.Typed;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import app.carder.web.setting.SettingService;
import app.carder.web.undo.CanBeUndone;
import app.carder.web.undo.Deed;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** The register: one press when a child comes and one when it is fetched; and the list to count by outside. */
@Controller
class RegisterController {

    private static final int LONGEST_NAME = 120;

    private final AttendanceService attendance;
    private final ChildService children;
    private final RoomService rooms;
    private final RoomBorder border;
    private final SettingService settings;
    private final Printer printer;

    RegisterController(
            AttendanceService attendance,
            ChildService children,
            RoomService rooms,
            RoomBorder border,
            SettingService settings,
            Printer printer) {
        this.attendance = attendance;
        this.children = children;
        this.rooms = rooms;
        this.border = border;
        this.settings = settings;
        this.printer = printer;
    }

    @GetMapping("/rooms/{roomId}/register")
    @AllowedTo(Audience.STAFF)
    ModelAndView open(@AuthenticationPrincipal Viewer viewer, @PathVariable("roomId") UUID roomId) {
        return page(viewer, rooms.get(viewer.settingId(), roomId), Typed.nothing(), new FormErrors());
    }

    /** Notes that a child came, was fetched or does not come, or takes away what was noted. */
    @PostMapping("/children/{childId}/register")
    @AllowedTo(Audience.STAFF)
    @CanBeUndone(Deed.ATTENDANCE_NOTED)
    ModelAndView note(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("childId") UUID childId,
            @RequestParam MultiValueMap<String, String> parameters) {
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        RoomView room = rooms.get(
                viewer.settingId(), children.get(viewer.settingId(), childId).roomId());
        LocalTime now = settings.minute(viewer.settingId()).toLocalTime();
        Optional<LocalTime> at = typed.text("at").isEmpty() ? Optional.of(now) : typed.time("at", errors);
        if (at.filter(time -> time.isAfter(now)).isPresent()) {
            errors.add("at", "attendance.later");
        }
        String by = typed.optional("by", LONGEST_NAME, errors);
        if (errors.any()) {
            return page(viewer, room, typed.with("child", childId), errors);
        }
        attendance.note(viewer, childId, settings.today(viewer.settingId()), change(typed, at.orElseThrow(), by));
        return new ModelAndView("redirect:/rooms/" + room.id() + "/register#c-" + childId);
    }

    private static UnaryOperator<Noted> change(Typed typed, LocalTime at, String by) {
        return switch (typed.text("what")) {
            case "arrived" -> noted -> noted.arrived(at);
            case "left" -> noted -> noted.left(at, by);
            case "away" -> {
                Away why = Arrays.stream(Away.values())
                        .filter(one -> one.name().equals(typed.text("why")))
                        .findFirst()
                        .orElse(Away.NO_REASON);
                yield noted -> Noted.away(why);
            }
            case "nothing" -> noted -> Pressed.TAKEN_BACK.after(noted, at);
            default -> throw new NotFound();
        };
    }

    /** The week as a table. */
    @GetMapping("/rooms/{roomId}/register.csv")
    @AllowedTo(Audience.STAFF)
    ResponseEntity<byte[]> table(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam(name = "of", required = false) @Nullable LocalDate of) {
        WeekRegister week = week(viewer, rooms.get(viewer.settingId(), roomId), of);
        List<String> heads = new ArrayList<>(List.of("child"));
        week.days().forEach(day -> heads.add(day.toString()));
        return Download.table(
                "register.csv",
                heads,
                week.rows().stream()
                        .map(row -> {
                            List<String> cells =
                                    new ArrayList<>(List.of(row.child().name()));
                            cells.addAll(row.cells());
                            return cells;
                        })
                        .toList());
    }

    /** The week on paper. */
    @GetMapping("/rooms/{roomId}/register.pdf")
    @AllowedTo(Audience.STAFF)
    ResponseEntity<byte[]> print(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam(name = "of", required = false) @Nullable LocalDate of) {
        RoomView room = rooms.get(viewer.settingId(), roomId);
        WeekRegister week = week(viewer, room, of);
        return printer.download(
                "register.pdf", printer.print("attendance/print", Map.of("room", room, "week", week), Map.of()));
    }

    private WeekRegister week(Viewer viewer, RoomView room, @Nullable LocalDate of) {
        return attendance.week(viewer.settingId(), room, of == null ? settings.today(viewer.settingId()) : of);
    }

    /** Who may be inside, to count by outside: of one room. */
    @GetMapping("/rooms/{roomId}/evacuation.pdf")
    @AllowedTo(Audience.STAFF)
    ResponseEntity<byte[]> evacuation(@AuthenticationPrincipal Viewer viewer, @PathVariable("roomId") UUID roomId) {
        return evacuation(viewer, List.of(rooms.get(viewer.settingId(), roomId)));
    }

    /** Of all rooms that somebody works in; of the whole house for its manager. */
    @GetMapping("/evacuation.pdf")
    @AllowedTo(Audience.STAFF)
    ResponseEntity<byte[]> evacuation(@AuthenticationPrincipal Viewer viewer) {
        return evacuation(
                viewer,
                rooms.all(viewer.settingId()).stream()
                        .filter(room -> border.mayEnter(viewer, List.of(room.id())))
                        .toList());
    }

    /**
     * A room on the list.
     *
     * @param room which
     * @param register as it stands
     */
    record Inside(RoomView room, RegisterView register) {}

    private ResponseEntity<byte[]> evacuation(Viewer viewer, List<RoomView> all) {
        List<Inside> inside = all.stream()
                .map(room -> new Inside(room, attendance.register(viewer.settingId(), room)))
                .toList();
        return printer.download(
                "evacuation.pdf",
                printer.print(
                        "attendance/evacuation",
                        Map.of(
                                "rooms",
                                inside,
                                "setting",
                                settings.get(viewer.settingId()).name(),
                                "at",
                                Dates.moment(settings.minute(viewer.settingId()))),
                        Map.of()));
    }

    private ModelAndView page(Viewer viewer, RoomView room, Typed typed, FormErrors errors) {
        ModelAndView page = new ModelAndView("attendance/register");
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        page.addObject("room", room);
        page.addObject("rooms", rooms.all(viewer.settingId()));
        page.addObject("register", attendance.register(viewer.settingId(), room));
        page.addObject("reasons", Away.values());
        page.addObject("typed", typed);
        page.addObject("errors", errors);
        return page;
    }
}
