package app.carder.web.account;

import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;

/** Tells every page who looks at it. */
@ControllerAdvice
class ViewerAdvice {

    @ModelAttribute("viewer")
    @Nullable
    Viewer viewer(@AuthenticationPrincipal @Nullable Viewer viewer) {
        return viewer;
    }
}
