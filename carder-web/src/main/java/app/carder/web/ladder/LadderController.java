package app.carder.web.ladder;

import app.carder.core.card.WrittenStep;
import app.carder.core.ladder.Change;
import app.carder.core.ladder.LadderStep;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.card.BenchService;
import app.carder.web.card.BenchView;
import app.carder.web.card.CardService;
import app.carder.web.card.CardView;
import app.carder.web.card.SafetyService.Moment;
import app.carder.web.material.MaterialService;
import app.carder.web.material.MaterialView;
import app.carder.web.page.FormErrors;
import app.carder.web.page.Typed;
import app.carder.web.room.RoomService;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import app.carder.web.undo.CanBeUndone;
import app.carder.web.undo.Deed;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
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

/** Writes a card's steps, and shows what each would put out and for whom. */
@Controller
@AllowedTo(Audience.STAFF)
class LadderController {

    private static final List<LadderStep> WRITTEN = Arrays.stream(LadderStep.values())
            .filter(ladderStep -> ladderStep != LadderStep.AS_IS)
            .toList();

    private final CardService deck;
    private final BenchService bench;
    private final LadderService ladder;
    private final MaterialService materials;
    private final RoomService rooms;
    private final SettingService settings;

    LadderController(
            CardService deck,
            BenchService bench,
            LadderService ladder,
            MaterialService materials,
            RoomService rooms,
            SettingService settings) {
        this.deck = deck;
        this.bench = bench;
        this.ladder = ladder;
        this.materials = materials;
        this.rooms = rooms;
        this.settings = settings;
    }

    @GetMapping("/cards/{cardId}/ladder")
    ModelAndView open(@AuthenticationPrincipal Viewer viewer, @PathVariable("cardId") UUID cardId) {
        CardView card = deck.get(viewer.settingId(), cardId);
        Map<UUID, MaterialView> byId = named(viewer.settingId(), card);
        Typed typed = Typed.nothing();
        for (WrittenStep step : card.ladder()) {
            String ladderStep = step.ladderStep().name();
            typed.with("note-" + ladderStep, step.change().note())
                    .with("sign-" + ladderStep, step.sign())
                    .with("percent-" + ladderStep, step.change().amountPercent())
                    .with("replaced-" + ladderStep, name(step.change().replace().map(UUID::fromString), byId))
                    .with("replacement-" + ladderStep, name(step.change().with().map(UUID::fromString), byId));
        }
        return page(viewer, card, typed, new FormErrors());
    }

    @PostMapping("/cards/{cardId}/ladder")
    @CanBeUndone(Deed.LADDER_CHANGED)
    ModelAndView write(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("cardId") UUID cardId,
            @RequestParam MultiValueMap<String, String> parameters) {
        CardView card = deck.get(viewer.settingId(), cardId);
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        List<MaterialView> cupboard = materials.cupboard(viewer.settingId());
        List<WrittenStep> changes = new ArrayList<>();
        for (LadderStep ladderStep : WRITTEN) {
            read(ladderStep, typed, cupboard, card, errors).ifPresent(changes::add);
        }
        if (errors.any()) {
            return page(viewer, card, typed, errors);
        }
        deck.writeLadderSteps(viewer, cardId, changes);
        return new ModelAndView("redirect:/cards/" + cardId + "/ladder?saved");
    }

    /** A step of which nothing is said is not written. */
    private static Optional<WrittenStep> read(
            LadderStep ladderStep, Typed typed, List<MaterialView> cupboard, CardView card, FormErrors errors) {
        String note = typed.optional("note-" + ladderStep, 500, errors);
        String sign = typed.optional("sign-" + ladderStep, 300, errors);
        String percent = typed.text("percent-" + ladderStep);
        String replaced = typed.text("replaced-" + ladderStep);
        String replacement = typed.text("replacement-" + ladderStep);
        boolean changes = !replaced.isEmpty() || !percent.isEmpty() && !percent.equals("100");
        if (note.isEmpty() && sign.isEmpty() && replacement.isEmpty() && !changes) {
            return Optional.empty();
        }
        int amount = percent.isEmpty()
                ? 100
                : Typed.whole("percent-" + ladderStep, percent, 10, 400, errors).orElse(100);
        Optional<UUID> out = find("replaced-" + ladderStep, replaced, cupboard, errors);
        Optional<UUID> in = find("replacement-" + ladderStep, replacement, cupboard, errors);
        if (in.isPresent() && out.isEmpty() && replaced.isEmpty()) {
            errors.add("replaced-" + ladderStep, "ladder.replaced.missing");
        }
        out.filter(id -> card.contents().things().noneMatch(id.toString()::equals))
                .ifPresent(id -> errors.add("replaced-" + ladderStep, "ladder.replaced.notOnCard", replaced));
        boolean other = in.isPresent()
                && out.flatMap(id -> cupboard.stream()
                                .filter(one -> one.id().equals(id))
                                .findFirst())
                        .filter(gone -> cupboard.stream()
                                .anyMatch(one -> one.id().equals(in.get()) && one.isPoured() != gone.isPoured()))
                        .isPresent();
        if (other) {
            errors.add("replacement-" + ladderStep, "ladder.replacement.measured");
        }
        return errors.any()
                ? Optional.empty()
                : Optional.of(new WrittenStep(
                        ladderStep, sign, new Change(amount, out.map(UUID::toString), in.map(UUID::toString), note)));
    }

    private static Optional<UUID> find(String field, String name, List<MaterialView> cupboard, FormErrors errors) {
        if (name.isEmpty()) {
            return Optional.empty();
        }
        Optional<UUID> found = cupboard.stream()
                .filter(material -> material.name().toLowerCase(Locale.ROOT).equals(name.toLowerCase(Locale.ROOT)))
                .map(MaterialView::id)
                .findFirst();
        if (found.isEmpty()) {
            errors.add(field, "card.material.unknown", name);
        }
        return found;
    }

    private static String name(Optional<UUID> id, Map<UUID, MaterialView> byId) {
        return id.flatMap(found -> Optional.ofNullable(byId.get(found)))
                .map(MaterialView::name)
                .orElse("");
    }

    private Map<UUID, MaterialView> named(SettingId settingId, CardView card) {
        List<UUID> ids =
                new ArrayList<>(card.contents().things().map(UUID::fromString).toList());
        card.ladder().forEach(step -> {
            step.change().replace().map(UUID::fromString).ifPresent(ids::add);
            step.change().with().map(UUID::fromString).ifPresent(ids::add);
        });
        return materials.byId(settingId, ids);
    }

    private ModelAndView page(Viewer viewer, CardView card, Typed typed, FormErrors errors) {
        SettingId settingId = viewer.settingId();
        Map<LadderStep, BenchView> calculated = new LinkedHashMap<>();
        calculated.put(LadderStep.AS_IS, bench.calculate(settingId, card, Moment.day(settings.today(settingId))));
        card.ladder()
                .forEach(change -> calculated.put(
                        change.ladderStep(),
                        bench.calculate(settingId, card, change.ladderStep(), Moment.day(settings.today(settingId)))));
        ModelAndView page = new ModelAndView("ladder/ladder");
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        page.addObject("card", card);
        page.addObject("room", rooms.get(settingId, card.roomId()));
        page.addObject("written", WRITTEN);
        page.addObject("calculated", calculated);
        page.addObject(
                "onCard",
                materials
                        .byId(
                                settingId,
                                card.contents().things().map(UUID::fromString).toList())
                        .values());
        page.addObject("proposals", ladder.propose(settingId, card));
        page.addObject("cupboard", materials.cupboard(settingId));
        page.addObject("typed", typed);
        page.addObject("errors", errors);
        return page;
    }
}
