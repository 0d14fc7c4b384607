package app.carder.web.device;

import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;
import jakarta.persistence.Version;
import java.util.EnumSet;
import java.util.Set;

/** Which secrets a setting accepts to open Watch with, and how soon it locks. It has the setting's id. */
@Entity
class DevicePolicy extends ScopedRecord {

    /** Minutes without a touch: at least, where nobody chose, at most. */
    static final int SHORTEST = 1;

    static final int USUAL = 5;
    static final int LONGEST = 60;

    @Version
    private int version;

    private boolean pin = true;
    private boolean passphrase = true;
    private boolean passkey = true;
    private int locksAfterMinutes = USUAL;

    protected DevicePolicy() {}

    DevicePolicy(SettingId settingId) {
        super(settingId.value(), settingId);
    }

    void change(Set<DeviceSecret> accepted, int minutes) {
        pin = accepted.contains(DeviceSecret.PIN);
        passphrase = accepted.contains(DeviceSecret.PASSPHRASE);
        passkey = accepted.contains(DeviceSecret.PASSKEY);
        locksAfterMinutes = minutes;
    }

    Set<DeviceSecret> accepted() {
        Set<DeviceSecret> accepted = EnumSet.noneOf(DeviceSecret.class);
        if (pin) {
            accepted.add(DeviceSecret.PIN);
        }
        if (passphrase) {
            accepted.add(DeviceSecret.PASSPHRASE);
        }
        if (passkey) {
            accepted.add(DeviceSecret.PASSKEY);
        }
        return accepted;
    }

    int locksAfterMinutes() {
        return locksAfterMinutes;
    }
}
