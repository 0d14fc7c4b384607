package app.carder.web.kits;

import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.material.MaterialService;
import app.carder.web.material.MaterialView;
import app.carder.web.page.FormErrors;
import app.carder.web.page.NotFound;
import app.carder.web.page.Printer;
import app.carder.web.page.Typed;
import app.carder.web.setting.Ids;
import app.carder.web.undo.CanBeUndone;
import app.carder.web.undo.Deed;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** Makes kits and prints their picture checklists. */
@Controller
@AllowedTo(Audience.STAFF)
class KitController {

    private static final int MOST_PARTS = 12;

    private final KitService kits;
    private final MaterialService materials;
    private final Printer printer;

    KitController(KitService kits, MaterialService materials, Printer printer) {
        this.kits = kits;
        this.materials = materials;
        this.printer = printer;
    }

    @GetMapping("/kits")
    ModelAndView list(@AuthenticationPrincipal Viewer viewer) {
        return new ModelAndView("kits/kits", Map.of("kits", kits.all(viewer.settingId())));
    }

    @GetMapping("/kits/new")
    ModelAndView blank(@AuthenticationPrincipal Viewer viewer) {
        return form(viewer, null, Typed.nothing().with("id", Ids.next()), new FormErrors());
    }

    @PostMapping("/kits")
    ModelAndView make(@AuthenticationPrincipal Viewer viewer, @RequestParam MultiValueMap<String, String> parameters) {
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        UUID id = typed.id("id").orElseThrow(NotFound::new);
        Optional<KitDetails> details = read(viewer, typed, Optional.empty(), errors);
        if (details.isEmpty()) {
            return form(viewer, null, typed, errors);
        }
        kits.make(viewer.settingId(), id, details.get());
        return new ModelAndView("redirect:/kits/" + id + "?saved");
    }

    @GetMapping("/kits/{kitId}")
    ModelAndView open(@AuthenticationPrincipal Viewer viewer, @PathVariable("kitId") UUID kitId) {
        KitView kit = kits.get(viewer.settingId(), kitId);
        Typed typed = Typed.nothing()
                .with("version", kit.version())
                .with("name", kit.name())
                .with("keptIn", kit.keptIn())
                .with("note", kit.note())
                .with(
                        "material",
                        kit.parts().stream().map(part -> part.material().name()).toList())
                .with(
                        "pieces",
                        kit.parts().stream()
                                .map(part -> String.valueOf(part.pieces()))
                                .toList());
        return form(viewer, kit, typed, new FormErrors());
    }

    @PostMapping("/kits/{kitId}")
    @CanBeUndone(Deed.KIT_CHANGED)
    ModelAndView rewrite(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("kitId") UUID kitId,
            @RequestParam MultiValueMap<String, String> parameters) {
        KitView kit = kits.get(viewer.settingId(), kitId);
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        Optional<KitDetails> details = read(viewer, typed, Optional.of(kitId), errors);
        if (details.isPresent() && !kits.rewrite(viewer.settingId(), kitId, typed.version(), details.get())) {
            errors.add("name", "kit.changed");
            typed.with("version", kit.version());
        }
        return errors.any() ? form(viewer, kit, typed, errors) : new ModelAndView("redirect:/kits/" + kitId + "?saved");
    }

    @PostMapping("/kits/{kitId}/retire")
    @CanBeUndone(Deed.KIT_REMOVED)
    String retire(@AuthenticationPrincipal Viewer viewer, @PathVariable("kitId") UUID kitId) {
        kits.retire(viewer.settingId(), kitId);
        return "redirect:/kits";
    }

    /** The picture checklist that hangs on the bucket. */
    @GetMapping("/kits/{kitId}/checklist.pdf")
    ResponseEntity<byte[]> checklist(@AuthenticationPrincipal Viewer viewer, @PathVariable("kitId") UUID kitId) {
        KitView kit = kits.get(viewer.settingId(), kitId);
        return printer.download("kit-checklist.pdf", printer.print("kits/checklist", Map.of("kit", kit), Map.of()));
    }

    private Optional<KitDetails> read(Viewer viewer, Typed typed, Optional<UUID> id, FormErrors errors) {
        String name = typed.line("name", errors);
        String keptIn = typed.optional("keptIn", 120, errors);
        String note = typed.passage("note", 500, errors);
        if (kits.isTaken(viewer.settingId(), name, id)) {
            errors.add("name", "kit.name.taken", name);
        }
        List<MaterialView> cupboard = materials.cupboard(viewer.settingId());
        List<String> chosen = typed.first("material", MOST_PARTS);
        List<String> pieces = typed.all("pieces");
        List<KitDetails.Part> parts = new ArrayList<>();
        for (int row = 0; row < chosen.size(); row++) {
            String wanted = chosen.get(row).toLowerCase(Locale.ROOT);
            if (wanted.isEmpty()) {
                continue;
            }
            Optional<MaterialView> material = cupboard.stream()
                    .filter(found -> found.name().toLowerCase(Locale.ROOT).equals(wanted))
                    .findFirst();
            if (material.isEmpty()) {
                errors.add("material-" + row, "card.material.unknown", chosen.get(row));
                continue;
            }
            String count = row < pieces.size() && !pieces.get(row).isEmpty() ? pieces.get(row) : "1";
            Typed.whole("pieces-" + row, count, 1, 1000, errors)
                    .ifPresent(number ->
                            parts.add(new KitDetails.Part(material.get().id(), number)));
        }
        if (chosen.stream().allMatch(String::isEmpty)) {
            errors.add("material-0", "kit.empty");
        }
        return errors.any() ? Optional.empty() : Optional.of(new KitDetails(name, keptIn, note, parts));
    }

    private ModelAndView form(Viewer viewer, @Nullable KitView kit, Typed typed, FormErrors errors) {
        ModelAndView page = new ModelAndView("kits/kit");
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        page.addObject("kit", kit);
        page.addObject("cupboard", materials.cupboard(viewer.settingId()));
        page.addObject("rows", typed.rows("material", 4, MOST_PARTS));
        page.addObject("typed", typed);
        page.addObject("errors", errors);
        return page;
    }
}
