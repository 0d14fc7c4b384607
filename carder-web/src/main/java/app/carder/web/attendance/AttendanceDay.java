package app.carder.web.attendance;

import app.carder.core.attendance.Away;
import app.carder.core.attendance.Noted;
import app.carder.web.account.Viewer;
import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What was noted of a child on a day. */
@Entity
@Table(name = "attendance")
class AttendanceDay extends ScopedRecord {

    @Version
    private int version;

    private UUID roomId;
    private UUID childId;
    private LocalDate onDay;
    private @Nullable LocalTime arrivedAt;
    private @Nullable LocalTime leftAt;
    private String fetchedBy;

    @Enumerated(EnumType.STRING)
    private @Nullable Away away;

    private String notedBy;
    private Instant notedAt;

    protected AttendanceDay() {}

    AttendanceDay(Viewer viewer, UUID roomId, UUID childId, LocalDate onDay, Noted noted, Instant now) {
        super(Ids.next(), viewer.settingId());
        this.roomId = roomId;
        this.childId = childId;
        this.onDay = onDay;
        note(viewer, noted, now);
    }

    final void note(Viewer viewer, Noted noted, Instant now) {
        arrivedAt = noted.arrivedAt().orElse(null);
        leftAt = noted.leftAt().orElse(null);
        fetchedBy = noted.fetchedBy();
        away = noted.away().orElse(null);
        notedBy = viewer.name();
        notedAt = now;
    }

    UUID childId() {
        return childId;
    }

    Instant notedAt() {
        return notedAt;
    }

    LocalDate onDay() {
        return onDay;
    }

    Noted noted() {
        return new Noted(
                Optional.ofNullable(arrivedAt), Optional.ofNullable(leftAt), fetchedBy, Optional.ofNullable(away));
    }
}
