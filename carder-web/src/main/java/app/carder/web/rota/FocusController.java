package app.carder.web.rota;

import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.children.ChildView;
import app.carder.web.page.Download;
import app.carder.web.page.FormErrors;
import app.carder.web.page.NotFound;
import app.carder.web.page.Typed;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import app.carder.web.undo.CanBeUndone;
import app.carder.web.undo.Deed;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
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

/** Focus groups of a room. */
@Controller
@AllowedTo(Audience.STAFF)
class FocusController {

    private static final int USUAL_SIZE = 4;
    private static final int USUAL_WEEKS = 1;

    private final FocusService focus;
    private final RoomService rooms;

    FocusController(FocusService focus, RoomService rooms) {
        this.focus = focus;
        this.rooms = rooms;
    }

    @GetMapping("/rooms/{roomId}/focus")
    ModelAndView open(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam MultiValueMap<String, String> parameters) {
        RoomView room = rooms.get(viewer.settingId(), roomId);
        Typed typed = Typed.of(parameters);
        if (typed.text("size").isEmpty()) {
            typed.with("size", USUAL_SIZE).with("weeks", USUAL_WEEKS);
        }
        FormErrors errors = new FormErrors();
        Optional<Integer> size = Typed.whole("size", typed.text("size"), 1, 12, errors);
        Optional<Integer> weeks = Typed.whole("weeks", typed.text("weeks"), 1, 4, errors);
        ModelAndView page = new ModelAndView("rota/focus");
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        page.addObject("room", room);
        page.addObject("rooms", rooms.all(viewer.settingId()));
        page.addObject(
                "focus", focus.view(viewer.settingId(), room, size.orElse(USUAL_SIZE), weeks.orElse(USUAL_WEEKS)));
        page.addObject("typed", typed);
        page.addObject("errors", errors);
        return page;
    }

    /** Groups of this cycle, with the usual size, drawn and still to come. */
    @GetMapping("/rooms/{roomId}/focus.csv")
    ResponseEntity<byte[]> table(@AuthenticationPrincipal Viewer viewer, @PathVariable("roomId") UUID roomId) {
        FocusView view = focus.view(viewer.settingId(), rooms.get(viewer.settingId(), roomId), USUAL_SIZE, USUAL_WEEKS);
        List<List<String>> rows = new ArrayList<>();
        view.drawn()
                .forEach(group -> rows.add(
                        List.of(group.on().toString(), "drawn", String.join(", ", group.names()), group.by())));
        view.planned()
                .forEach(group -> rows.add(List.of(
                        group.on().toString(),
                        "to come: " + group.session(),
                        group.children().stream().map(ChildView::name).collect(Collectors.joining(", ")),
                        "")));
        return Download.table("focus.csv", List.of("day", "state", "children", "drawn by"), rows);
    }

    @PostMapping("/rooms/{roomId}/focus")
    String draw(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam MultiValueMap<String, String> parameters) {
        RoomView room = rooms.get(viewer.settingId(), roomId);
        Typed typed = Typed.of(parameters);
        LocalDate on = typed.day("on", new FormErrors()).orElseThrow(NotFound::new);
        focus.draw(viewer, room, on, typed.id("session").orElseThrow(NotFound::new), typed.ids("child"));
        return "redirect:/rooms/" + roomId + "/focus";
    }

    @PostMapping("/rooms/{roomId}/focus/{groupId}/take-back")
    @CanBeUndone(Deed.GROUP_REMOVED)
    String takeBack(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @PathVariable("groupId") UUID groupId) {
        focus.takeBack(viewer.settingId(), rooms.get(viewer.settingId(), roomId), groupId);
        return "redirect:/rooms/" + roomId + "/focus";
    }
}
