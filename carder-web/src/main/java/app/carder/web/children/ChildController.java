package app.carder.web.children;

import app.carder.core.material.Allergen;
import app.carder.core.safety.CareEntry;
import app.carder.web.account.AccountService;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Role;
import app.carder.web.account.StaffView;
import app.carder.web.account.Viewer;
import app.carder.web.page.FormErrors;
import app.carder.web.page.Typed;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import app.carder.web.setting.Ids;
import app.carder.web.setting.OccasionService;
import app.carder.web.setting.SettingService;
import app.carder.web.undo.CanBeUndone;
import app.carder.web.undo.Deed;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** The children of a room: list, add, change. */
@Controller
@AllowedTo(Audience.STAFF)
class ChildController {

    private final ChildService children;
    private final RoomService rooms;
    private final AccountService accounts;
    private final OccasionService occasions;
    private final SettingService settings;

    ChildController(
            ChildService children,
            RoomService rooms,
            AccountService accounts,
            OccasionService occasions,
            SettingService settings) {
        this.children = children;
        this.rooms = rooms;
        this.accounts = accounts;
        this.occasions = occasions;
        this.settings = settings;
    }

    @GetMapping("/children")
    String home(@AuthenticationPrincipal Viewer viewer) {
        return "redirect:/rooms/" + rooms.home(viewer).id() + "/children";
    }

    @GetMapping("/rooms/{roomId}/children")
    String list(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam(name = "added", defaultValue = "0") int added,
            @RequestParam(name = "left", defaultValue = "0") int left,
            Model model) {
        model.addAttribute("added", added);
        model.addAttribute("left", left);
        model.addAttribute("today", settings.today(viewer.settingId()));
        model.addAttribute("gone", viewer.role() == Role.MANAGER ? children.left(viewer.settingId()) : List.of());
        model.addAttribute("room", rooms.get(viewer.settingId(), roomId));
        model.addAttribute("rooms", rooms.all(viewer.settingId()));
        LocalDate today = settings.today(viewer.settingId());
        Map<Boolean, List<ChildView>> byToday = children.inRoom(viewer.settingId(), roomId).stream()
                .collect(Collectors.partitioningBy(child -> child.attendsOn(today)));
        model.addAttribute("here", byToday.get(true));
        model.addAttribute("elsewhere", byToday.get(false));
        return "children/children";
    }

    @GetMapping("/rooms/{roomId}/children/new")
    ModelAndView blank(@AuthenticationPrincipal Viewer viewer, @PathVariable("roomId") UUID roomId) {
        RoomView room = rooms.get(viewer.settingId(), roomId);
        Typed typed = Typed.nothing()
                .with(
                        "days",
                        occasions.openDays(viewer.settingId()).weekdays().stream()
                                .map(Enum::name)
                                .toList());
        children.freePegMarks(viewer.settingId(), roomId).stream()
                .findFirst()
                .ifPresent(mark -> typed.with("pegMark", mark));
        return form(viewer, room, null, typed, new FormErrors());
    }

    @PostMapping("/rooms/{roomId}/children")
    ModelAndView add(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam MultiValueMap<String, String> parameters) {
        RoomView room = rooms.get(viewer.settingId(), roomId);
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        Optional<ChildDetails> details = read(viewer, roomId, Ids.next(), typed, errors);
        if (details.isEmpty()) {
            return form(viewer, room, null, typed, errors);
        }
        ChildView child = children.add(viewer.settingId(), roomId, details.get());
        return new ModelAndView(
                typed.has("then", "another")
                        ? "redirect:/rooms/" + roomId + "/children/new?added=" + child.id()
                        : "redirect:/children/" + child.id());
    }

    @GetMapping("/children/{childId}/edit")
    ModelAndView edit(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("childId") UUID childId,
            @RequestParam(name = "unread", required = false) @Nullable Integer unread) {
        ChildView child = children.get(viewer.settingId(), childId);
        return form(viewer, rooms.get(viewer.settingId(), child.roomId()), child, ChildForm.of(child), new FormErrors())
                .addObject("takenIn", unread);
    }

    @PostMapping("/children/{childId}/edit")
    @CanBeUndone(Deed.CHILD_CHANGED)
    ModelAndView change(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("childId") UUID childId,
            @RequestParam MultiValueMap<String, String> parameters) {
        ChildView child = children.get(viewer.settingId(), childId);
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        Optional<ChildDetails> details = read(viewer, child.roomId(), childId, typed, errors);
        if (typed.version() != child.version()) {
            errors.add("version", "form.changedMeanwhile");
            typed.with("version", child.version());
            details = Optional.empty();
        }
        if (details.isEmpty()) {
            return form(viewer, rooms.get(viewer.settingId(), child.roomId()), child, typed, errors);
        }
        children.change(viewer, childId, details.get());
        return new ModelAndView("redirect:/children/" + childId);
    }

    private Optional<ChildDetails> read(Viewer viewer, UUID roomId, UUID childId, Typed typed, FormErrors errors) {
        return ChildForm.read(
                typed,
                errors,
                settings.today(viewer.settingId()),
                accounts.staff(viewer.settingId()),
                rooms.all(viewer.settingId()).stream()
                        .map(RoomView::id)
                        .filter(id -> !id.equals(roomId))
                        .toList(),
                mark -> children.isPegMarkTaken(viewer.settingId(), roomId, mark, childId));
    }

    private ModelAndView form(Viewer viewer, RoomView room, @Nullable ChildView child, Typed typed, FormErrors errors) {
        ModelAndView page = new ModelAndView("children/child-form");
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        List<StaffView> staff = accounts.staff(viewer.settingId());
        page.addObject("room", room);
        page.addObject(
                "otherRooms",
                rooms.all(viewer.settingId()).stream()
                        .filter(other -> !other.id().equals(room.id()))
                        .toList());
        page.addObject("child", child);
        page.addObject("erases", viewer.role() == Role.MANAGER);
        page.addObject("typed", typed);
        page.addObject("errors", errors);
        page.addObject("staff", staff);
        Set<PegMark> free = children.freePegMarks(viewer.settingId(), room.id());
        page.addObject(
                "pegMarks",
                Arrays.stream(PegMark.values())
                        .filter(mark -> free.contains(mark)
                                || typed.has("pegMark", mark.name())
                                || child != null && child.pegMark() == mark)
                        .toList());
        page.addObject("allergens", Allergen.values());
        page.addObject("careKinds", CareEntry.Kind.values());
        page.addObject("careRows", ChildForm.entryRows(typed));
        page.addObject("photoUses", PhotoUse.values());
        List<DayOfWeek> weekdays = occasions.openDays(viewer.settingId()).weekdays().stream()
                .sorted()
                .toList();
        page.addObject("weekdays", weekdays);
        page.addObject(
                "otherHours",
                weekdays.stream()
                        .anyMatch(day -> !typed.text("arrives-" + day).isEmpty()
                                || !typed.text("leaves-" + day).isEmpty()));
        page.addObject(
                "otherDays",
                typed.all("days").stream()
                        .filter(day ->
                                weekdays.stream().noneMatch(one -> one.name().equals(day)))
                        .toList());
        return page;
    }
}
