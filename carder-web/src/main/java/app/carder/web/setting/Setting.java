package app.carder.web.setting;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.PostLoad;
import jakarta.persistence.PostPersist;
import jakarta.persistence.Transient;
import java.time.Instant;
import java.time.ZoneId;
import java.util.Currency;
import java.util.UUID;
import org.springframework.data.domain.Persistable;

/** A nursery. */
@Entity
class Setting implements Persistable<UUID> {

    @Id
    private UUID id;

    private String name;
    private String timeZone;
    private String currency;
    private Instant createdAt;

    @Transient
    private boolean stored;

    protected Setting() {}

    Setting(SettingId id, String name, ZoneId timeZone, Currency currency, Instant createdAt) {
        this.id = id.value();
        this.name = name;
        this.timeZone = timeZone.getId();
        this.currency = currency.getCurrencyCode();
        this.createdAt = createdAt;
    }

    @Override
    public UUID getId() {
        return id;
    }

    @Override
    public boolean isNew() {
        return !stored;
    }

    @PostLoad
    @PostPersist
    void markStored() {
        stored = true;
    }

    SettingView view() {
        return new SettingView(new SettingId(id), name, ZoneId.of(timeZone), Currency.getInstance(currency));
    }
}
