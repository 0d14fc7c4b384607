package app.carder.web.draft;

import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import java.util.List;
import java.util.Objects;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import tools.jackson.databind.json.JsonMapper;

/** Keeps and gives back what somebody types; only ever their own. */
@Controller
@AllowedTo(value = Audience.SIGNED_IN, logged = false)
class DraftController {

    private static final int LONGEST_PLACE = 300;
    private static final int LONGEST = 200_000;
    private static final int MOST_FORMS = 100;

    private final DraftService drafts;
    private final JsonMapper json;

    DraftController(DraftService drafts, JsonMapper json) {
        this.drafts = drafts;
        this.json = json;
    }

    /**
     * What stands in a form.
     *
     * @param place the address that it goes to, a blank, and which one of several of the page it is
     * @param fields a name and a value each
     */
    record Typed(String place, List<List<String>> fields) {
        /** Makes sure that all is there. */
        Typed {
            Objects.requireNonNull(place);
            fields = fields.stream().map(List::copyOf).toList();
        }
    }

    /** The same, with when it was typed. */
    record Found(String place, List<List<String>> fields, String at) {}

    @PostMapping("/drafts")
    ResponseEntity<Void> save(@AuthenticationPrincipal Viewer viewer, @RequestBody Typed typed) {
        String content = json.writeValueAsString(new Typed(typed.place(), typed.fields()));
        if (typed.place().length() > LONGEST_PLACE || content.length() > LONGEST) {
            return ResponseEntity.status(HttpStatus.CONTENT_TOO_LARGE).build();
        }
        drafts.save(viewer, typed.place(), content);
        return ResponseEntity.noContent().build();
    }

    @GetMapping("/drafts")
    ResponseEntity<List<Found>> find(
            @AuthenticationPrincipal Viewer viewer, @RequestParam MultiValueMap<String, String> parameters) {
        List<String> places = parameters.getOrDefault("place", List.of());
        return ResponseEntity.ok()
                .cacheControl(CacheControl.noStore())
                .body(drafts.of(viewer, places.stream().limit(MOST_FORMS).toList()).stream()
                        .map(kept -> new Found(
                                kept.place(),
                                json.readValue(kept.content(), Typed.class).fields(),
                                kept.at()))
                        .toList());
    }

    @PostMapping("/drafts/forget")
    ResponseEntity<Void> forget(@AuthenticationPrincipal Viewer viewer, @RequestBody Typed typed) {
        drafts.forget(viewer, typed.place());
        return ResponseEntity.noContent().build();
    }
}
