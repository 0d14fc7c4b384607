package app.carder.web.homecard;

import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.media.PhotoService;
import app.carder.web.media.PhotoService.Cleaned;
import app.carder.web.page.FormErrors;
import app.carder.web.page.NotFound;
import app.carder.web.page.Typed;
import app.carder.web.setting.Ids;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
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
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.ModelAndView;

/** Cards as a family reads them, and writes on their backs. */
@Controller
@AllowedTo(Audience.CARERS)
class AtHomeController {

    private static final int LONGEST = 2000;

    private final HomeCardService home;
    private final PhotoService photos;

    AtHomeController(HomeCardService home, PhotoService photos) {
        this.home = home;
        this.photos = photos;
    }

    @GetMapping("/family/home-cards")
    String all(@AuthenticationPrincipal Viewer viewer, Model model) {
        model.addAttribute("cards", home.atHome(viewer));
        return "homecard/at-home";
    }

    @GetMapping("/family/home-cards/{homeCardId}")
    ModelAndView open(@AuthenticationPrincipal Viewer viewer, @PathVariable("homeCardId") UUID cardId) {
        return page(viewer, cardId, Typed.nothing().with("id", Ids.next()), new FormErrors());
    }

    @PostMapping("/family/home-cards/{homeCardId}")
    ModelAndView answer(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("homeCardId") UUID cardId,
            @RequestParam MultiValueMap<String, String> parameters,
            @RequestParam(name = "photo", required = false) @Nullable MultipartFile file) {
        home.atHome(viewer, cardId);
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        UUID id = typed.id("id").orElseThrow(NotFound::new);
        String words = typed.passage("words", LONGEST, errors);
        Optional<MultipartFile> sent = Optional.ofNullable(file).filter(one -> !one.isEmpty());
        Optional<Cleaned> photo = sent.flatMap(one -> photos.clean(one, "photo", errors));
        if (words.isEmpty() && !errors.any()) {
            errors.add("words", "reply.words.missing");
        }
        if (sent.isPresent() && !typed.has("who", "own") && !typed.has("who", "others")) {
            errors.add("who", "homecard.who.missing");
        }
        if (errors.any()) {
            return page(viewer, cardId, typed, errors);
        }
        home.answer(viewer, id, cardId, words, photo, typed.has("who", "others"));
        return new ModelAndView("redirect:/family/home-cards/" + cardId + "?sent#back");
    }

    @GetMapping("/family/home-cards/{homeCardId}/photos/{homePhotoId}")
    ResponseEntity<byte[]> picture(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("homeCardId") UUID cardId,
            @PathVariable("homePhotoId") UUID photoId) {
        return ResponseEntity.ok()
                .contentType(MediaType.IMAGE_JPEG)
                .cacheControl(CacheControl.noStore())
                .body(home.ownPicture(viewer, cardId, photoId));
    }

    private ModelAndView page(Viewer viewer, UUID cardId, Typed typed, FormErrors errors) {
        ModelAndView page = new ModelAndView("homecard/card");
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        page.addObject("card", home.atHome(viewer, cardId));
        page.addObject("typed", typed);
        page.addObject("errors", errors);
        return page;
    }
}
