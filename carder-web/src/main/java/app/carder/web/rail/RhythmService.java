package app.carder.web.rail;

import app.carder.core.framework.Framework;
import app.carder.core.journal.Missing;
import app.carder.core.journal.Rhythm;
import app.carder.web.account.AccountService;
import app.carder.web.account.RoomBorder;
import app.carder.web.account.Viewer;
import app.carder.web.children.ChildService;
import app.carder.web.children.ChildView;
import app.carder.web.children.Pause;
import app.carder.web.children.PauseService;
import app.carder.web.journal.JournalLacks;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** When the journals of a room are due, and what is not there yet for whom. */
@Service
public class RhythmService {

    /** Whoever looks after a child is reminded so many days before its journal is due. */
    private static final int REMIND_DAYS = 21;

    private static final String OF_EVERYBODY = "";

    /** Most who open Today look after no child of a room: they are asked nothing more. */
    private static final String OF_A_KEY_PERSON =
            " and exists (select 1 from child c where c.room_id = r.room_id and c.setting_id = r.setting_id and c.key_person_id = :person)";

    private final NamedParameterJdbcTemplate database;
    private final ChildService children;
    private final PauseService pauses;
    private final JournalLacks lacks;
    private final AccountService accounts;
    private final RoomService rooms;
    private final RoomBorder border;
    private final SettingService settings;

    RhythmService(
            NamedParameterJdbcTemplate database,
            ChildService children,
            PauseService pauses,
            JournalLacks lacks,
            AccountService accounts,
            RoomService rooms,
            RoomBorder border,
            SettingService settings) {
        this.database = database;
        this.children = children;
        this.pauses = pauses;
        this.lacks = lacks;
        this.accounts = accounts;
        this.rooms = rooms;
        this.border = border;
        this.settings = settings;
    }

    /**
     * Journals that are due.
     *
     * @param rhythm of the room
     * @param on the next day; absent where they were due once and that is past
     * @param days until then
     */
    public record Due(Rhythm rhythm, Optional<LocalDate> on, long days) {}

    /**
     * What one child's next journal lacks.
     *
     * @param child whose
     * @param keyPerson of the child; empty for none
     * @param isMine whether that is whoever looks
     * @param pause where its family is left alone for a while
     * @param missing what nobody wrote down yet
     */
    public record Lack(ChildView child, String keyPerson, boolean isMine, Optional<Pause> pause, Missing missing) {}

    /** The rhythm of a room; absent where nobody set one. */
    @Transactional(readOnly = true)
    public Optional<Due> of(SettingId settingId, UUID roomId) {
        return Optional.ofNullable(all(settingId, OF_EVERYBODY, Map.of()).get(roomId));
    }

    private Map<UUID, Due> all(SettingId settingId, String whose, Map<String, Object> more) {
        LocalDate today = settings.today(settingId);
        Map<UUID, Due> all = new HashMap<>();
        Map<String, Object> given = new HashMap<>(more);
        given.put("setting", settingId.value());
        database.query(
                "select room_id, first_on, every_weeks from journal_rhythm r where r.setting_id = :setting" + whose,
                given,
                row -> {
                    Rhythm rhythm = new Rhythm(row.getObject("first_on", LocalDate.class), row.getInt("every_weeks"));
                    Optional<LocalDate> on = rhythm.dueOn(today);
                    all.put(
                            row.getObject("room_id", UUID.class),
                            new Due(
                                    rhythm,
                                    on,
                                    on.map(day -> ChronoUnit.DAYS.between(today, day))
                                            .orElse(0L)));
                });
        return all;
    }

    /** Sets the rhythm of a room, or takes it away. */
    @Transactional
    public void set(SettingId settingId, UUID roomId, Optional<Rhythm> rhythm) {
        Map<String, Object> given = new HashMap<>();
        given.put("room", roomId);
        given.put("setting", settingId.value());
        if (rhythm.isEmpty()) {
            database.update("delete from journal_rhythm where room_id = :room and setting_id = :setting", given);
            return;
        }
        given.put("first", rhythm.get().firstOn());
        given.put("weeks", rhythm.get().everyWeeks());
        database.update(
                "insert into journal_rhythm (room_id, setting_id, first_on, every_weeks) values (:room, :setting, :first, :weeks)"
                        + " on conflict (room_id) do update set first_on = excluded.first_on, every_weeks = excluded.every_weeks",
                given);
    }

    /** What is missing for the next journals of a room, in the order of its pegs. */
    @Transactional(readOnly = true)
    public List<Lack> lacks(Viewer viewer, RoomView room, Due due) {
        return lacks(viewer, room, due, Rail.inOrder(children.inRoom(viewer.settingId(), room.id())));
    }

    private List<Lack> lacks(Viewer viewer, RoomView room, Due due, List<ChildView> here) {
        SettingId settingId = viewer.settingId();
        LocalDate until = due.on().orElse(due.rhythm().firstOn());
        LocalDate today = settings.today(settingId);
        Map<UUID, Pause> resting =
                pauses.of(settingId, here.stream().map(ChildView::id).toList());
        Map<UUID, Missing> missing = lacks.of(
                settingId,
                here,
                due.rhythm().startsOn(until),
                until.isBefore(today) ? until : today,
                room.framework().areas().stream().map(Framework.Area::code).toList());
        Map<UUID, String> names = accounts.names(settingId);
        return here.stream()
                .map(child -> new Lack(
                        child,
                        Optional.ofNullable(child.keyPersonId()).map(names::get).orElse(""),
                        viewer.personId().equals(child.keyPersonId()),
                        Optional.ofNullable(resting.get(child.id())),
                        Objects.requireNonNull(missing.get(child.id()))))
                .toList();
    }

    /**
     * Journals that are due soon.
     *
     * @param room whose
     * @param on the day
     * @param mine children whose key person looks, and for whom something is missing
     */
    public record Reminder(RoomView room, LocalDate on, List<Lack> mine) {

        /** The names of the children. */
        public String names() {
            return mine.stream().map(lack -> lack.child().name()).collect(Collectors.joining(", "));
        }
    }

    /** What somebody is reminded of today: in their rooms, where journals are due within three weeks and something is missing for a child of theirs. */
    @Transactional(readOnly = true)
    public List<Reminder> reminders(Viewer viewer) {
        List<Reminder> reminders = new ArrayList<>();
        Optional<Set<UUID>> within = border.within(viewer);
        all(viewer.settingId(), OF_A_KEY_PERSON, Map.of("person", viewer.personId()))
                .forEach((roomId, due) -> {
                    boolean isSoon = due.on().isPresent() && due.days() <= REMIND_DAYS;
                    if (isSoon && within.filter(some -> !some.contains(roomId)).isEmpty()) {
                        RoomView room = rooms.get(viewer.settingId(), roomId);
                        List<ChildView> own = children.inRoom(viewer.settingId(), roomId).stream()
                                .filter(child -> viewer.personId().equals(child.keyPersonId()))
                                .toList();
                        List<Lack> mine = lacks(viewer, room, due, Rail.inOrder(own)).stream()
                                .filter(lack -> lack.pause().isEmpty()
                                        && !lack.missing().isNothing())
                                .toList();
                        if (!mine.isEmpty()) {
                            reminders.add(new Reminder(room, due.on().orElseThrow(), mine));
                        }
                    }
                });
        return reminders;
    }
}
