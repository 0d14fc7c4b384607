package app.carder.web.account;

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
class SecurityLogController {

    private final SecurityEntryRepository entries;
    private final SettingService settings;

    SecurityLogController(SecurityEntryRepository entries, SettingService settings) {
        this.entries = entries;
        this.settings = settings;
    }

    /** One row of the log. */
    record Row(LocalDateTime at, String person, String code, String detail, String by, String address) {}

    @GetMapping("/security-log")
    String list(
            @AuthenticationPrincipal Viewer viewer,
            @RequestParam(name = "page", defaultValue = "0") int page,
            Model model) {
        model.addAttribute(
                "log",
                Paging.of(entries.findBySettingIdOrderByAtDescIdDesc(
                                viewer.settingId(), PageRequest.of(Paging.number(page), Paging.ROWS))
                        .map(entry -> new Row(
                                settings.local(viewer.settingId(), entry.at()),
                                entry.personName(),
                                entry.event().code(),
                                entry.detail(),
                                entry.byName(),
                                entry.address()))));
        return "account/security-log";
    }
}
