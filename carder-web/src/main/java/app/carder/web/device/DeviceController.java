package app.carder.web.device;

import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.page.FormErrors;
import app.carder.web.page.Typed;
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

/** Which devices carry records of children, and having one wiped. */
@Controller
@AllowedTo(Audience.LEADS)
class DeviceController {

    private final DeviceService devices;
    private final BundleService bundles;

    DeviceController(DeviceService devices, BundleService bundles) {
        this.devices = devices;
        this.bundles = bundles;
    }

    @GetMapping("/devices")
    ModelAndView all(@AuthenticationPrincipal Viewer viewer) {
        return page(viewer, Typed.nothing().with("policy", bundles.policy(viewer.settingId())), new FormErrors());
    }

    @PostMapping("/devices/policy")
    ModelAndView policy(
            @AuthenticationPrincipal Viewer viewer, @RequestParam MultiValueMap<String, String> parameters) {
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        String words = typed.optional("policy", StepInPolicy.LONGEST, errors);
        if (errors.any()) {
            return page(viewer, typed, errors);
        }
        bundles.keepPolicy(viewer, words);
        return new ModelAndView("redirect:/devices?kept");
    }

    private ModelAndView page(Viewer viewer, Typed typed, FormErrors errors) {
        ModelAndView page = new ModelAndView("device/devices")
                .addObject("devices", devices.all(viewer.settingId()))
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
