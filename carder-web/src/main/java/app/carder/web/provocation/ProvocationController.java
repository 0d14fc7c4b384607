package app.carder.web.provocation;

import app.carder.core.vessel.Vessel;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.material.MaterialService;
import app.carder.web.material.MaterialView;
import app.carder.web.page.FormErrors;
import app.carder.web.page.NotFound;
import app.carder.web.page.Typed;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import app.carder.web.setting.Ids;
import app.carder.web.setting.SettingService;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** The deck of cards, and the bench on which one card is made. */
@Controller
@AllowedTo(Audience.STAFF)
class ProvocationController {

    private final ProvocationService provocations;
    private final BenchService bench;
    private final RoomService rooms;
    private final MaterialService materials;
    private final SettingService settings;

    ProvocationController(
            ProvocationService provocations,
            BenchService bench,
            RoomService rooms,
            MaterialService materials,
            SettingService settings) {
        this.provocations = provocations;
        this.bench = bench;
        this.rooms = rooms;
        this.materials = materials;
        this.settings = settings;
    }

    @GetMapping("/plan")
    String home(@AuthenticationPrincipal Viewer viewer) {
        return "redirect:/rooms/" + rooms.home(viewer).id() + "/cards";
    }

    @GetMapping("/rooms/{roomId}/cards")
    String deck(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam(name = "notch", required = false) @Nullable String notch,
            @RequestParam(name = "page", defaultValue = "0") int page,
            Model model) {
        model.addAttribute("room", rooms.get(viewer.settingId(), roomId));
        model.addAttribute("rooms", rooms.all(viewer.settingId()));
        model.addAttribute("notch", notch == null ? "" : notch);
        model.addAttribute(
                "deck",
                provocations.deck(
                        viewer.settingId(), roomId, Optional.ofNullable(notch).filter(code -> !code.isBlank()), page));
        return "provocation/deck";
    }

    @GetMapping("/rooms/{roomId}/cards/new")
    ModelAndView blank(@AuthenticationPrincipal Viewer viewer, @PathVariable("roomId") UUID roomId) {
        Typed typed = Typed.nothing().with("id", Ids.next()).with("shape", "BOX");
        return form(viewer, roomId, null, typed, new FormErrors());
    }

    @PostMapping("/rooms/{roomId}/cards")
    ModelAndView write(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam MultiValueMap<String, String> parameters) {
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        UUID id = typed.id("id").orElseThrow(NotFound::new);
        Optional<CardDetails> details = read(viewer, roomId, typed, errors);
        if (details.isEmpty()) {
            return form(viewer, roomId, null, typed, errors);
        }
        try {
            provocations.write(viewer, id, roomId, details.get());
        } catch (DataIntegrityViolationException sameIdAtTheSameMoment) {
            return new ModelAndView("redirect:/cards/"
                    + provocations.get(viewer.settingId(), id).id());
        }
        return new ModelAndView("redirect:/cards/" + id + "?saved");
    }

    @GetMapping("/cards/{cardId}")
    ModelAndView open(@AuthenticationPrincipal Viewer viewer, @PathVariable("cardId") UUID cardId) {
        CardView card = provocations.get(viewer.settingId(), cardId);
        return form(viewer, card.roomId(), card, CardForm.of(card), new FormErrors());
    }

    @PostMapping("/cards/{cardId}")
    ModelAndView rewrite(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("cardId") UUID cardId,
            @RequestParam MultiValueMap<String, String> parameters) {
        CardView card = provocations.get(viewer.settingId(), cardId);
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        Optional<CardDetails> details = read(viewer, card.roomId(), typed, errors);
        if (details.isEmpty()) {
            return form(viewer, card.roomId(), card, typed, errors);
        }
        Optional<CardView> theirs = provocations.rewrite(viewer, cardId, typed.version(), details.get());
        if (theirs.isPresent()) {
            typed.with("version", theirs.get().version());
            ModelAndView page = form(viewer, card.roomId(), theirs.get(), typed, errors);
            page.setStatus(HttpStatus.CONFLICT);
            page.addObject("theirs", theirs.get());
            return page;
        }
        return new ModelAndView("redirect:/cards/" + cardId + "?saved");
    }

    /** The margin for what is on the bench right now; without a script, the whole page. */
    @PostMapping("/rooms/{roomId}/bench")
    ModelAndView reckon(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam MultiValueMap<String, String> parameters,
            @RequestHeader(name = "HX-Request-Type", defaultValue = "full") String requestType) {
        Typed typed = Typed.of(parameters);
        @Nullable
        CardView card = typed.text("version").isEmpty()
                ? null
                : provocations.get(viewer.settingId(), typed.id("id").orElseThrow(NotFound::new));
        ModelAndView page = form(viewer, roomId, card, typed, new FormErrors());
        if (requestType.equals("partial")) {
            page.setViewName("provocation/card :: bench");
        }
        return page;
    }

    private Optional<CardDetails> read(Viewer viewer, UUID roomId, Typed typed, FormErrors errors) {
        RoomView room = rooms.get(viewer.settingId(), roomId);
        return new CardForm(typed, errors, room.framework(), materials.cupboard(viewer.settingId())).read();
    }

    private ModelAndView form(Viewer viewer, UUID roomId, @Nullable CardView card, Typed typed, FormErrors errors) {
        RoomView room = rooms.get(viewer.settingId(), roomId);
        List<MaterialView> cupboard = materials.cupboard(viewer.settingId());
        FormErrors benchErrors = new FormErrors();
        CardForm onTheBench = new CardForm(typed, benchErrors, room.framework(), cupboard);
        Optional<Vessel> vessel = onTheBench.vessel();
        List<CardDetails.Line> lines = onTheBench.lines(vessel);
        List<CardForm.PackQuestion> packs = onTheBench.packs();

        ModelAndView page = new ModelAndView("provocation/card");
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        page.addObject("room", room);
        page.addObject("card", card);
        page.addObject("typed", typed);
        page.addObject("errors", errors);
        // What is not typed yet is no fault on the bench, only when the card is saved.
        page.addObject(
                "benchFaults",
                benchErrors.all().stream()
                        .filter(fault -> !fault.code().endsWith(".missing"))
                        .toList());
        page.addObject("cupboard", cupboard);
        page.addObject("covered", CardForm.sensesOf(typed));
        page.addObject("rows", CardForm.rows(typed));
        page.addObject(
                "bench",
                bench.reckon(viewer.settingId(), roomId, vessel, lines, packs, settings.today(viewer.settingId())));
        return page;
    }
}
