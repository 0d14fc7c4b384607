package app.carder.web.rights;

import app.carder.core.retention.DataRequest;
import app.carder.core.retention.RecordKind;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.audit.AccessLog;
import app.carder.web.children.HoldService;
import app.carder.web.page.FormErrors;
import app.carder.web.page.Typed;
import app.carder.web.setting.SettingService;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** Erases a child for good, after a look at what would go and what is only alike; and shows that it was done. */
@Controller
@AllowedTo(Audience.MANAGERS)
class ErasureController {

    private final ErasureService erasures;
    private final ChildArchive archive;
    private final SettingService settings;
    private final HoldService holds;
    private final ErasureProofs proofs;

    ErasureController(
            ErasureService erasures,
            ChildArchive archive,
            SettingService settings,
            HoldService holds,
            ErasureProofs proofs) {
        this.holds = holds;
        this.proofs = proofs;
        this.archive = archive;
        this.erasures = erasures;
        this.settings = settings;
    }

    @GetMapping("/children/{childId}/erase")
    ModelAndView look(@AuthenticationPrincipal Viewer viewer, @PathVariable("childId") UUID childId) {
        return page(viewer, childId, Typed.nothing(), new FormErrors(), true);
    }

    @PostMapping("/children/{childId}/erase")
    ModelAndView erase(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("childId") UUID childId,
            @RequestParam MultiValueMap<String, String> parameters,
            HttpServletRequest request) {
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        ErasureService.Preview preview = erasures.preview(viewer.settingId(), childId);
        String reason = typed.reason(errors);
        if (erasures.names(viewer.settingId(), childId, reason)) {
            errors.add("reason", "erasure.reason.names");
        }
        if (!typed.text("name").equalsIgnoreCase(preview.child().name())) {
            errors.add("name", "erasure.name.other");
        }
        if (!typed.ticked("kept")) {
            errors.add("kept", "erasure.kept.missing");
        }
        if (!holds.lasting(viewer.settingId(), List.of(childId)).isEmpty()) {
            errors.add("kept", "hold.erase.refused");
        }
        if (errors.any()) {
            return page(viewer, childId, typed, errors, false);
        }
        UUID proof = erasures.erase(viewer, childId, reason, typed.all("place"));
        request.setAttribute(AccessLog.GONE, true);
        return new ModelAndView("redirect:/erasures/" + proof + "?done");
    }

    /** Everything about a child, for its family or the next setting: whole, or an error and not half of it. */
    @GetMapping("/children/{childId}/archive.zip")
    void archive(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("childId") UUID childId,
            @RequestParam(name = "to", defaultValue = "family") String to,
            HttpServletResponse response)
            throws IOException {
        Path whole = Files.createTempFile("archive", ".zip");
        try {
            try (OutputStream out = Files.newOutputStream(whole)) {
                archive.write(
                        viewer.settingId(),
                        childId,
                        to.equals("setting") ? ChildArchive.Reader.NEXT_SETTING : ChildArchive.Reader.FAMILY,
                        out);
            }
            response.setContentType("application/zip");
            response.setContentLengthLong(Files.size(whole));
            response.setHeader(
                    HttpHeaders.CONTENT_DISPOSITION,
                    ContentDisposition.attachment()
                            .filename("archive.zip")
                            .build()
                            .toString());
            Files.copy(whole, response.getOutputStream());
        } finally {
            Files.delete(whole);
        }
    }

    @GetMapping("/erasures/{erasureId}")
    String proof(@AuthenticationPrincipal Viewer viewer, @PathVariable("erasureId") UUID erasureId, Model model) {
        model.addAttribute("proof", proofs.get(viewer.settingId(), erasureId));
        return "erasure/proof";
    }

    @GetMapping("/erasures")
    String all(@AuthenticationPrincipal Viewer viewer, Model model) {
        model.addAttribute("proofs", proofs.all(viewer.settingId()));
        return "erasure/all";
    }

    private ModelAndView page(Viewer viewer, UUID childId, Typed typed, FormErrors errors, boolean isFirstLook) {
        String country = settings.get(viewer.settingId()).premises().country();
        ModelAndView page = new ModelAndView("erasure/erase");
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        page.addObject("preview", erasures.preview(viewer.settingId(), childId));
        page.addObject("isFirstLook", isFirstLook);
        page.addObject(
                "isHeld", !holds.lasting(viewer.settingId(), List.of(childId)).isEmpty());
        page.addObject("due", DataRequest.due(settings.today(viewer.settingId())));
        page.addObject(
                "retention",
                Arrays.stream(RecordKind.values())
                        .map(kind -> kind.words(country))
                        .toList());
        page.addObject("typed", typed);
        page.addObject("errors", errors);
        return page;
    }
}
