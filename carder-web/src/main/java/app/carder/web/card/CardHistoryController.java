package app.carder.web.card;

import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.audit.HistoryLog;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** What a card said before somebody changed it. */
@Controller
@AllowedTo(Audience.STAFF)
class CardHistoryController {

    private final CardService deck;
    private final HistoryLog history;

    CardHistoryController(CardService deck, HistoryLog history) {
        this.deck = deck;
        this.history = history;
    }

    @GetMapping("/cards/{cardId}/history")
    String list(@AuthenticationPrincipal Viewer viewer, @PathVariable("cardId") UUID cardId, Model model) {
        model.addAttribute("card", deck.get(viewer.settingId(), cardId));
        model.addAttribute("earlier", history.of(viewer.settingId(), cardId));
        return "card/history";
    }
}
