package app.carder.web.lists;

import app.carder.core.card.PutOut;
import app.carder.core.cupboard.Picture;
import app.carder.core.cupboard.Stocked;
import app.carder.core.cupboard.WeekShopping;
import app.carder.core.cupboard.WeekShopping.ToBuy;
import app.carder.core.cupboard.WeekShopping.Wanted;
import app.carder.core.measure.Money;
import app.carder.core.said.Dates;
import app.carder.core.said.Said;
import app.carder.core.week.OpenDays;
import app.carder.web.card.CardService;
import app.carder.web.card.CardView;
import app.carder.web.card.ContentsService;
import app.carder.web.card.LaidOut;
import app.carder.web.lists.ListView.Group;
import app.carder.web.lists.ListView.Item;
import app.carder.web.page.Required;
import app.carder.web.room.RoomView;
import app.carder.web.room.SessionView;
import app.carder.web.setting.OccasionService;
import app.carder.web.setting.SettingId;
import app.carder.web.week.BlockPlace;
import app.carder.web.week.WeekService;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** What the cards of a week take, against the cupboard, in packs. */
@Component
class ShoppingList {

    private static final int WEEKS_STANDING = 4;

    private final WeekService weeks;
    private final CardService deck;
    private final ContentsService contents;
    private final OccasionService occasions;

    ShoppingList(WeekService weeks, CardService deck, ContentsService contents, OccasionService occasions) {
        this.weeks = weeks;
        this.deck = deck;
        this.contents = contents;
        this.occasions = occasions;
    }

    ListView of(SettingId settingId, RoomView room, LocalDate monday) {
        List<ToBuy> lines = lines(settingId, room, monday);
        List<ToBuy> missing = lines.stream().filter(ToBuy::isMissing).toList();
        Optional<Money> cost =
                missing.stream().flatMap(line -> line.cost().stream()).reduce(Money::plus);
        String summary = lines.isEmpty()
                ? Said.say("lists.the-board-of-the-week-of", Dates.shortDay(monday))
                : Said.say(
                        "lists.week-of-to-buy-in-the",
                        Dates.shortDay(monday),
                        missing.size(),
                        cost.map(Money::forPeople).orElse("none"),
                        lines.size() - missing.size());
        return new ListView(
                ListKind.SHOPPING,
                monday,
                summary,
                List.of(
                        new Group(
                                Said.say("lists.to-buy"),
                                "",
                                missing.stream().map(line -> item(monday, line)).toList()),
                        new Group(
                                Said.say("lists.in-the-cupboard-to-be-fetched"),
                                "",
                                lines.stream()
                                        .filter(line -> !line.isMissing())
                                        .map(line -> item(monday, line))
                                        .toList())));
    }

    private List<ToBuy> lines(SettingId settingId, RoomView room, LocalDate monday) {
        Uses week = uses(settingId, room, monday, monday.plusDays(6));
        return WeekShopping.of(week.all(), week.cupboard());
    }

    /**
     * What planned cards take.
     *
     * @param all each material of each card
     * @param cupboard what it is taken from, by code
     */
    record Uses(List<Wanted> all, Map<String, Stocked> cupboard) {}

    /** What the cards of some days take. */
    Uses uses(SettingId settingId, RoomView room, LocalDate from, LocalDate until) {
        Map<BlockPlace, UUID> planned = weeks.planned(settingId, room.id(), from, until);
        if (planned.isEmpty()) {
            return new Uses(List.of(), Map.of());
        }
        OpenDays open = occasions.openDays(settingId);
        Map<UUID, LocalTime> starts = room.sessions().stream()
                .collect(Collectors.toMap(
                        SessionView::id, session -> session.session().startsAt()));
        Map<UUID, List<LocalDateTime>> sessions = new LinkedHashMap<>();
        planned.forEach((at, card) -> Optional.ofNullable(starts.get(at.sessionId()))
                .filter(start -> open.isOpen(at.onDay()))
                .ifPresent(start -> sessions.computeIfAbsent(card, key -> new ArrayList<>())
                        .add(at.onDay().atTime(start))));
        Map<UUID, List<LocalDate>> out = weeks.out(settingId, room.id(), from.minusDays(1));
        Map<BlockPlace, UUID> before =
                weeks.planned(settingId, room.id(), from.minusWeeks(WEEKS_STANDING), from.minusDays(1));
        List<CardView> cards = deck.whole(settingId, sessions.keySet());
        Map<UUID, LaidOut> laid = contents.lay(settingId, cards);
        List<Wanted> uses = new ArrayList<>();
        Map<String, Stocked> cupboard = new LinkedHashMap<>();
        for (CardView card : cards) {
            List<LocalDateTime> when = sessions.getOrDefault(card.id(), List.of());
            int stood = WeekShopping.stood(
                    out.getOrDefault(card.id(), List.of()),
                    sessionsOf(card.id(), before),
                    Collections.min(when).toLocalDate(),
                    open);
            for (PutOut.Part part : Required.from(laid, card.id()).putOut().parts()) {
                cupboard.put(part.stocked().code(), part.stocked());
                uses.add(new Wanted(
                        card.title(),
                        part.stocked().code(),
                        part.amount(),
                        card.card().usage().term().sessionsPerFill(),
                        stood,
                        when));
            }
        }
        return new Uses(uses, cupboard);
    }

    /** Sessions of each day for which a card was planned. */
    private static Map<LocalDate, Integer> sessionsOf(UUID card, Map<BlockPlace, UUID> planned) {
        Map<LocalDate, Set<UUID>> sessions = new HashMap<>();
        planned.forEach((at, standing) -> {
            if (standing.equals(card)) {
                sessions.computeIfAbsent(at.onDay(), key -> new HashSet<>()).add(at.sessionId());
            }
        });
        return sessions.entrySet().stream()
                .collect(Collectors.toMap(
                        Map.Entry::getKey, one -> one.getValue().size()));
    }

    private static Item item(LocalDate monday, ToBuy line) {
        Stocked material = line.material();
        String stock = material.stock().isKnown()
                ? Said.say("lists.there", material.stock().forPeople())
                : Said.say("lists.stock-not-written-down");
        String need = line.need().forPeople();
        String amount = line.isMissing() ? toBuy(line) : need;
        return new Item(
                monday + "/" + material.code(),
                material.name(),
                amount,
                Said.say(
                        "lists.by-for",
                        amount.equals(need) ? "none" : need,
                        stock,
                        Dates.moment(line.neededBy()),
                        String.join(", ", line.cards()),
                        line.isMissing() || material.keptIn().isEmpty() ? "none" : material.keptIn()),
                false,
                Optional.of(Picture.of(material)),
                Optional.empty());
    }

    private static String toBuy(ToBuy line) {
        return line.packs()
                .flatMap(packs -> line.material()
                        .bought()
                        .map(bought -> packs + " × " + bought.content().forPeople()
                                + line.cost()
                                        .map(cost -> ", " + cost.forPeople())
                                        .orElse("")))
                .orElse(line.missing().forPeople());
    }
}
