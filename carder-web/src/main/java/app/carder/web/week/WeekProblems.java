package app.carder.web.week;

import app.carder.core.card.PutOut;
import app.carder.core.card.SetOutGate;
import app.carder.core.framework.Framework.Area;
import app.carder.core.proposal.Interests;
import app.carder.core.proposal.Offer;
import app.carder.core.proposal.WeekProblem;
import app.carder.core.proposal.WeekProblem.Slot;
import app.carder.core.ratio.Staffing;
import app.carder.core.safety.Feature;
import app.carder.core.said.Said;
import app.carder.core.week.DayStrip;
import app.carder.core.week.OpenDays;
import app.carder.core.week.Rotation.Advised;
import app.carder.core.week.Rotation.Novelty;
import app.carder.web.card.CardService;
import app.carder.web.card.CardView;
import app.carder.web.card.ContentsService;
import app.carder.web.card.LaidOut;
import app.carder.web.card.SafetyService;
import app.carder.web.card.SafetyService.Moment;
import app.carder.web.children.ChildService;
import app.carder.web.children.ChildView;
import app.carder.web.page.Required;
import app.carder.web.room.RoomView;
import app.carder.web.room.SessionView;
import app.carder.web.roomplan.RoomPlanService;
import app.carder.web.roomplan.RoomPlanService.ZonePlaces;
import app.carder.web.rota.RotaService;
import app.carder.web.setout.SetOutService;
import app.carder.web.setting.OccasionService;
import app.carder.web.setting.SettingId;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;

/** Gathers what a proposal has to know of a room's week: places, adults, cards, findings, interests and what was decided already. */
@Service
class WeekProblems {

    private static final int WEEKS_LOOKED_BACK = 2;

    private final WeekService weeks;
    private final RoomPlanService plans;
    private final CardService deck;
    private final ContentsService contents;
    private final SafetyService safety;
    private final ChildService children;
    private final RotaService rota;
    private final OccasionService occasions;
    private final SetOutService setOuts;

    WeekProblems(
            WeekService weeks,
            RoomPlanService plans,
            CardService deck,
            ContentsService contents,
            SafetyService safety,
            ChildService children,
            RotaService rota,
            OccasionService occasions,
            SetOutService setOuts) {
        this.weeks = weeks;
        this.plans = plans;
        this.deck = deck;
        this.contents = contents;
        this.safety = safety;
        this.children = children;
        this.rota = rota;
        this.occasions = occasions;
        this.setOuts = setOuts;
    }

    /**
     * A question to the solver.
     *
     * @param problem what is asked
     * @param places how its slots are to be read
     */
    record Asked(WeekProblem problem, Map<Slot, BlockPlace> places) {}

    /** Asks for a week of a room, with what is pinned and banned there. */
    Asked of(SettingId settingId, RoomView room, LocalDate monday) {
        OpenDays open = occasions.openDays(settingId);
        List<LocalDate> days = open.ofWeek(monday);
        Map<LocalDate, Staffing> staffing = rota.staffing(settingId, room, days);
        Map<UUID, ZonePlaces> places = plans.places(settingId, room);
        List<WeekProblem.Zone> zones = new ArrayList<>();
        Map<List<Object>, Integer> zoneAt = new HashMap<>();
        room.zones().forEach(zone -> {
            ZonePlaces here = Required.from(places, zone.id());
            for (int place = 0; place < here.places(); place++) {
                zoneAt.put(List.of(zone.id(), place), zones.size());
                zones.add(new WeekProblem.Zone(
                        zone.id() + "/" + place,
                        here.places() > 1 ? zone.name() + ", place " + (place + 1) : zone.name(),
                        here.takesWater(),
                        here.outdoors()));
            }
        });
        List<WeekProblem.Day> asked = new ArrayList<>();
        Map<Slot, BlockPlace> slots = new LinkedHashMap<>();
        for (int day = 0; day < days.size(); day++) {
            List<WeekProblem.Session> sessions = new ArrayList<>();
            for (SessionView session : WeekService.playOn(room, days.get(day))) {
                for (BlockPlace place : WeekService.placesIn(room, session, days.get(day), places)) {
                    slots.put(
                            new Slot(
                                    day,
                                    sessions.size(),
                                    Required.from(zoneAt, List.<Object>of(place.zoneId(), place.place()))),
                            place);
                }
                Staffing there = Required.from(staffing, days.get(day));
                sessions.add(new WeekProblem.Session(
                        session.id().toString(),
                        Said.say(
                                "week.session-at",
                                session.session().name(),
                                session.session().startsAt()),
                        there.fewestAdults(
                                session.session().startsAt(), session.session().endsAt())));
            }
            asked.add(new WeekProblem.Day(days.get(day), sessions, room.week().eveningMinutes()));
        }
        Map<UUID, Long> stock = new HashMap<>();
        Map<String, String> interests = children.inRoom(settingId, room.id()).stream()
                .filter(child -> !child.interests().isBlank())
                .collect(Collectors.toMap(child -> child.id().toString(), ChildView::interests));
        List<Offer> offers = offers(settingId, room, monday, days, zones, interests, stock);
        Map<BlockPlace, UUID> pinned = weeks.pinned(settingId, room.id(), monday, monday.plusDays(6));
        Set<String> offered = offers.stream().map(Offer::id).collect(Collectors.toSet());
        Map<Slot, String> pins = new HashMap<>();
        slots.forEach((slot, place) -> Optional.ofNullable(pinned.get(place))
                .map(UUID::toString)
                .filter(offered::contains)
                .ifPresent(card -> pins.put(slot, card)));
        Map<String, Long> stockByName = new HashMap<>();
        stock.forEach((material, amount) -> stockByName.put(material.toString(), amount));
        return new Asked(
                new WeekProblem(
                        asked,
                        zones,
                        List.copyOf(slots.keySet()),
                        offers,
                        stockByName,
                        room.framework().areas().stream().collect(Collectors.toMap(Area::code, Area::name)),
                        served(settingId, room, monday, interests.keySet(), offers),
                        pins),
                slots);
    }

    /** How often each child's interest was met by what was set out in the weeks before, those who were served least at 0. */
    private Map<String, Integer> served(
            SettingId settingId, RoomView room, LocalDate monday, Set<String> childIds, List<Offer> offers) {
        Map<UUID, List<LocalDate>> out =
                setOuts.daysOut(settingId, room.id(), monday.minusWeeks(WEEKS_LOOKED_BACK), monday.minusDays(1));
        Map<String, Integer> served = childIds.stream().collect(Collectors.toMap(child -> child, child -> 0));
        for (Offer offer : offers) {
            int days = (int) out.getOrDefault(UUID.fromString(offer.id()), List.of()).stream()
                    .distinct()
                    .count();
            offer.interested().forEach(child -> served.merge(child, days, Integer::sum));
        }
        int least = served.values().stream().min(Integer::compare).orElse(0);
        served.replaceAll((child, times) -> times - least);
        return served;
    }

    private List<Offer> offers(
            SettingId settingId,
            RoomView room,
            LocalDate monday,
            List<LocalDate> days,
            List<WeekProblem.Zone> zones,
            Map<String, String> interests,
            Map<UUID, Long> stock) {
        Set<UUID> banned = weeks.banned(settingId, room.id(), monday);
        List<CardView> cards = deck.whole(settingId, room.id()).stream()
                .filter(card -> !banned.contains(card.id()))
                .toList();
        Map<UUID, LaidOut> laid = contents.lay(settingId, cards);
        Map<Offer.When, Moment> moments = new LinkedHashMap<>();
        for (int day = 0; day < days.size(); day++) {
            List<SessionView> sessions = WeekService.playOn(room, days.get(day));
            for (int session = 0; session < sessions.size(); session++) {
                DayStrip.Session of = sessions.get(session).session();
                moments.put(new Offer.When(day, session), Moment.between(days.get(day), of.startsAt(), of.endsAt()));
            }
        }
        Map<UUID, Map<Moment, SetOutGate>> gates =
                safety.gates(settingId, room, laid, cards, List.copyOf(moments.values()));
        Map<UUID, Advised> advised = weeks.advised(settingId, room, monday);
        List<Offer> offers = new ArrayList<>();
        for (CardView card : cards) {
            PutOut putOut = Required.from(laid, card.id()).putOut();
            PutOut.Demand demand = putOut.demand();
            demand.stock().forEach((thing, amount) -> stock.put(UUID.fromString(thing), amount));
            Map<Moment, SetOutGate> ofCard = Required.from(gates, card.id());
            Set<Offer.When> held = moments.entrySet().stream()
                    .filter(session ->
                            !Required.from(ofCard, session.getValue()).isOpen())
                    .map(Map.Entry::getKey)
                    .collect(Collectors.toSet());
            Advised turn = advised.getOrDefault(card.id(), new Advised(Novelty.NEW, 0, Said.nothing()));
            offers.add(new Offer(
                    card.id().toString(),
                    card.title(),
                    ground(card, putOut),
                    ofCard.values().stream()
                            .map(gate -> gate.load(card.purpose().load()))
                            .max(Comparator.naturalOrder())
                            .orElse(card.purpose().load()),
                    card.card().handsOnMinutes(),
                    demand.needs(),
                    card.card().coverage().areas(),
                    card.card().coverage().senses(),
                    Interests.met(interests, card.card().said()),
                    turn.turn(),
                    turn.standing() > 0,
                    homes(card, zones),
                    held));
        }
        return offers;
    }

    /** Zones whose name the card names as its place. */
    private static Set<Integer> homes(CardView card, List<WeekProblem.Zone> zones) {
        String place = card.purpose().place().toLowerCase(Locale.ROOT);
        return IntStream.range(0, zones.size())
                .filter(at -> place.contains(
                        zones.get(at).name().replaceAll(", place \\d+$", "").toLowerCase(Locale.ROOT)))
                .boxed()
                .collect(Collectors.toSet());
    }

    private static Offer.Ground ground(CardView card, PutOut putOut) {
        if (card.contents().features().contains(Feature.OUTDOORS)) {
            return Offer.Ground.OUTDOORS;
        }
        return putOut.isWet() ? Offer.Ground.WET : Offer.Ground.ANY;
    }
}
