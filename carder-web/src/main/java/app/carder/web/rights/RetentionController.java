package app.carder.web.rights;

import app.carder.core.retention.RecordKind;
import app.carder.core.retention.Retention;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.page.FormErrors;
import app.carder.web.page.Typed;
import app.carder.web.setting.SettingService;
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

/** For how long what is kept, when what falls due, and the clearing out. */
@Controller
@AllowedTo(Audience.MANAGERS)
class RetentionController {

    private final RetentionService retention;
    private final SettingService settings;

    RetentionController(RetentionService retention, SettingService settings) {
        this.retention = retention;
        this.settings = settings;
    }

    @GetMapping("/retention")
    ModelAndView open(
            @AuthenticationPrincipal Viewer viewer,
            @RequestParam(name = "done", required = false) @Nullable Integer done,
            @RequestParam(name = "stayed", defaultValue = "0") int stayed) {
        return page(viewer, writtenDown(viewer), new FormErrors())
                .addObject("done", done)
                .addObject("stayed", stayed);
    }

    private Typed writtenDown(Viewer viewer) {
        Retention chosen = retention.of(viewer.settingId());
        Typed typed = Typed.nothing();
        Retention.KINDS.forEach(kind -> typed.with(
                kind.name(), chosen.yearsOf(kind).map(String::valueOf).orElse("")));
        return typed;
    }

    @PostMapping("/retention")
    ModelAndView choose(
            @AuthenticationPrincipal Viewer viewer, @RequestParam MultiValueMap<String, String> parameters) {
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        Map<RecordKind, Integer> years = new EnumMap<>(RecordKind.class);
        for (RecordKind kind : Retention.KINDS) {
            if (!typed.text(kind.name()).isEmpty()) {
                Typed.whole(kind.name(), typed.text(kind.name()), 0, Retention.MOST_YEARS, errors)
                        .ifPresent(some -> years.put(kind, some));
            }
        }
        if (errors.any()) {
            return page(viewer, typed, errors);
        }
        retention.choose(viewer.settingId(), new Retention(years));
        return new ModelAndView("redirect:/retention?saved");
    }

    @PostMapping("/retention/clear-out")
    ModelAndView clearOut(
            @AuthenticationPrincipal Viewer viewer, @RequestParam MultiValueMap<String, String> parameters) {
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        List<String> ticked = typed.all("goes");
        if (ticked.isEmpty()) {
            errors.add("goes", "keeping.nothing-ticked");
        }
        if (!typed.ticked("handed")) {
            errors.add("handed", "erasure.kept.missing");
        }
        if (errors.any()) {
            return page(viewer, writtenDown(viewer).with("goes", ticked), errors);
        }
        RetentionService.Outcome outcome = retention.clearOut(viewer, ticked);
        return new ModelAndView("redirect:/retention?done=" + outcome.done() + "&stayed=" + outcome.passedOver());
    }

    private ModelAndView page(Viewer viewer, Typed typed, FormErrors errors) {
        ModelAndView page = new ModelAndView("erasure/retention");
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        String country = settings.get(viewer.settingId()).premises().country();
        page.addObject("preview", retention.preview(viewer.settingId()));
        page.addObject("kinds", Retention.KINDS);
        page.addObject(
                "usual",
                Retention.KINDS.stream().map(kind -> kind.words(country)).toList());
        page.addObject(
                "elsewhere",
                List.of(RecordKind.ACCIDENTS_AND_MEDICINE.words(country), RecordKind.PROTECTION.words(country)));
        page.addObject("typed", typed);
        page.addObject("errors", errors);
        return page;
    }
}
