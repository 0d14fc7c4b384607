package app.carder.web.roomplan;

import app.carder.core.room.RoomPlan;

/**
 * A plan, as other features see it.
 *
 * @param plan the room to scale
 * @param edition counts its changes; 0 for one that nobody has drawn yet
 * @param changedBy who changed it last; empty where nobody has
 */
public record PlanView(RoomPlan plan, int edition, String changedBy) {

    /** Whether somebody has drawn it. */
    public boolean isDrawn() {
        return edition > 0;
    }
}
