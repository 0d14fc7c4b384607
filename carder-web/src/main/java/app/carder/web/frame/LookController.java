package app.carder.web.frame;

import app.carder.core.said.Catalogue;
import app.carder.web.account.AccountService;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.page.NotFound;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import java.util.Optional;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Lets somebody choose how pages look in their browser. */
@Controller
@AllowedTo(value = Audience.STAFF, logged = false)
class LookController {

    private final LookCookie cookie;
    private final AccountService accounts;

    LookController(LookCookie cookie, AccountService accounts) {
        this.cookie = cookie;
        this.accounts = accounts;
    }

    @GetMapping("/look")
    String choose(Model model) {
        model.addAttribute("choices", Look.Choice.values());
        model.addAttribute("isToBeDoubted", Catalogue.spoken().isToBeDoubted());
        return "frame/look";
    }

    @PostMapping("/look")
    String save(
            @AuthenticationPrincipal Viewer viewer,
            HttpServletResponse response,
            @RequestParam Map<String, String> options) {
        Look look = Look.of(choice -> options.get(choice.field())).orElseThrow(NotFound::new);
        if (!Look.Choice.LANGUAGE.options().contains(options.get(Look.Choice.LANGUAGE.field()))) {
            throw new NotFound();
        }
        accounts.choose(viewer, Optional.ofNullable(look.said("LANGUAGE")));
        cookie.tell(response, look);
        return "redirect:/look?saved";
    }
}
