package app.carder.web.card;

import app.carder.core.card.Arrangement;
import app.carder.core.card.CardLimits;
import app.carder.core.card.SettingOut;
import app.carder.core.card.SettingOut.Hand;
import app.carder.core.picture.Moving;
import app.carder.core.picture.SetUpPicture;
import app.carder.core.picture.SetUpPicture.Piece;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.card.PicturePage.Picked;
import app.carder.web.page.Required;
import app.carder.web.page.Typed;
import app.carder.web.picture.PictureSvg;
import app.carder.web.undo.CanBeUndone;
import app.carder.web.undo.Deed;
import java.math.BigDecimal;
import java.time.Duration;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** How one card looks set out: its picture, and what is moved on it. */
@Controller
@AllowedTo(Audience.STAFF)
class PictureController {

    private static final MediaType SVG = MediaType.valueOf("image/svg+xml");

    /** As far as one press moves a piece, in millimetres, and turns it, in degrees. */
    private static final double PRESS = 10;

    private static final double TURN = 15;

    private final CardService deck;
    private final CardPictures pictures;
    private final PicturePage page;

    PictureController(CardService deck, CardPictures pictures, PicturePage page) {
        this.deck = deck;
        this.pictures = pictures;
        this.page = page;
    }

    /** The small picture. Under an edition that is past it is kept by nobody. */
    @GetMapping("/cards/{cardId}/pictures/{edition}.svg")
    ResponseEntity<String> small(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("cardId") UUID cardId,
            @PathVariable("edition") long edition) {
        CardView card = deck.get(viewer.settingId(), cardId);
        String svg = Required.from(pictures.ofRoom(viewer.settingId(), card.roomId()), cardId);
        return ResponseEntity.ok()
                .contentType(SVG)
                .cacheControl(
                        pictures.edition(viewer.settingId()) == edition
                                ? CacheControl.maxAge(Duration.ofDays(365))
                                        .cachePrivate()
                                        .immutable()
                                : CacheControl.noStore())
                .body(svg);
    }

    /** The large picture, with what is chosen on it. */
    @GetMapping("/cards/{cardId}/picture")
    ModelAndView open(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("cardId") UUID cardId,
            @RequestParam(name = "chosen", defaultValue = "") Set<String> chosen,
            @RequestParam(name = "noRoom", defaultValue = "false") boolean noRoom) {
        return page.of(viewer, deck.get(viewer.settingId(), cardId), new Picked(chosen, noRoom));
    }

    /** Another arrangement, or the other hand. In another arrangement nothing is left of what was moved. */
    @PostMapping("/cards/{cardId}/arrangement")
    @CanBeUndone(Deed.CARD_LAID_OUT)
    String arrange(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("cardId") UUID cardId,
            @RequestParam MultiValueMap<String, String> parameters) {
        CardView card = deck.get(viewer.settingId(), cardId);
        Typed typed = Typed.of(parameters);
        SettingOut there = card.card().settingOut();
        Optional<Arrangement> arrangement = one(Arrangement.values(), typed.text("arrangement"));
        deck.layOut(
                viewer,
                cardId,
                new SettingOut(
                        arrangement,
                        one(Hand.values(), typed.text("hand")).orElse(Hand.RIGHT),
                        arrangement.equals(there.arrangement()) ? there.places() : List.of()));
        return "redirect:/cards/" + cardId + "/picture";
    }

    /** One press, or where something was dropped. */
    @PostMapping("/cards/{cardId}/places")
    @CanBeUndone(Deed.CARD_LAID_OUT)
    String move(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("cardId") UUID cardId,
            @RequestParam MultiValueMap<String, String> parameters) {
        CardView card = deck.get(viewer.settingId(), cardId);
        Typed typed = Typed.of(parameters);
        SettingOut there = card.card().settingOut();
        SetUpPicture picture = pictures.of(viewer.settingId(), card);
        Set<String> chosen = new LinkedHashSet<>(typed.all("piece"));
        List<Piece> pieces = picture.pieces().stream()
                .filter(piece -> chosen.contains(PictureSvg.name(piece)))
                .toList();
        Moving moving = new Moving(picture, there);
        SettingOut wish = changed(moving, there, pieces, typed);
        boolean noRoom = wish.places().size() > CardLimits.MOST_PLACES
                || moving.isRefused(pictures.of(viewer.settingId(), card, wish), wish);
        if (!noRoom && !wish.equals(there)) {
            deck.layOut(viewer, cardId, wish);
        }
        return "redirect:/cards/" + cardId + "/picture?chosen="
                + pieces.stream().map(PictureSvg::name).collect(Collectors.joining(","))
                + (noRoom ? "&noRoom=true" : "");
    }

    private static SettingOut changed(Moving moving, SettingOut there, List<Piece> pieces, Typed typed) {
        return switch (typed.text("do")) {
            case "left" -> moving.moved(pieces, -PRESS, 0);
            case "right" -> moving.moved(pieces, PRESS, 0);
            case "up" -> moving.moved(pieces, 0, -PRESS);
            case "down" -> moving.moved(pieces, 0, PRESS);
            case "drop" -> moving.moved(pieces, millimetres(typed, "x"), millimetres(typed, "y"));
            case "turn" -> moving.turned(pieces, TURN);
            case "group" -> moving.grouped(pieces);
            case "ungroup" -> moving.ungrouped(pieces);
            case "back" -> moving.putBack(pieces);
            default -> there;
        };
    }

    private static double millimetres(Typed typed, String field) {
        return Typed.number(typed.text(field))
                .filter(found -> found.abs().compareTo(BigDecimal.valueOf(SettingOut.FARTHEST)) <= 0)
                .map(BigDecimal::doubleValue)
                .orElse(0.0);
    }

    private static <E extends Enum<E>> Optional<E> one(E[] all, String name) {
        return Arrays.stream(all).filter(found -> found.name().equals(name)).findFirst();
    }
}
