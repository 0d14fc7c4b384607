package app.carder.web.adults;

import app.carder.core.safety.CareEntry;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.page.FormErrors;
import app.carder.web.page.Typed;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** What an adult writes about themselves; nobody else sees the page. */
@Controller
@AllowedTo(Audience.STAFF)
class AdultController {

    private static final int MOST = 20;

    private final AdultService adults;

    AdultController(AdultService adults) {
        this.adults = adults;
    }

    @GetMapping("/about-me")
    ModelAndView form(@AuthenticationPrincipal Viewer viewer) {
        AdultDetails own = adults.own(viewer);
        Typed typed = Typed.nothing()
                .with(
                        "firstAidUntil",
                        own.firstAidUntil().map(LocalDate::toString).orElse(""))
                .with("avoids", String.join("\n", own.avoids()));
        if (own.isExpecting()) {
            typed.with("expecting", "on");
        }
        return page(typed, new FormErrors());
    }

    @PostMapping("/about-me")
    ModelAndView write(@AuthenticationPrincipal Viewer viewer, @RequestParam MultiValueMap<String, String> parameters) {
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        Optional<LocalDate> until =
                typed.text("firstAidUntil").isEmpty() ? Optional.empty() : typed.day("firstAidUntil", errors);
        List<String> avoids = Arrays.stream(typed.raw("avoids").split("\\R"))
                .map(Typed::clean)
                .filter(line -> !line.isEmpty())
                .toList();
        if (avoids.size() > MOST || avoids.stream().anyMatch(line -> line.length() > CareEntry.LONGEST_WORDS)) {
            errors.add("avoids", "adult.avoids.long", MOST, CareEntry.LONGEST_WORDS);
        }
        if (errors.any()) {
            return page(typed, errors);
        }
        adults.write(viewer, new AdultDetails(until, avoids, typed.ticked("expecting")));
        return new ModelAndView("redirect:/about-me?saved");
    }

    private static ModelAndView page(Typed typed, FormErrors errors) {
        ModelAndView page = new ModelAndView("adults/me");
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        page.addObject("typed", typed);
        page.addObject("errors", errors);
        return page;
    }
}
