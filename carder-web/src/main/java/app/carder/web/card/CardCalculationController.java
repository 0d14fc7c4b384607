package app.carder.web.card;

import app.carder.core.card.Portion;
import app.carder.core.said.Catalogue;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.calculator.CalculatorService;
import app.carder.web.material.MaterialService;
import app.carder.web.page.NotFound;
import app.carder.web.page.Typed;
import app.carder.web.room.RoomService;
import app.carder.web.setting.Ids;
import app.carder.web.undo.CanBeUndone;
import app.carder.web.undo.Deed;
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
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** Calculations that a card keeps: mixes, sets, lines, games. */
@Controller
@AllowedTo(Audience.STAFF)
class CardCalculationController {

    private final CardService deck;
    private final CalculatorService calculator;
    private final MaterialService materials;
    private final RoomService rooms;

    CardCalculationController(
            CardService deck, CalculatorService calculator, MaterialService materials, RoomService rooms) {
        this.deck = deck;
        this.calculator = calculator;
        this.materials = materials;
        this.rooms = rooms;
    }

    /** A kept calculation, worked out anew. */
    record Calculated(UUID id, CalculatorService.Asked asked) {}

    @GetMapping("/cards/{cardId}/calculations")
    ModelAndView list(@AuthenticationPrincipal Viewer viewer, @PathVariable("cardId") UUID cardId) {
        CardView card = deck.get(viewer.settingId(), cardId);
        List<Calculated> calculated = card.contents().kept().stream()
                .map(kept -> new Calculated(
                        UUID.fromString(kept.id()), calculator.ask(viewer.settingId(), kept.tool(), kept.inputs())))
                .toList();
        ModelAndView page = page(viewer, "card/calculations", card);
        page.addObject("calculated", calculated);
        return page;
    }

    @GetMapping("/cards/{cardId}/calculations/new")
    ModelAndView choose(@AuthenticationPrincipal Viewer viewer, @PathVariable("cardId") UUID cardId) {
        CardView card = deck.get(viewer.settingId(), cardId);
        ModelAndView page = page(viewer, "calculator/tools", card);
        page.addObject("tools", calculator.tools());
        page.addObject(
                "pictures",
                calculator.pictures(viewer.settingId(), Catalogue.spoken().locale()));
        page.addObject("base", "/cards/" + cardId + "/calculations/new");
        return page;
    }

    @GetMapping("/cards/{cardId}/calculations/new/{tool}")
    ModelAndView ask(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("cardId") UUID cardId,
            @PathVariable("tool") String tool,
            @RequestParam MultiValueMap<String, String> parameters,
            @RequestHeader(name = "HX-Request-Type", defaultValue = "full") String requestType) {
        CardView card = deck.get(viewer.settingId(), cardId);
        CalculatorService.Asked asked = parameters.isEmpty()
                ? calculator.open(viewer.settingId(), tool)
                : calculator.ask(viewer.settingId(), tool, Typed.of(parameters));
        ModelAndView page = tool(viewer, card, asked);
        if (requestType.equals("partial")) {
            page.setViewName("calculator/parts :: answer");
        }
        return page;
    }

    @PostMapping("/cards/{cardId}/calculations/new/{tool}")
    ModelAndView save(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("cardId") UUID cardId,
            @PathVariable("tool") String tool,
            @RequestParam MultiValueMap<String, String> parameters) {
        CardView card = deck.get(viewer.settingId(), cardId);
        Typed typed = Typed.of(parameters);
        CalculatorService.Asked asked = calculator.ask(viewer.settingId(), tool, typed);
        if (asked.errors().any()) {
            return tool(viewer, card, asked);
        }
        UUID id = typed.id("id").orElseThrow(NotFound::new);
        deck.save(viewer, cardId, new Portion.Kept(id.toString(), tool, asked.inputs(), Optional.empty()));
        return new ModelAndView("redirect:/cards/" + cardId + "/calculations?saved");
    }

    @PostMapping("/cards/{cardId}/calculations/{calculationId}/forget")
    @CanBeUndone(Deed.CALCULATION_REMOVED)
    String forget(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("cardId") UUID cardId,
            @PathVariable("calculationId") UUID calculationId) {
        deck.forget(viewer, cardId, calculationId);
        return "redirect:/cards/" + cardId + "/calculations";
    }

    private ModelAndView tool(Viewer viewer, CardView card, CalculatorService.Asked asked) {
        ModelAndView page = page(viewer, "card/calculation", card);
        page.setStatus(asked.errors().any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        page.addObject("asked", asked);
        page.addObject(
                "id",
                Optional.of(asked.typed().text("id"))
                        .filter(id -> !id.isEmpty())
                        .orElseGet(() -> Ids.next().toString()));
        page.addObject("cupboard", materials.cupboard(viewer.settingId()));
        return page;
    }

    private ModelAndView page(Viewer viewer, String view, CardView card) {
        ModelAndView page = new ModelAndView(view);
        page.addObject("card", card);
        page.addObject("room", rooms.get(viewer.settingId(), card.roomId()));
        return page;
    }
}
