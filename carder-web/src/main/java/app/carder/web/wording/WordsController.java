package app.carder.web.wording;

import app.carder.core.wording.LanguageRules;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import java.time.Duration;
import java.util.List;
import org.springframework.http.CacheControl;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The rules of the languages that ship, for the marks beside what is written. */
@Controller
@AllowedTo(Audience.STAFF)
class WordsController {

    @GetMapping("/words")
    ResponseEntity<List<LanguageRules>> words(@RequestParam(name = "for", defaultValue = "") String whom) {
        return ResponseEntity.ok()
                .cacheControl(CacheControl.maxAge(Duration.ofHours(1)).cachePrivate())
                .body(LanguageRules.SHIPPED.stream()
                        .map("families".equals(whom) ? LanguageRules::forFamilies : LanguageRules::shipped)
                        .toList());
    }
}
