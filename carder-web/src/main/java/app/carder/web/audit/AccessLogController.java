package app.carder.web.audit;

import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.page.Paging;
import app.carder.web.setting.SettingService;
import java.time.LocalDateTime;
import org.springframework.data.domain.PageRequest;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

@Controller
@AllowedTo(Audience.MANAGERS)
class AccessLogController {

    private final AccessEntryRepository entries;
    private final SettingService settings;

    AccessLogController(AccessEntryRepository entries, SettingService settings) {
        this.entries = entries;
        this.settings = settings;
    }

    /** One row of the log. */
    record Row(LocalDateTime at, String person, String role, String what, String subject, int status) {}

    @GetMapping("/access-log")
    String list(
            @AuthenticationPrincipal Viewer viewer,
            @RequestParam(name = "page", defaultValue = "0") int page,
            Model model) {
        model.addAttribute(
                "log",
                Paging.of(entries.findBySettingIdOrderByAtDesc(
                                viewer.settingId(), PageRequest.of(Paging.number(page), Paging.ROWS))
                        .map(entry -> new Row(
                                settings.local(viewer.settingId(), entry.at()),
                                entry.personName(),
                                entry.role(),
                                entry.method() + " " + entry.route(),
                                String.valueOf(entry.subjectId() == null ? "" : entry.subjectId()),
                                entry.status()))));
        return "audit/access-log";
    }
}
