package app.carder.web.firstrun;

import app.carder.core.framework.FrameworkLibrary;
import app.carder.core.practice.PracticeStyle;
import app.carder.web.account.AccountService;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.PasswordPolicy;
import app.carder.web.account.Role;
import app.carder.web.account.StaffDetails;
import app.carder.web.material.MaterialService;
import app.carder.web.page.FormErrors;
import app.carder.web.page.NotFound;
import app.carder.web.page.Typed;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import app.carder.web.room.UsualDay;
import app.carder.web.room.ZoneNames;
import app.carder.web.setting.SettingService;
import app.carder.web.setting.SettingView;
import java.time.DateTimeException;
import java.time.ZoneId;
import java.util.Currency;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.transaction.support.TransactionOperations;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** Makes the first setting, its first room and its manager, once. */
@Controller
@AllowedTo(Audience.EVERYONE)
class FirstRunController {

    private final FirstRunCode code;
    private final SettingService settings;
    private final RoomService rooms;
    private final AccountService accounts;
    private final PasswordPolicy passwords;
    private final MaterialService materials;
    private final FrameworkLibrary frameworks;
    private final TransactionOperations transaction;

    FirstRunController(
            FirstRunCode code,
            SettingService settings,
            RoomService rooms,
            AccountService accounts,
            PasswordPolicy passwords,
            MaterialService materials,
            FrameworkLibrary frameworks,
            TransactionOperations transaction) {
        this.code = code;
        this.settings = settings;
        this.rooms = rooms;
        this.accounts = accounts;
        this.passwords = passwords;
        this.materials = materials;
        this.frameworks = frameworks;
        this.transaction = transaction;
    }

    @GetMapping("/first-run")
    ModelAndView form() {
        requireFirstRun();
        return page(
                Typed.nothing()
                        .with("timeZone", "Europe/London")
                        .with("currency", "GBP")
                        .with("zones", "Tray table, Floor, Role play, Garden"),
                new FormErrors());
    }

    @PostMapping("/first-run")
    ModelAndView make(@RequestParam MultiValueMap<String, String> parameters) {
        requireFirstRun();
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        String settingName = typed.line("settingName", errors);
        String roomName = typed.line("roomName", errors);
        String framework = typed.text("framework");
        if (frameworks.all().stream().noneMatch(found -> found.code().equals(framework))) {
            errors.add("framework", "firstrun.framework.missing");
        }
        String managerName = typed.line("managerName", errors);
        String username = typed.line("username", errors);
        passwords
                .fault(typed.raw("password"), List.of(username, managerName, settingName))
                .ifPresent(fault -> errors.add("password", fault.code(), PasswordPolicy.SHORTEST));
        checkZoneAndCurrency(typed, errors);
        if (!errors.any() && !code.accepts(typed.text("code"))) {
            errors.add("code", "firstrun.code");
        }
        if (errors.any()) {
            return page(typed, errors);
        }
        transaction.executeWithoutResult(status -> {
            SettingView setting = settings.create(
                    settingName, ZoneId.of(typed.text("timeZone")), Currency.getInstance(typed.text("currency")));
            RoomView room = rooms.create(
                    setting.id(),
                    roomName,
                    framework,
                    PracticeStyle.FREE_FLOW,
                    ZoneNames.parse(typed.text("zones")),
                    UsualDay.SESSIONS);
            accounts.create(
                    setting.id(),
                    username,
                    new StaffDetails(managerName, Role.MANAGER, Set.of(room.id()), Optional.empty()),
                    accounts.hashed(typed.raw("password")));
            materials.stock(setting.id());
        });
        return new ModelAndView("redirect:/sign-in?made");
    }

    private static void checkZoneAndCurrency(Typed typed, FormErrors errors) {
        try {
            ZoneId.of(typed.text("timeZone"));
        } catch (DateTimeException unknown) {
            errors.add("timeZone", "firstrun.timeZone");
        }
        try {
            Currency.getInstance(typed.text("currency"));
        } catch (IllegalArgumentException unknown) {
            errors.add("currency", "firstrun.currency");
        }
    }

    private void requireFirstRun() {
        if (!settings.isEmpty()) {
            throw new NotFound();
        }
    }

    private ModelAndView page(Typed typed, FormErrors errors) {
        ModelAndView page = new ModelAndView("firstrun/first-run");
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        page.addObject("frameworks", frameworks.all());
        page.addObject("typed", typed);
        page.addObject("errors", errors);
        return page;
    }
}
