package app.carder.web.rights;

import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.children.CarerView;
import app.carder.web.children.ChildService;
import app.carder.web.page.FormErrors;
import app.carder.web.page.Typed;
import app.carder.web.setting.SettingService;
import java.time.LocalDate;
import java.util.List;
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

/** Another name, another family, a death: each by itself, and each says first what it does. */
@Controller
@AllowedTo(Audience.MANAGERS)
class LifeController {

    private final LifeService life;
    private final ChildService children;
    private final SettingService settings;

    LifeController(LifeService life, ChildService children, SettingService settings) {
        this.life = life;
        this.children = children;
        this.settings = settings;
    }

    @GetMapping("/children/{childId}/life")
    ModelAndView open(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("childId") UUID childId,
            @RequestParam(name = "stopped", defaultValue = "0") int stopped) {
        return page(viewer, childId, Typed.nothing(), new FormErrors()).addObject("stopped", stopped);
    }

    @PostMapping("/children/{childId}/life/name")
    ModelAndView rename(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("childId") UUID childId,
            @RequestParam MultiValueMap<String, String> parameters) {
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        String name = typed.line("newName", errors);
        if (!name.isEmpty()
                && name.equals(children.get(viewer.settingId(), childId).name())) {
            errors.add("newName", "life.name.same");
        }
        if (errors.any()) {
            return page(viewer, childId, typed, errors);
        }
        life.rename(viewer, childId, name, typed.ticked("hides"), typed.all("place"));
        return back(childId, 0);
    }

    @PostMapping("/children/{childId}/life/family")
    ModelAndView changeFamily(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("childId") UUID childId,
            @RequestParam MultiValueMap<String, String> parameters) {
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        List<UUID> ending = typed.ids("ending");
        List<UUID> readers = children.carersOf(viewer.settingId(), childId).stream()
                .map(CarerView::id)
                .toList();
        if (ending.isEmpty() || !readers.containsAll(ending)) {
            errors.add("ending", "life.family.missing");
            return page(viewer, childId, typed, errors);
        }
        return back(childId, life.changeFamily(viewer, childId, ending));
    }

    @PostMapping("/children/{childId}/life/death")
    ModelAndView died(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("childId") UUID childId,
            @RequestParam MultiValueMap<String, String> parameters) {
        Typed typed = Typed.of(parameters);
        if (typed.ticked("mistake")) {
            return back(childId, life.died(viewer, childId, Optional.empty()));
        }
        FormErrors errors = new FormErrors();
        Optional<LocalDate> on = typed.day("diedOn", errors);
        on.filter(day -> day.isAfter(settings.today(viewer.settingId())))
                .ifPresent(ahead -> errors.add("diedOn", "invitation.on.ahead"));
        if (errors.any()) {
            return page(viewer, childId, typed, errors);
        }
        return back(childId, life.died(viewer, childId, on));
    }

    private static ModelAndView back(UUID childId, int stopped) {
        return new ModelAndView("redirect:/children/" + childId + "/life?saved&stopped=" + stopped);
    }

    private ModelAndView page(Viewer viewer, UUID childId, Typed typed, FormErrors errors) {
        ModelAndView page = new ModelAndView("children/life");
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        page.addObject("child", children.get(viewer.settingId(), childId));
        page.addObject("standing", life.standing(viewer.settingId(), childId));
        page.addObject("carers", children.carersOf(viewer.settingId(), childId));
        page.addObject(
                "died",
                Optional.ofNullable(
                        children.died(viewer.settingId(), List.of(childId)).get(childId)));
        page.addObject("typed", typed);
        page.addObject("errors", errors);
        return page;
    }
}
