package app.carder.web.lists;

import app.carder.core.cupboard.Picture;
import app.carder.core.cupboard.RunningOut;
import app.carder.core.cupboard.RunningOut.Ends;
import app.carder.core.drawing.Sketch;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import java.time.LocalDateTime;
import java.util.List;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.servlet.ModelAndView;

/** What runs out first: a page of its own, and the beginning of it above the cupboard, which fetches it once it is shown itself. */
@Controller
@AllowedTo(Audience.STAFF)
class RunningOutController {

    private static final int MOST_IN_A_PART = 4;

    private final ListService lists;

    RunningOutController(ListService lists) {
        this.lists = lists;
    }

    /**
     * A thing that runs out.
     *
     * @param name its own
     * @param picture how it looks
     * @param at beginning of the first session that it does not last for
     * @param missing then
     * @param cards that take it
     */
    record Line(String name, Sketch picture, LocalDateTime at, String missing, String cards) {

        static Line of(Ends ends) {
            return new Line(
                    ends.material().name(),
                    Picture.of(ends.material()),
                    ends.at(),
                    ends.missing().forPeople(),
                    String.join(", ", ends.cards()));
        }
    }

    @GetMapping("/materials/running-out")
    ModelAndView open(
            @AuthenticationPrincipal Viewer viewer,
            @RequestHeader(name = "HX-Request-Type", defaultValue = "full") String requestType) {
        boolean part = requestType.equals("partial");
        RunningOut found = lists.runningOut(viewer);
        List<Line> lines = found.ends().stream()
                .limit(part ? MOST_IN_A_PART : Long.MAX_VALUE)
                .map(Line::of)
                .toList();
        ModelAndView page = new ModelAndView(part ? "lists/running-out :: part" : "lists/running-out");
        page.addObject("lines", lines);
        page.addObject("more", found.ends().size() - lines.size());
        page.addObject(
                "unknown",
                found.notWrittenDown().stream().map(material -> material.name()).toList());
        return page;
    }
}
