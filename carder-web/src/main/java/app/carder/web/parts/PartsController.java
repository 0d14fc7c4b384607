package app.carder.web.parts;

import app.carder.core.cupboard.Picture;
import app.carder.core.framework.Sense;
import app.carder.core.vessel.Fill;
import app.carder.core.watch.PlayEvent;
import app.carder.core.watch.PlayKind;
import app.carder.core.watch.TimeBand;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.card.BenchService;
import app.carder.web.card.BenchView;
import app.carder.web.card.CardService;
import app.carder.web.card.CardView;
import app.carder.web.card.SafetyService.Moment;
import app.carder.web.children.ChildService;
import app.carder.web.material.MaterialService;
import app.carder.web.material.MaterialView;
import app.carder.web.page.FormErrors;
import app.carder.web.page.NotFound;
import app.carder.web.page.Paging;
import app.carder.web.page.Typed;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import app.carder.web.setting.SettingService;
import java.time.Instant;
import java.util.List;
import java.util.Set;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.servlet.ModelAndView;

/** The parts with what the setting has: its first room, a card with contents, what is in the cupboard. */
@Controller
@ConditionalOnProperty("carder.parts")
@AllowedTo(Audience.STAFF)
class PartsController {

    private static final Instant BEGINS = Instant.parse("2026-05-06T09:00:00Z");

    private final RoomService rooms;
    private final ChildService children;
    private final CardService cards;
    private final BenchService bench;
    private final MaterialService materials;
    private final SettingService settings;

    PartsController(
            RoomService rooms,
            ChildService children,
            CardService cards,
            BenchService bench,
            MaterialService materials,
            SettingService settings) {
        this.rooms = rooms;
        this.children = children;
        this.cards = cards;
        this.bench = bench;
        this.materials = materials;
        this.settings = settings;
    }

    @GetMapping("/parts")
    ModelAndView parts(@AuthenticationPrincipal Viewer viewer) {
        RoomView room = rooms.home(viewer);
        Moment today = Moment.day(settings.today(viewer.settingId()));
        CardView card = cards.whole(viewer.settingId(), room.id()).stream()
                .filter(one -> one.card().contents().vessel().isPresent())
                .findFirst()
                .orElseThrow(NotFound::new);
        BenchView laid = bench.calculate(viewer.settingId(), card, today);
        List<MaterialView> cupboard = materials.cupboard(viewer.settingId());
        FormErrors errors = new FormErrors();
        for (String field : List.of("line", "area", "measure", "day", "time")) {
            errors.add(field, "form.centimetres.missing");
        }
        ModelAndView page = new ModelAndView("parts/parts");
        page.addObject("title", "/parts");
        page.addObject("unit", "cm");
        page.addObject("room", room);
        page.addObject("rooms", rooms.all(viewer.settingId()));
        page.addObject("card", card);
        page.addObject("bench", laid);
        page.addObject("covered", Set.of(room.framework().areas().get(0).code()));
        page.addObject("senses", Set.of(Sense.values()[0]));
        page.addObject("children", children.inRoom(viewer.settingId(), room.id()));
        page.addObject("cupboard", cupboard);
        page.addObject("paging", new Paging<>(List.of(), 1, true));
        page.addObject("typed", Typed.nothing());
        page.addObject("errors", errors);
        page.addObject("noErrors", new FormErrors());
        page.addObject("sketch", Picture.of(cupboard.get(0).stocked()));
        page.addObject(
                "calculation",
                laid.amounts().stream()
                        .flatMap(amounts -> amounts.amounts().stream())
                        .map(Fill.Amount::calculation)
                        .findFirst()
                        .orElseThrow(NotFound::new));
        page.addObject(
                "band",
                TimeBand.of(
                        List.of(
                                new PlayEvent(BEGINS.plusSeconds(120), PlayKind.CHOSE),
                                new PlayEvent(BEGINS.plusSeconds(180), PlayKind.ENGAGED),
                                new PlayEvent(BEGINS.plusSeconds(900), PlayKind.ADULT_BROKE_IN),
                                new PlayEvent(BEGINS.plusSeconds(960), PlayKind.ENGAGED),
                                new PlayEvent(BEGINS.plusSeconds(1500), PlayKind.LEFT)),
                        BEGINS,
                        BEGINS.plusSeconds(1800)));
        return page;
    }
}
