package app.carder.web.adults;

import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What one adult wrote. Its id is that of the account. */
@Entity
class AdultFacts extends ScopedRecord {

    private @Nullable LocalDate firstAidUntil;
    private String[] avoids = {};
    private boolean expecting;

    @Version
    private long version;

    private Instant changedAt = Instant.EPOCH;

    protected AdultFacts() {}

    AdultFacts(UUID accountId, SettingId settingId) {
        super(accountId, settingId);
    }

    void write(AdultDetails details, Instant now) {
        firstAidUntil = details.firstAidUntil().orElse(null);
        avoids = details.avoids().toArray(String[]::new);
        expecting = details.isExpecting();
        changedAt = now;
    }

    AdultDetails details() {
        return new AdultDetails(Optional.ofNullable(firstAidUntil), List.of(avoids), expecting);
    }
}
