package app.carder.web.account;

import app.carder.web.setting.SettingId;
import java.io.Serializable;
import java.security.Principal;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Whoever is signed in. It is what a session remembers, so it holds ids and names only.
 *
 * @param personId of the account, or of the carer where a link was opened without an account
 * @param settingId to which everything that they see belongs
 * @param role what they do here
 * @param name for people
 * @param rooms where staff work
 * @param openedInvitation the link that was opened, where there is no account
 */
public record Viewer(
        UUID personId,
        SettingId settingId,
        Role role,
        String name,
        Rooms rooms,
        @Nullable UUID openedInvitation) implements Principal, Serializable {

    /**
     * Where somebody works.
     *
     * @param home the room that their pages open on
     * @param all every room, the home room included
     */
    public record Rooms(@Nullable UUID home, Set<UUID> all) implements Serializable {

        /** No room: carers. */
        public static final Rooms NONE = new Rooms(null, Set.of());

        /** Keeps its own copy. */
        public Rooms {
            all = Set.copyOf(all);
        }
    }

    /** Somebody with an account. */
    public static Viewer ofAccount(UUID accountId, SettingId settingId, Role role, String name, Rooms rooms) {
        return new Viewer(accountId, settingId, role, name, rooms, null);
    }

    /** A carer who opened a link with its code. */
    public static Viewer ofLink(UUID carerId, SettingId settingId, String name, UUID invitationId) {
        return new Viewer(carerId, settingId, Role.CARER, name, Rooms.NONE, invitationId);
    }

    /** The home room of staff. */
    public Optional<UUID> homeRoom() {
        return Optional.ofNullable(rooms.home());
    }

    /** The link that was opened, where there is no account. */
    public Optional<UUID> invitation() {
        return Optional.ofNullable(openedInvitation);
    }

    /** For the session table: an id, not a name. */
    @Override
    public String getName() {
        return personId.toString();
    }
}
