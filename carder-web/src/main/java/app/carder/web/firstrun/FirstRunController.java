package app.carder.web.firstrun;

import app.carder.core.framework.FrameworkLibrary;
import app.carder.core.practice.PracticeStyle;
import app.carder.core.premises.Country;
import app.carder.core.premises.SettingKind;
import app.carder.core.said.Said;
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
import app.carder.web.room.ZoneNames;
import app.carder.web.setting.SettingDetails;
import app.carder.web.setting.SettingService;
import app.carder.web.setting.SettingView;
import app.carder.web.settings.SettingForm;
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
        Typed blank = SettingForm.blank()
                .with("style", SettingKind.NURSERY.style())
                .with("zones", Said.say("firstrun.usual-zones"));
        return page(blank, new FormErrors());
    }

    /** What goes with the country and the kind of place that are chosen, while the form is filled in. */
    @GetMapping("/first-run/fits")
    ModelAndView fits(@RequestParam MultiValueMap<String, String> parameters) {
        requireFirstRun();
        return new ModelAndView("firstrun/first-run :: fits").addObject("fits", fits(Typed.of(parameters)));
    }

    @PostMapping("/first-run")
    ModelAndView make(@RequestParam MultiValueMap<String, String> parameters) {
        requireFirstRun();
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        Optional<SettingDetails> setting = SettingForm.read(typed, errors);
        String roomName = typed.line("roomName", errors);
        String framework = typed.text("framework").isEmpty()
                ? SettingForm.country(typed).map(Country::framework).orElse("")
                : typed.text("framework");
        if (frameworks.all().stream().noneMatch(found -> found.code().equals(framework))) {
            errors.add("framework", "firstrun.framework.missing");
        }
        Optional<PracticeStyle> style = PracticeStyle.of(typed.text("style"));
        if (style.isEmpty()) {
            errors.add("style", "room.style.missing");
        }
        String managerName = typed.line("managerName", errors);
        String username = typed.line("username", errors);
        passwords
                .fault(typed.raw("password"), List.of(username, managerName, typed.text("settingName")))
                .ifPresent(fault -> errors.add("password", fault.code(), PasswordPolicy.SHORTEST));
        if (!errors.any() && !code.accepts(typed.text("code"))) {
            errors.add("code", "firstrun.code");
        }
        if (errors.any()) {
            return page(typed, errors);
        }
        transaction.executeWithoutResult(status -> {
            SettingView made = settings.create(setting.orElseThrow());
            RoomView room = rooms.create(
                    made.id(), roomName, framework, style.orElseThrow(), ZoneNames.parse(typed.text("zones")));
            accounts.create(
                    made.id(),
                    username,
                    new StaffDetails(managerName, Role.MANAGER, Set.of(room.id()), Optional.empty()),
                    accounts.hashed(typed.raw("password")));
            materials.stock(made.id());
        });
        return new ModelAndView("redirect:/sign-in?made");
    }

    /** In a sentence; empty where nothing is chosen yet. */
    private Optional<Fits> fits(Typed typed) {
        return SettingForm.country(typed)
                .flatMap(country -> SettingForm.kind(typed)
                        .map(kind -> new Fits(
                                country.zone().getId(),
                                country.currency().getCurrencyCode(),
                                country.ratio(kind).name(),
                                frameworks.get(country.framework()).name())));
    }

    /**
     * What goes with a country and a kind of place.
     *
     * @param zone of its time
     * @param currency of its prices
     * @param ratio rule for adults
     * @param framework for records
     */
    record Fits(String zone, String currency, String ratio, String framework) {}

    private void requireFirstRun() {
        if (!settings.isEmpty()) {
            throw new NotFound();
        }
    }

    private ModelAndView page(Typed typed, FormErrors errors) {
        ModelAndView page = new ModelAndView("firstrun/first-run");
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        SettingForm.show(page);
        page.addObject("fits", fits(typed));
        page.addObject("styles", PracticeStyle.values());
        page.addObject("frameworks", frameworks.all());
        page.addObject("typed", typed);
        page.addObject("errors", errors);
        return page;
    }
}
