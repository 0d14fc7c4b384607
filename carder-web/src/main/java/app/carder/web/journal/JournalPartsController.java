package app.carder.web.journal;

import app.carder.core.journal.Part;
import app.carder.core.journal.Purpose;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.page.FormErrors;
import app.carder.web.page.NotFound;
import app.carder.web.page.Typed;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** Which parts a setting wants in its journals, and in which order. */
@Controller
@AllowedTo(Audience.MANAGERS)
class JournalPartsController {

    private static final String ORDER = "order-";

    private final JournalPartsService parts;

    JournalPartsController(JournalPartsService parts) {
        this.parts = parts;
    }

    /**
     * What is asked about one purpose.
     *
     * @param purpose which
     * @param typed the place of each part; blank where it is not wanted
     * @param errors of it
     */
    record Asked(Purpose purpose, Typed typed, FormErrors errors) {}

    @GetMapping("/settings/journals")
    ModelAndView open(@AuthenticationPrincipal Viewer viewer) {
        return page(viewer, null);
    }

    @PostMapping("/settings/journals")
    ModelAndView keep(@AuthenticationPrincipal Viewer viewer, @RequestParam MultiValueMap<String, String> parameters) {
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        Purpose purpose = Purpose.ofAChild().stream()
                .filter(one -> typed.has("purpose", one.name()))
                .findFirst()
                .orElseThrow(NotFound::new);
        Map<Part, Integer> places = new EnumMap<>(Part.class);
        for (Part part : Part.values()) {
            String field = ORDER + part;
            if (!typed.text(field).isEmpty()) {
                Typed.whole(field, typed.text(field), 1, Part.values().length, errors)
                        .ifPresent(place -> places.put(part, place));
            }
        }
        if (!errors.any() && places.isEmpty()) {
            errors.add(ORDER + Part.GREETING, "journal.parts.none");
        }
        if (errors.any()) {
            return page(viewer, new Asked(purpose, typed, errors));
        }
        parts.keep(
                viewer.settingId(),
                purpose,
                places.keySet().stream()
                        .sorted(Comparator.comparing(places::get))
                        .toList());
        return new ModelAndView("redirect:/settings/journals?saved");
    }

    /** Whether families see what is planned this week. */
    @PostMapping("/settings/journals/week")
    String share(
            @AuthenticationPrincipal Viewer viewer, @RequestParam(name = "shares", defaultValue = "") String shares) {
        parts.shareWeek(viewer.settingId(), shares.equals("yes"));
        return "redirect:/settings/journals?saved";
    }

    private ModelAndView page(Viewer viewer, @Nullable Asked faulty) {
        ModelAndView page = new ModelAndView("journal/parts");
        page.setStatus(faulty == null ? HttpStatus.OK : HttpStatus.UNPROCESSABLE_CONTENT);
        page.addObject("parts", List.of(Part.values()));
        page.addObject("sharesWeek", parts.sharesWeek(viewer.settingId()));
        page.addObject(
                "asked",
                Purpose.ofAChild().stream()
                        .map(purpose -> faulty != null && faulty.purpose() == purpose ? faulty : kept(viewer, purpose))
                        .toList());
        return page;
    }

    private Asked kept(Viewer viewer, Purpose purpose) {
        Typed typed = Typed.nothing();
        List<Part> wanted = parts.of(viewer.settingId(), purpose);
        for (int at = 0; at < wanted.size(); at++) {
            typed.with(ORDER + wanted.get(at), at + 1);
        }
        return new Asked(purpose, typed, new FormErrors());
    }
}
