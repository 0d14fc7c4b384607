package app.carder.web.rules;

import app.carder.core.safety.Pet;
import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Somebody who is always there and on no register: a brother or sister at home, an animal. */
@Entity
class RoomOther extends ScopedRecord {

    private UUID roomId;
    private String name;

    @Enumerated(EnumType.STRING)
    private @Nullable Pet pet;

    private @Nullable LocalDate bornOn;
    private boolean mouthing;
    private boolean withoutAllergies;
    private @Nullable Instant leftAt;

    protected RoomOther() {}

    RoomOther(UUID id, SettingId settingId, UUID roomId, OtherView other) {
        super(id, settingId);
        this.roomId = roomId;
        this.name = other.name();
        this.pet = other.pet().orElse(null);
        this.bornOn = other.bornOn().orElse(null);
        this.mouthing = other.isMouthing();
        this.withoutAllergies = other.isWithoutAllergies();
    }

    /** No longer here; the record stays, so that what was set out stays explainable. */
    void leave(Instant now) {
        if (leftAt == null) {
            leftAt = now;
        }
    }

    UUID roomId() {
        return roomId;
    }

    OtherView view() {
        return new OtherView(
                getId(), name, Optional.ofNullable(pet), Optional.ofNullable(bornOn), mouthing, withoutAllergies);
    }
}
