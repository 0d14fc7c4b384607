package app.carder.web.rights;

import app.carder.core.privacy.PrivacyDraft;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.page.Printer;
import app.carder.web.setting.SettingService;
import java.util.Map;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

/** Drafts of a privacy notice and of an impact assessment: to read, and as PDF. */
@Controller
@AllowedTo(Audience.MANAGERS)
class PrivacyController {

    /** By which the words of each are found. */
    private static final String NOTICE = "notice";

    private static final String IMPACT = "impact";

    private final PrivacyService privacy;
    private final SettingService settings;
    private final Printer printer;

    PrivacyController(PrivacyService privacy, SettingService settings, Printer printer) {
        this.privacy = privacy;
        this.settings = settings;
        this.printer = printer;
    }

    @GetMapping("/privacy/notice")
    String notice(@AuthenticationPrincipal Viewer viewer, Model model) {
        return read(NOTICE, privacy.notice(viewer.settingId()), model);
    }

    @GetMapping("/privacy/notice.pdf")
    ResponseEntity<byte[]> printNotice(@AuthenticationPrincipal Viewer viewer) {
        return print(viewer, NOTICE, privacy.notice(viewer.settingId()));
    }

    @GetMapping("/privacy/impact")
    String impact(@AuthenticationPrincipal Viewer viewer, Model model) {
        return read(IMPACT, privacy.impact(viewer.settingId()), model);
    }

    @GetMapping("/privacy/impact.pdf")
    ResponseEntity<byte[]> printImpact(@AuthenticationPrincipal Viewer viewer) {
        return print(viewer, IMPACT, privacy.impact(viewer.settingId()));
    }

    private static String read(String which, PrivacyDraft draft, Model model) {
        model.addAttribute("draft", draft);
        model.addAttribute("which", which);
        return "erasure/privacy";
    }

    private ResponseEntity<byte[]> print(Viewer viewer, String which, PrivacyDraft draft) {
        return printer.download(
                which + ".pdf",
                printer.print(
                        "erasure/privacy-print",
                        Map.of(
                                "draft",
                                draft,
                                "which",
                                which,
                                "setting",
                                settings.get(viewer.settingId()).name(),
                                "today",
                                settings.today(viewer.settingId())),
                        Map.of()));
    }
}
