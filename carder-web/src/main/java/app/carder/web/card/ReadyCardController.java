package app.carder.web.card;

import app.carder.core.practice.PracticeStyle;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.page.FormErrors;
import app.carder.web.picture.PictureSvg;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** Ready cards: looked through, and taken over into a room's deck by ticking them, or all that are shown. */
@Controller
@AllowedTo(Audience.STAFF)
class ReadyCardController {

    private static final MediaType SVG = MediaType.valueOf("image/svg+xml");
    private static final int OLDEST_YEAR = 5;

    private final ReadyCards readyCards;
    private final RoomService rooms;
    private final CardPictures pictures;

    ReadyCardController(ReadyCards readyCards, RoomService rooms, CardPictures pictures) {
        this.readyCards = readyCards;
        this.rooms = rooms;
        this.pictures = pictures;
    }

    @GetMapping("/rooms/{roomId}/ready-cards")
    ModelAndView look(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam(name = "style", defaultValue = "") String style,
            @RequestParam(name = "age", defaultValue = "") String age,
            @RequestParam(name = "where", defaultValue = "") String where) {
        return page(viewer, rooms.get(viewer.settingId(), roomId), new Choice(style, age, where), new FormErrors());
    }

    /** The picture of one. Under an edition that is past it is kept by nobody. */
    @GetMapping("/rooms/{roomId}/ready-cards/{code}/{edition}.svg")
    ResponseEntity<String> picture(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @PathVariable("code") String code,
            @PathVariable("edition") long edition) {
        RoomView room = rooms.get(viewer.settingId(), roomId);
        boolean isNow = pictures.edition(viewer.settingId()) == edition;
        return ResponseEntity.ok()
                .contentType(SVG)
                .cacheControl(isNow ? CacheControl.maxAge(Duration.ofDays(1)).cachePrivate() : CacheControl.noStore())
                .body(PictureSvg.of(readyCards.picture(viewer.settingId(), room, code), "", "p"));
    }

    @PostMapping("/rooms/{roomId}/ready-cards")
    ModelAndView take(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam(name = "style", defaultValue = "") String style,
            @RequestParam(name = "age", defaultValue = "") String age,
            @RequestParam(name = "where", defaultValue = "") String where,
            @RequestParam(name = "all", defaultValue = "false") boolean all,
            @RequestParam(name = "code", defaultValue = "") List<String> codes) {
        RoomView room = rooms.get(viewer.settingId(), roomId);
        Choice choice = new Choice(style, age, where);
        List<String> taken = all
                ? readyCards.offers(viewer.settingId(), room, choice.wanted(room)).stream()
                        .map(offer -> offer.ready().code())
                        .toList()
                : codes;
        if (taken.isEmpty()) {
            FormErrors errors = new FormErrors();
            errors.add("cards", "card.ready.none-ticked");
            return page(viewer, room, choice, errors);
        }
        return new ModelAndView("redirect:/rooms/" + roomId + "/cards?taken=" + readyCards.take(viewer, roomId, taken));
    }

    /** What somebody chose to see, as it stands in the address; what it does not know is not chosen. */
    private record Choice(String style, String age, String where) {

        private ReadyCards.Wanted wanted(RoomView room) {
            return new ReadyCards.Wanted(
                    PracticeStyle.of(style).orElse(room.style()),
                    age.matches("[0-" + OLDEST_YEAR + "]") ? Optional.of(Integer.valueOf(age)) : Optional.empty(),
                    where.isEmpty() ? Optional.empty() : Optional.of(where.equals("out")));
        }
    }

    private ModelAndView page(Viewer viewer, RoomView room, Choice choice, FormErrors errors) {
        ReadyCards.Wanted wanted = choice.wanted(room);
        ModelAndView page = new ModelAndView("card/ready");
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        page.addObject("room", room);
        page.addObject("errors", errors);
        page.addObject("styles", PracticeStyle.values());
        page.addObject("style", wanted.style());
        page.addObject("age", wanted.years().map(String::valueOf).orElse(""));
        page.addObject(
                "where", wanted.isOutdoors().map(out -> out ? "out" : "in").orElse(""));
        page.addObject("offers", readyCards.offers(viewer.settingId(), room, wanted));
        page.addObject("edition", pictures.edition(viewer.settingId()));
        return page;
    }
}
