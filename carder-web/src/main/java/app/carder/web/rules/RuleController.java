package app.carder.web.rules;

import app.carder.core.material.Trait;
import app.carder.core.safety.Level;
import app.carder.core.safety.Pet;
import app.carder.core.safety.SafetyCheck;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.page.FormErrors;
import app.carder.web.page.NotFound;
import app.carder.web.page.Typed;
import app.carder.web.room.RoomService;
import app.carder.web.setting.Ids;
import app.carder.web.undo.CanBeUndone;
import app.carder.web.undo.Deed;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
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

/** Safety rules of a room: its own to write, those that ship to read. */
@Controller
@AllowedTo(Audience.LEADS)
class RuleController {

    /** What a rule can be: "cannot be judged" comes of what is not known, not of a rule. */
    private static final List<Level> LEVELS = List.of(Level.NEVER, Level.STOP_FOR, Level.STAY_WITH, Level.KNOW);

    private static final List<Trait> TRAITS = Arrays.stream(Trait.values())
            .filter(trait -> trait != Trait.LOOKED_THROUGH)
            .toList();

    private static final int OLDEST_MONTHS = 144;
    private static final int LONGEST_NAME = 80;

    private final RuleService rules;
    private final RoomService rooms;
    private final SafetyCheck shipped;

    RuleController(RuleService rules, RoomService rooms, SafetyCheck shipped) {
        this.rules = rules;
        this.rooms = rooms;
        this.shipped = shipped;
    }

    @GetMapping("/rooms/{roomId}/rules")
    ModelAndView list(@AuthenticationPrincipal Viewer viewer, @PathVariable("roomId") UUID roomId) {
        return page(viewer, roomId, Typed.nothing().with("id", Ids.next()), new FormErrors());
    }

    @PostMapping("/rooms/{roomId}/rules")
    ModelAndView add(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam MultiValueMap<String, String> parameters) {
        rooms.get(viewer.settingId(), roomId);
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        Optional<RuleDetails> details = read(typed, errors);
        if (details.isEmpty()) {
            return page(viewer, roomId, typed, errors);
        }
        rules.add(viewer, typed.id("id").orElseThrow(NotFound::new), roomId, details.get());
        return new ModelAndView("redirect:/rooms/" + roomId + "/rules?saved");
    }

    @PostMapping("/rooms/{roomId}/rules/{ruleId}/withdraw")
    @CanBeUndone(Deed.RULE_WITHDRAWN)
    String withdraw(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @PathVariable("ruleId") UUID ruleId) {
        rules.withdraw(viewer, ruleId);
        return "redirect:/rooms/" + roomId + "/rules";
    }

    @PostMapping("/rooms/{roomId}/others")
    ModelAndView addOther(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam MultiValueMap<String, String> parameters) {
        rooms.get(viewer.settingId(), roomId);
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        String name = typed.line("otherName", errors);
        if (name.length() > LONGEST_NAME) {
            errors.add("otherName", "other.name.long", LONGEST_NAME);
        }
        Optional<Pet> pet = Arrays.stream(Pet.values())
                .filter(one -> typed.has("other", one.name()))
                .findFirst();
        Optional<LocalDate> born = pet.isPresent() ? Optional.empty() : typed.day("otherBorn", errors);
        if (errors.any()) {
            return page(viewer, roomId, typed.with("id", Ids.next()), errors);
        }
        rules.addOther(
                viewer.settingId(),
                roomId,
                new OtherView(
                        typed.id("otherId").orElseThrow(NotFound::new),
                        name,
                        pet,
                        born,
                        typed.ticked("otherMouths"),
                        typed.ticked("otherWithout")));
        return new ModelAndView("redirect:/rooms/" + roomId + "/rules#others");
    }

    @PostMapping("/rooms/{roomId}/others/{otherId}/remove")
    @CanBeUndone(Deed.OTHER_REMOVED)
    String removeOther(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @PathVariable("otherId") UUID otherId) {
        rules.removeOther(viewer.settingId(), roomId, otherId);
        return "redirect:/rooms/" + roomId + "/rules#others";
    }

    private static Optional<RuleDetails> read(Typed typed, FormErrors errors) {
        String title = typed.line("rule", errors);
        String caution = typed.passage("caution", 500, errors);
        if (caution.isEmpty()) {
            errors.add("caution", "rule.caution.missing");
        }
        Optional<Level> level =
                LEVELS.stream().filter(one -> typed.has("level", one.name())).findFirst();
        if (level.isEmpty()) {
            errors.add("level", "rule.level.missing");
        }
        Optional<String> looksAt = looksAt(typed, errors);
        Optional<String> concerns = concerns(typed, errors);
        if (errors.any()) {
            return Optional.empty();
        }
        return looksAt.flatMap(
                what -> concerns.flatMap(who -> level.map(binds -> new RuleDetails(title, binds, what, who, caution))));
    }

    private static Optional<String> looksAt(Typed typed, FormErrors errors) {
        switch (typed.text("about")) {
            case "TRAIT" -> {
                Optional<Trait> trait = Arrays.stream(Trait.values())
                        .filter(one -> typed.has("trait", one.name()))
                        .findFirst();
                if (trait.isEmpty()) {
                    errors.add("trait", "rule.trait.missing");
                }
                return trait.map(found -> "trait " + found.name());
            }
            case "MATERIAL" -> {
                String name = typed.optional("material", 60, errors);
                // " and " joins terms of a rule; a name that holds it would be read as two.
                if (name.isEmpty() || name.contains(" and ")) {
                    errors.add("material", "rule.material.missing", name);
                    return Optional.empty();
                }
                return Optional.of("material " + name);
            }
            default -> {
                return Optional.of("anything");
            }
        }
    }

    private static Optional<String> concerns(Typed typed, FormErrors errors) {
        switch (typed.text("who")) {
            case "UNDER" -> {
                return Typed.whole("months", typed.text("months"), 1, OLDEST_MONTHS, errors)
                        .map(months -> "under " + months);
            }
            case "MOUTHS" -> {
                return Optional.of("mouths");
            }
            case "ALLERGY" -> {
                return Optional.of("has allergy");
            }
            default -> {
                return Optional.of("anyone");
            }
        }
    }

    private ModelAndView page(Viewer viewer, UUID roomId, Typed typed, FormErrors errors) {
        ModelAndView page = new ModelAndView("rules/rules");
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        page.addObject("room", rooms.get(viewer.settingId(), roomId));
        page.addObject("own", rules.own(viewer.settingId(), roomId));
        page.addObject("others", rules.others(viewer.settingId(), roomId));
        page.addObject("otherId", Ids.next());
        page.addObject("pets", Pet.values());
        page.addObject("shipped", shipped.rules());
        page.addObject("levels", LEVELS);
        page.addObject("traits", TRAITS);
        page.addObject("typed", typed);
        page.addObject("errors", errors);
        return page;
    }
}
