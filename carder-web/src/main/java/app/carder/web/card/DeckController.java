package app.carder.web.card;

import app.carder.core.evidence.DeckGaps;
import app.carder.core.framework.Framework;
import app.carder.core.said.Dates;
import app.carder.core.said.Said;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.page.FormErrors;
import app.carder.web.page.Typed;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import app.carder.web.undo.CanBeUndone;
import app.carder.web.undo.Deed;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The plan's cards seen edge-on: the newest first, or by week, room or area with the gaps named. */
@Controller
@AllowedTo(Audience.STAFF)
class DeckController {

    private final CardService deck;
    private final RoomService rooms;
    private final CardPictures pictures;

    DeckController(CardService deck, RoomService rooms, CardPictures pictures) {
        this.pictures = pictures;
        this.deck = deck;
        this.rooms = rooms;
    }

    /**
     * Cards that belong together.
     *
     * @param name of the group
     * @param framework whose areas the columns stand for
     * @param cards of the group
     * @param gaps what they leave out, in words
     */
    record Group(String name, Framework framework, List<CardSummary> cards, String gaps) {}

    @GetMapping("/plan")
    String home(@AuthenticationPrincipal Viewer viewer) {
        return "redirect:/rooms/" + rooms.home(viewer).id() + "/cards";
    }

    @GetMapping("/rooms/{roomId}/cards")
    String deck(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam(name = "by", defaultValue = "") String by,
            @RequestParam(name = "notch", required = false) @Nullable String notch,
            @RequestParam(name = "page", defaultValue = "0") int page,
            @RequestParam(name = "taken", required = false) @Nullable Integer taken,
            Model model) {
        RoomView room = rooms.get(viewer.settingId(), roomId);
        Optional<String> wanted = Optional.ofNullable(notch).filter(code -> !code.isBlank());
        model.addAttribute("room", room);
        model.addAttribute("rooms", rooms.all(viewer.settingId()));
        model.addAttribute("notch", wanted.orElse(""));
        model.addAttribute("by", by);
        model.addAttribute("taken", taken);
        model.addAttribute("pictures", pictures.edition(viewer.settingId()));
        model.addAttribute("url", "/rooms/" + roomId + "/cards" + (by.isEmpty() ? "" : "?by=" + by));
        if (List.of("week", "room", "area").contains(by)) {
            model.addAttribute("groups", groups(viewer, room, by, wanted));
            return "card/deck-groups";
        }
        model.addAttribute("deck", deck.deck(viewer.settingId(), roomId, wanted, page));
        return "card/deck";
    }

    /** Plans a card for the week of a day; without a day, for none. */
    @PostMapping("/cards/{cardId}/week")
    @CanBeUndone(Deed.CARD_PLANNED)
    String planFor(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("cardId") UUID cardId,
            @RequestParam MultiValueMap<String, String> parameters) {
        CardView card = deck.get(viewer.settingId(), cardId);
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        Optional<LocalDate> day = typed.text("weekOf").isEmpty() ? Optional.empty() : typed.day("weekOf", errors);
        if (!errors.any()) {
            deck.planFor(
                    viewer, cardId, day.map(found -> found.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY))));
        }
        return "redirect:/rooms/" + card.roomId() + "/cards?by=week" + (errors.any() ? "&wrongDay" : "");
    }

    private List<Group> groups(Viewer viewer, RoomView room, String by, Optional<String> notch) {
        if (by.equals("room")) {
            Map<UUID, List<CardSummary>> byRoom = deck.plan(viewer.settingId(), Optional.empty()).stream()
                    .collect(Collectors.groupingBy(CardSummary::roomId));
            return rooms.all(viewer.settingId()).stream()
                    .map(one -> group(one.name(), one.framework(), byRoom.getOrDefault(one.id(), List.of()), notch))
                    .toList();
        }
        List<CardSummary> cards = deck.plan(viewer.settingId(), Optional.of(room.id()));
        if (by.equals("area")) {
            return room.framework().areas().stream()
                    .map(area -> group(
                            area.name(),
                            room.framework(),
                            cards.stream()
                                    .filter(card -> card.areas().contains(area.code()))
                                    .toList(),
                            notch))
                    .toList();
        }
        Map<Optional<LocalDate>, List<CardSummary>> byWeek = new LinkedHashMap<>();
        cards.stream()
                .sorted(Comparator.comparing(card -> card.weekOf().orElse(LocalDate.MAX)))
                .forEach(card -> byWeek.computeIfAbsent(card.weekOf(), week -> new ArrayList<>())
                        .add(card));
        return byWeek.entrySet().stream()
                .map(week -> group(
                        week.getKey()
                                .map(monday -> Said.say("card.week-of", Dates.shortDay(monday)))
                                .orElse(Said.say("card.not-planned-for-a-week")),
                        room.framework(),
                        week.getValue(),
                        notch))
                .toList();
    }

    /** The gaps are those of all cards of the group, whatever notch is looked at. */
    private static Group group(String name, Framework framework, List<CardSummary> cards, Optional<String> notch) {
        DeckGaps gaps = DeckGaps.of(
                framework,
                cards.stream()
                        .map(card -> new DeckGaps.Covered(card.areas(), card.senses()))
                        .toList());
        return new Group(
                name,
                framework,
                cards.stream()
                        .filter(card -> notch.map(card::hasNotch).orElse(true))
                        .toList(),
                gaps.words());
    }
}
