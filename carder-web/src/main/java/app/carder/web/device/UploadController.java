package app.carder.web.device;

import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestMethod;

/** The way in for photos, in chunks that can be taken up again. */
@Controller
@AllowedTo(Audience.STAFF)
class UploadController {

    private final Uploads uploads;

    UploadController(Uploads uploads) {
        this.uploads = uploads;
    }

    @RequestMapping(path = Uploads.PATH, method = RequestMethod.POST)
    void begin(@AuthenticationPrincipal Viewer viewer, HttpServletRequest request, HttpServletResponse response)
            throws IOException {
        uploads.begin(viewer, request, response);
    }

    @RequestMapping(
            path = Uploads.PATH + "/{upload}",
            method = {RequestMethod.HEAD, RequestMethod.PATCH, RequestMethod.DELETE})
    void carryOn(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("upload") String upload,
            HttpServletRequest request,
            HttpServletResponse response)
            throws IOException {
        uploads.carryOn(viewer, request, response);
    }
}
