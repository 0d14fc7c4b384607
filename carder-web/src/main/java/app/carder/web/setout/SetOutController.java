package app.carder.web.setout;

import app.carder.core.ladder.Rung;
import app.carder.web.account.AccountService;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.StaffView;
import app.carder.web.account.Viewer;
import app.carder.web.page.FormErrors;
import app.carder.web.page.Typed;
import app.carder.web.provocation.BenchService;
import app.carder.web.provocation.BenchView;
import app.carder.web.provocation.CardView;
import app.carder.web.provocation.ProvocationService;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import app.carder.web.setting.SettingService;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** Sets cards out and puts them away. */
@Controller
@AllowedTo(Audience.STAFF)
class SetOutController {

    private static final int SHORTEST_REASON = 10;

    private final SetOutService setOuts;
    private final ProvocationService provocations;
    private final BenchService bench;
    private final RoomService rooms;
    private final AccountService accounts;
    private final SettingService settings;

    SetOutController(
            SetOutService setOuts,
            ProvocationService provocations,
            BenchService bench,
            RoomService rooms,
            AccountService accounts,
            SettingService settings) {
        this.setOuts = setOuts;
        this.provocations = provocations;
        this.bench = bench;
        this.rooms = rooms;
        this.accounts = accounts;
        this.settings = settings;
    }

    @GetMapping("/set-out")
    String home(@AuthenticationPrincipal Viewer viewer) {
        return "redirect:/rooms/" + rooms.home(viewer).id() + "/set-out";
    }

    @GetMapping("/rooms/{roomId}/set-out")
    String room(@AuthenticationPrincipal Viewer viewer, @PathVariable("roomId") UUID roomId, Model model) {
        RoomView room = rooms.get(viewer.settingId(), roomId);
        LocalDate today = settings.today(viewer.settingId());
        model.addAttribute("room", room);
        model.addAttribute("rooms", rooms.all(viewer.settingId()));
        model.addAttribute("today", today);
        model.addAttribute("out", setOuts.out(viewer.settingId(), room, today));
        model.addAttribute("cards", provocations.inRoom(viewer.settingId(), roomId));
        return "setout/room";
    }

    @GetMapping("/cards/{cardId}/set-out")
    ModelAndView blank(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("cardId") UUID cardId,
            @RequestParam MultiValueMap<String, String> parameters) {
        CardView card = provocations.get(viewer.settingId(), cardId);
        Typed typed = Typed.of(parameters);
        Rung rung = rung(card, typed.text("rung"));
        int handsOn = card.steps().stream()
                .mapToInt(step -> step.handsOnMinutes() * step.turns())
                .sum();
        typed.with("rung", rung);
        if (typed.text("minutes").isEmpty() && handsOn > 0) {
            typed.with("minutes", handsOn);
        }
        return form(viewer, card, check(viewer, card, rung), typed, new FormErrors());
    }

    @PostMapping("/cards/{cardId}/set-out")
    ModelAndView setOut(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("cardId") UUID cardId,
            @RequestParam MultiValueMap<String, String> parameters) {
        CardView card = provocations.get(viewer.settingId(), cardId);
        Typed typed = Typed.of(parameters);
        BenchView checked = check(viewer, card, rung(card, typed.text("rung")));
        FormErrors errors = new FormErrors();
        Optional<SetOutDetails> details = read(viewer, card, checked, typed, errors);
        if (details.isEmpty()) {
            return form(viewer, card, checked, typed, errors);
        }
        setOuts.setOut(viewer, card, checked, details.get());
        return new ModelAndView("redirect:/?room=" + card.roomId());
    }

    @PostMapping("/set-outs/{setOutId}/put-away")
    String putAway(@AuthenticationPrincipal Viewer viewer, @PathVariable("setOutId") UUID setOutId) {
        setOuts.putAway(viewer.settingId(), setOutId);
        return "redirect:/set-out";
    }

    private Optional<SetOutDetails> read(
            Viewer viewer, CardView card, BenchView checked, Typed typed, FormErrors errors) {
        RoomView room = rooms.get(viewer.settingId(), card.roomId());
        Optional<UUID> zone = typed.id("zone")
                .filter(id -> room.zones().stream().anyMatch(found -> found.id().equals(id)));
        if (zone.isEmpty()) {
            errors.add("zone", "setout.zone.missing");
        }
        Optional<UUID> session = typed.id("session")
                .filter(id ->
                        room.sessions().stream().anyMatch(found -> found.id().equals(id)));
        List<StaffView> staff = accounts.staff(viewer.settingId());
        Optional<UUID> adult = typed.id("adult")
                .filter(id -> staff.stream().anyMatch(found -> found.id().equals(id)));
        String reason = typed.optional("reason", 500, errors);
        if (checked.isForbidden()) {
            errors.add("safety", "setout.never");
        }
        if (checked.needsAdult() && adult.isEmpty()) {
            errors.add("adult", "setout.adult.missing");
        }
        if (checked.needsReason() && reason.length() < SHORTEST_REASON) {
            errors.add("reason", "setout.reason.short", SHORTEST_REASON);
        }
        Optional<Integer> minutes = typed.text("minutes").isEmpty()
                ? Optional.empty()
                : Typed.whole("minutes", typed.text("minutes"), 0, 10_000, errors);
        if (errors.any()) {
            return Optional.empty();
        }
        return zone.map(where -> new SetOutDetails(
                where,
                session.orElse(null),
                checked.on(),
                adult.orElse(null),
                checked.needsReason() ? reason : "",
                rung(card, typed.text("rung")),
                minutes.orElse(null)));
    }

    private BenchView check(Viewer viewer, CardView card, Rung rung) {
        return bench.reckon(viewer.settingId(), card, rung, settings.today(viewer.settingId()));
    }

    /** A rung that the card has; as it is where it has no such rung. */
    private static Rung rung(CardView card, String asked) {
        return card.rungs().stream()
                .map(change -> change.rung())
                .filter(rung -> rung.name().equals(asked))
                .findFirst()
                .orElse(Rung.AS_IS);
    }

    private ModelAndView form(Viewer viewer, CardView card, BenchView checked, Typed typed, FormErrors errors) {
        ModelAndView page = new ModelAndView("setout/card");
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        page.addObject("room", rooms.get(viewer.settingId(), card.roomId()));
        page.addObject("card", card);
        page.addObject("bench", checked);
        page.addObject("overruled", setOuts.overruled(viewer.settingId(), card.id()));
        page.addObject("staff", accounts.staff(viewer.settingId()));
        page.addObject("typed", typed);
        page.addObject("errors", errors);
        return page;
    }
}
