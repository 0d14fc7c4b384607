package app.carder.web.watchlog;

import app.carder.core.watchlog.Noted;
import app.carder.core.watchlog.RecordHead;
import java.time.Instant;
import java.util.UUID;

/**
 * An entry, as other features see it.
 *
 * @param record to which it belongs
 * @param noted what it tells, and when that happened by a clock that is right
 * @param device that it came from
 * @param sequence number on that device
 * @param deviceAt when, by the clock of the device
 */
public record EntryView(RecordHead record, Noted noted, UUID device, long sequence, Instant deviceAt) {}
