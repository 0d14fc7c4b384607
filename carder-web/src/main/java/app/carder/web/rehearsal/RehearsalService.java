package app.carder.web.rehearsal;

import app.carder.core.card.SetOutGate;
import app.carder.core.ratio.FirstAidCover.Gap;
import app.carder.core.ratio.Staffing;
import app.carder.core.rehearsal.PlannedDay;
import app.carder.core.rehearsal.PlannedDay.Adult;
import app.carder.core.rehearsal.PlannedDay.Child;
import app.carder.core.rehearsal.PlannedDay.Garden;
import app.carder.core.rehearsal.PlannedDay.Group;
import app.carder.core.rehearsal.PlannedDay.Hold;
import app.carder.core.rehearsal.PlannedDay.Out;
import app.carder.core.rehearsal.PlannedDay.Place;
import app.carder.core.rehearsal.PlannedDay.Session;
import app.carder.core.rehearsal.Rehearsal;
import app.carder.core.rehearsal.Span;
import app.carder.core.room.GardenDoor;
import app.carder.core.room.RoomPlan;
import app.carder.core.said.Said;
import app.carder.core.week.DayStrip.Kind;
import app.carder.core.week.PlannedSession;
import app.carder.web.card.CardService;
import app.carder.web.card.CardSummary;
import app.carder.web.card.SafetyService;
import app.carder.web.card.SafetyService.Moment;
import app.carder.web.page.Required;
import app.carder.web.room.RoomView;
import app.carder.web.room.SessionView;
import app.carder.web.room.ZoneView;
import app.carder.web.roomplan.PlanView;
import app.carder.web.roomplan.RoomPlanService;
import app.carder.web.rota.FocusService;
import app.carder.web.rota.RotaService;
import app.carder.web.rota.RotaService.Hours;
import app.carder.web.rota.ShiftView;
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
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Puts together what is planned for a room's day, and plays it through. */
@Service
class RehearsalService {

    private final RotaService rota;
    private final FocusService focus;
    private final WeekService weeks;
    private final CardService deck;
    private final SafetyService safety;
    private final RoomPlanService plans;
    private final OccasionService occasions;

    RehearsalService(
            RotaService rota,
            FocusService focus,
            WeekService weeks,
            CardService deck,
            SafetyService safety,
            RoomPlanService plans,
            OccasionService occasions) {
        this.rota = rota;
        this.focus = focus;
        this.weeks = weeks;
        this.deck = deck;
        this.safety = safety;
        this.plans = plans;
        this.occasions = occasions;
    }

    /** Plays a day through; on a closed one nobody comes. */
    @Transactional(readOnly = true)
    Rehearsal of(SettingId settingId, RoomView room, LocalDate day) {
        if (!occasions.openDays(settingId).isOpen(day)) {
            return Rehearsal.of(PlannedDay.ofNobody(room.week().ratio()));
        }
        Hours hours = Required.from(rota.hours(settingId, room, List.of(day)), day);
        Staffing staffing = Required.from(rota.staffing(settingId, room, List.of(day)), day);
        List<SessionView> playing = WeekService.playOn(room, day);
        Optional<Set<String>> seesDoor = indoors(settingId, room).flatMap(GardenDoor::seenFrom);
        Map<UUID, Session> sessions = new LinkedHashMap<>();
        playing.forEach(session -> sessions.put(
                session.id(),
                new Session(session.id().toString(), session.session().name(), span(session))));
        PlannedDay planned = new PlannedDay(
                room.week().ratio(),
                hours.children().stream().map(RehearsalService::child).toList(),
                adults(hours),
                List.copyOf(sessions.values()),
                cards(settingId, room, day, playing, sessions, seesDoor.orElse(Set.of())),
                List.of(),
                new Garden(
                        playing.stream()
                                .filter(RehearsalService::isGardenOpen)
                                .map(RehearsalService::span)
                                .toList(),
                        seesDoor.isPresent()),
                rota.firstAid(settingId, day, staffing).cover().gaps().stream()
                        .map(RehearsalService::span)
                        .toList());
        return Rehearsal.of(withGroups(settingId, room, day, planned));
    }

    /** The plan of the room itself, where somebody has drawn it. */
    Optional<RoomPlan> indoors(SettingId settingId, RoomView room) {
        return plans.drawn(settingId, room.id()).stream()
                .map(PlanView::plan)
                .filter(plan -> plan.place() == RoomPlan.Place.INDOORS)
                .findFirst();
    }

    private static Child child(RotaService.Due due) {
        return new Child(
                due.child().id().toString(),
                due.child().name(),
                due.months(),
                Span.of(due.from(), due.until()),
                due.child()
                        .care()
                        .givers()
                        .map(givers -> givers.stream().map(UUID::toString).collect(Collectors.toSet())));
    }

    /** Each with all of their hours; what lies between is a break. */
    private static List<Adult> adults(Hours hours) {
        Map<UUID, List<ShiftView>> byAdult = hours.adults().stream()
                .collect(Collectors.groupingBy(ShiftView::accountId, LinkedHashMap::new, Collectors.toList()));
        return byAdult.entrySet().stream()
                .map(one -> new Adult(
                        one.getKey().toString(),
                        one.getValue().get(0).name(),
                        one.getValue().stream()
                                .map(shift -> Span.of(shift.from(), shift.until()))
                                .toList()))
                .toList();
    }

    private List<Out> cards(
            SettingId settingId,
            RoomView room,
            LocalDate day,
            List<SessionView> playing,
            Map<UUID, Session> sessions,
            Set<String> seesDoor) {
        Map<BlockPlace, UUID> blocks = weeks.planned(settingId, room.id(), day, day);
        Set<UUID> ids = Set.copyOf(blocks.values());
        Map<UUID, CardSummary> cards = deck.byId(settingId, ids);
        Map<UUID, Moment> moments = new HashMap<>();
        playing.forEach(session -> moments.put(session.id(), WeekService.moment(session, day)));
        Map<UUID, Map<Moment, SetOutGate>> gates = safety.gates(
                settingId,
                room,
                ids,
                playing.stream()
                        .map(session -> WeekService.moment(session, day))
                        .distinct()
                        .toList());
        Map<UUID, String> zones = room.zones().stream().collect(Collectors.toMap(ZoneView::id, ZoneView::name));
        List<Out> out = new ArrayList<>();
        blocks.forEach((at, card) -> {
            // What stands in a session that the day no longer has is not set out.
            if (moments.containsKey(at.sessionId()) && cards.containsKey(card)) {
                Map<String, Hold> holds = new HashMap<>();
                moments.forEach((session, moment) -> Optional.ofNullable(
                                Required.from(gates, card).get(moment))
                        .ifPresent(gate -> holds.put(
                                session.toString(), new Hold(gate.needsAdult(), !gate.isOpen(), gate.held()))));
                String zone = at.zoneId().toString();
                out.add(new Out(
                        at.key(),
                        Required.from(cards, card).title(),
                        Required.from(sessions, at.sessionId()),
                        new Place(zone, zones.getOrDefault(at.zoneId(), ""), seesDoor.contains(zone)),
                        Optional.empty(),
                        holds));
            }
        });
        return out;
    }

    /** Groups for which nobody has said a time are taken aside as soon as an adult is free for all of it. */
    private PlannedDay withGroups(SettingId settingId, RoomView room, LocalDate day, PlannedDay planned) {
        PlannedDay with = planned;
        for (FocusService.OfDay group : focus.on(settingId, room, day)) {
            Optional<Session> session = with.sessions().stream()
                    .filter(one -> one.id().equals(group.sessionId().toString()))
                    .findFirst();
            if (session.isPresent()) {
                String id = group.id().toString();
                String names = Said.oneAfterTheOther(group.names()).words();
                Span playing = session.get().when();
                int most = Math.min(Group.USUAL_MINUTES, playing.minutes());
                with = with.with(group.startsAt()
                        .map(start -> new Group(id, names, playing.first(start, most)))
                        .orElse(with.firstFree(id, names, session.get(), most)));
            }
        }
        return with;
    }

    /** While others play indoors. */
    private static boolean isGardenOpen(SessionView session) {
        return session.session().kind() != Kind.OUTDOORS
                && session.details().planned().garden() == PlannedSession.Garden.OPEN;
    }

    private static Span span(SessionView session) {
        return Span.of(session.session().startsAt(), session.session().endsAt());
    }

    private static Span span(Gap gap) {
        return Span.of(gap.from(), gap.until());
    }
}
