package app.carder.web.room;

import app.carder.core.framework.FrameworkLibrary;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.page.NotFound;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

@Controller
class RoomController {

    private final RoomService rooms;
    private final FrameworkLibrary frameworks;

    RoomController(RoomService rooms, FrameworkLibrary frameworks) {
        this.rooms = rooms;
        this.frameworks = frameworks;
    }

    @GetMapping("/rooms")
    @AllowedTo(Audience.LEADS)
    String list(@AuthenticationPrincipal Viewer viewer, Model model) {
        model.addAttribute("rooms", rooms.all(viewer.settingId()));
        model.addAttribute("frameworks", frameworks.all());
        return "room/rooms";
    }

    @PostMapping("/rooms/{roomId}/framework")
    @AllowedTo(Audience.LEADS)
    String workBy(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam("framework") String framework) {
        if (frameworks.all().stream().noneMatch(found -> found.code().equals(framework))) {
            throw new NotFound();
        }
        rooms.workBy(viewer.settingId(), roomId, framework);
        return "redirect:/rooms";
    }
}
