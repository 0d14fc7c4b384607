package app.carder.web.setting;

import jakarta.persistence.Column;
import jakarta.persistence.Id;
import jakarta.persistence.MappedSuperclass;
import jakarta.persistence.PostLoad;
import jakarta.persistence.PostPersist;
import jakarta.persistence.Transient;
import java.util.UUID;
import org.springframework.data.domain.Persistable;

/** A row that belongs to a setting. Its id is minted by whoever makes it, a phone without a connection included. */
@MappedSuperclass
public abstract class ScopedRecord implements Persistable<UUID> {

    @Id
    private UUID id;

    @Column(name = "setting_id", nullable = false, updatable = false)
    private SettingId settingId;

    @Transient
    private boolean stored;

    /** For Hibernate. */
    protected ScopedRecord() {}

    /** A row that is not stored yet. */
    protected ScopedRecord(UUID id, SettingId settingId) {
        this.id = id;
        this.settingId = settingId;
    }

    @Override
    public UUID getId() {
        return id;
    }

    /** The setting that it belongs to. */
    public SettingId settingId() {
        return settingId;
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
}
