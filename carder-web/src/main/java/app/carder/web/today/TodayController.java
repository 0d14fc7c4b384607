package app.carder.web.today;

import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.children.ChildService;
import app.carder.web.children.ChildView;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import app.carder.web.setout.SetOutService;
import app.carder.web.setting.SettingService;
import app.carder.web.watch.ObservationService;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

@Controller
class TodayController {

    private static final int LONGEST_UNSEEN = 6;

    private final RoomService rooms;
    private final SetOutService setOuts;
    private final ChildService children;
    private final ObservationService observations;
    private final SettingService settings;

    TodayController(
            RoomService rooms,
            SetOutService setOuts,
            ChildService children,
            ObservationService observations,
            SettingService settings) {
        this.rooms = rooms;
        this.setOuts = setOuts;
        this.children = children;
        this.observations = observations;
        this.settings = settings;
    }

    /** A child, and the day it was last written about. */
    record Unseen(ChildView child, Optional<LocalDate> lastOn) {}

    @GetMapping("/")
    @AllowedTo(Audience.SIGNED_IN)
    String today(
            @AuthenticationPrincipal Viewer viewer,
            @RequestParam(name = "room", required = false) @Nullable UUID roomId,
            Model model) {
        if (!viewer.role().isStaff()) {
            return "redirect:/family";
        }
        RoomView room = roomId == null ? rooms.home(viewer) : rooms.get(viewer.settingId(), roomId);
        LocalDate today = settings.today(viewer.settingId());
        List<ChildView> attending = children.attending(viewer.settingId(), room.id(), today);
        Map<UUID, LocalDate> lastSeen = observations.lastSeen(
                viewer.settingId(), attending.stream().map(ChildView::id).toList());
        model.addAttribute("room", room);
        model.addAttribute("rooms", rooms.all(viewer.settingId()));
        model.addAttribute("today", today);
        model.addAttribute("out", setOuts.out(viewer.settingId(), room, today));
        model.addAttribute("attending", attending);
        model.addAttribute(
                "unseen",
                attending.stream()
                        .map(child -> new Unseen(child, Optional.ofNullable(lastSeen.get(child.id()))))
                        .sorted(Comparator.comparing(one -> one.lastOn().orElse(LocalDate.MIN)))
                        .limit(LONGEST_UNSEEN)
                        .toList());
        return "today/today";
    }
}
