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
 * @param openedBrowser the browser at home in which a link was opened, where there is no account
 */
public record Viewer(
        UUID personId,
        SettingId settingId,
        Role role,
        String name,
        Rooms rooms,
        @Nullable UUID openedBrowser) implements Principal, Serializable {

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

    /** A carer in a browser in which a link was opened with its code. */
    public static Viewer ofBrowser(UUID carerId, SettingId settingId, String name, UUID browserId) {
        return new Viewer(carerId, settingId, Role.CARER, name, Rooms.NONE, browserId);
    }

    /** The home room of staff. */
    public Optional<UUID> homeRoom() {
        return Optional.ofNullable(rooms.home());
    }

    /** The browser at home, where there is no account. */
    public Optional<UUID> browser() {
        return Optional.ofNullable(openedBrowser);
    }

    /** For the session table: an id, not a name. */
    @Override
    public String getName() {
        return personId.toString();
    }
}
