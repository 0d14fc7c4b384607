package app.carder.web.family;

import app.carder.core.said.Catalogue;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.frame.LookCookie;
import app.carder.web.page.NotFound;
import app.carder.web.page.Words;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** In which language a family reads in this browser, and is written to. */
@Controller
@AllowedTo(value = Audience.CARERS, logged = false)
class HomeLanguageController {

    private final Words words;
    private final LookCookie cookie;
    private final FamilyService family;

    HomeLanguageController(Words words, LookCookie cookie, FamilyService family) {
        this.words = words;
        this.cookie = cookie;
        this.family = family;
    }

    @GetMapping("/family/language")
    String choose(Model model) {
        model.addAttribute("languages", words.homeLanguages());
        model.addAttribute("isToBeDoubted", Catalogue.spoken().isToBeDoubted());
        return "family/language";
    }

    @PostMapping("/family/language")
    String save(
            @AuthenticationPrincipal Viewer viewer,
            HttpServletRequest request,
            HttpServletResponse response,
            @RequestParam(name = "language", defaultValue = "") String language) {
        if (!words.atHome().contains(language)) {
            throw new NotFound();
        }
        cookie.speak(language, request, response);
        family.writeIn(viewer, language);
        return "redirect:/family";
    }
}
