package app.carder.web.room;

import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.RoomBorder;
import app.carder.web.account.Viewer;
import app.carder.web.page.FormErrors;
import app.carder.web.page.Typed;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** The way into a room that somebody does not work in. */
@Controller
@AllowedTo(value = Audience.STAFF, anyRoom = true)
class VisitController {

    private final RoomService rooms;
    private final RoomBorder border;

    VisitController(RoomService rooms, RoomBorder border) {
        this.rooms = rooms;
        this.border = border;
    }

    @PostMapping("/rooms/{roomId}/visits")
    ModelAndView visit(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam MultiValueMap<String, String> parameters) {
        RoomView room = rooms.get(viewer.settingId(), roomId);
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        String reason = typed.passage("reason", RoomBorder.LONGEST_REASON, errors);
        if (reason.length() < RoomBorder.SHORTEST_REASON) {
            errors.add("reason", "room.visit.reason", RoomBorder.SHORTEST_REASON);
        }
        if (errors.any()) {
            return OtherRoomAdvice.page(room, typed, errors);
        }
        border.visit(viewer, roomId, room.name(), reason);
        return new ModelAndView("redirect:/?room=" + roomId);
    }
}
