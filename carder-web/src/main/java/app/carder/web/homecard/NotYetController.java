package app.carder.web.homecard;

import app.carder.core.home.Before;
import app.carder.core.home.Before.Path;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.family.FamilyService;
import app.carder.web.journal.JournalSheet;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** For a family who asks why there is no writing or reading yet: from what it may read of its own child, and nothing else. */
@Controller
@AllowedTo(Audience.CARERS)
class NotYetController {

    private final FamilyService family;

    NotYetController(FamilyService family) {
        this.family = family;
    }

    /**
     * One child on its way.
     *
     * @param name of the child
     * @param steps what usually comes before, with where it was seen
     */
    record Way(String name, List<Before.Step> steps) {}

    @GetMapping("/family/not-yet")
    String open(
            @AuthenticationPrincipal Viewer viewer,
            @RequestParam(name = "about", defaultValue = "WRITING") Path about,
            Model model) {
        Map<UUID, String> names = new LinkedHashMap<>();
        Map<UUID, List<Before.Seen>> seen = new LinkedHashMap<>();
        for (JournalSheet sheet : family.readableSheets(viewer)) {
            names.put(sheet.childId(), sheet.childName());
            sheet.entries()
                    .forEach(entry -> seen.computeIfAbsent(sheet.childId(), child -> new ArrayList<>())
                            .add(new Before.Seen(entry.on(), entry.words())));
        }
        model.addAttribute("about", about);
        model.addAttribute("paths", Path.values());
        model.addAttribute(
                "ways",
                names.entrySet().stream()
                        .map(child -> new Way(
                                child.getValue(),
                                Before.of(
                                        about,
                                        seen.getOrDefault(child.getKey(), List.of()).stream()
                                                .distinct()
                                                .toList())))
                        .toList());
        return "homecard/not-yet";
    }
}
