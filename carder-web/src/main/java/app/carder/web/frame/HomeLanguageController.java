package app.carder.web.frame;

import app.carder.core.said.Catalogue;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.frame.Look.Choice;
import app.carder.web.page.NotFound;
import app.carder.web.page.Words;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** In which language a family reads, in this browser. */
@Controller
@AllowedTo(value = Audience.CARERS, logged = false)
class HomeLanguageController {

    private final Words words;
    private final LookCookie cookie;

    HomeLanguageController(Words words, LookCookie cookie) {
        this.words = words;
        this.cookie = cookie;
    }

    @GetMapping("/family/language")
    String choose(Model model) {
        Catalogue spoken = Catalogue.spoken();
        model.addAttribute(
                "languages",
                words.atHome().stream()
                        .map(code -> HomeLanguage.of(code, spoken.locale()))
                        .toList());
        model.addAttribute("isToBeDoubted", spoken.isToBeDoubted());
        return "family/language";
    }

    @PostMapping("/family/language")
    String save(
            HttpServletRequest request,
            HttpServletResponse response,
            @RequestParam(name = "language", defaultValue = "") String language) {
        if (!words.atHome().contains(language)) {
            throw new NotFound();
        }
        cookie.tell(response, Look.of(request).with(Choice.LANGUAGE, language));
        return "redirect:/family";
    }
}
