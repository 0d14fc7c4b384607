package app.carder.web.family;

import app.carder.web.account.RoomBorder;
import app.carder.web.account.Viewer;
import app.carder.web.children.ChildService;
import app.carder.web.children.ChildView;
import app.carder.web.page.NotFound;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import java.time.LocalDateTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What came from families and nobody has read yet, and what did not reach them. */
@Service
public class HomeNews {

    private static final Limit SHOWN = Limit.of(50);
    /** Where somebody works in no room, none matches. */
    private static final UUID NOWHERE = new UUID(0, 0);

    private final ReplyRepository replies;
    private final ChildService children;
    private final SettingService settings;
    private final RoomBorder border;
    private final NamedParameterJdbcTemplate database;

    HomeNews(
            ReplyRepository replies,
            ChildService children,
            SettingService settings,
            RoomBorder border,
            NamedParameterJdbcTemplate database) {
        this.replies = replies;
        this.children = children;
        this.settings = settings;
        this.border = border;
        this.database = database;
    }

    /**
     * How much is new.
     *
     * @param replies that nobody has read yet
     * @param homeCards what came back on cards for home and nobody has read yet
     * @param undelivered messages that reached nobody; 0 for whoever does not send any
     */
    public record Count(int replies, int homeCards, int undelivered) {

        /** Whether there is nothing. */
        public boolean isEmpty() {
            return replies == 0 && homeCards == 0 && undelivered == 0;
        }
    }

    /**
     * A reply, as staff read it.
     *
     * @param id of the reply
     * @param child whom it is about
     * @param journalId about which journal
     * @param carer who wrote it
     * @param words of it
     * @param sentAt when it came
     * @param isSeen whether somebody of staff has read it
     * @param seenBy who did first; empty where nobody has, or nobody was named
     */
    public record FromHome(
            UUID id,
            ChildView child,
            UUID journalId,
            String carer,
            String words,
            LocalDateTime sentAt,
            boolean isSeen,
            String seenBy) {}

    /** How much is new in the rooms that somebody works in; a manager counts all. */
    @Transactional(readOnly = true)
    public Count count(Viewer viewer) {
        Optional<Set<UUID>> rooms = border.within(viewer);
        Map<String, Object> given = new HashMap<>();
        given.put("setting", viewer.settingId().value());
        given.put("everywhere", rooms.isEmpty());
        given.put("rooms", rooms.filter(some -> !some.isEmpty()).orElse(Set.of(NOWHERE)));
        given.put("lead", viewer.role().isLead());
        return Objects.requireNonNull(database.queryForObject(
                "select (select count(*) from reply r join child c on c.id = r.child_id where r.setting_id = :setting"
                        + " and r.seen_at is null and (:everywhere or c.room_id in (:rooms))) as replies,"
                        + " (select count(*) from home_answer a join child c on c.id = a.child_id where a.setting_id = :setting"
                        + " and a.seen_by = '' and (:everywhere or c.room_id in (:rooms))) as home_cards,"
                        + " (select count(*) from message m where :lead and m.setting_id = :setting"
                        + " and m.standing in ('REFUSED', 'GIVEN_UP', 'RETURNED') and (:everywhere or m.room_id in (:rooms)))"
                        + " as undelivered",
                given,
                (row, number) ->
                        new Count(row.getInt("replies"), row.getInt("home_cards"), row.getInt("undelivered"))));
    }

    /** What came, newest first, what nobody has read yet before the rest. */
    @Transactional(readOnly = true)
    List<FromHome> newest(Viewer viewer) {
        SettingId settingId = viewer.settingId();
        Optional<Set<UUID>> rooms = border.within(viewer);
        List<Reply> found = replies.newest(
                settingId,
                rooms.isEmpty(),
                rooms.filter(some -> !some.isEmpty()).orElse(Set.of(NOWHERE)),
                SHOWN);
        return found.stream()
                .map(reply -> new FromHome(
                        reply.getId(),
                        children.get(settingId, reply.childId()),
                        reply.journalId(),
                        reply.carerName(),
                        reply.words(),
                        settings.local(settingId, reply.sentAt()),
                        reply.isSeen(),
                        reply.seenBy()))
                .toList();
    }

    /** Somebody has read it. */
    @Transactional
    void see(Viewer viewer, UUID replyId) {
        replies.findByIdAndSettingId(replyId, viewer.settingId())
                .orElseThrow(NotFound::new)
                .see(viewer.name(), settings.now(viewer.settingId()));
    }
}
