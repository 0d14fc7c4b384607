package app.carder.web.rules;

import app.carder.core.safety.Rule;
import app.carder.core.safety.SafetyCheck;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.setting.SettingService;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.Collectors;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.servlet.ModelAndView;

/** What every check links to: rules and limits in plain words. */
@Controller
@AllowedTo(Audience.STAFF)
class LimitsController {

    private final SafetyCheck shipped;
    private final RuleChanges changes;
    private final SettingService settings;

    LimitsController(SafetyCheck shipped, RuleChanges changes, SettingService settings) {
        this.shipped = shipped;
        this.changes = changes;
        this.settings = settings;
    }

    @GetMapping("/what-carder-looks-at")
    ModelAndView limits(@AuthenticationPrincipal Viewer viewer) {
        LocalDate today = settings.today(viewer.settingId());
        List<Rule> rules = shipped.rules();
        ModelAndView page = new ModelAndView("rules/what");
        page.addObject("shipped", rules);
        page.addObject("changes", changes.lately(today));
        page.addObject(
                "titles",
                rules.stream()
                        .collect(Collectors.toMap(
                                Rule::code, rule -> rule.words().title().words())));
        page.addObject(
                "due",
                rules.stream().filter(rule -> rule.checked().isDue(today)).count());
        return page;
    }
}
