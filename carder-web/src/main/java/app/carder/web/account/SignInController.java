package app.carder.web.account;

import app.carder.web.setting.SettingService;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

@Controller
@AllowedTo(Audience.EVERYONE)
class SignInController {

    private final SettingService settings;

    SignInController(SettingService settings) {
        this.settings = settings;
    }

    @GetMapping("/sign-in")
    String form() {
        return settings.isEmpty() ? "redirect:/first-run" : "account/sign-in";
    }
}
