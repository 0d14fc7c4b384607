package app.carder.web.card;

import app.carder.core.said.Refused;
import app.carder.exchange.json.CardFile;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.page.FormErrors;
import app.carder.web.page.Typed;
import app.carder.web.room.RoomService;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.ModelAndView;

/** Cards as files that settings swap. */
@Controller
@AllowedTo(Audience.STAFF)
class CardFileController {

    private static final long LARGEST_FILE = 5_000_000;

    private final CardExchange exchange;
    private final CardService deck;
    private final RoomService rooms;

    CardFileController(CardExchange exchange, CardService deck, RoomService rooms) {
        this.exchange = exchange;
        this.deck = deck;
        this.rooms = rooms;
    }

    @GetMapping("/cards/{cardId}/card.json")
    ResponseEntity<String> card(@AuthenticationPrincipal Viewer viewer, @PathVariable("cardId") UUID cardId) {
        return file(exchange.write(viewer.settingId(), List.of(cardId)), "card.json");
    }

    @GetMapping("/rooms/{roomId}/cards.json")
    ResponseEntity<String> ofRoom(@AuthenticationPrincipal Viewer viewer, @PathVariable("roomId") UUID roomId) {
        rooms.get(viewer.settingId(), roomId);
        List<UUID> ids = deck.plan(viewer.settingId(), Optional.of(roomId)).stream()
                .map(CardSummary::id)
                .toList();
        return file(exchange.write(viewer.settingId(), ids), "cards.json");
    }

    @GetMapping("/rooms/{roomId}/cards/import")
    ModelAndView choose(@AuthenticationPrincipal Viewer viewer, @PathVariable("roomId") UUID roomId) {
        return page(viewer, roomId, new FormErrors());
    }

    /** Shows what a file would do; nothing is written yet. */
    @PostMapping("/rooms/{roomId}/cards/import")
    ModelAndView preview(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam(name = "file", required = false) @Nullable MultipartFile file)
            throws IOException {
        FormErrors errors = new FormErrors();
        if (file == null || file.isEmpty()) {
            errors.add("file", "material.file.missing");
            return page(viewer, roomId, errors);
        }
        if (file.getSize() > LARGEST_FILE) {
            errors.add("file", "material.file.large", file.getSize() / 1_000_000);
            return page(viewer, roomId, errors);
        }
        String json = new String(file.getBytes(), StandardCharsets.UTF_8);
        Optional<CardFile> read = read(json, errors);
        ModelAndView page = page(viewer, roomId, errors);
        read.ifPresent(cards -> {
            page.addObject("previews", exchange.preview(viewer.settingId(), roomId, cards));
            page.addObject("json", json);
        });
        return page;
    }

    /** Writes the cards that the preview found right. */
    @PostMapping("/rooms/{roomId}/cards/import/cards")
    ModelAndView putIn(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam MultiValueMap<String, String> parameters) {
        FormErrors errors = new FormErrors();
        Optional<CardFile> read = read(Typed.of(parameters).raw("json"), errors);
        return read.map(file -> new ModelAndView(
                        "redirect:/rooms/" + roomId + "/cards?imported=" + exchange.putIn(viewer, roomId, file)))
                .orElseGet(() -> page(viewer, roomId, errors));
    }

    private static Optional<CardFile> read(String json, FormErrors errors) {
        try {
            return Optional.of(CardFile.read(json));
        } catch (IllegalArgumentException refused) {
            errors.add("file", "card.file.refused", Refused.why(refused).words());
            return Optional.empty();
        }
    }

    private static ResponseEntity<String> file(String json, String name) {
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_JSON)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .body(json);
    }

    private ModelAndView page(Viewer viewer, UUID roomId, FormErrors errors) {
        ModelAndView page = new ModelAndView("card/import");
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        page.addObject("room", rooms.get(viewer.settingId(), roomId));
        page.addObject("errors", errors);
        return page;
    }
}
