package app.carder.web.setout;

import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.setting.SettingService;
import java.time.LocalDate;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.servlet.ModelAndView;

/** Which rules are overruled, and how often. */
@Controller
@AllowedTo(Audience.STAFF)
class OverruledController {

    private static final int MONTHS = 12;

    private final SetOutService setOuts;
    private final SettingService settings;

    OverruledController(SetOutService setOuts, SettingService settings) {
        this.setOuts = setOuts;
        this.settings = settings;
    }

    @GetMapping("/overruled")
    ModelAndView overruled(@AuthenticationPrincipal Viewer viewer) {
        LocalDate since = settings.today(viewer.settingId()).minusMonths(MONTHS);
        ModelAndView page = new ModelAndView("setout/overruled");
        page.addObject("since", since);
        page.addObject("rules", setOuts.overruledByRule(viewer.settingId(), since));
        return page;
    }
}
