package app.carder.web.account;

import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;

/** Whether a setting asks managers and leads for a second step. It has the setting's id. */
@Entity
class SignInPolicy extends ScopedRecord {

    private boolean secondStep;

    protected SignInPolicy() {}

    SignInPolicy(SettingId settingId) {
        super(settingId.value(), settingId);
    }

    void ask(boolean value) {
        this.secondStep = value;
    }

    boolean asks() {
        return secondStep;
    }
}
