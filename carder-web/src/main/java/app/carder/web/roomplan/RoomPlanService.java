package app.carder.web.roomplan;

import app.carder.core.measure.Age;
import app.carder.core.practice.PracticeStyle;
import app.carder.core.ratio.RatioRule;
import app.carder.core.room.Capacity;
import app.carder.core.room.Play;
import app.carder.core.room.RoomCheck;
import app.carder.core.room.RoomPlan;
import app.carder.core.room.RoomPlan.Place;
import app.carder.core.room.RoomPlan.Posture;
import app.carder.core.room.Sightlines;
import app.carder.core.room.SpotProposal;
import app.carder.core.room.UsualPlan;
import app.carder.core.said.Refused;
import app.carder.core.said.Said;
import app.carder.core.said.TimeLimit;
import app.carder.web.account.Viewer;
import app.carder.web.children.ChildService;
import app.carder.web.children.ChildView;
import app.carder.web.page.Busy;
import app.carder.web.page.LimitProperties;
import app.carder.web.page.NotFound;
import app.carder.web.page.Places;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import app.carder.web.room.ZoneView;
import app.carder.web.setting.Area;
import app.carder.web.setting.Ids;
import app.carder.web.setting.Remembered;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Plans of rooms and gardens. */
@Service
public class RoomPlanService {

    private static final int DAYS_LOOKED_AT = 7;
    private static final int MOST_PLACES = 12;

    private final KeptPlanRepository plans;
    private final RoomService rooms;
    private final ChildService children;
    private final SettingService settings;
    private final LimitProperties limits;
    private final Places places;

    RoomPlanService(
            KeptPlanRepository plans,
            RoomService rooms,
            ChildService children,
            SettingService settings,
            LimitProperties limits,
            Places places) {
        this.plans = plans;
        this.rooms = rooms;
        this.children = children;
        this.settings = settings;
        this.limits = limits;
        this.places = places;
    }

    /** The room's plan, or the garden's; one to begin with where nobody has drawn any. */
    @Remembered(Area.PLACES)
    @Transactional(readOnly = true)
    public PlanView get(SettingId settingId, RoomView room, Place place) {
        return drawn(settingId, room.id()).stream()
                .filter(plan -> plan.plan().place() == place)
                .findFirst()
                .orElseGet(() -> new PlanView(UsualPlan.of(place, names(room)), 0, ""));
    }

    /** Plans that somebody has drawn, of a room and its garden. */
    @Remembered(Area.PLACES)
    @Transactional(readOnly = true)
    public List<PlanView> drawn(SettingId settingId, UUID roomId) {
        return plans.findBySettingIdAndRoomId(settingId, roomId).stream()
                .map(kept -> new PlanView(kept.plan(), kept.edition(), kept.changedBy()))
                .toList();
    }

    private static Map<String, String> names(RoomView room) {
        Map<String, String> names = new LinkedHashMap<>();
        room.zones().forEach(zone -> names.put(zone.id().toString(), zone.name()));
        return names;
    }

    /** Zones of the room that are on neither plan. */
    @Remembered(Area.PLACES)
    @Transactional(readOnly = true)
    public List<ZoneView> unplaced(SettingId settingId, RoomView room) {
        List<String> placed = Arrays.stream(Place.values())
                .flatMap(place -> get(settingId, room, place).plan().zones().stream())
                .map(RoomPlan.Zone::id)
                .toList();
        return room.zones().stream()
                .filter(zone -> !placed.contains(zone.id().toString()))
                .toList();
    }

    /**
     * Keeps a plan, and its zones with it: new ones are made, changed names are taken over, those that are no longer on it stay in the
     * room, as cards may have stood there.
     *
     * @param edition that was opened
     * @return the plan as it stands, where somebody else was faster; empty where all is well
     * @throws IllegalArgumentException if two zones of the room would have one name
     */
    @Transactional
    public Optional<PlanView> save(Viewer viewer, UUID roomId, RoomPlan plan, int edition) {
        RoomView room = rooms.get(viewer.settingId(), roomId);
        Optional<KeptPlan> kept = plans.findBySettingIdAndRoomIdAndPlace(viewer.settingId(), roomId, plan.place());
        if (kept.map(KeptPlan::edition).orElse(0) != edition) {
            return kept.map(theirs -> new PlanView(theirs.plan(), theirs.edition(), theirs.changedBy()));
        }
        Map<UUID, String> zones = new LinkedHashMap<>();
        plan.zones().forEach(zone -> zones.put(zoneId(zone.id()), zone.name()));
        rooms.keepZones(viewer.settingId(), room.id(), zones);
        String title = Said.say("roomplan.plan-of-2", room.name(), plan.place().words());
        if (kept.isPresent()) {
            kept.get().redraw(plan, title, viewer.name(), settings.now(viewer.settingId()));
        } else {
            plans.save(new KeptPlan(
                    viewer.settingId(), roomId, plan, title, viewer.name(), settings.now(viewer.settingId())));
        }
        return Optional.empty();
    }

    /**
     * A plan from a file, with its zones as this room knows them: by id, else by name, else as new ones. A file that comes from another
     * room or setting brings ids that mean nothing here.
     */
    static RoomPlan adopted(RoomPlan plan, RoomView room) {
        Map<String, String> byName = new LinkedHashMap<>();
        room.zones().forEach(zone -> byName.put(zone.name(), zone.id().toString()));
        List<RoomPlan.Zone> zones = plan.ofZones(zone -> byName.containsValue(zone.id())
                ? zone
                : new RoomPlan.Zone(
                        byName.getOrDefault(zone.name(), Ids.next().toString()),
                        zone.name(),
                        zone.kind(),
                        zone.ground(),
                        zone.footprint()));
        return new RoomPlan(
                plan.place(),
                plan.outline(),
                plan.pathWidthMm(),
                plan.walls(),
                plan.doors(),
                zones,
                plan.pieces(),
                plan.spots());
    }

    private static UUID zoneId(String id) {
        try {
            return UUID.fromString(id);
        } catch (IllegalArgumentException notAnId) {
            throw new NotFound();
        }
    }

    /**
     * Looks a plan over with the children of the busiest of the next seven days. In no transaction: while it works out, others use the
     * database.
     */
    public LookView look(SettingId settingId, UUID roomId, RoomPlan plan) {
        List<Integer> ages = ages(settingId, roomId);
        RatioRule rule = rooms.get(settingId, roomId).week().ratio();
        Capacity capacity = Capacity.of(plan, rule, ages);
        try {
            return inTime(limit -> new LookView(
                    plan, Sightlines.of(plan, limit), capacity, RoomCheck.of(plan, rule, ages, limit), ages.size()));
        } catch (Refused tooMuch) {
            return new LookView(
                    plan,
                    Sightlines.unknown(),
                    capacity,
                    List.of(RoomCheck.notLookedOver(Refused.why(tooMuch))),
                    ages.size());
        }
    }

    /**
     * Where so many adults would see most.
     *
     * @throws IllegalArgumentException if there is nothing to see or to stand on, or it takes too long
     */
    SpotProposal spots(RoomPlan plan, int adults, Posture posture, Play play) {
        return inTime(limit -> SpotProposal.of(plan, adults, posture, play, limit));
    }

    /** A few at a time, none of them long, so that plans leave room for everything else. */
    private <T> T inTime(Function<TimeLimit, T> calculation) {
        try {
            return places.with(() -> calculation.apply(TimeLimit.of(limits.planTime())));
        } catch (Busy others) {
            throw Refused.because("refused.busy").from(others);
        }
    }

    private List<Integer> ages(SettingId settingId, UUID roomId) {
        List<ChildView> all = children.expected(settingId, roomId);
        LocalDate today = settings.today(settingId);
        List<Integer> most = List.of();
        for (int ahead = 0; ahead < DAYS_LOOKED_AT; ahead++) {
            LocalDate day = today.plusDays(ahead);
            List<Integer> there = all.stream()
                    .filter(child -> child.attendsOn(day))
                    .map(child -> Age.between(child.age().bornOn(), day).inMonths())
                    .toList();
            most = there.size() > most.size() ? there : most;
        }
        return most;
    }

    /** How many children each zone that is on a plan takes, by zone. */
    @Remembered(Area.PLACES)
    @Transactional(readOnly = true)
    public Map<UUID, Capacity.OfZone> capacities(SettingId settingId, UUID roomId) {
        List<Integer> ages = ages(settingId, roomId);
        Map<UUID, Capacity.OfZone> byZone = new LinkedHashMap<>();
        for (PlanView drawn : drawn(settingId, roomId)) {
            Capacity.of(drawn.plan(), rooms.get(settingId, roomId).week().ratio(), ages)
                    .zones()
                    .forEach(zone -> byZone.put(UUID.fromString(zone.zone().id()), zone));
        }
        return byZone;
    }

    /**
     * Where cards can stand in a zone.
     *
     * @param places for cards on the week board, 1 or more
     * @param shelf places on its shelves, 1 or more: the zone itself is one
     * @param takesWater whether its ground can be wet
     * @param outdoors whether it is out of doors
     */
    public record ZonePlaces(int places, int shelf, boolean takesWater, boolean outdoors) {}

    /** Where cards can stand, by zone. A zone has as many places as its shelves where the room works from shelves, else one. */
    @Remembered(Area.PLACES)
    @Transactional(readOnly = true)
    public Map<UUID, ZonePlaces> places(SettingId settingId, RoomView room) {
        Map<UUID, ZonePlaces> byZone = new LinkedHashMap<>();
        room.zones()
                .forEach(zone -> byZone.put(zone.id(), new ZonePlaces(1, 1, true, UsualPlan.isOutdoors(zone.name()))));
        for (PlanView drawn : drawn(settingId, room.id())) {
            RoomPlan plan = drawn.plan();
            plan.zones().forEach(zone -> {
                int shelf = Math.max(1, Math.min(MOST_PLACES, plan.placesIn(zone)));
                byZone.put(
                        UUID.fromString(zone.id()),
                        new ZonePlaces(
                                room.style() == PracticeStyle.PREPARED_ENVIRONMENT ? shelf : 1,
                                shelf,
                                zone.ground() != RoomPlan.Ground.CARPET,
                                plan.place() == Place.OUTDOORS));
            });
        }
        return byZone;
    }
}
