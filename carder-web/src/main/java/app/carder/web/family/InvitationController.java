package app.carder.web.family;

import app.carder.core.said.Catalogue.Spoken;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.children.CarerView;
import app.carder.web.children.ChildService;
import app.carder.web.children.HoldService;
import app.carder.web.children.PauseService;
import app.carder.web.journal.JournalService;
import app.carder.web.journal.JournalSheet;
import app.carder.web.page.FormErrors;
import app.carder.web.page.HomeLanguage;
import app.carder.web.page.Printer;
import app.carder.web.page.QrDrawing;
import app.carder.web.page.Typed;
import app.carder.web.page.Words;
import app.carder.web.setting.SettingService;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** Sends links to carers and takes them back. */
@Controller
@AllowedTo(Audience.LEADS)
class InvitationController {

    private final FamilyService family;
    private final JournalService journals;
    private final ChildService children;
    private final HomeBrowsers browsers;
    private final SettingService settings;
    private final Printer printer;
    private final HoldService holds;
    private final PauseService pauses;
    private final Words words;

    InvitationController(
            FamilyService family,
            JournalService journals,
            ChildService children,
            HomeBrowsers browsers,
            SettingService settings,
            Printer printer,
            HoldService holds,
            PauseService pauses,
            Words words) {
        this.holds = holds;
        this.pauses = pauses;
        this.words = words;
        this.settings = settings;
        this.printer = printer;
        this.family = family;
        this.journals = journals;
        this.children = children;
        this.browsers = browsers;
    }

    @GetMapping("/journals/{journalId}/invitations")
    ModelAndView list(@AuthenticationPrincipal Viewer viewer, @PathVariable("journalId") UUID journalId) {
        return page(viewer, journalId, new FormErrors());
    }

    @PostMapping("/journals/{journalId}/invitations")
    ModelAndView invite(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("journalId") UUID journalId,
            @RequestParam MultiValueMap<String, String> parameters) {
        Typed typed = Typed.of(parameters);
        List<UUID> carers = typed.ids("carer");
        JournalSheet sheet = journals.sheet(viewer.settingId(), journalId);
        FormErrors errors = beforeSending(viewer, sheet, typed, "carer", !carers.isEmpty());
        if (errors.any()) {
            return page(viewer, journalId, errors);
        }
        // Not a redirect: the codes are in this answer and nowhere else.
        List<FamilyService.LinkCode> codes = family.invite(viewer.settingId(), journalId, carers);
        return page(viewer, journalId, errors).addObject("codes", codes);
    }

    /** A letter with the link as a drawing, and the code on a slip of its own, for a family without mail. */
    @PostMapping("/journals/{journalId}/letter")
    Object letter(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("journalId") UUID journalId,
            @RequestParam MultiValueMap<String, String> parameters) {
        Typed typed = Typed.of(parameters);
        JournalSheet sheet = journals.sheet(viewer.settingId(), journalId);
        Optional<UUID> carer = typed.id("paper");
        FormErrors errors = beforeSending(viewer, sheet, typed, "paper", carer.isPresent());
        if (errors.any()) {
            return page(viewer, journalId, errors);
        }
        FamilyService.Letter letter = family.letter(viewer.settingId(), journalId, carer.orElseThrow());
        try (Spoken theirs = words.wanted(letter.language()).speak()) {
            return printer.download(
                    "letter.pdf",
                    printer.print(
                            "family/letter",
                            Map.of(
                                    "letter", letter,
                                    "qr", QrDrawing.of(letter.link()),
                                    "direction", HomeLanguage.direction(),
                                    "setting", settings.get(viewer.settingId()).name()),
                            Map.of()));
        }
    }

    /** Notes that a journal was read together. */
    @PostMapping("/journals/{journalId}/read-together")
    ModelAndView readTogether(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("journalId") UUID journalId,
            @RequestParam MultiValueMap<String, String> parameters) {
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        Optional<UUID> carer = typed.id("with");
        if (!journals.sheet(viewer.settingId(), journalId).approved()) {
            errors.add("with", "invitation.notApproved");
        } else if (carer.isEmpty()) {
            errors.add("with", "invitation.carer.missing");
        }
        Optional<LocalDate> on = typed.day("on", errors);
        on.filter(day -> day.isAfter(settings.today(viewer.settingId())))
                .ifPresent(ahead -> errors.add("on", "invitation.on.ahead"));
        if (errors.any()) {
            return page(viewer, journalId, errors);
        }
        family.readTogether(viewer, journalId, carer.orElseThrow(), on.orElseThrow());
        return new ModelAndView("redirect:/journals/" + journalId + "/invitations#together");
    }

    /** What has to be so before a journal goes to anybody, by whatever way. */
    private FormErrors beforeSending(
            Viewer viewer, JournalSheet sheet, Typed typed, String field, boolean isToSomebody) {
        FormErrors errors = new FormErrors();
        String warning = children.get(viewer.settingId(), sheet.childId()).beforeSending();
        if (!sheet.approved()) {
            errors.add(field, "invitation.notApproved");
        } else if (holds.isRestricted(viewer.settingId(), sheet.childId())) {
            errors.add(field, "hold.restricted");
        } else if (pauses.of(viewer.settingId(), sheet.childId()).isPresent()) {
            errors.add(field, "child.paused");
        } else if (!isToSomebody) {
            errors.add(field, "invitation.carer.missing");
        } else if (!typed.ticked("read") && !warning.isEmpty()) {
            errors.add("read", "invitation.read");
        }
        return errors;
    }

    /** Calls a journal back from everybody it was sent to. */
    @PostMapping("/journals/{journalId}/recall")
    String recall(@AuthenticationPrincipal Viewer viewer, @PathVariable("journalId") UUID journalId) {
        family.recall(viewer.settingId(), journalId);
        return "redirect:/journals/" + journalId + "/invitations";
    }

    @PostMapping("/invitations/{invitationId}/revoke")
    String revoke(@AuthenticationPrincipal Viewer viewer, @PathVariable("invitationId") UUID invitationId) {
        return "redirect:/journals/" + family.revoke(viewer.settingId(), invitationId) + "/invitations";
    }

    /** Ends a browser at home for the carer of this journal's child. */
    @PostMapping("/journals/{journalId}/readers/{readerId}/end")
    String end(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("journalId") UUID journalId,
            @PathVariable("readerId") UUID readerId) {
        browsers.endFor(viewer.settingId(), readerId);
        return "redirect:/journals/" + journalId + "/invitations";
    }

    private ModelAndView page(Viewer viewer, UUID journalId, FormErrors errors) {
        JournalSheet sheet = journals.sheet(viewer.settingId(), journalId);
        ModelAndView page = new ModelAndView("family/invitations");
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        page.addObject("sheet", sheet);
        List<CarerView> carers = children.carersOf(viewer.settingId(), sheet.childId());
        page.addObject("carers", carers);
        page.addObject(
                "beforeSending",
                children.get(viewer.settingId(), sheet.childId()).beforeSending());
        page.addObject(
                "browsers",
                browsers.of(
                        viewer.settingId(), carers.stream().map(CarerView::id).toList()));
        page.addObject("together", family.together(viewer.settingId(), journalId));
        page.addObject("today", settings.today(viewer.settingId()));
        page.addObject("sent", family.sent(viewer.settingId(), journalId));
        page.addObject("replies", family.repliesTo(viewer.settingId(), journalId));
        page.addObject("errors", errors);
        return page;
    }
}
