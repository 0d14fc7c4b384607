package app.carder.web.children;

import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.page.FormErrors;
import app.carder.web.page.MailAddress;
import app.carder.web.page.Typed;
import app.carder.web.page.Words;
import app.carder.web.setting.SettingService;
import app.carder.web.undo.CanBeUndone;
import app.carder.web.undo.Deed;
import java.time.LocalDate;
import java.util.Arrays;
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

/** The carers of a child: whoever may be invited to read, until when, and what is to be known before anything is sent. */
@Controller
@AllowedTo(Audience.LEADS)
class CarerController {

    private static final int LONGEST_PHONE = 60;
    private static final int LONGEST_HOME = 60;
    private static final int LONGEST_WARNING = 500;

    private final ChildService children;
    private final SettingService settings;
    private final Words words;
    private final PauseService pauses;

    CarerController(ChildService children, SettingService settings, Words words, PauseService pauses) {
        this.children = children;
        this.settings = settings;
        this.words = words;
        this.pauses = pauses;
    }

    @GetMapping("/children/{childId}/carers")
    ModelAndView list(@AuthenticationPrincipal Viewer viewer, @PathVariable("childId") UUID childId) {
        return page(viewer, childId, Typed.nothing(), new FormErrors());
    }

    @PostMapping("/children/{childId}/carers")
    ModelAndView add(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("childId") UUID childId,
            @RequestParam MultiValueMap<String, String> parameters) {
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        CarerContact contact = contact(typed, errors);
        if (errors.any()) {
            return page(viewer, childId, typed, errors);
        }
        children.addCarer(viewer.settingId(), childId, contact, null);
        return back(childId);
    }

    /** What a carer gave, and until when they may read, to be corrected. */
    @GetMapping("/carers/{carerId}")
    ModelAndView open(@AuthenticationPrincipal Viewer viewer, @PathVariable("carerId") UUID carerId) {
        CarerView carer = children.carer(viewer.settingId(), carerId);
        Typed typed = Typed.nothing()
                .with("carerName", carer.name())
                .with("email", carer.email())
                .with("phone", carer.phone())
                .with("responsibility", carer.bond().responsibility())
                .with("home", carer.bond().home())
                .with("language", carer.language());
        if (carer.bond().fosters()) {
            typed.with("fosters", "yes");
        }
        carer.readsUntil().ifPresent(last -> typed.with("readsUntil", last));
        return page(viewer, carer, typed, new FormErrors());
    }

    @PostMapping("/carers/{carerId}")
    ModelAndView change(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("carerId") UUID carerId,
            @RequestParam MultiValueMap<String, String> parameters) {
        CarerView carer = children.carer(viewer.settingId(), carerId);
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        CarerContact contact = contact(typed, errors);
        if (errors.any()) {
            return page(viewer, carer, typed, errors);
        }
        children.changeCarer(viewer.settingId(), carerId, contact);
        return back(carer.childId());
    }

    /** Shuts a carer out at once. */
    @PostMapping("/carers/{carerId}/end")
    ModelAndView end(@AuthenticationPrincipal Viewer viewer, @PathVariable("carerId") UUID carerId) {
        CarerView carer = children.carer(viewer.settingId(), carerId);
        children.endCarer(viewer.settingId(), carerId);
        return back(carer.childId());
    }

    /** A court order or a wish of the family: it stands before whoever sends anything about the child. */
    @PostMapping("/children/{childId}/before-sending")
    @CanBeUndone(Deed.CHILD_CHANGED)
    ModelAndView warn(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("childId") UUID childId,
            @RequestParam MultiValueMap<String, String> parameters) {
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        String words = typed.optional("beforeSending", LONGEST_WARNING, errors);
        if (errors.any()) {
            return page(viewer, childId, typed, errors);
        }
        children.warnBeforeSending(viewer, childId, words);
        return back(childId);
    }

    /** Nothing is made for the family or sent to it for a while. */
    @PostMapping("/children/{childId}/pause")
    ModelAndView pause(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("childId") UUID childId,
            @RequestParam MultiValueMap<String, String> parameters) {
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        Optional<LocalDate> until =
                typed.text("pausedUntil").isEmpty() ? Optional.empty() : typed.day("pausedUntil", errors);
        until.filter(day -> day.isBefore(settings.today(viewer.settingId())))
                .ifPresent(past -> errors.add("pausedUntil", "child.pausedUntil.past"));
        String reason = typed.line("pauseReason", errors);
        if (errors.any()) {
            return page(viewer, childId, typed, errors);
        }
        pauses.begin(viewer, childId, until, reason);
        return back(childId);
    }

    /** It is over. */
    @PostMapping("/children/{childId}/pause/end")
    ModelAndView endPause(@AuthenticationPrincipal Viewer viewer, @PathVariable("childId") UUID childId) {
        pauses.end(viewer.settingId(), childId);
        return back(childId);
    }

    private CarerContact contact(Typed typed, FormErrors errors) {
        String name = typed.line("carerName", errors);
        String email = typed.optional("email", MailAddress.LONGEST, errors);
        String phone = typed.optional("phone", LONGEST_PHONE, errors);
        if (!email.isEmpty() && !MailAddress.isPossible(email)) {
            errors.add("email", "carer.email", email);
        }
        Optional<LocalDate> until =
                typed.text("readsUntil").isEmpty() ? Optional.empty() : typed.day("readsUntil", errors);
        CarerBond.Responsibility responsibility = Arrays.stream(CarerBond.Responsibility.values())
                .filter(one -> typed.has("responsibility", one.name()))
                .findFirst()
                .orElse(CarerBond.Responsibility.NOT_ASKED);
        CarerBond bond =
                new CarerBond(responsibility, typed.ticked("fosters"), typed.optional("home", LONGEST_HOME, errors));
        String language = typed.text("language");
        return new CarerContact(name, email, phone, until, bond, words.atHome().contains(language) ? language : "");
    }

    private static ModelAndView back(UUID childId) {
        return new ModelAndView("redirect:/children/" + childId + "/carers");
    }

    private ModelAndView page(Viewer viewer, CarerView carer, Typed typed, FormErrors errors) {
        return page("children/carer", typed, errors)
                .addObject("carer", carer)
                .addObject("reads", carer.reads(settings.today(viewer.settingId())))
                .addObject("child", children.get(viewer.settingId(), carer.childId()));
    }

    private ModelAndView page(Viewer viewer, UUID childId, Typed typed, FormErrors errors) {
        ChildView child = children.get(viewer.settingId(), childId);
        if (typed.raw("beforeSending").isEmpty() && errors.of("beforeSending").isEmpty()) {
            typed.with("beforeSending", child.beforeSending());
        }
        return page("children/carers", typed, errors)
                .addObject("child", child)
                .addObject("carers", children.everyCarerOf(viewer.settingId(), childId))
                .addObject("pause", pauses.of(viewer.settingId(), childId).orElse(null))
                .addObject("today", settings.today(viewer.settingId()));
    }

    private ModelAndView page(String template, Typed typed, FormErrors errors) {
        ModelAndView page = new ModelAndView(template);
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        if (typed.raw("responsibility").isEmpty()) {
            typed.with("responsibility", CarerBond.Responsibility.NOT_ASKED);
        }
        page.addObject("responsibilities", CarerBond.Responsibility.values());
        page.addObject("languages", words.homeLanguages());
        page.addObject("typed", typed);
        page.addObject("errors", errors);
        return page;
    }
}
