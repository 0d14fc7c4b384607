package app.carder.web.card;

import app.carder.core.card.CardLimits;
import app.carder.core.card.PreparationStep;
import app.carder.core.prepare.Preparation;
import app.carder.core.prepare.Step.Who;
import app.carder.core.said.Refused;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.page.FormErrors;
import app.carder.web.page.Typed;
import app.carder.web.room.RoomService;
import app.carder.web.undo.CanBeUndone;
import app.carder.web.undo.Deed;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** Writes the steps of a card's preparation and counts them backwards. */
@Controller
@AllowedTo(Audience.STAFF)
class PreparationController {

    private final CardService deck;
    private final PreparationService preparations;
    private final RoomService rooms;

    PreparationController(CardService deck, PreparationService preparations, RoomService rooms) {
        this.deck = deck;
        this.preparations = preparations;
        this.rooms = rooms;
    }

    @GetMapping("/cards/{cardId}/preparation")
    ModelAndView open(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("cardId") UUID cardId,
            @RequestParam MultiValueMap<String, String> parameters) {
        CardView card = deck.get(viewer.settingId(), cardId);
        Typed asked = Typed.of(parameters);
        LocalDateTime usual = preparations.usualMoment(viewer.settingId(), card.roomId());
        Typed typed = Typed.nothing()
                .with("readyOn", asked.text("readyOn").isEmpty() ? usual.toLocalDate() : asked.text("readyOn"))
                .with("readyAt", asked.text("readyAt").isEmpty() ? usual.toLocalTime() : asked.text("readyAt"))
                .with("step", card.steps().stream().map(PreparationStep::name).toList())
                .with(
                        "hands",
                        card.steps().stream()
                                .map(step -> String.valueOf(step.handsOnMinutes()))
                                .toList())
                .with(
                        "wait",
                        card.steps().stream().map(PreparationStep::waitingHours).toList())
                .with(
                        "who",
                        card.steps().stream().map(step -> step.who().name()).toList())
                .with(
                        "turns",
                        card.steps().stream()
                                .map(step -> String.valueOf(step.turns()))
                                .toList())
                .with(
                        "after",
                        card.steps().stream()
                                .map(step -> step.after().stream()
                                        .map(String::valueOf)
                                        .collect(Collectors.joining(", ")))
                                .toList());
        return page(viewer, card, typed, new FormErrors());
    }

    /** The plan for what is typed right now, without keeping it. */
    @PostMapping("/cards/{cardId}/preparation/plan")
    ModelAndView calculate(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("cardId") UUID cardId,
            @RequestParam MultiValueMap<String, String> parameters,
            @RequestHeader(name = "HX-Request-Type", defaultValue = "full") String requestType) {
        CardView card = deck.get(viewer.settingId(), cardId);
        ModelAndView page = page(viewer, card, Typed.of(parameters), new FormErrors());
        if (requestType.equals("partial")) {
            page.setViewName("card/preparation :: plan");
        }
        return page;
    }

    @PostMapping("/cards/{cardId}/preparation")
    @CanBeUndone(Deed.STEPS_CHANGED)
    ModelAndView write(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("cardId") UUID cardId,
            @RequestParam MultiValueMap<String, String> parameters) {
        CardView card = deck.get(viewer.settingId(), cardId);
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        List<PreparationStep> steps = steps(typed, errors);
        Optional<LocalDateTime> readyAt = moment(typed, errors);
        if (!errors.any()) {
            readyAt.ifPresent(moment -> plan(viewer, card, steps, moment, errors));
        }
        if (errors.any()) {
            return page(viewer, card, typed, errors);
        }
        deck.writeSteps(viewer, cardId, steps);
        return new ModelAndView("redirect:/cards/%s/preparation?saved&readyOn=%s&readyAt=%s"
                .formatted(cardId, typed.text("readyOn"), typed.text("readyAt")));
    }

    private Optional<Preparation> plan(
            Viewer viewer, CardView card, List<PreparationStep> steps, LocalDateTime readyAt, FormErrors errors) {
        try {
            return Optional.of(preparations.plan(viewer.settingId(), card.roomId(), steps, readyAt));
        } catch (IllegalArgumentException impossible) {
            errors.add(
                    "step-0", "preparation.impossible", Refused.why(impossible).words());
            return Optional.empty();
        }
    }

    private static Optional<LocalDateTime> moment(Typed typed, FormErrors errors) {
        Optional<LocalDate> day = typed.day("readyOn", errors);
        try {
            LocalTime time = LocalTime.parse(typed.text("readyAt"));
            return day.map(on -> on.atTime(time));
        } catch (DateTimeParseException noTime) {
            errors.add("readyAt", "preparation.time", typed.text("readyAt"));
            return Optional.empty();
        }
    }

    private static List<PreparationStep> steps(Typed typed, FormErrors errors) {
        List<PreparationStep> steps = new ArrayList<>();
        // Blank rows are dropped: what the person calls step 4 may be the third.
        Map<Integer, Integer> positions = new HashMap<>();
        List<String> names = typed.first("step", CardLimits.MOST_STEPS);
        for (int row = 0; row < names.size(); row++) {
            String name = names.get(row);
            if (name.isEmpty()) {
                continue;
            }
            if (name.length() > 120) {
                errors.add("step-" + row, "form.tooLong", 120, name.length());
            }
            Optional<Integer> hands = Typed.whole(
                    "hands-" + row, at(typed, "hands", row, ""), 1, CardLimits.MOST_HANDS_ON_MINUTES, errors);
            Optional<Integer> waiting = waiting(row, at(typed, "wait", row, "0"), errors);
            Optional<Integer> turns = Typed.whole("turns-" + row, at(typed, "turns", row, "1"), 1, 60, errors);
            Who who = at(typed, "who", row, "").equals(Who.CHILDREN.name()) ? Who.CHILDREN : Who.ADULT;
            List<Integer> after = after(row, at(typed, "after", row, ""), positions, errors);
            positions.put(row + 1, positions.size() + 1);
            hands.ifPresent(minutes -> waiting.ifPresent(wait ->
                    turns.ifPresent(count -> steps.add(new PreparationStep(name, minutes, wait, who, count, after)))));
        }
        return steps;
    }

    /** Hours with a decimal part, as minutes. */
    private static Optional<Integer> waiting(int row, String text, FormErrors errors) {
        Optional<Integer> minutes = Typed.number(text)
                .filter(hours -> hours.signum() >= 0 && hours.doubleValue() <= CardLimits.MOST_WAITING_HOURS)
                .map(hours -> hours.multiply(BigDecimal.valueOf(60)).intValue());
        if (minutes.isEmpty()) {
            errors.add("wait-" + row, "preparation.waiting", text, CardLimits.MOST_WAITING_HOURS);
        }
        return minutes;
    }

    /** Numbers of earlier steps, with commas between, as positions among those that are filled in. */
    private static List<Integer> after(int row, String text, Map<Integer, Integer> positions, FormErrors errors) {
        List<Integer> after = new ArrayList<>();
        for (String number : text.split("[,; ]+")) {
            Optional<Integer> position = Typed.number(number)
                    .map(BigDecimal::intValue)
                    .flatMap(step -> Optional.ofNullable(positions.get(step)));
            position.ifPresent(after::add);
            if (position.isEmpty() && !number.isEmpty()) {
                errors.add("after-" + row, "preparation.after", number);
            }
        }
        return after;
    }

    private static String at(Typed typed, String name, int row, String otherwise) {
        List<String> all = typed.all(name);
        return row < all.size() && !all.get(row).isEmpty() ? all.get(row) : otherwise;
    }

    private ModelAndView page(Viewer viewer, CardView card, Typed typed, FormErrors errors) {
        FormErrors planErrors = new FormErrors();
        List<PreparationStep> steps = steps(typed, planErrors);
        Optional<Preparation> plan = moment(typed, planErrors)
                .filter(moment -> !steps.isEmpty() && !planErrors.any())
                .flatMap(moment -> plan(viewer, card, steps, moment, planErrors));
        ModelAndView page = new ModelAndView("card/preparation");
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        page.addObject("card", card);
        page.addObject("room", rooms.get(viewer.settingId(), card.roomId()));
        page.addObject("plan", plan);
        page.addObject("planFaults", planErrors.all());
        page.addObject("rows", typed.rows("step", 3, CardLimits.MOST_STEPS));
        page.addObject("typed", typed);
        page.addObject("errors", errors);
        return page;
    }
}
