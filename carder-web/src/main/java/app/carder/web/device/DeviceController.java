package app.carder.web.device;

import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.page.FormErrors;
import app.carder.web.page.Printer;
import app.carder.web.page.Typed;
import app.carder.web.setting.SettingService;
import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** Which devices carry records of children, and having one wiped. */
@Controller
@AllowedTo(Audience.LEADS)
class DeviceController {

    private final DeviceService devices;
    private final BundleService bundles;
    private final HoldingService holdings;
    private final DevicePolicyService policies;
    private final SettingService settings;
    private final Printer printer;

    DeviceController(
            DeviceService devices,
            BundleService bundles,
            HoldingService holdings,
            DevicePolicyService policies,
            SettingService settings,
            Printer printer) {
        this.devices = devices;
        this.bundles = bundles;
        this.holdings = holdings;
        this.policies = policies;
        this.settings = settings;
        this.printer = printer;
    }

    @GetMapping("/devices")
    ModelAndView all(@AuthenticationPrincipal Viewer viewer) {
        return page(viewer, asItIs(viewer), new FormErrors());
    }

    /** What a device carried, to report it by where it is lost. */
    @GetMapping("/devices/{deviceId}")
    ModelAndView one(@AuthenticationPrincipal Viewer viewer, @PathVariable("deviceId") UUID deviceId) {
        return new ModelAndView("device/device")
                .addObject("device", devices.one(viewer, deviceId))
                .addObject("held", holdings.of(viewer, deviceId));
    }

    /** To print, and to hang where the tablets are charged. */
    @GetMapping("/devices/lost.pdf")
    ResponseEntity<byte[]> lost(@AuthenticationPrincipal Viewer viewer) {
        return printer.download(
                "lost-device.pdf",
                printer.print("device/lost", Map.of("setting", settings.get(viewer.settingId())), Map.of()));
    }

    @PostMapping("/devices/secrets")
    ModelAndView secrets(
            @AuthenticationPrincipal Viewer viewer, @RequestParam MultiValueMap<String, String> parameters) {
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        Set<DeviceSecret> accepted = Arrays.stream(DeviceSecret.values())
                .filter(secret -> typed.ticked(secret.key()))
                .collect(Collectors.toSet());
        if (accepted.isEmpty()) {
            errors.add(DeviceSecret.PIN.key(), "device.secret.none");
        }
        Optional<Integer> minutes =
                Typed.whole("minutes", typed.text("minutes"), DevicePolicy.SHORTEST, DevicePolicy.LONGEST, errors);
        if (minutes.isEmpty() || errors.any()) {
            return page(viewer, typed.with("policy", bundles.policy(viewer.settingId())), errors);
        }
        policies.change(viewer, accepted, minutes.get());
        return new ModelAndView("redirect:/devices?saved");
    }

    private Typed asItIs(Viewer viewer) {
        DevicePolicy policy = policies.of(viewer.settingId());
        Typed typed = Typed.nothing()
                .with("policy", bundles.policy(viewer.settingId()))
                .with("minutes", Integer.toString(policy.locksAfterMinutes()));
        for (DeviceSecret secret : policy.accepted()) {
            typed = typed.with(secret.key(), "on");
        }
        return typed;
    }

    @PostMapping("/devices/policy")
    ModelAndView policy(
            @AuthenticationPrincipal Viewer viewer, @RequestParam MultiValueMap<String, String> parameters) {
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        String words = typed.passage("policy", StepInPolicy.LONGEST, errors);
        if (errors.any()) {
            return page(viewer, asItIs(viewer).with("policy", typed.raw("policy")), errors);
        }
        bundles.keepPolicy(viewer, words);
        return new ModelAndView("redirect:/devices?saved");
    }

    private ModelAndView page(Viewer viewer, Typed typed, FormErrors errors) {
        ModelAndView page = new ModelAndView("device/devices")
                .addObject("devices", devices.all(viewer))
                .addObject("secrets", DeviceSecret.values())
                .addObject("typed", typed)
                .addObject("errors", errors);
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        return page;
    }

    @PostMapping("/devices/{deviceId}/revoke")
    String revoke(@AuthenticationPrincipal Viewer viewer, @PathVariable("deviceId") UUID deviceId) {
        devices.revoke(viewer, deviceId);
        return "redirect:/devices?revoked";
    }
}
