package app.carder.web.device;

import app.carder.web.account.Viewer;
import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import jakarta.persistence.Entity;
import jakarta.persistence.Version;

/** What the setting's own policy says about stepping in; it stands first in the guide. */
@Entity
class StepInPolicy extends ScopedRecord {

    static final int LONGEST = 1000;

    @Version
    private int version;

    private String words = "";
    private String changedBy = "";

    protected StepInPolicy() {}

    StepInPolicy(Viewer viewer) {
        super(Ids.next(), viewer.settingId());
    }

    void say(Viewer viewer, String said) {
        words = said;
        changedBy = viewer.name();
    }

    String words() {
        return words;
    }
}
