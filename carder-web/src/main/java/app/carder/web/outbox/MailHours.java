package app.carder.web.outbox;

import app.carder.core.sending.QuietHours;
import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;
import java.time.LocalTime;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** When a setting's mail rests. */
@Entity
class MailHours extends ScopedRecord {

    private @Nullable LocalTime quietFrom;
    private @Nullable LocalTime quietUntil;

    protected MailHours() {}

    MailHours(SettingId settingId) {
        super(Ids.next(), settingId);
    }

    void rest(Optional<QuietHours> hours) {
        quietFrom = hours.map(QuietHours::from).orElse(null);
        quietUntil = hours.map(QuietHours::until).orElse(null);
    }

    Optional<QuietHours> hours() {
        return quietFrom == null || quietUntil == null
                ? Optional.empty()
                : Optional.of(new QuietHours(quietFrom, quietUntil));
    }
}
