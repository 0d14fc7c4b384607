package app.carder.web.outbox;

import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

@Controller
@AllowedTo(Audience.LEADS)
class OutboxController {

    private final OutboxService outbox;

    OutboxController(OutboxService outbox) {
        this.outbox = outbox;
    }

    @GetMapping("/outbox")
    String list(
            @AuthenticationPrincipal Viewer viewer,
            @RequestParam(name = "page", defaultValue = "0") int page,
            Model model) {
        model.addAttribute("messages", outbox.page(viewer, page));
        return "outbox/outbox";
    }
}
