package app.carder.web.provocation;

import app.carder.core.card.Portion;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.material.MaterialService;
import app.carder.web.page.NotFound;
import app.carder.web.page.Typed;
import app.carder.web.reckoner.ReckonerService;
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

/** Reckonings that a card keeps: mixes, sets, lines, games. */
@Controller
@AllowedTo(Audience.STAFF)
class CardReckoningController {

    private final ProvocationService provocations;
    private final ReckonerService reckoner;
    private final MaterialService materials;
    private final RoomService rooms;

    CardReckoningController(
            ProvocationService provocations, ReckonerService reckoner, MaterialService materials, RoomService rooms) {
        this.provocations = provocations;
        this.reckoner = reckoner;
        this.materials = materials;
        this.rooms = rooms;
    }

    /** A kept reckoning, reckoned anew. */
    record Reckoned(UUID id, ReckonerService.Asked asked) {}

    @GetMapping("/cards/{cardId}/reckonings")
    ModelAndView list(@AuthenticationPrincipal Viewer viewer, @PathVariable("cardId") UUID cardId) {
        CardView card = provocations.get(viewer.settingId(), cardId);
        List<Reckoned> reckoned = card.contents().kept().stream()
                .map(kept -> new Reckoned(
                        UUID.fromString(kept.id()), reckoner.ask(viewer.settingId(), kept.tool(), kept.inputs())))
                .toList();
        ModelAndView page = page(viewer, "provocation/reckonings", card);
        page.addObject("reckoned", reckoned);
        return page;
    }

    @GetMapping("/cards/{cardId}/reckonings/new")
    ModelAndView choose(@AuthenticationPrincipal Viewer viewer, @PathVariable("cardId") UUID cardId) {
        CardView card = provocations.get(viewer.settingId(), cardId);
        ModelAndView page = page(viewer, "reckoner/tools", card);
        page.addObject("tools", reckoner.tools());
        page.addObject("base", "/cards/" + cardId + "/reckonings/new");
        return page;
    }

    @GetMapping("/cards/{cardId}/reckonings/new/{tool}")
    ModelAndView ask(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("cardId") UUID cardId,
            @PathVariable("tool") String tool,
            @RequestParam MultiValueMap<String, String> parameters,
            @RequestHeader(name = "HX-Request-Type", defaultValue = "full") String requestType) {
        CardView card = provocations.get(viewer.settingId(), cardId);
        ReckonerService.Asked asked = parameters.isEmpty()
                ? reckoner.open(viewer.settingId(), tool)
                : reckoner.ask(viewer.settingId(), tool, Typed.of(parameters));
        ModelAndView page = tool(viewer, card, asked);
        if (requestType.equals("partial")) {
            page.setViewName("reckoner/parts :: answer");
        }
        return page;
    }

    @PostMapping("/cards/{cardId}/reckonings/new/{tool}")
    ModelAndView keep(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("cardId") UUID cardId,
            @PathVariable("tool") String tool,
            @RequestParam MultiValueMap<String, String> parameters) {
        CardView card = provocations.get(viewer.settingId(), cardId);
        Typed typed = Typed.of(parameters);
        ReckonerService.Asked asked = reckoner.ask(viewer.settingId(), tool, typed);
        if (asked.errors().any()) {
            return tool(viewer, card, asked);
        }
        UUID id = typed.id("id").orElseThrow(NotFound::new);
        provocations.keep(viewer, cardId, new Portion.Kept(id.toString(), tool, asked.inputs(), Optional.empty()));
        return new ModelAndView("redirect:/cards/" + cardId + "/reckonings?saved");
    }

    @PostMapping("/cards/{cardId}/reckonings/{reckoningId}/forget")
    @CanBeUndone(Deed.CALCULATION_REMOVED)
    String forget(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("cardId") UUID cardId,
            @PathVariable("reckoningId") UUID reckoningId) {
        provocations.forget(viewer, cardId, reckoningId);
        return "redirect:/cards/" + cardId + "/reckonings";
    }

    private ModelAndView tool(Viewer viewer, CardView card, ReckonerService.Asked asked) {
        ModelAndView page = page(viewer, "provocation/reckoning", card);
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
