package app.carder.web.rota;

import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;
import java.time.LocalDate;
import java.util.UUID;

/** Days on which an adult is not there. Why is nobody's business here. */
@Entity
class Absence extends ScopedRecord {

    private UUID accountId;
    private LocalDate fromDay;
    private LocalDate untilDay;

    protected Absence() {}

    Absence(SettingId settingId, UUID accountId, LocalDate from, LocalDate until) {
        super(Ids.next(), settingId);
        this.accountId = accountId;
        this.fromDay = from;
        this.untilDay = until;
    }

    AbsenceView view(String name) {
        return new AbsenceView(getId(), accountId, name, fromDay, untilDay);
    }

    UUID accountId() {
        return accountId;
    }
}
