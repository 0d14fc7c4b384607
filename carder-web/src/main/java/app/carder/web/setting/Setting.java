package app.carder.web.setting;

import app.carder.core.premises.Premises;
import app.carder.core.premises.SettingKind;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.PostLoad;
import jakarta.persistence.PostPersist;
import jakarta.persistence.Transient;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.Arrays;
import java.util.Currency;
import java.util.UUID;
import java.util.stream.Collectors;
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

    @Enumerated(EnumType.STRING)
    private SettingKind kind;

    private String country;
    private Integer[] openOn;
    private LocalTime opens;
    private LocalTime closes;
    private int askAfterMinutes;
    private boolean madeUp;

    @Column(name = "clock_ahead_s")
    private long clockAheadSeconds;

    @Transient
    private boolean stored;

    protected Setting() {}

    Setting(SettingId id, SettingDetails details, Instant createdAt) {
        this.id = id.value();
        this.createdAt = createdAt;
        describe(details);
    }

    /** Writes anew what it is. */
    final void describe(SettingDetails details) {
        name = details.name();
        timeZone = details.zone().getId();
        currency = details.currency().getCurrencyCode();
        kind = details.premises().kind();
        country = details.premises().country();
        openOn = details.premises().openOn().stream()
                .sorted()
                .map(DayOfWeek::getValue)
                .toArray(Integer[]::new);
        opens = details.premises().opens();
        closes = details.premises().closes();
        askAfterMinutes = details.askAfterMinutes();
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

    /** Gives it a time of its own, as only what is made up may have. */
    void putClock(Duration ahead) {
        madeUp = true;
        clockAheadSeconds = ahead.toSeconds();
    }

    SettingView view() {
        return new SettingView(
                new SettingId(id),
                name,
                ZoneId.of(timeZone),
                Currency.getInstance(currency),
                new Premises(
                        kind,
                        country,
                        Arrays.stream(openOn).map(DayOfWeek::of).collect(Collectors.toSet()),
                        opens,
                        closes),
                askAfterMinutes,
                madeUp,
                Duration.ofSeconds(clockAheadSeconds));
    }
}
