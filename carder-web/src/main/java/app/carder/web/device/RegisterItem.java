package app.carder.web.device;

import app.carder.core.attendance.Pressed;
import app.carder.core.watch.DeviceClock;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A press in the register as a device sends it.
 *
 * @param id of the press
 * @param child who
 * @param what it says
 * @param at when, by the clock of the device
 */
record RegisterItem(
        UUID id,
        @Nullable UUID child,
        @Nullable Pressed what,
        @Nullable Instant at) {

    boolean isComplete() {
        return child != null && what != null && at != null && DeviceClock.canSay(at);
    }
}
