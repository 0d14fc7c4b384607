package app.carder.web.account;

import app.carder.web.page.FormErrors;
import app.carder.web.page.MailAddress;
import app.carder.web.page.Typed;
import app.carder.web.setting.SettingService;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;
import java.time.LocalDateTime;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.web.webauthn.management.UserCredentialRepository;
import org.springframework.stereotype.Controller;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** One's own password, and where one is signed in. */
@Controller
@AllowedTo(Audience.SIGNED_IN)
class OwnAccountController {

    private final OwnPasswordService own;
    private final SignedInSessions sessions;
    private final SettingService settings;
    private final UserCredentialRepository passkeys;
    private final AccountService accounts;

    OwnAccountController(
            OwnPasswordService own,
            SignedInSessions sessions,
            SettingService settings,
            UserCredentialRepository passkeys,
            AccountService accounts) {
        this.accounts = accounts;
        this.passkeys = passkeys;
        this.own = own;
        this.sessions = sessions;
        this.settings = settings;
    }

    /** One of somebody's passkeys. */
    record Passkey(String id, String label, LocalDateTime usedAt) {}

    /** One row of the list of sessions. */
    record Row(String browser, LocalDateTime beganAt, LocalDateTime usedAt, boolean isThis) {}

    @GetMapping("/account")
    ModelAndView page(@AuthenticationPrincipal Viewer viewer, HttpSession session) {
        return page(viewer, session, new FormErrors());
    }

    @PostMapping("/account/password")
    ModelAndView change(
            @AuthenticationPrincipal Viewer viewer,
            HttpServletRequest request,
            HttpSession session,
            @RequestParam MultiValueMap<String, String> parameters) {
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        OwnPasswordService.Result result = own.change(
                viewer, typed.raw("old"), typed.raw(NewPassword.FIELD), SignInFrom.of(request), session.getId());
        switch (result.outcome()) {
            case WRONG -> errors.add("old", "account.old.wrong");
            case BLOCKED -> errors.add("old", "account.blocked");
            case UNFIT -> NewPassword.mark(result, errors);
            case DONE -> {
                return new ModelAndView("redirect:/account?changed");
            }
        }
        return page(viewer, session, errors);
    }

    /** Whether, and where, somebody of staff is told once a day of what is new. */
    @PostMapping("/account/daily-note")
    @AllowedTo(Audience.STAFF)
    ModelAndView tellDaily(
            @AuthenticationPrincipal Viewer viewer,
            HttpSession session,
            @RequestParam MultiValueMap<String, String> parameters) {
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        String address = typed.optional("note", MailAddress.LONGEST, errors);
        if (!address.isEmpty() && !MailAddress.isPossible(address)) {
            errors.add("note", "account.note.address");
        }
        if (errors.any()) {
            return page(viewer, session, errors).addObject("note", address);
        }
        accounts.tellDaily(viewer, address);
        return new ModelAndView("redirect:/account?noted");
    }

    @PostMapping("/account/sessions/end")
    String endOthers(@AuthenticationPrincipal Viewer viewer, HttpServletRequest request, HttpSession session) {
        own.endOtherSessions(viewer, SignInFrom.of(request), session.getId());
        return "redirect:/account?ended";
    }

    private ModelAndView page(Viewer viewer, HttpSession session, FormErrors errors) {
        ModelAndView page = new ModelAndView("account/own");
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        page.addObject(
                "sessions",
                sessions.of(viewer.personId(), session.getId()).stream()
                        .map(open -> new Row(
                                open.browser(),
                                settings.local(viewer.settingId(), open.beganAt()),
                                settings.local(viewer.settingId(), open.usedAt()),
                                open.isThis()))
                        .toList());
        page.addObject(
                "passkeys",
                passkeys.findByUserId(PasskeyHandles.handle(viewer.personId())).stream()
                        .map(one -> new Passkey(
                                one.getCredentialId().toBase64UrlString(),
                                one.getLabel(),
                                settings.local(viewer.settingId(), one.getLastUsed())))
                        .toList());
        page.addObject("isStaff", viewer.role().isStaff());
        page.addObject("note", accounts.dailyNoteAddress(viewer));
        page.addObject("errors", errors);
        return page;
    }
}
