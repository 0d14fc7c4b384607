package app.carder.web.card;

import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.card.PicturePage.Picked;
import app.carder.web.media.PhotoService;
import app.carder.web.media.PhotoService.Cleaned;
import app.carder.web.page.FormErrors;
import app.carder.web.page.NotFound;
import app.carder.web.page.Typed;
import app.carder.web.setting.SettingService;
import app.carder.web.undo.CanBeUndone;
import app.carder.web.undo.Deed;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.ModelAndView;

/** Photos of a card as it was really set out. They show things alone: nobody asks a family's consent for them. */
@Controller
@AllowedTo(Audience.STAFF)
class SetOutPhotoController {

    private final CardService deck;
    private final PicturePage page;
    private final PhotoService photos;
    private final SettingService settings;

    SetOutPhotoController(CardService deck, PicturePage page, PhotoService photos, SettingService settings) {
        this.deck = deck;
        this.page = page;
        this.photos = photos;
        this.settings = settings;
    }

    @PostMapping("/cards/{cardId}/photos")
    ModelAndView add(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("cardId") UUID cardId,
            @RequestParam MultiValueMap<String, String> parameters,
            @RequestParam(name = "photo", required = false) @Nullable MultipartFile photo) {
        CardView card = deck.get(viewer.settingId(), cardId);
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        UUID id = typed.id("id").orElseThrow(NotFound::new);
        Optional<LocalDate> onDay = typed.day("onDay", errors);
        if (onDay.isPresent() && onDay.get().isAfter(settings.today(viewer.settingId()))) {
            errors.add("onDay", "card.photo.day-ahead");
        }
        if (!typed.ticked("onlyThings")) {
            errors.add("onlyThings", "card.photo.only-things-missing");
        }
        Optional<Cleaned> cleaned = photos.needed(photo, "photo", errors);
        if (errors.any() || cleaned.isEmpty()) {
            return page.of(viewer, card, Picked.NOTHING, typed, errors);
        }
        photos.saveSetOut(viewer, id, cardId, onDay.orElseThrow(), cleaned.get());
        return new ModelAndView("redirect:/cards/" + cardId + "/picture#as-it-was");
    }

    @PostMapping("/cards/{cardId}/photos/{setOutPhotoId}/remove")
    @CanBeUndone(Deed.CARD_PHOTO_REMOVED)
    String remove(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("cardId") UUID cardId,
            @PathVariable("setOutPhotoId") UUID setOutPhotoId) {
        photos.removeSetOut(viewer.settingId(), cardId, setOutPhotoId);
        return "redirect:/cards/" + cardId + "/picture#as-it-was";
    }
}
