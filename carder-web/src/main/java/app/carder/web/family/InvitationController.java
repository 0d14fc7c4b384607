package app.carder.web.family;

import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.children.CarerView;
import app.carder.web.children.ChildService;
import app.carder.web.journal.JournalService;
import app.carder.web.journal.JournalSheet;
import app.carder.web.page.FormErrors;
import app.carder.web.page.Typed;
import java.util.List;
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

    InvitationController(FamilyService family, JournalService journals, ChildService children, HomeBrowsers browsers) {
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
        FormErrors errors = new FormErrors();
        JournalSheet sheet = journals.sheet(viewer.settingId(), journalId);
        if (!sheet.approved()) {
            errors.add("carer", "invitation.notApproved");
        } else if (carers.isEmpty()) {
            errors.add("carer", "invitation.carer.missing");
        } else if (!typed.ticked("read")
                && !children.get(viewer.settingId(), sheet.childId())
                        .beforeSending()
                        .isEmpty()) {
            errors.add("read", "invitation.read");
        }
        if (errors.any()) {
            return page(viewer, journalId, errors);
        }
        // Not a redirect: the codes are in this answer and nowhere else.
        List<FamilyService.LinkCode> codes = family.invite(viewer.settingId(), journalId, carers);
        return page(viewer, journalId, errors).addObject("codes", codes);
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
        page.addObject("sent", family.sent(viewer.settingId(), journalId));
        page.addObject("replies", family.repliesTo(viewer.settingId(), journalId));
        page.addObject("errors", errors);
        return page;
    }
}
