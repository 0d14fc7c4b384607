package app.carder.web.rail;

import app.carder.core.journal.Purpose;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.journal.JournalFiles;
import app.carder.web.journal.JournalFormat;
import app.carder.web.journal.JournalPages;
import app.carder.web.journal.RoomDisplay;
import app.carder.web.journal.RoomDisplayService;
import app.carder.web.journal.RoomDisplayService.Asked;
import app.carder.web.page.FormErrors;
import app.carder.web.page.Typed;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import app.carder.web.setting.SettingService;
import java.time.LocalDate;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** What hangs in a room: looked over, and printed as it stands on the page at that moment. */
@Controller
@AllowedTo(Audience.STAFF)
class DisplayController {

    private static final int MOST_PAGES = 12;

    private final RoomDisplayService displays;
    private final JournalFiles files;
    private final RoomService rooms;
    private final SettingService settings;

    DisplayController(RoomDisplayService displays, JournalFiles files, RoomService rooms, SettingService settings) {
        this.displays = displays;
        this.files = files;
        this.rooms = rooms;
        this.settings = settings;
    }

    @GetMapping("/rooms/{roomId}/display")
    ModelAndView look(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam MultiValueMap<String, String> parameters) {
        RoomView room = rooms.get(viewer.settingId(), roomId);
        Typed typed = usual(viewer, Typed.of(parameters));
        FormErrors errors = new FormErrors();
        ModelAndView page = new ModelAndView("rail/display");
        Optional<Asked> asked = asked(typed, errors);
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        Optional<RoomDisplay> display = asked.map(one -> displays.of(viewer.settingId(), room, one));
        page.addObject("room", room);
        page.addObject("rooms", rooms.all(viewer.settingId()));
        page.addObject("display", display.orElse(null));
        page.addObject(
                "pages",
                display.map(one -> JournalPages.onScreen(one.sheet(), photo -> "/photos/" + photo))
                        .orElse(null));
        page.addObject("typed", typed);
        page.addObject("errors", errors);
        return page;
    }

    /** The same on paper; what may not hang at this moment is not in it. */
    @GetMapping("/rooms/{roomId}/display/print")
    ResponseEntity<byte[]> print(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam MultiValueMap<String, String> parameters) {
        RoomView room = rooms.get(viewer.settingId(), roomId);
        Asked asked = asked(usual(viewer, Typed.of(parameters)), new FormErrors())
                .orElseGet(() ->
                        asked(usual(viewer, Typed.nothing()), new FormErrors()).orElseThrow());
        return files.download(
                viewer.settingId(), displays.of(viewer.settingId(), room, asked).sheet(), JournalFormat.LARGE_PRINT);
    }

    private Typed usual(Viewer viewer, Typed typed) {
        LocalDate today = settings.today(viewer.settingId());
        if (typed.text("startsOn").isEmpty() && typed.text("endsOn").isEmpty()) {
            typed.with("startsOn", today.minusDays(Purpose.DISPLAY.days() - 1L))
                    .with("endsOn", today)
                    .with("pages", Purpose.DISPLAY.pages());
        }
        return typed;
    }

    private static Optional<Asked> asked(Typed typed, FormErrors errors) {
        Optional<LocalDate> startsOn = typed.day("startsOn", errors);
        Optional<LocalDate> endsOn = typed.day("endsOn", errors);
        if (startsOn.isPresent() && endsOn.isPresent() && endsOn.get().isBefore(startsOn.get())) {
            errors.add("endsOn", "journal.endsOn.before");
        }
        Optional<Integer> pages = Typed.whole("pages", typed.text("pages"), 1, MOST_PAGES, errors);
        return errors.any()
                ? Optional.empty()
                : Optional.of(new Asked(
                        startsOn.orElseThrow(),
                        endsOn.orElseThrow(),
                        pages.orElseThrow(),
                        Set.copyOf(typed.ids("without")),
                        Set.copyOf(typed.ids("nobody"))));
    }
}
