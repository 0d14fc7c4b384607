package app.carder.web.media;

import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.media.PhotoService.Size;
import java.util.UUID;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;

@Controller
@AllowedTo(Audience.STAFF)
class PhotoController {

    private final PhotoService photos;

    PhotoController(PhotoService photos) {
        this.photos = photos;
    }

    @GetMapping("/photos/{photoId}")
    ResponseEntity<byte[]> picture(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("photoId") UUID photoId,
            @RequestParam(name = "size", defaultValue = "small") String size) {
        return ResponseEntity.ok()
                .contentType(MediaType.IMAGE_JPEG)
                .cacheControl(CacheControl.noStore())
                .body(photos.ofTheSetting(viewer.settingId(), photoId, size.equals("large") ? Size.LARGE : Size.SMALL));
    }
}
