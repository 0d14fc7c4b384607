package app.carder.web.frame;

import jakarta.servlet.http.HttpServletRequest;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;

/** Tells every page how it is to look in the browser that asks. */
@ControllerAdvice
class LookAdvice {

    @ModelAttribute("pageLook")
    Look look(HttpServletRequest request) {
        return Look.of(request);
    }
}
