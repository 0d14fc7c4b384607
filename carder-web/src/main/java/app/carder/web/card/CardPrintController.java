package app.carder.web.card;

import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.page.Printer;
import app.carder.web.room.RoomService;
import java.util.List;
import java.util.UUID;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.servlet.ModelAndView;

/** What a card prints. */
@Controller
@AllowedTo(Audience.STAFF)
class CardPrintController {

    /** Cards on one print. */
    private static final int MOST = 20;

    private final CardPrint print;
    private final CardService deck;
    private final RoomService rooms;
    private final Printer printer;

    CardPrintController(CardPrint print, CardService deck, RoomService rooms, Printer printer) {
        this.print = print;
        this.deck = deck;
        this.rooms = rooms;
        this.printer = printer;
    }

    @GetMapping("/cards/{cardId}/print")
    ModelAndView choose(@AuthenticationPrincipal Viewer viewer, @PathVariable("cardId") UUID cardId) {
        CardView card = deck.get(viewer.settingId(), cardId);
        ModelAndView page = new ModelAndView("card/print");
        page.addObject("card", card);
        page.addObject("room", rooms.get(viewer.settingId(), card.roomId()));
        page.addObject("list", print.toBuy(viewer.settingId(), card));
        return page;
    }

    @GetMapping("/cards/{cardId}/card.pdf")
    ResponseEntity<byte[]> card(@AuthenticationPrincipal Viewer viewer, @PathVariable("cardId") UUID cardId) {
        return printer.download("card.pdf", print.cards(viewer.settingId(), List.of(cardId)));
    }

    @GetMapping("/cards/{cardId}/labels.pdf")
    ResponseEntity<byte[]> labels(@AuthenticationPrincipal Viewer viewer, @PathVariable("cardId") UUID cardId) {
        return printer.download("labels.pdf", print.labels(viewer.settingId(), cardId));
    }

    @GetMapping("/cards/{cardId}/shopping.pdf")
    ResponseEntity<byte[]> shopping(@AuthenticationPrincipal Viewer viewer, @PathVariable("cardId") UUID cardId) {
        return printer.download("shopping.pdf", print.shopping(viewer.settingId(), cardId));
    }

    /** The first cards of a room by title, two to a sheet. */
    @GetMapping("/rooms/{roomId}/cards.pdf")
    ResponseEntity<byte[]> ofRoom(@AuthenticationPrincipal Viewer viewer, @PathVariable("roomId") UUID roomId) {
        rooms.get(viewer.settingId(), roomId);
        List<UUID> cards = deck.plan(viewer.settingId(), java.util.Optional.of(roomId)).stream()
                .map(CardSummary::id)
                .limit(MOST)
                .toList();
        return printer.download("cards.pdf", print.cards(viewer.settingId(), cards));
    }
}
