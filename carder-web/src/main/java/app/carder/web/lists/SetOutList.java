package app.carder.web.lists;

import app.carder.core.card.SetOutGate;
import app.carder.core.measure.Mass;
import app.carder.core.said.Dates;
import app.carder.core.said.Said;
import app.carder.core.week.Changeover;
import app.carder.core.week.Changeover.Kind;
import app.carder.core.week.Changeover.Step;
import app.carder.web.card.CardService;
import app.carder.web.card.CardView;
import app.carder.web.card.ContentsService;
import app.carder.web.card.LaidOut;
import app.carder.web.card.SafetyService;
import app.carder.web.card.SafetyService.Moment;
import app.carder.web.lists.ListView.Group;
import app.carder.web.lists.ListView.Item;
import app.carder.web.page.Required;
import app.carder.web.room.RoomView;
import app.carder.web.room.SessionView;
import app.carder.web.room.ZoneView;
import app.carder.web.roomplan.RoomPlanService;
import app.carder.web.roomplan.RoomPlanService.ZonePlaces;
import app.carder.web.setout.SetOutService;
import app.carder.web.setting.OccasionService;
import app.carder.web.setting.SettingId;
import app.carder.web.week.BlockPlace;
import app.carder.web.week.WeekService;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** What is put out, moved and put away for each session of a day, as one walks along the places. */
@Component
class SetOutList {

    private final WeekService weeks;
    private final RoomPlanService plans;
    private final CardService deck;
    private final ContentsService contents;
    private final SafetyService safety;
    private final SetOutService setOuts;
    private final OccasionService occasions;

    SetOutList(
            WeekService weeks,
            RoomPlanService plans,
            CardService deck,
            ContentsService contents,
            SafetyService safety,
            SetOutService setOuts,
            OccasionService occasions) {
        this.weeks = weeks;
        this.plans = plans;
        this.deck = deck;
        this.contents = contents;
        this.safety = safety;
        this.setOuts = setOuts;
        this.occasions = occasions;
    }

    /** Where a card stands. */
    private record Spot(UUID zoneId, int place) {}

    /** What the lines need to know of the cards and zones that they name. */
    private record Names(
            Map<UUID, CardView> cards,
            Map<UUID, LaidOut> laid,
            Map<UUID, Map<Moment, SetOutGate>> gates,
            Map<UUID, String> zones,
            Map<UUID, ZonePlaces> places) {

        String place(Spot spot) {
            String zone = zones.getOrDefault(spot.zoneId(), "");
            ZonePlaces here = places.get(spot.zoneId());
            return here != null && here.places() > 1 ? Said.say("lists.place", zone, (spot.place() + 1)) : zone;
        }

        String title(UUID card) {
            CardView view = cards.get(card);
            return view == null ? Said.say("lists.a-card-that-is-gone") : view.title();
        }

        /** What holds it in that session, and why an adult stays with it, naming no child: lists are printed. */
        String held(UUID card, SessionView session, LocalDate on) {
            return Optional.ofNullable(gates.get(card))
                    .map(ofCard -> Required.from(ofCard, WeekService.moment(session, on)))
                    .map(gate -> both(gate.heldNamingNobody(), gate.stays()))
                    .orElse("");
        }

        Optional<Mass> tooHeavy(UUID card) {
            return Optional.ofNullable(laid.get(card))
                    .flatMap(out -> out.putOut().tooHeavy());
        }
    }

    ListView of(SettingId settingId, RoomView room, LocalDate on) {
        if (!occasions.openDays(settingId).isOpen(on)) {
            return new ListView(ListKind.SET_OUT, on, Said.say("lists.is-closed", Dates.dayOfWeek(on)), List.of());
        }
        Map<UUID, ZonePlaces> places = plans.places(settingId, room);
        Map<BlockPlace, UUID> planned = weeks.planned(settingId, room.id(), on, on);
        Map<Spot, UUID> standing = standingBefore(settingId, room, on, places);
        Names names = names(
                settingId,
                room,
                Stream.concat(planned.values().stream(), standing.values().stream())
                        .collect(Collectors.toSet()),
                on,
                places);
        List<Group> groups = new ArrayList<>();
        for (SessionView session : WeekService.playOn(room, on)) {
            List<Spot> walk = walk(room, session, on, places);
            Map<Spot, UUID> wanted = wanted(planned, session);
            if (!wanted.isEmpty()) {
                groups.add(group(session, on, Changeover.of(walk, standing, wanted), names));
                change(standing, walk, wanted);
            }
        }
        String summary = groups.isEmpty()
                ? Said.say("lists.nothing-is-planned-for-yet-put", Dates.dayOfWeek(on))
                : Said.say("lists.for-as-one-walks-along-the", Dates.dayOfWeek(on));
        return new ListView(ListKind.SET_OUT, on, summary, groups);
    }

    private static List<Spot> walk(RoomView room, SessionView session, LocalDate on, Map<UUID, ZonePlaces> places) {
        return WeekService.placesIn(room, session, on, places).stream()
                .map(at -> new Spot(at.zoneId(), at.place()))
                .toList();
    }

    private static Map<Spot, UUID> wanted(Map<BlockPlace, UUID> planned, SessionView session) {
        Map<Spot, UUID> wanted = new HashMap<>();
        planned.forEach((at, card) -> {
            if (at.sessionId().equals(session.id())) {
                wanted.put(new Spot(at.zoneId(), at.place()), card);
            }
        });
        return wanted;
    }

    private static void change(Map<Spot, UUID> standing, List<Spot> walk, Map<Spot, UUID> wanted) {
        standing.keySet().removeAll(Set.copyOf(walk));
        standing.putAll(wanted);
    }

    /** What stands at the end of the open day before: as planned, else as it was set out. */
    private Map<Spot, UUID> standingBefore(
            SettingId settingId, RoomView room, LocalDate on, Map<UUID, ZonePlaces> places) {
        LocalDate before = occasions.openDays(settingId).before(on);
        Map<Spot, UUID> standing = new LinkedHashMap<>();
        Map<BlockPlace, UUID> planned = weeks.planned(settingId, room.id(), before, before);
        for (SessionView session : WeekService.playOn(room, before)) {
            Map<Spot, UUID> wanted = wanted(planned, session);
            if (!wanted.isEmpty()) {
                change(standing, walk(room, session, before, places), wanted);
            }
        }
        if (standing.isEmpty()) {
            setOuts.out(settingId, room, before)
                    .forEach(out -> standing.putIfAbsent(
                            new Spot(out.zone().id(), 0), out.card().id()));
        }
        return standing;
    }

    private Names names(
            SettingId settingId, RoomView room, Set<UUID> cardIds, LocalDate on, Map<UUID, ZonePlaces> places) {
        List<CardView> cards = deck.whole(settingId, cardIds);
        Map<UUID, LaidOut> laid = contents.lay(settingId, cards);
        List<Moment> moments = WeekService.playOn(room, on).stream()
                .map(session -> WeekService.moment(session, on))
                .toList();
        return new Names(
                cards.stream().collect(Collectors.toMap(CardView::id, Function.identity())),
                laid,
                safety.gates(settingId, room, laid, cards, moments),
                room.zones().stream().collect(Collectors.toMap(ZoneView::id, ZoneView::name)),
                places);
    }

    private static Group group(SessionView session, LocalDate on, Changeover<Spot, UUID> changes, Names names) {
        String staying = changes.steps().stream()
                .filter(step -> step.kind() == Kind.STAYS)
                .map(step -> names.title(step.card()) + " ("
                        + both(names.place(step.place()), names.held(step.card(), session, on)) + ")")
                .collect(Collectors.joining(", "));
        return new Group(
                Dates.time(session.session().startsAt()) + " "
                        + session.session().name(),
                staying.isEmpty() ? "" : Said.say("lists.stays-as-it-stands", staying),
                changes.steps().stream()
                        .filter(step -> step.kind() != Kind.STAYS)
                        .map(step -> item(session, on, step, names))
                        .toList());
    }

    private static Item item(SessionView session, LocalDate on, Step<Spot, UUID> step, Names names) {
        String title = names.title(step.card());
        String what = switch (step.kind()) {
            case PUT_OUT -> Said.say("lists.put-out", title);
            case MOVES -> Said.say("lists.move", title);
            case PUT_AWAY -> Said.say("lists.put-away", title);
            case STAYS -> throw new IllegalStateException("Impossible state: what stays is no line.");
        };
        Optional<Mass> tooHeavy = names.tooHeavy(step.card());
        String held = step.kind() == Kind.PUT_AWAY ? "" : names.held(step.card(), session, on);
        return new Item(
                String.join(
                        "/",
                        on.toString(),
                        session.id().toString(),
                        step.place().zoneId().toString(),
                        Integer.toString(step.place().place()),
                        step.card().toString(),
                        step.kind().name()),
                what,
                names.place(step.place()),
                both(held, detail(step, tooHeavy, names)),
                tooHeavy.isPresent(),
                Optional.empty(),
                Optional.empty());
    }

    private static String both(String first, String then) {
        return Stream.of(first, then).filter(words -> !words.isEmpty()).collect(Collectors.joining("; "));
    }

    private static String detail(Step<Spot, UUID> step, Optional<Mass> tooHeavy, Names names) {
        List<String> said = new ArrayList<>();
        step.from().ifPresent(from -> said.add(Said.say("lists.from", names.place(from))));
        if (step.kind() == Kind.PUT_OUT) {
            Optional.ofNullable(names.laid().get(step.card())).ifPresent(laid -> {
                if (!laid.putOut().forPeople().isEmpty()) {
                    said.add(laid.putOut().forPeople());
                }
                laid.contents().kit().ifPresent(kit -> said.add(Said.say("lists.kit", kit.name())));
            });
        }
        step.away()
                .filter(away -> step.kind() != Kind.PUT_AWAY)
                .ifPresent(away -> said.add(Said.say("lists.instead-of", names.title(away))));
        tooHeavy.ifPresent(mass -> said.add(
                switch (step.kind()) {
                    case MOVES -> Said.say("lists.full-empty-it-before-it-is", mass.forPeople());
                    case PUT_AWAY -> Said.say("lists.full-empty-it-where-it-stands", mass.forPeople());
                    case PUT_OUT, STAYS -> Said.say("lists.full-fill-it-where-it-is", mass.forPeople());
                }));
        return String.join("; ", said);
    }
}
