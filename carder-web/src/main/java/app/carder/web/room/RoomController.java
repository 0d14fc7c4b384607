package app.carder.web.room;

import app.carder.core.framework.FrameworkLibrary;
import app.carder.core.practice.PracticeStyle;
import app.carder.core.said.Said;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.RoomBorder;
import app.carder.web.account.Viewer;
import app.carder.web.page.FormErrors;
import app.carder.web.page.NotFound;
import app.carder.web.page.Typed;
import java.util.Optional;
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

@Controller
class RoomController {

    private final RoomService rooms;
    private final RoomBorder border;
    private final FrameworkLibrary frameworks;

    RoomController(RoomService rooms, FrameworkLibrary frameworks, RoomBorder border) {
        this.border = border;
        this.rooms = rooms;
        this.frameworks = frameworks;
    }

    @GetMapping("/rooms")
    @AllowedTo(Audience.LEADS)
    ModelAndView list(@AuthenticationPrincipal Viewer viewer) {
        return page(
                viewer,
                Typed.nothing()
                        .with("zones", "Tray table, Floor, Role play, Garden")
                        .with("style", PracticeStyle.FREE_FLOW),
                new FormErrors());
    }

    @PostMapping("/rooms")
    @AllowedTo(Audience.LEADS)
    ModelAndView add(@AuthenticationPrincipal Viewer viewer, @RequestParam MultiValueMap<String, String> parameters) {
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        String name = typed.line("roomName", errors);
        if (rooms.all(viewer.settingId()).stream()
                .anyMatch(found -> found.name().equalsIgnoreCase(name))) {
            errors.add("roomName", "room.name.taken", name);
        }
        if (!isKnown(typed.text("framework"))) {
            errors.add("framework", "firstrun.framework.missing");
        }
        Optional<PracticeStyle> style = PracticeStyle.of(typed.text("style"));
        if (style.isEmpty()) {
            errors.add("style", "room.style.missing");
        }
        if (errors.any()) {
            return page(viewer, typed, errors);
        }
        RoomView made = rooms.create(
                viewer.settingId(),
                name,
                typed.text("framework"),
                style.orElseThrow(),
                ZoneNames.parse(typed.text("zones")));
        if (border.within(viewer).isPresent()) {
            // Whoever made it sets it up today; from tomorrow on it is open to those who work there.
            border.visit(viewer, made.id(), made.name(), Said.say("room.reason-made"));
        }
        return new ModelAndView("redirect:/rooms");
    }

    @PostMapping("/rooms/{roomId}/framework")
    @AllowedTo(Audience.LEADS)
    String workBy(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam("framework") String framework,
            @RequestParam("style") String style,
            @RequestParam("language") String language) {
        if (!isKnown(framework)) {
            throw new NotFound();
        }
        rooms.workBy(
                viewer.settingId(),
                roomId,
                framework,
                PracticeStyle.of(style).orElseThrow(NotFound::new),
                RecordLanguage.of(language));
        return "redirect:/rooms";
    }

    private boolean isKnown(String framework) {
        return frameworks.all().stream().anyMatch(found -> found.code().equals(framework));
    }

    private ModelAndView page(Viewer viewer, Typed typed, FormErrors errors) {
        ModelAndView page = new ModelAndView("room/rooms");
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        page.addObject("rooms", rooms.all(viewer.settingId()));
        page.addObject("frameworks", frameworks.all());
        page.addObject("styles", PracticeStyle.values());
        page.addObject("languages", RecordLanguage.values());
        page.addObject("typed", typed);
        page.addObject("errors", errors);
        return page;
    }
}
