package app.carder.web.material;

import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.media.PhotoService;
import app.carder.web.media.PhotoService.Cleaned;
import app.carder.web.page.FormErrors;
import app.carder.web.undo.CanBeUndone;
import app.carder.web.undo.Deed;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.ModelAndView;

/** A photo of a thing, which stands for its drawing in lists and on labels. */
@Controller
@AllowedTo(Audience.STAFF)
class MaterialPhotoController {

    private final MaterialService materials;
    private final PhotoService photos;

    MaterialPhotoController(MaterialService materials, PhotoService photos) {
        this.materials = materials;
        this.photos = photos;
    }

    @PostMapping("/materials/{materialId}/photo")
    @CanBeUndone(Deed.MATERIAL_CHANGED)
    ModelAndView show(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("materialId") UUID materialId,
            @RequestParam(name = "photo", required = false) @Nullable MultipartFile photo) {
        MaterialView material = materials.get(viewer.settingId(), materialId);
        FormErrors errors = new FormErrors();
        Optional<Cleaned> cleaned = photos.needed(photo, "photo", errors);
        if (cleaned.isEmpty()) {
            return MaterialController.form(material, MaterialForm.of(material), errors);
        }
        materials.show(viewer.settingId(), materialId, cleaned.get());
        return new ModelAndView("redirect:/materials/" + materialId + "?saved");
    }

    @PostMapping("/materials/{materialId}/photo/remove")
    @CanBeUndone(Deed.MATERIAL_CHANGED)
    String showDrawing(@AuthenticationPrincipal Viewer viewer, @PathVariable("materialId") UUID materialId) {
        materials.showDrawing(viewer.settingId(), materialId);
        return "redirect:/materials/" + materialId;
    }
}
