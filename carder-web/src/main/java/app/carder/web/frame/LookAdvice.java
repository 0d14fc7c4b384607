package app.carder.web.frame;

import app.carder.core.said.Catalogue;
import app.carder.web.page.HomeLanguage;
import jakarta.servlet.http.HttpServletRequest;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;

/** Tells every page how it is to look in the browser that asks. */
@ControllerAdvice
class LookAdvice {

    @ModelAttribute("pageLook")
    Look look(HttpServletRequest request) {
        return Look.of(request);
    }

    /** Which way the page is read; absent where that is from left to right. */
    @ModelAttribute("readingDirection")
    @Nullable
    String direction() {
        return HomeLanguage.isRightToLeft(Catalogue.spoken().locale()) ? "rtl" : null;
    }
}
