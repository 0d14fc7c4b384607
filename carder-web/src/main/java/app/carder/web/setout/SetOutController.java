package app.carder.web.setout;

import app.carder.core.card.SetOutGate;
import app.carder.core.ladder.LadderStep;
import app.carder.web.account.AccountService;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.StaffView;
import app.carder.web.account.Viewer;
import app.carder.web.card.BenchService;
import app.carder.web.card.BenchView;
import app.carder.web.card.CardPictures;
import app.carder.web.card.CardService;
import app.carder.web.card.CardView;
import app.carder.web.children.ChildService;
import app.carder.web.media.PhotoService;
import app.carder.web.page.FormErrors;
import app.carder.web.page.NotFound;
import app.carder.web.page.Typed;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import app.carder.web.setting.SettingService;
import app.carder.web.undo.CanBeUndone;
import app.carder.web.undo.Deed;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
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
import org.springframework.web.util.UriComponentsBuilder;

/** Sets cards out and puts them away. */
@Controller
@AllowedTo(Audience.STAFF)
class SetOutController {

    private static final int LAST_PLACE = 11;

    private final SetOutService setOuts;
    private final ChildService children;
    private final ShelfService shelves;
    private final CardService deck;
    private final BenchService bench;
    private final RoomService rooms;
    private final AccountService accounts;
    private final SettingService settings;
    private final CardPictures pictures;
    private final PhotoService photos;

    SetOutController(
            SetOutService setOuts,
            ChildService children,
            ShelfService shelves,
            CardService deck,
            BenchService bench,
            RoomService rooms,
            AccountService accounts,
            SettingService settings,
            CardPictures pictures,
            PhotoService photos) {
        this.pictures = pictures;
        this.photos = photos;
        this.setOuts = setOuts;
        this.children = children;
        this.shelves = shelves;
        this.deck = deck;
        this.bench = bench;
        this.rooms = rooms;
        this.accounts = accounts;
        this.settings = settings;
    }

    @GetMapping("/set-out")
    String home(@AuthenticationPrincipal Viewer viewer) {
        return "redirect:/rooms/" + rooms.home(viewer).id() + "/set-out";
    }

    /** The zones with what is out; with something to carry, each place offers to take it. */
    @GetMapping("/rooms/{roomId}/set-out")
    ModelAndView room(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam(name = "carry", required = false) @Nullable UUID carried) {
        ModelAndView page = shelves(viewer, rooms.get(viewer.settingId(), roomId), "setout/room");
        page.addObject("carried", carried);
        return page;
    }

    private ModelAndView shelves(Viewer viewer, RoomView room, String view) {
        LocalDate today = settings.today(viewer.settingId());
        List<SetOutView> out = setOuts.out(viewer.settingId(), room, today);
        ModelAndView page = new ModelAndView(view);
        page.addObject("room", room);
        page.addObject("rooms", rooms.all(viewer.settingId()));
        page.addObject("today", today);
        page.addObject("shelves", shelves.shelves(viewer.settingId(), room, out));
        page.addObject("outIds", out.stream().map(one -> one.card().id()).toList());
        page.addObject("cards", deck.inRoom(viewer.settingId(), room.id()));
        page.addObject("pictures", pictures.edition(viewer.settingId()));
        return page;
    }

    /** Sets a card out where it was dropped; opens its form where a finding wants an adult or a reason. */
    @PostMapping("/rooms/{roomId}/set-outs")
    ModelAndView drop(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam MultiValueMap<String, String> parameters,
            @RequestHeader(name = "HX-Request-Type", defaultValue = "full") String requestType) {
        Typed typed = Typed.of(parameters);
        RoomView room = rooms.get(viewer.settingId(), roomId);
        CardView card = deck.get(viewer.settingId(), typed.id("card").orElseThrow(NotFound::new));
        Spot spot = Spot.ofKey(typed.text("at"));
        boolean inRoom = card.roomId().equals(room.id())
                && room.zones().stream().anyMatch(zone -> zone.id().equals(spot.zoneId()));
        if (!inRoom) {
            throw new NotFound();
        }
        BenchView checked = check(viewer, card, LadderStep.AS_IS, Optional.empty());
        if (checked.isForbidden() || checked.needsAdult() || checked.needsReason()) {
            return new ModelAndView(
                    "redirect:/cards/%s/set-out?zone=%s&place=%d".formatted(card.id(), spot.zoneId(), spot.place()));
        }
        setOuts.setOut(
                viewer,
                card,
                new SetOutDetails(spot.zoneId(), spot.place(), null, checked.on(), null, "", LadderStep.AS_IS, null));
        return answer(viewer, room, requestType);
    }

    /** Puts what is out on another place. */
    @PostMapping("/set-outs/{setOutId}/move")
    @CanBeUndone(Deed.CARD_MOVED)
    ModelAndView move(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("setOutId") UUID setOutId,
            @RequestParam("at") String at,
            @RequestHeader(name = "HX-Request-Type", defaultValue = "full") String requestType) {
        Spot spot = Spot.ofKey(at);
        UUID roomId = shelves.move(viewer.settingId(), setOutId, spot.zoneId(), spot.place());
        return answer(viewer, rooms.get(viewer.settingId(), roomId), requestType);
    }

    /** Orders a shelf from easy to hard. */
    @PostMapping("/rooms/{roomId}/zones/{zoneId}/order")
    @CanBeUndone(Deed.SHELF_ORDERED)
    ModelAndView order(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @PathVariable("zoneId") UUID zoneId) {
        RoomView room = rooms.get(viewer.settingId(), roomId);
        shelves.order(viewer.settingId(), room, zoneId, settings.today(viewer.settingId()));
        return answer(viewer, room, "full");
    }

    private ModelAndView answer(Viewer viewer, RoomView room, String requestType) {
        return requestType.equals("partial")
                ? shelves(viewer, room, "setout/room :: board")
                : new ModelAndView("redirect:/rooms/" + room.id() + "/set-out");
    }

    @GetMapping("/cards/{cardId}/set-out")
    ModelAndView blank(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("cardId") UUID cardId,
            @RequestParam MultiValueMap<String, String> parameters) {
        CardView card = deck.get(viewer.settingId(), cardId);
        Typed typed = Typed.of(parameters);
        LadderStep ladderStep = ladderStep(card, typed.text("step"));
        int handsOn = card.card().handsOnMinutes();
        typed.with("step", ladderStep);
        if (typed.text("minutes").isEmpty() && handsOn > 0) {
            typed.with("minutes", handsOn);
        }
        return form(
                viewer, card, check(viewer, card, ladderStep, session(viewer, card, typed)), typed, new FormErrors());
    }

    @PostMapping("/cards/{cardId}/set-out")
    ModelAndView setOut(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("cardId") UUID cardId,
            @RequestParam MultiValueMap<String, String> parameters) {
        CardView card = deck.get(viewer.settingId(), cardId);
        Typed typed = Typed.of(parameters);
        BenchView checked = check(viewer, card, ladderStep(card, typed.text("step")), session(viewer, card, typed));
        FormErrors errors = new FormErrors();
        Optional<SetOutDetails> details = read(viewer, card, checked, typed, errors);
        if (details.isEmpty()) {
            return form(viewer, card, checked, typed, errors);
        }
        setOuts.setOut(viewer, card, details.get());
        return new ModelAndView("redirect:/?room=" + card.roomId());
    }

    @PostMapping("/set-outs/{setOutId}/put-away")
    @CanBeUndone(Deed.CARD_PUT_AWAY)
    String putAway(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("setOutId") UUID setOutId,
            @RequestParam(name = "today", defaultValue = "false") boolean fromToday) {
        UUID room = setOuts.putAway(viewer.settingId(), setOutId);
        return fromToday ? "redirect:/?room=" + room : "redirect:/rooms/" + room + "/set-out";
    }

    private Optional<SetOutDetails> read(
            Viewer viewer, CardView card, BenchView checked, Typed typed, FormErrors errors) {
        RoomView room = rooms.get(viewer.settingId(), card.roomId());
        Optional<UUID> zone = typed.id("zone")
                .filter(id -> room.zones().stream().anyMatch(found -> found.id().equals(id)));
        if (zone.isEmpty()) {
            errors.add("zone", "setout.zone.missing");
        }
        Optional<UUID> session = session(viewer, card, typed);
        List<StaffView> staff = accounts.staff(viewer.settingId());
        Optional<UUID> adult = typed.chosen(
                "adult", id -> staff.stream().anyMatch(found -> found.id().equals(id)), errors);
        String reason = typed.passage("reason", 500, errors);
        checked.gate().faults(adult, reason).forEach(fault -> {
            switch (fault) {
                case NEVER -> errors.add("safety", "setout.never");
                case ADULT_MISSING -> errors.add("adult", "setout.adult.missing");
                case REASON_SHORT -> errors.add("reason", "setout.reason.short", SetOutGate.SHORTEST_REASON);
            }
        });
        Optional<Integer> minutes = typed.text("minutes").isEmpty()
                ? Optional.empty()
                : Typed.whole("minutes", typed.text("minutes"), 0, 10_000, errors);
        if (errors.any()) {
            return Optional.empty();
        }
        return zone.map(where -> new SetOutDetails(
                where,
                place(typed).orElse(null),
                session.orElse(null),
                checked.on(),
                adult.orElse(null),
                reason,
                ladderStep(card, typed.text("step")),
                minutes.orElse(null)));
    }

    /** A place from the left, where the form names one. */
    private static Optional<Integer> place(Typed typed) {
        return Typed.whole("place", typed.text("place"), 0, LAST_PLACE, new FormErrors());
    }

    private BenchView check(Viewer viewer, CardView card, LadderStep ladderStep, Optional<UUID> session) {
        return bench.calculate(
                viewer.settingId(),
                card,
                ladderStep,
                SetOutService.moment(
                        rooms.get(viewer.settingId(), card.roomId()),
                        settings.today(viewer.settingId()),
                        session.orElse(null)));
    }

    /** The session that was chosen, where the room has it. */
    private Optional<UUID> session(Viewer viewer, CardView card, Typed typed) {
        Optional<UUID> session = typed.id("session");
        if (session.isPresent()
                && rooms.get(viewer.settingId(), card.roomId()).sessions().stream()
                        .noneMatch(found -> found.id().equals(session.get()))) {
            throw new NotFound();
        }
        return session;
    }

    /** A step that the card has; as it is where it has no such step. */
    private static LadderStep ladderStep(CardView card, String asked) {
        return card.ladder().stream()
                .map(step -> step.ladderStep())
                .filter(ladderStep -> ladderStep.name().equals(asked))
                .findFirst()
                .orElse(LadderStep.AS_IS);
    }

    private ModelAndView form(Viewer viewer, CardView card, BenchView checked, Typed typed, FormErrors errors) {
        ModelAndView page = new ModelAndView("setout/card");
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        page.addObject("room", rooms.get(viewer.settingId(), card.roomId()));
        page.addObject("card", card);
        page.addObject("bench", checked);
        page.addObject(
                "lastPhoto",
                photos.ofSetOut(viewer.settingId(), card.id()).stream().findFirst());
        page.addObject(
                "due",
                checked.attending()
                        ? children.attending(viewer.settingId(), card.roomId(), checked.on())
                        : children.inRoom(viewer.settingId(), card.roomId()));
        page.addObject("back", back(typed));
        page.addObject("overruled", setOuts.overruled(viewer.settingId(), card.id()));
        page.addObject("staff", accounts.staff(viewer.settingId()));
        page.addObject("forAdults", setOuts.forAdults(viewer.settingId(), card, ladderStep(card, typed.text("step"))));
        page.addObject("typed", typed);
        page.addObject("errors", errors);
        return page;
    }

    /** Where an answered question leads back to: this set-out, as far as it was chosen. */
    private static String back(Typed typed) {
        UriComponentsBuilder back = UriComponentsBuilder.fromPath("set-out");
        Stream.of("step", "session", "zone", "place", "adult")
                .filter(field -> !typed.text(field).isEmpty())
                .forEach(field -> back.queryParam(field, typed.text(field)));
        return back.encode().toUriString();
    }
}
