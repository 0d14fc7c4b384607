package app.carder.web.family;

import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;

/** What families wrote back. */
@Controller
@AllowedTo(Audience.STAFF)
class HomeNewsController {

    private final HomeNews news;

    HomeNewsController(HomeNews news) {
        this.news = news;
    }

    @GetMapping("/replies")
    String list(@AuthenticationPrincipal Viewer viewer, Model model) {
        model.addAttribute("replies", news.newest(viewer));
        return "family/replies";
    }

    @PostMapping("/replies/{replyId}/seen")
    String see(@AuthenticationPrincipal Viewer viewer, @PathVariable("replyId") UUID replyId) {
        news.see(viewer, replyId);
        return "redirect:/replies";
    }
}
