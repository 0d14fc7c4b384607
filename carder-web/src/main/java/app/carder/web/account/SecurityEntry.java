package app.carder.web.account;

import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.Instant;
import java.util.UUID;

/** One thing that happened to one account. */
@Entity
class SecurityEntry extends ScopedRecord {

    private Instant at;

    @Enumerated(EnumType.STRING)
    private SecurityEvent event;

    private UUID accountId;
    private String personName;
    private String byName;
    private String address;
    private String detail;

    protected SecurityEntry() {}

    /** By whom, from where and what about, as far as that is known and not plain. */
    record Circumstances(String byName, String address, String detail) {}

    SecurityEntry(Account account, SecurityEvent event, Circumstances circumstances, Instant at) {
        super(Ids.next(), account.settingId());
        this.at = at;
        this.event = event;
        this.accountId = account.getId();
        this.personName = account.displayName();
        this.byName = circumstances.byName();
        this.address = circumstances.address();
        this.detail = circumstances.detail();
    }

    Instant at() {
        return at;
    }

    SecurityEvent event() {
        return event;
    }

    String personName() {
        return personName;
    }

    String byName() {
        return byName;
    }

    String detail() {
        return detail;
    }

    String address() {
        return address;
    }
}
