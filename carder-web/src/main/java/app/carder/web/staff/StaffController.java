package app.carder.web.staff;

import app.carder.web.account.AccountService;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Role;
import app.carder.web.account.Viewer;
import app.carder.web.page.FormErrors;
import app.carder.web.page.Typed;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** Lists the staff and makes accounts for them. */
@Controller
@AllowedTo(Audience.MANAGERS)
class StaffController {

    private final AccountService accounts;
    private final RoomService rooms;

    StaffController(AccountService accounts, RoomService rooms) {
        this.accounts = accounts;
        this.rooms = rooms;
    }

    @GetMapping("/staff")
    ModelAndView list(@AuthenticationPrincipal Viewer viewer) {
        return page(viewer, Typed.nothing(), new FormErrors());
    }

    @PostMapping("/staff")
    ModelAndView add(@AuthenticationPrincipal Viewer viewer, @RequestParam MultiValueMap<String, String> parameters) {
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        String name = typed.line("staffName", errors);
        String username = typed.line("username", errors);
        if (!username.isEmpty() && accounts.isTaken(username)) {
            errors.add("username", "account.username.taken", username);
        }
        if (!AccountService.isFitPassword(typed.raw("password"))) {
            errors.add("password", "firstrun.password", AccountService.SHORTEST_PASSWORD);
        }
        Optional<Role> role = Arrays.stream(Role.values())
                .filter(found -> found.isStaff() && found.name().equals(typed.text("role")))
                .findFirst();
        if (role.isEmpty()) {
            errors.add("role", "staff.role.missing");
        }
        List<RoomView> all = rooms.all(viewer.settingId());
        Optional<UUID> room = typed.id("room")
                .filter(id -> all.stream().anyMatch(found -> found.id().equals(id)));
        if (room.isEmpty()) {
            errors.add("room", "staff.room.missing");
        }
        if (errors.any()) {
            return page(viewer, typed, errors);
        }
        accounts.create(
                viewer.settingId(), username, name, typed.raw("password"), role.orElseThrow(), room.orElseThrow());
        return new ModelAndView("redirect:/staff?made");
    }

    private ModelAndView page(Viewer viewer, Typed typed, FormErrors errors) {
        ModelAndView page = new ModelAndView("staff/staff");
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        page.addObject("staff", accounts.staff(viewer.settingId()));
        page.addObject("rooms", rooms.all(viewer.settingId()));
        page.addObject(
                "roles", Arrays.stream(Role.values()).filter(Role::isStaff).toList());
        page.addObject("typed", typed);
        page.addObject("errors", errors);
        return page;
    }
}
