package app.carder.web.family;

import app.carder.core.said.Catalogue;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.BrowserWords;
import app.carder.web.account.HomeCookie;
import app.carder.web.account.SessionStarter;
import app.carder.web.account.Viewer;
import app.carder.web.family.FamilyService.Opening;
import app.carder.web.frame.LookCookie;
import app.carder.web.page.FormErrors;
import app.carder.web.page.HomeLanguage;
import app.carder.web.page.Words;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Optional;
import org.springframework.http.HttpHeaders;
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
    private final HomeBrowsers browsers;
    private final HomeCookie cookie;
    private final SessionStarter sessions;
    private final LookCookie look;
    private final Words words;

    OpenLinkController(
            FamilyService family,
            HomeBrowsers browsers,
            HomeCookie cookie,
            SessionStarter sessions,
            LookCookie look,
            Words words) {
        this.family = family;
        this.browsers = browsers;
        this.cookie = cookie;
        this.sessions = sessions;
        this.look = look;
        this.words = words;
    }

    @GetMapping("/open/{token}")
    ModelAndView form(@PathVariable("token") String token, HttpServletRequest request, HttpServletResponse response) {
        Optional<Opening.Opened> again = family.reopen(token, cookie.of(request));
        if (again.isPresent()) {
            return enter(again.get(), request, response);
        }
        return page(token, family.state(token), new FormErrors());
    }

    @PostMapping("/open/{token}")
    ModelAndView open(
            @PathVariable("token") String token,
            @RequestParam(name = "code", defaultValue = "") String code,
            HttpServletRequest request,
            HttpServletResponse response) {
        FormErrors errors = new FormErrors();
        Opening opening = family.open(
                token,
                code.replaceAll("\\s", ""),
                cookie.of(request),
                BrowserWords.of(request.getHeader(HttpHeaders.USER_AGENT)));
        if (opening instanceof Opening.Opened opened) {
            return enter(opened, request, response);
        }
        if (opening instanceof Opening.WrongCode wrong) {
            errors.add("code", "open.code.wrong", wrong.triesLeft());
        }
        return page(token, family.state(token), errors);
    }

    private ModelAndView enter(Opening.Opened opened, HttpServletRequest request, HttpServletResponse response) {
        if (request.getParameter(HomeLanguage.ASKED_FOR) != null) {
            look.speak(Catalogue.spoken().locale().getLanguage(), request, response);
        }
        opened.token().ifPresent(token -> cookie.save(token, response));
        sessions.start(opened.viewer(), request, response);
        return new ModelAndView("redirect:/family/journals/" + opened.journalId());
    }

    /** Where a browser comes back to. One that is open goes in; one that was ended is told how to come in again. */
    @GetMapping(HomeCookie.PATH)
    String home(HttpServletRequest request, HttpServletResponse response) {
        Optional<Viewer> viewer = browsers.resume(cookie.of(request));
        if (viewer.isEmpty()) {
            cookie.forget(response);
            return "family/home";
        }
        sessions.start(viewer.get(), request, response);
        return "redirect:/family";
    }

    private ModelAndView page(String token, InvitationState state, FormErrors errors) {
        ModelAndView page = new ModelAndView("family/open");
        page.setStatus(
                state != InvitationState.OPEN
                        ? HttpStatus.GONE
                        : errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        page.addObject("token", token);
        page.addObject("state", state);
        page.addObject("languages", words.homeLanguages());
        page.addObject("errors", errors);
        return page;
    }
}
