package app.carder.web.account;

import app.carder.web.setting.SettingId;
import java.time.Clock;
import java.time.Duration;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Who may open the records of which room: staff those of the rooms that they work in, managers all. A setting may do without; and whoever is
 * needed elsewhere says why, and the manager reads it.
 */
@Service
public class RoomBorder {

    /** A visit lasts as long as the longest session. */
    static final Duration VISIT = SessionLifetime.LONGEST;

    /** Letters of a reason, at least and at most. */
    public static final int SHORTEST_REASON = 5;

    public static final int LONGEST_REASON = 200;

    private final RoomPolicyRepository policies;
    private final RoomVisitRepository visits;
    private final AccountRepository accounts;
    private final SecurityLog log;
    private final Clock clock;

    RoomBorder(
            RoomPolicyRepository policies,
            RoomVisitRepository visits,
            AccountRepository accounts,
            SecurityLog log,
            Clock clock) {
        this.policies = policies;
        this.visits = visits;
        this.accounts = accounts;
        this.log = log;
        this.clock = clock;
    }

    /** Whether a member of staff may open what lies in any of these rooms. */
    @Transactional(readOnly = true)
    public boolean mayEnter(Viewer viewer, Collection<UUID> rooms) {
        // The usual case first: it asks nobody.
        return viewer.rooms().all().stream().anyMatch(rooms::contains)
                || within(viewer)
                        .map(open -> rooms.stream().anyMatch(open::contains))
                        .orElse(true);
    }

    /** The rooms whose records somebody may open; absent where that is all of them. */
    @Transactional(readOnly = true)
    public Optional<Set<UUID>> within(Viewer viewer) {
        if (viewer.role() == Role.MANAGER || isOpen(viewer.settingId())) {
            return Optional.empty();
        }
        Set<UUID> rooms = new LinkedHashSet<>(viewer.rooms().all());
        visits
                .findBySettingIdAndAccountIdAndEndsAtAfter(viewer.settingId(), viewer.personId(), clock.instant())
                .stream()
                .map(RoomVisit::roomId)
                .forEach(rooms::add);
        return Optional.of(rooms);
    }

    /** Whether everybody in a setting sees every room. */
    @Transactional(readOnly = true)
    public boolean isOpen(SettingId settingId) {
        return policies.findByIdAndSettingId(settingId.value(), settingId)
                .map(RoomPolicy::isOpen)
                .orElse(false);
    }

    /** Sets borders between rooms, or takes them away. */
    @Transactional
    public void keepOpen(Viewer by, boolean open) {
        RoomPolicy policy = policies.findByIdAndSettingId(by.settingId().value(), by.settingId())
                .orElseGet(() -> new RoomPolicy(by.settingId()));
        policy.keepOpen(open);
        policies.save(policy);
        accounts.findByIdAndSettingId(by.personId(), by.settingId())
                .ifPresent(account ->
                        log.of(account, open ? SecurityEvent.ROOMS_OPENED : SecurityEvent.ROOMS_BORDERED, by, ""));
    }

    /** Lets somebody into a room for the day. The route has found the room in their setting. */
    @Transactional
    public void visit(Viewer viewer, UUID roomId, String roomName, String reason) {
        visits.save(new RoomVisit(
                viewer, roomId, reason, clock.instant(), clock.instant().plus(VISIT)));
        accounts.findByIdAndSettingId(viewer.personId(), viewer.settingId())
                .ifPresent(account -> log.of(account, SecurityEvent.ROOM_VISITED, viewer, roomName + ": " + reason));
    }
}
