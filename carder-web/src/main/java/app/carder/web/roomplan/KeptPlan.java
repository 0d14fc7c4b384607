package app.carder.web.roomplan;

import app.carder.core.room.RoomPlan;
import app.carder.core.room.RoomPlan.Place;
import app.carder.exchange.plan.PlanSvg;
import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** A room's plan as it is kept: the SVG that it is also handed out as. */
@Entity
@Table(name = "room_plan")
class KeptPlan extends ScopedRecord {

    private UUID roomId;

    @Enumerated(EnumType.STRING)
    private Place place;

    private int edition;
    private String svg;
    private String changedBy;
    private Instant changedAt;

    protected KeptPlan() {}

    KeptPlan(SettingId settingId, UUID roomId, RoomPlan plan, String title, String changedBy, Instant changedAt) {
        super(Ids.next(), settingId);
        this.roomId = roomId;
        this.place = plan.place();
        redraw(plan, title, changedBy, changedAt);
    }

    final void redraw(RoomPlan plan, String title, String changedBy, Instant changedAt) {
        this.edition++;
        this.svg = PlanSvg.write(title, plan);
        this.changedBy = changedBy;
        this.changedAt = changedAt;
    }

    RoomPlan plan() {
        return PlanSvg.read(svg);
    }

    Place place() {
        return place;
    }

    UUID roomId() {
        return roomId;
    }

    int edition() {
        return edition;
    }

    String changedBy() {
        return changedBy;
    }
}
