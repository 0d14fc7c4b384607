package app.carder.web.settings;

import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.page.FormErrors;
import app.carder.web.page.Typed;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import app.carder.web.room.ZoneView;
import app.carder.web.setting.SettingDetails;
import app.carder.web.setting.SettingService;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** What was asked at the first run, to be changed at any time: what the setting is, and what its rooms and zones are called. */
@Controller
@AllowedTo(Audience.MANAGERS)
class SettingsController {

    private static final int LONGEST_NAME = 80;

    private final SettingService settings;
    private final RoomService rooms;
    private final OpeningService opening;

    SettingsController(SettingService settings, RoomService rooms, OpeningService opening) {
        this.opening = opening;
        this.settings = settings;
        this.rooms = rooms;
    }

    @GetMapping("/settings")
    ModelAndView open(@AuthenticationPrincipal Viewer viewer) {
        return page(viewer, SettingForm.of(settings.get(viewer.settingId())), new FormErrors());
    }

    @PostMapping("/settings")
    ModelAndView change(
            @AuthenticationPrincipal Viewer viewer, @RequestParam MultiValueMap<String, String> parameters) {
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        Optional<SettingDetails> details = SettingForm.read(typed, errors);
        if (details.isEmpty()) {
            return page(viewer, typed, errors);
        }
        settings.change(viewer.settingId(), details.get());
        return new ModelAndView("redirect:/settings?saved");
    }

    /** Cuts sessions to the opening times. */
    @PostMapping("/settings/sessions")
    String fitSessions(@AuthenticationPrincipal Viewer viewer) {
        opening.fitSessions(viewer.settingId());
        return "redirect:/settings?saved";
    }

    /** Other names for a room and its zones. */
    @PostMapping("/settings/rooms/{roomId}")
    ModelAndView rename(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam MultiValueMap<String, String> parameters) {
        RoomView room = rooms.get(viewer.settingId(), roomId);
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        String name = name(typed, "room-" + roomId, errors);
        if (rooms.all(viewer.settingId()).stream()
                .anyMatch(other -> !other.id().equals(roomId) && other.name().equalsIgnoreCase(name))) {
            errors.add("room-" + roomId, "room.name.taken", name);
        }
        Map<UUID, String> zones = new LinkedHashMap<>();
        Set<String> taken = new HashSet<>();
        for (ZoneView zone : room.zones()) {
            String zoneName = name(typed, "zone-" + zone.id(), errors);
            if (!zoneName.isEmpty() && !taken.add(zoneName)) {
                errors.add("zone-" + zone.id(), "settings.zone.twice", zoneName);
            }
            zones.put(zone.id(), zoneName);
        }
        if (errors.any()) {
            Typed whole = SettingForm.of(settings.get(viewer.settingId()));
            parameters.forEach((field, values) -> whole.with(field, values.get(0)));
            return page(viewer, whole, errors);
        }
        rooms.rename(viewer.settingId(), roomId, name);
        rooms.keepZones(viewer.settingId(), roomId, zones);
        return new ModelAndView("redirect:/settings?saved");
    }

    private static String name(Typed typed, String field, FormErrors errors) {
        String name = typed.line(field, errors);
        if (name.length() > LONGEST_NAME) {
            errors.add(field, "form.tooLong", LONGEST_NAME, name.length());
        }
        return name;
    }

    private ModelAndView page(Viewer viewer, Typed typed, FormErrors errors) {
        ModelAndView page = SettingForm.show(new ModelAndView("settings/settings"));
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        page.addObject("rooms", rooms.all(viewer.settingId()));
        page.addObject("misfits", opening.misfits(viewer.settingId()));
        page.addObject("zones", SettingForm.zones());
        page.addObject("typed", typed);
        page.addObject("errors", errors);
        return page;
    }
}
