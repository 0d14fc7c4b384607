package app.carder.web.page;

import app.carder.core.framework.Sense;
import java.util.List;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;

/** What the drawing of every card's edge needs. */
@ControllerAdvice
class PageAdvice {

    @ModelAttribute("allSenses")
    List<Sense> allSenses() {
        return List.of(Sense.values());
    }
}
