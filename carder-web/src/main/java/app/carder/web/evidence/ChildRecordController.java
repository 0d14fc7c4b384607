package app.carder.web.evidence;

import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;

@Controller
@AllowedTo(Audience.STAFF)
class ChildRecordController {

    private final ChildRecordService records;

    ChildRecordController(ChildRecordService records) {
        this.records = records;
    }

    @GetMapping("/children/{childId}")
    String open(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("childId") UUID childId,
            @RequestParam(name = "notch", required = false) @Nullable String notch,
            @RequestParam(name = "page", defaultValue = "0") int page,
            Model model) {
        Optional<String> chosen = Optional.ofNullable(notch).filter(code -> !code.isBlank());
        model.addAttribute("record", records.of(viewer.settingId(), childId, chosen, page));
        model.addAttribute("notch", chosen.orElse(""));
        return "evidence/child";
    }
}
