package app.carder.web.device;

import app.carder.web.account.Viewer;
import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.JoinColumn;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.Set;
import java.util.UUID;

/** What a device carried of a room on a day. */
@Entity
class DeviceHolding extends ScopedRecord {

    private UUID deviceId;
    private UUID roomId;
    private LocalDate day;
    private Instant lastAt;

    @ElementCollection
    @CollectionTable(name = "device_holding_child", joinColumns = @JoinColumn(name = "holding_id"))
    @Column(name = "child_id")
    private Set<UUID> children = new LinkedHashSet<>();

    protected DeviceHolding() {}

    DeviceHolding(Viewer viewer, UUID deviceId, UUID roomId, LocalDate day, Instant now) {
        super(Ids.next(), viewer.settingId());
        this.deviceId = deviceId;
        this.roomId = roomId;
        this.day = day;
        this.lastAt = now;
    }

    /** It took these along, or has them still. */
    void took(Collection<UUID> more, Instant now) {
        children.addAll(more);
        lastAt = now;
    }

    UUID deviceId() {
        return deviceId;
    }

    UUID roomId() {
        return roomId;
    }

    LocalDate day() {
        return day;
    }

    Instant lastAt() {
        return lastAt;
    }

    Set<UUID> children() {
        return Set.copyOf(children);
    }
}
