package app.carder.web.account;

import app.carder.web.page.FormErrors;
import app.carder.web.page.Typed;
import app.carder.web.setting.SettingService;
import jakarta.servlet.http.HttpServletRequest;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

@Controller
@AllowedTo(Audience.EVERYONE)
class SignInController {

    private final SettingService settings;
    private final OwnPasswordService passwords;

    SignInController(SettingService settings, OwnPasswordService passwords) {
        this.settings = settings;
        this.passwords = passwords;
    }

    @GetMapping("/sign-in")
    String form() {
        return settings.isEmpty() ? "redirect:/first-run" : "account/sign-in";
    }

    @GetMapping("/sign-in/code")
    ModelAndView codeForm() {
        return codePage(Typed.nothing(), new FormErrors());
    }

    @PostMapping("/sign-in/code")
    ModelAndView choose(HttpServletRequest request, @RequestParam MultiValueMap<String, String> parameters) {
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        OwnPasswordService.Result result = passwords.choose(
                typed.text("username"), typed.text("code"), typed.raw("password"), SignInFrom.of(request));
        switch (result.outcome()) {
            case WRONG -> errors.add("code", "account.code.wrong");
            case BLOCKED -> errors.add("code", "account.blocked");
            case UNFIT -> NewPassword.mark(result, errors);
            case DONE -> {
                return new ModelAndView("redirect:/sign-in?chosen");
            }
        }
        return codePage(typed, errors);
    }

    private static ModelAndView codePage(Typed typed, FormErrors errors) {
        ModelAndView page = new ModelAndView("account/code");
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        page.addObject("typed", typed);
        page.addObject("errors", errors);
        return page;
    }
}
