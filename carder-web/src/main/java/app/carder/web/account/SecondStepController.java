package app.carder.web.account;

import app.carder.web.page.FormErrors;
import app.carder.web.page.QrDrawing;
import app.carder.web.setting.SettingService;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** The second step: at sign-in, and setting it up. */
@Controller
@AllowedTo(Audience.SIGNED_IN)
class SecondStepController {

    private static final String FIELD = "code";

    private final SecondStepService steps;
    private final OwnPasswordService passwords;
    private final SecondStepGate gate;
    private final SettingService settings;

    SecondStepController(
            SecondStepService steps, OwnPasswordService passwords, SecondStepGate gate, SettingService settings) {
        this.steps = steps;
        this.passwords = passwords;
        this.gate = gate;
        this.settings = settings;
    }

    @GetMapping("/sign-in/second")
    @AllowedTo(Audience.EVERYONE)
    ModelAndView second(@Nullable Authentication authentication) {
        return half(authentication)
                .map(viewer -> asked(viewer, new FormErrors()))
                .orElseGet(SecondStepController::atTheDoor);
    }

    @PostMapping("/sign-in/second")
    @AllowedTo(Audience.EVERYONE)
    @Nullable
    ModelAndView second(
            @Nullable Authentication authentication,
            @RequestParam(name = FIELD, defaultValue = "") String code,
            HttpServletRequest request,
            HttpServletResponse response)
            throws java.io.IOException, jakarta.servlet.ServletException {
        Optional<Viewer> half = half(authentication);
        if (half.isEmpty()) {
            return atTheDoor();
        }
        FormErrors errors = new FormErrors();
        Viewer viewer = half.get();
        SignInFrom from = SignInFrom.of(request);
        if (!steps.isOn(viewer) && steps.hasPasskey(viewer)) {
            // Whoever knows the password only must not set up a second step of their own.
            errors.add(FIELD, "account.second.passkey");
            return asked(viewer, errors);
        }
        if (!steps.isOn(viewer)) {
            Optional<List<String>> codes = steps.confirm(viewer, code, from);
            if (codes.isPresent()) {
                gate.open(viewer, request, response);
                return codes(codes.get());
            }
            errors.add(FIELD, "account.second.wrong");
            return asked(viewer, errors);
        }
        switch (steps.check(viewer, code, from)) {
            case WRONG -> errors.add(FIELD, "account.second.wrong");
            case BLOCKED -> errors.add(FIELD, "account.blocked");
            case RIGHT -> {
                gate.open(viewer, request, response);
                gate.goOn(request, response);
                return null;
            }
        }
        return asked(viewer, errors);
    }

    @GetMapping("/account/second-step")
    ModelAndView own(@AuthenticationPrincipal Viewer viewer) {
        return own(viewer, new FormErrors());
    }

    @PostMapping("/account/second-step")
    ModelAndView setUp(
            @AuthenticationPrincipal Viewer viewer,
            @RequestParam(name = FIELD, defaultValue = "") String code,
            HttpServletRequest request) {
        FormErrors errors = new FormErrors();
        Optional<List<String>> codes =
                steps.isOn(viewer) ? Optional.empty() : steps.confirm(viewer, code, SignInFrom.of(request));
        if (codes.isEmpty()) {
            errors.add(FIELD, "account.second.wrong");
        }
        return codes.map(SecondStepController::codes).orElseGet(() -> own(viewer, errors));
    }

    /** With the password: a browser that somebody left open must neither take the second step away nor show how to pass it. */
    @PostMapping("/account/second-step/codes")
    ModelAndView newCodes(
            @AuthenticationPrincipal Viewer viewer,
            @RequestParam(name = "old", defaultValue = "") String password,
            HttpServletRequest request) {
        FormErrors errors = new FormErrors();
        return isOwner(viewer, password, request, errors)
                ? codes(steps.newCodes(viewer, SignInFrom.of(request)))
                : own(viewer, errors);
    }

    @PostMapping("/account/second-step/off")
    ModelAndView off(
            @AuthenticationPrincipal Viewer viewer,
            @RequestParam(name = "old", defaultValue = "") String password,
            HttpServletRequest request) {
        FormErrors errors = new FormErrors();
        if (steps.isAsked(viewer)) {
            errors.add("old", "account.second.asked");
        } else if (isOwner(viewer, password, request, errors)) {
            steps.takeAway(viewer, SignInFrom.of(request));
            return new ModelAndView("redirect:/account/second-step");
        }
        return own(viewer, errors);
    }

    private boolean isOwner(Viewer viewer, String password, HttpServletRequest request, FormErrors errors) {
        switch (passwords.check(viewer, password, SignInFrom.of(request))) {
            case BLOCKED -> errors.add("old", "account.blocked");
            case WRONG, UNFIT -> errors.add("old", "account.old.wrong");
            case DONE -> {
                return true;
            }
        }
        return false;
    }

    private ModelAndView own(Viewer viewer, FormErrors errors) {
        boolean on = steps.isOn(viewer);
        ModelAndView page = page("account/second-step", errors)
                .addObject("on", on)
                .addObject("asked", steps.isAsked(viewer))
                .addObject("left", steps.codesLeft(viewer));
        return on ? page : withSecret(page, viewer);
    }

    private ModelAndView asked(Viewer viewer, FormErrors errors) {
        boolean on = steps.isOn(viewer);
        boolean passkey = steps.hasPasskey(viewer);
        ModelAndView page = page("account/second", errors).addObject("on", on).addObject("passkey", passkey);
        return on || passkey ? page : withSecret(page, viewer);
    }

    private ModelAndView withSecret(ModelAndView page, Viewer viewer) {
        String secret = Totp.base32(steps.begin(viewer));
        String label = encoded("Carder " + settings.get(viewer.settingId()).name());
        String address =
                "otpauth://totp/%s:%s?secret=%s&issuer=%s".formatted(label, encoded(viewer.name()), secret, label);
        return page.addObject("secret", secret.replaceAll("(.{4})(?=.)", "$1 "))
                .addObject("picture", QrDrawing.of(address));
    }

    private static String encoded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8).replace("+", "%20");
    }

    private static ModelAndView page(String template, FormErrors errors) {
        ModelAndView page = new ModelAndView(template).addObject("errors", errors);
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        return page;
    }

    private static ModelAndView codes(List<String> codes) {
        return new ModelAndView("account/recovery-codes").addObject("codes", codes);
    }

    private static ModelAndView atTheDoor() {
        return new ModelAndView("redirect:/sign-in");
    }

    private static Optional<Viewer> half(@Nullable Authentication authentication) {
        return authentication != null && authentication.getPrincipal() instanceof HalfSignedIn half
                ? Optional.of(half.viewer())
                : Optional.empty();
    }
}
