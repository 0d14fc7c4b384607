package app.carder.web.device;

import app.carder.core.watch.DeviceClock;
import app.carder.web.page.Typed;
import java.time.Duration;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import tools.jackson.databind.JsonNode;

/**
 * What a device sends, oldest first.
 *
 * @param device its own id
 * @param name what kind of device it is
 * @param clockOffsetMs how far its clock is off, to be added to what it says
 * @param clockUncertaintyMs how far that may be wrong
 * @param unsent records that stay behind after these
 * @param items entries, snapshots and photos, each with its own id
 */
record SyncRequest(
        UUID device, String name, long clockOffsetMs, long clockUncertaintyMs, int unsent, List<JsonNode> items) {

    /**
     * Cleans the name, and makes sure that all is there.
     *
     * @throws IllegalArgumentException if no clock can be off so far
     */
    SyncRequest {
        Objects.requireNonNull(device);
        name = Typed.oneLine(name);
        items = List.copyOf(items);
        clock(clockOffsetMs, clockUncertaintyMs);
    }

    DeviceClock clock() {
        return clock(clockOffsetMs, clockUncertaintyMs);
    }

    private static DeviceClock clock(long offsetMs, long uncertaintyMs) {
        return new DeviceClock(Duration.ofMillis(offsetMs), Duration.ofMillis(uncertaintyMs));
    }
}
