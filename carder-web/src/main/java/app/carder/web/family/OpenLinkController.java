package app.carder.web.family;

import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.SessionStarter;
import app.carder.web.family.FamilyService.Opening;
import app.carder.web.page.FormErrors;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** Opens a private link with its code. */
@Controller
@AllowedTo(Audience.EVERYONE)
class OpenLinkController {

    private final FamilyService family;
    private final SessionStarter sessions;

    OpenLinkController(FamilyService family, SessionStarter sessions) {
        this.family = family;
        this.sessions = sessions;
    }

    @GetMapping("/open/{token}")
    ModelAndView form(@PathVariable("token") String token) {
        return page(token, family.state(token), new FormErrors());
    }

    @PostMapping("/open/{token}")
    ModelAndView open(
            @PathVariable("token") String token,
            @RequestParam(name = "code", defaultValue = "") String code,
            HttpServletRequest request,
            HttpServletResponse response) {
        FormErrors errors = new FormErrors();
        Opening opening = family.open(token, code.replaceAll("\\s", ""));
        if (opening instanceof Opening.Opened opened) {
            sessions.start(opened.viewer(), request, response);
            return new ModelAndView("redirect:/family/journals/" + opened.journalId());
        }
        if (opening instanceof Opening.WrongCode wrong) {
            errors.add("code", "open.code.wrong", wrong.triesLeft());
        }
        return page(token, family.state(token), errors);
    }

    private static ModelAndView page(String token, InvitationState state, FormErrors errors) {
        ModelAndView page = new ModelAndView("family/open");
        page.setStatus(
                state != InvitationState.OPEN
                        ? HttpStatus.GONE
                        : errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        page.addObject("token", token);
        page.addObject("state", state);
        page.addObject("errors", errors);
        return page;
    }
}
