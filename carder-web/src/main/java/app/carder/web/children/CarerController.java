package app.carder.web.children;

import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.page.FormErrors;
import app.carder.web.page.Typed;
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

/** The carers of a child: whoever may be invited to read. */
@Controller
@AllowedTo(Audience.LEADS)
class CarerController {

    private static final int LONGEST_PHONE = 60;

    private final ChildService children;

    CarerController(ChildService children) {
        this.children = children;
    }

    @GetMapping("/children/{childId}/carers")
    ModelAndView list(@AuthenticationPrincipal Viewer viewer, @PathVariable("childId") UUID childId) {
        return page(viewer, childId, Typed.nothing(), new FormErrors());
    }

    @PostMapping("/children/{childId}/carers")
    ModelAndView add(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("childId") UUID childId,
            @RequestParam MultiValueMap<String, String> parameters) {
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        String name = typed.line("carerName", errors);
        String email = typed.line("email", errors);
        String phone = typed.optional("phone", LONGEST_PHONE, errors);
        if (!email.isEmpty() && !MailAddress.isPossible(email)) {
            errors.add("email", "carer.email", email);
        }
        if (errors.any()) {
            return page(viewer, childId, typed, errors);
        }
        children.addCarer(viewer.settingId(), childId, new CarerContact(name, email, phone), null);
        return new ModelAndView("redirect:/children/" + childId + "/carers");
    }

    private ModelAndView page(Viewer viewer, UUID childId, Typed typed, FormErrors errors) {
        ModelAndView page = new ModelAndView("children/carers");
        page.addObject("child", children.get(viewer.settingId(), childId));
        page.addObject("carers", children.carersOf(viewer.settingId(), childId));
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        page.addObject("typed", typed);
        page.addObject("errors", errors);
        return page;
    }
}
