package app.carder.web.undo;

import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.page.Days;
import app.carder.web.setting.SettingService;
import app.carder.web.undo.UndoService.CannotUndo;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

@Controller
@AllowedTo(Audience.STAFF)
class UndoController {

    private final UndoService undo;
    private final SettingService settings;

    UndoController(UndoService undo, SettingService settings) {
        this.undo = undo;
        this.settings = settings;
    }

    @GetMapping("/day-history")
    ModelAndView history(
            @AuthenticationPrincipal Viewer viewer, @RequestParam(name = "day", defaultValue = "") String asked) {
        LocalDate today = settings.today(viewer.settingId());
        LocalDate day = Days.read(asked).filter(one -> !one.isAfter(today)).orElse(today);
        ModelAndView page = new ModelAndView("undo/history");
        page.addObject("day", day);
        page.addObject("previous", day.minusDays(1));
        page.addObject("next", day.plusDays(1));
        page.addObject("isToday", day.equals(today));
        page.addObject("deeds", undo.day(viewer, day));
        page.addObject("daysKept", UndoService.KEPT.toDays());
        return page;
    }

    /**
     * Takes something back.
     *
     * @param back the page on which it was asked for, below this address
     */
    @PostMapping("/done/{doneId}/undo")
    @CanBeUndone(Deed.UNDONE)
    ModelAndView undo(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("doneId") UUID doneId,
            @RequestParam(name = "back", defaultValue = "") String back) {
        try {
            List<String> left = undo.takeBack(viewer, doneId);
            if (left.isEmpty()) {
                return new ModelAndView("redirect:" + (isOurs(back) ? back : "/day-history"));
            }
            ModelAndView page = history(viewer, "");
            page.addObject("left", left);
            return page;
        } catch (CannotUndo cannot) {
            ModelAndView page = history(viewer, "");
            page.setStatus(HttpStatus.CONFLICT);
            page.addObject("why", cannot.getMessage());
            return page;
        }
    }

    /** A page of this application, never another host. */
    private static boolean isOurs(String address) {
        return address.matches("/(?![/\\\\])[\\w/?=&.%+-]{0,500}");
    }
}
