package app.carder.web.watchlog;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * An entry, as other features see it. What a kind does not use is null or empty; see {@link EntryKind}.
 *
 * @param id its own
 * @param room where
 * @param record one time of watching
 * @param device that it came from
 * @param sequence number on that device
 * @param author who watched
 * @param method how
 * @param kind what it tells
 * @param child about whom
 * @param card at which card
 * @param zone where in the room
 * @param code of the kind
 * @param company of a look, or the language of words
 * @param words of a count, or what was heard
 * @param number of the kind
 * @param ofNumber of the kind
 * @param xMm place on the plan
 * @param yMm place on the plan
 * @param target the entry that is corrected
 * @param correctedTo when that really happened
 * @param deviceAt when, by the clock of the device
 * @param happenedAt when, with that clock put right
 */
public record EntryView(
        UUID id,
        UUID room,
        UUID record,
        UUID device,
        long sequence,
        String author,
        Method method,
        EntryKind kind,
        @Nullable UUID child,
        @Nullable UUID card,
        @Nullable UUID zone,
        String code,
        String company,
        String words,
        @Nullable Integer number,
        @Nullable Integer ofNumber,
        @Nullable Integer xMm,
        @Nullable Integer yMm,
        @Nullable UUID target,
        @Nullable Instant correctedTo,
        Instant deviceAt,
        Instant happenedAt) {}
