package app.carder.web.homecard;

import app.carder.core.said.Catalogue.Spoken;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.children.ChildService;
import app.carder.web.children.ChildView;
import app.carder.web.children.HoldService;
import app.carder.web.children.PauseService;
import app.carder.web.media.PhotoService.Size;
import app.carder.web.page.FormErrors;
import app.carder.web.page.HomeLanguage;
import app.carder.web.page.Printer;
import app.carder.web.page.QrDrawing;
import app.carder.web.page.Typed;
import app.carder.web.page.Words;
import app.carder.web.setting.SettingService;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** Cards for home, as staff choose them and read what came back. */
@Controller
@AllowedTo(Audience.STAFF)
class HomeCardController {

    private static final int LONGEST = 2000;

    private final HomeCardService home;
    private final ChildService children;
    private final HoldService holds;
    private final PauseService pauses;
    private final SettingService settings;
    private final Printer printer;
    private final Words words;

    HomeCardController(
            HomeCardService home,
            ChildService children,
            HoldService holds,
            PauseService pauses,
            SettingService settings,
            Printer printer,
            Words words) {
        this.home = home;
        this.children = children;
        this.holds = holds;
        this.pauses = pauses;
        this.settings = settings;
        this.printer = printer;
        this.words = words;
    }

    /** What came back of the children whose records somebody may open, the newest first. */
    @GetMapping("/home-cards")
    String all(@AuthenticationPrincipal Viewer viewer, Model model) {
        List<UUID> ids = children.inReach(viewer).stream().map(ChildView::id).toList();
        model.addAttribute("cards", home.cameBack(viewer.settingId(), ids));
        model.addAttribute("others", children.inReach(viewer));
        model.addAttribute("apart", viewer.role().isManager() ? home.apart(viewer.settingId(), ids) : List.of());
        return "homecard/all";
    }

    @GetMapping("/children/{childId}/home-cards")
    ModelAndView ofChild(@AuthenticationPrincipal Viewer viewer, @PathVariable("childId") UUID childId) {
        return page(viewer, childId, Typed.nothing(), new FormErrors());
    }

    @PostMapping("/children/{childId}/home-cards")
    ModelAndView send(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("childId") UUID childId,
            @RequestParam MultiValueMap<String, String> parameters) {
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        ChildView child = children.get(viewer.settingId(), childId);
        boolean isOffered = home.offers(viewer.settingId(), child).stream()
                .anyMatch(offer ->
                        typed.has("card", offer.card().code()) && offer.safety().isSendable());
        if (!isOffered) {
            errors.add("card", "homecard.card.missing");
        }
        if (typed.ids("carer").isEmpty()) {
            errors.add("carer", "invitation.carer.missing");
        }
        if (holds.isRestricted(viewer.settingId(), childId)) {
            errors.add("card", "hold.restricted");
        }
        if (pauses.of(viewer.settingId(), childId).isPresent()) {
            errors.add("card", "child.paused");
        }
        if (!child.beforeSending().isEmpty() && !typed.ticked("read")) {
            errors.add("read", "invitation.read");
        }
        if (errors.any()) {
            return page(viewer, childId, typed, errors);
        }
        home.send(viewer, childId, typed.text("card"), typed.ids("carer"));
        return new ModelAndView("redirect:/children/" + childId + "/home-cards?sent");
    }

    private ModelAndView page(Viewer viewer, UUID childId, Typed typed, FormErrors errors) {
        ChildView child = children.get(viewer.settingId(), childId);
        ModelAndView page = new ModelAndView("homecard/child");
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        page.addObject("child", child);
        page.addObject("others", children.inReach(viewer));
        page.addObject("offers", home.offers(viewer.settingId(), child));
        page.addObject("carers", children.carersOf(viewer.settingId(), childId));
        page.addObject("cards", home.ofChild(viewer.settingId(), childId));
        page.addObject("typed", typed);
        page.addObject("errors", errors);
        return page;
    }

    /** A card on paper: the front, and the back with room to write and a square to scan. */
    @GetMapping("/home-cards/{homeCardId}/print")
    ResponseEntity<byte[]> print(@AuthenticationPrincipal Viewer viewer, @PathVariable("homeCardId") UUID cardId) {
        HomeCardService.WithBack card = home.card(viewer.settingId(), cardId);
        try (Spoken itsOwn = words.wanted(card.front().writtenIn()).speak()) {
            return printer.download(
                    "home-card.pdf",
                    printer.print(
                            "homecard/print",
                            Map.of(
                                    "card", card,
                                    "qr", QrDrawing.of(home.link(cardId)),
                                    "direction", HomeLanguage.direction(),
                                    "setting", settings.get(viewer.settingId()).name()),
                            Map.of()));
        }
    }

    @PostMapping("/home-answers/{answerId}/seen")
    String see(@AuthenticationPrincipal Viewer viewer, @PathVariable("answerId") UUID answerId) {
        return "redirect:/children/" + home.see(viewer, answerId) + "/home-cards";
    }

    /** With a photo that shows somebody else's child too, only once it was said who that is; a stranger's photo stays out of the record. */
    @PostMapping("/home-answers/{answerId}/take-in")
    String takeIn(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("answerId") UUID answerId,
            @RequestParam MultiValueMap<String, String> parameters) {
        Typed typed = Typed.of(parameters);
        List<UUID> here = children.inReach(viewer).stream().map(ChildView::id).toList();
        List<UUID> others = typed.ids("other").stream().filter(here::contains).toList();
        boolean isAnswered = !home.isAskingWho(viewer, answerId) || !others.isEmpty();
        return isAnswered
                ? "redirect:/children/" + home.takeIn(viewer, answerId, others) + "/home-cards"
                : "redirect:/children/" + home.see(viewer, answerId) + "/home-cards?who";
    }

    /** Writes under what a family wrote. */
    @PostMapping("/home-answers/{answerId}/words")
    String writeBack(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("answerId") UUID answerId,
            @RequestParam MultiValueMap<String, String> parameters) {
        String words = Typed.of(parameters).passage("words", LONGEST, new FormErrors());
        UUID child = words.isEmpty() ? home.see(viewer, answerId) : home.writeBack(viewer, answerId, words);
        return "redirect:/children/" + child + "/home-cards";
    }

    @PostMapping("/home-answers/{answerId}/apart")
    String holdApart(@AuthenticationPrincipal Viewer viewer, @PathVariable("answerId") UUID answerId) {
        return "redirect:/children/" + home.holdApart(viewer, answerId) + "/home-cards";
    }

    @GetMapping("/home-answers/{answerId}/photos/{homePhotoId}")
    ResponseEntity<byte[]> picture(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("answerId") UUID answerId,
            @PathVariable("homePhotoId") UUID photoId) {
        return ResponseEntity.ok()
                .contentType(MediaType.IMAGE_JPEG)
                .cacheControl(CacheControl.noStore())
                .body(home.picture(viewer, answerId, photoId, Size.LARGE));
    }
}
