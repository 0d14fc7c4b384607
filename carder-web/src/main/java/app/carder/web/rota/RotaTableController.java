package app.carder.web.rota;

import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.page.Download;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import app.carder.web.room.ZoneView;
import app.carder.web.setting.OccasionService;
import app.carder.web.setting.SettingService;
import java.time.LocalDate;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.stream.IntStream;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** Hours, ratios and leads as tables. */
@Controller
@AllowedTo(Audience.LEADS)
class RotaTableController {

    private final RotaService rota;
    private final LeadService leads;
    private final RoomService rooms;
    private final OccasionService occasions;
    private final SettingService settings;

    RotaTableController(
            RotaService rota,
            LeadService leads,
            RoomService rooms,
            OccasionService occasions,
            SettingService settings) {
        this.rota = rota;
        this.leads = leads;
        this.rooms = rooms;
        this.occasions = occasions;
        this.settings = settings;
    }

    @GetMapping("/rooms/{roomId}/shifts.csv")
    ResponseEntity<byte[]> shifts(@AuthenticationPrincipal Viewer viewer, @PathVariable("roomId") UUID roomId) {
        UUID room = rooms.get(viewer.settingId(), roomId).id();
        return Download.table(
                "shifts.csv",
                List.of("day", "adult", "from", "until"),
                rota.shifts(viewer.settingId(), room).stream()
                        .map(shift -> List.of(
                                shift.day().getDisplayName(TextStyle.FULL, Locale.UK),
                                shift.name(),
                                shift.from().toString(),
                                shift.until().toString()))
                        .toList());
    }

    /** This week, stretch by stretch. */
    @GetMapping("/rooms/{roomId}/staffing.csv")
    ResponseEntity<byte[]> staffing(@AuthenticationPrincipal Viewer viewer, @PathVariable("roomId") UUID roomId) {
        RoomView room = rooms.get(viewer.settingId(), roomId);
        List<LocalDate> week = occasions.openDays(viewer.settingId()).ofWeek(settings.today(viewer.settingId()));
        List<List<String>> rows = new ArrayList<>();
        rota.staffing(viewer.settingId(), room, week)
                .forEach((day, staffing) -> staffing.stretches()
                        .forEach(stretch -> rows.add(List.of(
                                day.toString(),
                                stretch.from().toString(),
                                stretch.until().toString(),
                                Integer.toString(stretch.children()),
                                Integer.toString(stretch.adults().size()),
                                Integer.toString(stretch.need()),
                                Integer.toString(stretch.missing()),
                                String.join(", ", stretch.adults())))));
        return Download.table(
                "staffing.csv",
                List.of("day", "from", "until", "children", "adults", "adults needed", "adults missing", "who"),
                rows);
    }

    /** The newest rota of leads; without rows where there is none. */
    @GetMapping("/rooms/{roomId}/leads.csv")
    ResponseEntity<byte[]> leads(@AuthenticationPrincipal Viewer viewer, @PathVariable("roomId") UUID roomId) {
        RoomView room = rooms.get(viewer.settingId(), roomId);
        List<List<String>> rows = new ArrayList<>();
        leads.newest(viewer.settingId(), room).ifPresent(rotaOfLeads -> {
            List<ZoneView> zones = rotaOfLeads.zones();
            rotaOfLeads
                    .weeks()
                    .forEach(week -> IntStream.range(0, zones.size()).forEach(at -> {
                        LeadRotaView.Turn turn = week.turns().get(at);
                        rows.add(List.of(
                                week.monday().toString(),
                                zones.get(at).name(),
                                turn.lead(),
                                String.join(", ", turn.doubling())));
                    }));
        });
        return Download.table("leads.csv", List.of("week of", "zone", "lead", "doubles up"), rows);
    }
}
