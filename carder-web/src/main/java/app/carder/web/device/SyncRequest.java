package app.carder.web.device;

import app.carder.core.watch.DeviceClock;
import java.time.Duration;
import java.util.List;
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

    static final int MOST_ITEMS = 500;

    DeviceClock clock() {
        return new DeviceClock(Duration.ofMillis(clockOffsetMs), Duration.ofMillis(Math.abs(clockUncertaintyMs)));
    }
}
