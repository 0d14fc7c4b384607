package app.carder.web.today;

import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Role;
import app.carder.web.account.Viewer;
import app.carder.web.card.CardPictures;
import app.carder.web.family.HomeNews;
import app.carder.web.operate.BackupRuns;
import app.carder.web.page.NotFound;
import app.carder.web.rail.RhythmService;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import app.carder.web.setting.SettingService;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

@Controller
class TodayController {

    private final TodayService today;
    private final RoomService rooms;
    private final SettingService settings;
    private final CardPictures pictures;
    private final HomeNews news;
    private final RhythmService rhythms;
    private final BackupRuns backups;

    TodayController(
            TodayService today,
            RoomService rooms,
            SettingService settings,
            CardPictures pictures,
            HomeNews news,
            RhythmService rhythms,
            BackupRuns backups) {
        this.news = news;
        this.rhythms = rhythms;
        this.backups = backups;
        this.pictures = pictures;
        this.today = today;
        this.rooms = rooms;
        this.settings = settings;
    }

    @GetMapping("/")
    @AllowedTo(Audience.SIGNED_IN)
    String today(
            @AuthenticationPrincipal Viewer viewer,
            @RequestParam(name = "room", required = false) @Nullable UUID roomId,
            Model model) {
        if (!viewer.role().isStaff()) {
            return "redirect:/family";
        }
        List<RoomView> all = rooms.all(viewer.settingId());
        RoomView room = (roomId == null
                        ? RoomService.home(viewer, all)
                        : all.stream().filter(one -> one.id().equals(roomId)).findFirst())
                .orElseThrow(NotFound::new);
        model.addAttribute("room", room);
        model.addAttribute("rooms", all);
        model.addAttribute("pictures", pictures.edition(viewer.settingId()));
        model.addAttribute("madeUp", settings.get(viewer.settingId()).madeUp());
        model.addAttribute("now", settings.minute(viewer.settingId()));
        model.addAttribute("news", news.count(viewer));
        model.addAttribute("reminders", rhythms.reminders(viewer));
        if (viewer.role() == Role.MANAGER && !settings.get(viewer.settingId()).madeUp()) {
            model.addAttribute("backup", backups.state(viewer.settingId()));
        }
        model.addAttribute("day", today.of(viewer.settingId(), room, settings.minute(viewer.settingId())));
        return "today/today";
    }
}
