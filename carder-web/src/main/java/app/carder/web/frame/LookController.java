package app.carder.web.frame;

import app.carder.core.said.Catalogue;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.page.NotFound;
import app.carder.web.page.PublicAddress;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.Map;
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
        model.addAttribute("choices", Look.Choice.values());
        model.addAttribute("isToBeDoubted", Catalogue.spoken().isToBeDoubted());
        return "frame/look";
    }

    @PostMapping("/look")
    String keep(HttpServletResponse response, @RequestParam Map<String, String> options) {
        Look look = Look.of(choice -> options.get(choice.field())).orElseThrow(NotFound::new);
        response.addHeader(
                HttpHeaders.SET_COOKIE,
                ResponseCookie.from(Look.COOKIE, look.cookie())
                        .path("/")
                        // Watch, which the device keeps as one page for everybody, reads it there.
                        .httpOnly(false)
                        .secure(address.isHttps())
                        .sameSite("Lax")
                        .maxAge(KEPT)
                        .build()
                        .toString());
        return "redirect:/look?saved";
    }
}
