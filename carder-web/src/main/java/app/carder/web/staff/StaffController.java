package app.carder.web.staff;

import app.carder.web.account.AccountService;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.LastManager;
import app.carder.web.account.OneTimeCode;
import app.carder.web.account.Role;
import app.carder.web.account.RoomBorder;
import app.carder.web.account.SecondStepService;
import app.carder.web.account.StaffAccount;
import app.carder.web.account.StaffAccountService;
import app.carder.web.account.Viewer;
import app.carder.web.page.FormErrors;
import app.carder.web.page.Typed;
import app.carder.web.room.RoomService;
import java.util.Arrays;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** The staff and their accounts: made, changed, closed, opened again. */
@Controller
@AllowedTo(Audience.MANAGERS)
class StaffController {

    private final AccountService accounts;
    private final StaffAccountService staff;
    private final RoomService rooms;
    private final SecondStepService secondSteps;
    private final RoomBorder border;

    StaffController(
            AccountService accounts,
            StaffAccountService staff,
            RoomService rooms,
            RoomBorder border,
            SecondStepService secondSteps) {
        this.secondSteps = secondSteps;
        this.accounts = accounts;
        this.staff = staff;
        this.rooms = rooms;
        this.border = border;
    }

    @GetMapping("/staff")
    ModelAndView list(@AuthenticationPrincipal Viewer viewer) {
        return list(viewer, Typed.nothing(), new FormErrors());
    }

    @PostMapping("/staff")
    ModelAndView add(@AuthenticationPrincipal Viewer viewer, @RequestParam MultiValueMap<String, String> parameters) {
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        StaffForm form = StaffForm.read(typed, rooms.all(viewer.settingId()), errors);
        String username = typed.line("username", errors);
        if (!username.isEmpty() && accounts.isTaken(username)) {
            errors.add("username", "account.username.taken", username);
        }
        if (errors.any()) {
            return list(viewer, typed, errors);
        }
        return code(staff.invite(viewer, username, form.details()));
    }

    @PostMapping("/staff/second-step")
    String secondStep(
            @AuthenticationPrincipal Viewer viewer,
            @RequestParam(name = "asked", required = false) @Nullable String asked) {
        secondSteps.ask(viewer, asked != null);
        return "redirect:/staff?saved";
    }

    @PostMapping("/staff/rooms")
    String rooms(
            @AuthenticationPrincipal Viewer viewer,
            @RequestParam(name = "open", required = false) @Nullable String open) {
        border.keepOpen(viewer, open != null);
        return "redirect:/staff?saved";
    }

    @GetMapping("/staff/{accountId}")
    ModelAndView person(@AuthenticationPrincipal Viewer viewer, @PathVariable("accountId") UUID accountId) {
        StaffAccount account = staff.one(viewer.settingId(), accountId);
        return person(viewer, account, StaffForm.typed(account.details()), new FormErrors());
    }

    @PostMapping("/staff/{accountId}")
    ModelAndView change(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("accountId") UUID accountId,
            @RequestParam MultiValueMap<String, String> parameters) {
        StaffAccount account = staff.one(viewer.settingId(), accountId);
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        StaffForm form = StaffForm.read(typed, rooms.all(viewer.settingId()), errors);
        if (!errors.any()) {
            try {
                staff.change(viewer, accountId, form.details());
                return new ModelAndView("redirect:/staff/" + accountId + "?saved");
            } catch (LastManager nobodyElse) {
                errors.add("role", "staff.manager.last");
            }
        }
        return person(viewer, account, typed, errors);
    }

    @PostMapping("/staff/{accountId}/close")
    ModelAndView close(@AuthenticationPrincipal Viewer viewer, @PathVariable("accountId") UUID accountId) {
        try {
            staff.close(viewer, accountId);
            return new ModelAndView("redirect:/staff/" + accountId + "?closed");
        } catch (LastManager nobodyElse) {
            FormErrors errors = new FormErrors();
            errors.add("close", "staff.manager.last");
            StaffAccount account = staff.one(viewer.settingId(), accountId);
            return person(viewer, account, StaffForm.typed(account.details()), errors);
        }
    }

    @PostMapping("/staff/{accountId}/open")
    String open(@AuthenticationPrincipal Viewer viewer, @PathVariable("accountId") UUID accountId) {
        staff.open(viewer, accountId);
        return "redirect:/staff/" + accountId + "?opened";
    }

    @PostMapping("/staff/{accountId}/code")
    ModelAndView newCode(@AuthenticationPrincipal Viewer viewer, @PathVariable("accountId") UUID accountId) {
        return code(staff.newCode(viewer, accountId));
    }

    @PostMapping("/staff/{accountId}/sessions/end")
    String endSessions(@AuthenticationPrincipal Viewer viewer, @PathVariable("accountId") UUID accountId) {
        staff.endSessions(viewer, accountId);
        return "redirect:/staff/" + accountId + "?ended";
    }

    private ModelAndView list(Viewer viewer, Typed typed, FormErrors errors) {
        return form("staff/staff", viewer, typed, errors)
                .addObject("staff", staff.all(viewer.settingId()))
                .addObject("open", border.isOpen(viewer.settingId()));
    }

    private ModelAndView person(Viewer viewer, StaffAccount account, Typed typed, FormErrors errors) {
        return form("staff/person", viewer, typed, errors).addObject("account", account);
    }

    /** Not a redirect: the code is in this answer and nowhere else. */
    private static ModelAndView code(OneTimeCode code) {
        return new ModelAndView("staff/code").addObject("code", code);
    }

    private ModelAndView form(String view, Viewer viewer, Typed typed, FormErrors errors) {
        ModelAndView page = new ModelAndView(view);
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        page.addObject("secondStep", secondSteps.asks(viewer.settingId()));
        page.addObject("rooms", rooms.all(viewer.settingId()));
        page.addObject(
                "roles", Arrays.stream(Role.values()).filter(Role::isStaff).toList());
        page.addObject("typed", typed);
        page.addObject("errors", errors);
        return page;
    }
}
