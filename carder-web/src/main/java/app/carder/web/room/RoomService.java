package app.carder.web.room;

import app.carder.core.framework.FrameworkLibrary;
import app.carder.core.practice.PracticeStyle;
import app.carder.core.premises.Premises;
import app.carder.core.premises.UsualDay;
import app.carder.core.week.DayStrip;
import app.carder.web.account.Viewer;
import app.carder.web.page.NotFound;
import app.carder.web.setting.Area;
import app.carder.web.setting.Ids;
import app.carder.web.setting.Remembered;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import java.time.DayOfWeek;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Rooms of a setting. */
@Service
public class RoomService {

    private static final Limit ROOMS = Limit.of(40);

    private final RoomRepository rooms;
    private final ZoneRepository zones;
    private final RoomSessionRepository sessions;
    private final FrameworkLibrary frameworks;
    private final SettingService settings;

    RoomService(
            RoomRepository rooms,
            ZoneRepository zones,
            RoomSessionRepository sessions,
            FrameworkLibrary frameworks,
            SettingService settings) {
        this.settings = settings;
        this.rooms = rooms;
        this.zones = zones;
        this.sessions = sessions;
        this.frameworks = frameworks;
    }

    /**
     * Makes a room with its zones, and with a usual day in the hours of the setting. Adults are counted by the rule that goes with the place.
     *
     * @throws IllegalArgumentException if there is no such framework
     */
    @Transactional
    public RoomView create(
            SettingId settingId, String name, String frameworkCode, PracticeStyle style, List<String> zoneNames) {
        Premises premises = settings.get(settingId).premises();
        RoomView room = create(
                settingId, name, frameworkCode, style, zoneNames, UsualDay.of(premises.opens(), premises.closes()));
        saveWeek(settingId, room.id(), WeekRules.of(premises));
        return get(settingId, room.id());
    }

    /**
     * Makes a room with its zones and sessions, on the days on which the setting is open.
     *
     * @throws IllegalArgumentException if there is no such framework
     */
    @Transactional
    public RoomView create(
            SettingId settingId,
            String name,
            String frameworkCode,
            PracticeStyle style,
            List<String> zoneNames,
            List<DayStrip.Session> day) {
        Set<DayOfWeek> openOn = settings.get(settingId).premises().openOn();
        frameworks.get(frameworkCode);
        Room room =
                new Room(settingId, name, frameworkCode, style, all(settingId).size());
        rooms.save(room);
        for (int position = 0; position < zoneNames.size(); position++) {
            zones.save(new Zone(Ids.next(), settingId, room.getId(), zoneNames.get(position), position));
        }
        day.forEach(session ->
                sessions.save(new RoomSession(settingId, room.getId(), SessionDetails.usual(session, openOn))));
        return get(settingId, room.getId());
    }

    /** All rooms, in order. */
    @Remembered(Area.PLACES)
    @Transactional(readOnly = true)
    public List<RoomView> all(SettingId settingId) {
        return views(settingId, rooms.findBySettingIdOrderByPosition(settingId, ROOMS));
    }

    /**
     * One room.
     *
     * @throws NotFound if the setting has no such room
     */
    @Remembered(Area.PLACES)
    @Transactional(readOnly = true)
    public RoomView get(SettingId settingId, UUID roomId) {
        Room room = rooms.findByIdAndSettingId(roomId, settingId).orElseThrow(NotFound::new);
        return views(settingId, List.of(room)).get(0);
    }

    /** The room to begin with: the viewer's own, else the first. */
    @Transactional(readOnly = true)
    public RoomView home(Viewer viewer) {
        return home(viewer, all(viewer.settingId())).orElseThrow(NotFound::new);
    }

    /** The viewer's own room among all rooms, else the first; absent where there is none. */
    public static Optional<RoomView> home(Viewer viewer, List<RoomView> all) {
        return all.stream()
                .filter(room -> viewer.homeRoom().filter(room.id()::equals).isPresent())
                .findFirst()
                .or(() -> all.stream().findFirst());
    }

    /** Changes the framework and the practice style that a room works by, and the language of the records to come. */
    @Transactional
    public void workBy(
            SettingId settingId, UUID roomId, String frameworkCode, PracticeStyle style, RecordLanguage language) {
        frameworks.get(frameworkCode);
        rooms.findByIdAndSettingId(roomId, settingId).orElseThrow(NotFound::new).workBy(frameworkCode, style, language);
    }

    /**
     * Makes and renames zones as a plan has them; those that it has not stay as they are.
     *
     * @param names by the zones' ids
     * @throws IllegalArgumentException if two zones of the room would have one name
     */
    @Transactional
    public void keepZones(SettingId settingId, UUID roomId, Map<UUID, String> names) {
        Map<UUID, Zone> known = zones.findBySettingIdAndRoomIdInOrderByPosition(settingId, List.of(roomId)).stream()
                .collect(Collectors.toMap(Zone::getId, Function.identity(), (one, same) -> one, LinkedHashMap::new));
        Map<UUID, String> then = new LinkedHashMap<>();
        known.values().forEach(zone -> then.put(zone.getId(), zone.view().name()));
        then.putAll(names);
        Set<String> taken = new HashSet<>();
        then.values().forEach(name -> {
            if (!taken.add(name)) {
                throw new IllegalArgumentException(
                        "Each zone must have a name of its own, got %s twice.".formatted(name));
            }
        });
        for (Map.Entry<UUID, String> named : names.entrySet()) {
            Zone zone = known.get(named.getKey());
            if (zone != null) {
                zone.rename(named.getValue());
            } else {
                zones.save(new Zone(named.getKey(), settingId, roomId, named.getValue(), known.size()));
            }
        }
    }

    /** Calls a room by another name. */
    @Transactional
    public void rename(SettingId settingId, UUID roomId, String name) {
        rooms.findByIdAndSettingId(roomId, settingId).orElseThrow(NotFound::new).rename(name);
    }

    /** Changes how a room keeps its week. */
    @Transactional
    public void saveWeek(SettingId settingId, UUID roomId, WeekRules rules) {
        rooms.findByIdAndSettingId(roomId, settingId).orElseThrow(NotFound::new).saveWeek(rules);
    }

    /**
     * Writes a room's sessions anew: those with an id are rewritten, those without are made, those left out take
     * place on no day any more, as something may have been set out in them.
     *
     * @param day sessions in any order, their ids where they have one
     */
    @Transactional
    public void saveSessions(SettingId settingId, UUID roomId, List<KeptSession> day) {
        Room room = rooms.findByIdAndSettingId(roomId, settingId).orElseThrow(NotFound::new);
        Map<UUID, RoomSession> known =
                sessions.findBySettingIdAndRoomIdInOrderByStartsAt(settingId, List.of(room.getId())).stream()
                        .collect(Collectors.toMap(RoomSession::getId, Function.identity()));
        for (KeptSession one : day) {
            RoomSession session = one.id().map(known::remove).orElse(null);
            if (session == null) {
                sessions.save(new RoomSession(settingId, roomId, one.details()));
            } else {
                session.rewrite(one.details());
            }
        }
        known.values()
                .forEach(session -> session.rewrite(
                        new SessionDetails(session.view().details().planned(), Set.of())));
    }

    /**
     * A session that is kept.
     *
     * @param id its own, where it is known already
     * @param details what it is now
     */
    public record KeptSession(Optional<UUID> id, SessionDetails details) {}

    private List<RoomView> views(SettingId settingId, List<Room> found) {
        List<UUID> ids = found.stream().map(Room::getId).toList();
        Map<UUID, List<Zone>> zonesByRoom = zones.findBySettingIdAndRoomIdInOrderByPosition(settingId, ids).stream()
                .collect(Collectors.groupingBy(Zone::roomId));
        Map<UUID, List<RoomSession>> sessionsByRoom =
                sessions.findBySettingIdAndRoomIdInOrderByStartsAt(settingId, ids).stream()
                        .collect(Collectors.groupingBy(RoomSession::roomId));
        return found.stream()
                .map(room -> new RoomView(
                        room.getId(),
                        room.name(),
                        frameworks.get(room.frameworkCode()),
                        room.practiceStyle(),
                        room.language(),
                        zonesByRoom.getOrDefault(room.getId(), List.of()).stream()
                                .map(Zone::view)
                                .toList(),
                        sessionsByRoom.getOrDefault(room.getId(), List.of()).stream()
                                .map(RoomSession::view)
                                .toList(),
                        room.weekRules()))
                .toList();
    }
}
