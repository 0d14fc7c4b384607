package app.carder.web.card;

import app.carder.core.card.Card;
import app.carder.core.proposal.AdultLoad;
import app.carder.core.safety.Answer;
import app.carder.core.safety.Answer.Verdict;
import app.carder.core.safety.Feature;
import app.carder.core.vessel.VesselShape;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.card.SafetyService.Moment;
import app.carder.web.kits.KitService;
import app.carder.web.material.MaterialService;
import app.carder.web.material.MaterialView;
import app.carder.web.page.FormErrors;
import app.carder.web.page.NotFound;
import app.carder.web.page.Typed;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import app.carder.web.setting.Ids;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import app.carder.web.undo.CanBeUndone;
import app.carder.web.undo.Deed;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DataIntegrityViolationException;
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

/** The bench on which one card is made. */
@Controller
@AllowedTo(Audience.STAFF)
class CardController {

    /** The set-out of the card, with what was chosen there. */
    private static final Pattern SET_OUT = Pattern.compile("set-out(\\?[\\w=&-]*)?");

    private static final int LONGEST_BECAUSE = 500;

    private final CardService deck;
    private final BenchService bench;
    private final ReadyCards readyCards;
    private final RoomService rooms;
    private final MaterialService materials;
    private final KitService kits;
    private final SettingService settings;

    CardController(
            CardService deck,
            BenchService bench,
            ReadyCards readyCards,
            RoomService rooms,
            MaterialService materials,
            KitService kits,
            SettingService settings) {
        this.deck = deck;
        this.bench = bench;
        this.readyCards = readyCards;
        this.rooms = rooms;
        this.materials = materials;
        this.kits = kits;
        this.settings = settings;
    }

    /** A blank card, or one that begins with a ready one. */
    @GetMapping("/rooms/{roomId}/cards/new")
    ModelAndView blank(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam(name = "ready", defaultValue = "") String ready) {
        RoomView room = rooms.get(viewer.settingId(), roomId);
        Typed typed = readyCards
                .opened(viewer.settingId(), room, ready)
                .orElseGet(() -> Typed.nothing()
                        .with("shape", "BOX")
                        .with("load", AdultLoad.NEAR)
                        .with("place", room.style().place())
                        .with("adultRole", room.style().adultRole()));
        return form(viewer, roomId, null, typed.with("id", Ids.next()), new FormErrors());
    }

    @PostMapping("/rooms/{roomId}/cards")
    ModelAndView write(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam MultiValueMap<String, String> parameters) {
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        UUID id = typed.id("id").orElseThrow(NotFound::new);
        RoomView room = rooms.get(viewer.settingId(), roomId);
        CardForm form = reader(viewer.settingId(), room, typed, errors, List.of());
        Optional<Card> written = form.read(Optional.empty());
        if (written.isEmpty()) {
            return form(viewer, roomId, null, typed, errors);
        }
        try {
            deck.write(viewer, id, roomId, written.get(), form.week());
        } catch (DataIntegrityViolationException sameIdAtTheSameMoment) {
            return new ModelAndView(
                    "redirect:/cards/" + deck.get(viewer.settingId(), id).id());
        }
        return new ModelAndView("redirect:/cards/" + id + "?saved");
    }

    @GetMapping("/cards/{cardId}")
    ModelAndView open(@AuthenticationPrincipal Viewer viewer, @PathVariable("cardId") UUID cardId) {
        CardView card = deck.get(viewer.settingId(), cardId);
        return form(
                viewer, card.roomId(), card, CardForm.of(card, onTheCard(viewer.settingId(), card)), new FormErrors());
    }

    @PostMapping("/cards/{cardId}")
    @CanBeUndone(Deed.CARD_CHANGED)
    ModelAndView rewrite(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("cardId") UUID cardId,
            @RequestParam MultiValueMap<String, String> parameters) {
        CardView card = deck.get(viewer.settingId(), cardId);
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        RoomView room = rooms.get(viewer.settingId(), card.roomId());
        CardForm form = reader(
                viewer.settingId(),
                room,
                typed,
                errors,
                onTheCard(viewer.settingId(), card).values());
        Optional<Card> written = form.read(Optional.of(card.card()));
        if (written.isEmpty()) {
            return form(viewer, card.roomId(), card, typed, errors);
        }
        Optional<CardView> theirs = deck.rewrite(viewer, cardId, typed.version(), written.get(), form.week());
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
    ModelAndView calculate(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam MultiValueMap<String, String> parameters,
            @RequestHeader(name = "HX-Request-Type", defaultValue = "full") String requestType) {
        Typed typed = Typed.of(parameters);
        if (requestType.equals("partial")) {
            ModelAndView margin = new ModelAndView("card/bench :: answer");
            calculate(margin, viewer.settingId(), rooms.get(viewer.settingId(), roomId), there(viewer, typed), typed);
            return margin;
        }
        return form(viewer, roomId, there(viewer, typed).orElse(null), typed, new FormErrors());
    }

    /** The card that is being edited; none where it is new. */
    private Optional<CardView> there(Viewer viewer, Typed typed) {
        return typed.text("version").isEmpty()
                ? Optional.empty()
                : Optional.of(deck.get(viewer.settingId(), typed.id("id").orElseThrow(NotFound::new)));
    }

    /** Keeps what somebody answered to a question of the safety check. */
    @PostMapping("/cards/{cardId}/answers")
    ModelAndView answer(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("cardId") UUID cardId,
            @RequestParam MultiValueMap<String, String> parameters) {
        CardView card = deck.get(viewer.settingId(), cardId);
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        String because = typed.optional("because", LONGEST_BECAUSE, errors);
        Verdict verdict = typed.text("verdict").equals(Verdict.IS.name()) ? Verdict.IS : Verdict.IS_NOT;
        if (verdict == Verdict.IS_NOT && because.length() < Answer.SHORTEST_REASON) {
            errors.add("answers", "card.answer.short", Answer.SHORTEST_REASON);
        }
        if (errors.any()) {
            return form(viewer, card.roomId(), card, CardForm.of(card, onTheCard(viewer.settingId(), card)), errors);
        }
        deck.answer(
                viewer,
                cardId,
                typed.text("question"),
                new Answer(verdict, because, viewer.name(), settings.today(viewer.settingId())));
        String back = typed.text("back");
        return new ModelAndView(
                "redirect:/cards/" + cardId + (SET_OUT.matcher(back).matches() ? "/" + back : "?answered#bench"));
    }

    /** Puts the margin on a page. It is asked for with every keystroke, so it reads only what was typed, not the cupboard. */
    private void calculate(
            ModelAndView page, SettingId settingId, RoomView room, Optional<CardView> there, Typed typed) {
        List<MaterialView> readable = materials.named(settingId, CardForm.materialsOf(typed));
        FormErrors faults = new FormErrors();
        CardForm form = new CardForm(typed, faults, room.framework(), readable, id -> kits.has(settingId, id));
        Card draft = form.draft(there.map(CardView::card));
        BenchService.Question question = new BenchService.Question(draft, form.packs());
        Map<String, MaterialView> byKey =
                readable.stream().collect(Collectors.toMap(thing -> LaidOut.key(thing.id()), Function.identity()));
        page.addObject("room", room);
        // What is not typed yet is no fault on the bench, only when the card is saved.
        page.addObject(
                "benchFaults",
                faults.all().stream()
                        .filter(fault -> !fault.code().endsWith(".missing"))
                        .toList());
        page.addObject("inCups", draft.usage().inCups());
        page.addObject("planned", draft.purpose().load());
        page.addObject("answerable", there.map(CardView::id));
        page.addObject(
                "bench", bench.calculate(settingId, room, question, byKey, Moment.day(settings.today(settingId))));
    }

    /** What is on a card, also where the cupboard no longer has it. */
    private Map<String, MaterialView> onTheCard(SettingId settingId, CardView card) {
        return materials
                .byId(settingId, card.contents().things().map(UUID::fromString).toList())
                .values()
                .stream()
                .collect(Collectors.toMap(thing -> LaidOut.key(thing.id()), Function.identity()));
    }

    private CardForm reader(
            SettingId settingId, RoomView room, Typed typed, FormErrors errors, Iterable<MaterialView> onTheCard) {
        List<MaterialView> cupboard = new ArrayList<>(materials.cupboard(settingId));
        onTheCard.forEach(cupboard::add);
        return new CardForm(typed, errors, room.framework(), cupboard, id -> kits.has(settingId, id));
    }

    private ModelAndView form(Viewer viewer, UUID roomId, @Nullable CardView card, Typed typed, FormErrors errors) {
        SettingId settingId = viewer.settingId();
        RoomView room = rooms.get(settingId, roomId);
        List<MaterialView> cupboard = materials.cupboard(settingId);
        ModelAndView page = new ModelAndView("card/card");
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        page.addObject("card", card);
        page.addObject("typed", typed);
        page.addObject("errors", errors);
        page.addObject("cupboard", cupboard);
        page.addObject(
                "vessels",
                cupboard.stream()
                        .filter(material -> material.stocked().vessel().isPresent())
                        .toList());
        page.addObject("shapes", VesselShape.values());
        page.addObject("features", Feature.values());
        page.addObject("loads", AdultLoad.values());
        page.addObject("kits", kits.all(settingId));
        page.addObject("covered", CardForm.sensesOf(typed));
        page.addObject("rows", CardForm.rows(typed));
        calculate(page, settingId, room, Optional.ofNullable(card), typed);
        return page;
    }
}
