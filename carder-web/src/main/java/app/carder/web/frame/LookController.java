package app.carder.web.frame;

import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.page.NotFound;
import app.carder.web.page.PublicAddress;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Lets somebody choose how pages look in their browser. */
@Controller
@AllowedTo(value = Audience.STAFF, logged = false)
class LookController {

    private static final Duration KEPT = Duration.ofDays(365);

    private final PublicAddress address;

    LookController(PublicAddress address) {
        this.address = address;
    }

    @GetMapping("/look")
    String choose(Model model) {
        model.addAttribute("themes", Look.THEMES);
        model.addAttribute("texts", Look.TEXTS);
        model.addAttribute("contrasts", Look.CONTRASTS);
        return "frame/look";
    }

    @PostMapping("/look")
    String keep(
            HttpServletResponse response,
            @RequestParam("theme") String theme,
            @RequestParam("text") String text,
            @RequestParam("contrast") String contrast) {
        Look look = Look.of(theme, text, contrast).orElseThrow(NotFound::new);
        response.addHeader(
                HttpHeaders.SET_COOKIE,
                ResponseCookie.from(Look.COOKIE, look.cookie())
                        .path("/")
                        .httpOnly(true)
                        .secure(address.isHttps())
                        .sameSite("Lax")
                        .maxAge(KEPT)
                        .build()
                        .toString());
        return "redirect:/look?saved";
    }
}
