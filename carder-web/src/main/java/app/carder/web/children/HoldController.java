package app.carder.web.children;

import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.page.FormErrors;
import app.carder.web.page.Typed;
import java.util.Arrays;
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

/** Puts a hold on the records of a child, or takes it away. */
@Controller
@AllowedTo(Audience.MANAGERS)
class HoldController {

    private final HoldService holds;
    private final ChildService children;

    HoldController(HoldService holds, ChildService children) {
        this.holds = holds;
        this.children = children;
    }

    @GetMapping("/children/{childId}/holds")
    ModelAndView open(@AuthenticationPrincipal Viewer viewer, @PathVariable("childId") UUID childId) {
        return page(viewer, childId, Typed.nothing(), new FormErrors());
    }

    @PostMapping("/children/{childId}/holds")
    ModelAndView begin(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("childId") UUID childId,
            @RequestParam MultiValueMap<String, String> parameters) {
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        Optional<HoldService.Kind> kind = Arrays.stream(HoldService.Kind.values())
                .filter(one -> typed.has("kind", one.name()))
                .findFirst();
        if (kind.isEmpty()) {
            errors.add("kind", "hold.kind.missing");
        }
        String reason = typed.reason(errors);
        if (errors.any()) {
            return page(viewer, childId, typed, errors);
        }
        holds.begin(viewer, childId, kind.orElseThrow(), reason);
        return new ModelAndView("redirect:/children/" + childId + "/holds");
    }

    @PostMapping("/children/{childId}/holds/{holdId}/end")
    String end(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("childId") UUID childId,
            @PathVariable("holdId") UUID holdId) {
        holds.end(viewer, childId, holdId);
        return "redirect:/children/" + childId + "/holds";
    }

    private ModelAndView page(Viewer viewer, UUID childId, Typed typed, FormErrors errors) {
        ModelAndView page = new ModelAndView("children/holds");
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        page.addObject("child", children.get(viewer.settingId(), childId));
        page.addObject("holds", holds.of(viewer.settingId(), childId));
        page.addObject("kinds", HoldService.Kind.values());
        page.addObject("typed", typed);
        page.addObject("errors", errors);
        return page;
    }
}
