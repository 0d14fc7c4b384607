package app.carder.web.account;

import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Somebody who can sign in. */
@Entity
class Account extends ScopedRecord {

    private String username;
    private String displayName;
    private String passwordHash;

    @Enumerated(EnumType.STRING)
    private Role role;

    private @Nullable UUID roomId;

    protected Account() {}

    Account(
            SettingId settingId,
            String username,
            String displayName,
            String passwordHash,
            Role role,
            @Nullable UUID roomId) {
        super(Ids.next(), settingId);
        this.username = username;
        this.displayName = displayName;
        this.passwordHash = passwordHash;
        this.role = role;
        this.roomId = roomId;
    }

    String passwordHash() {
        return passwordHash;
    }

    StaffView staffView() {
        return new StaffView(getId(), displayName, role);
    }

    Viewer viewer() {
        return Viewer.ofAccount(getId(), settingId(), role, displayName, roomId);
    }
}
