package app.carder.web.watchlog;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * An entry as a device sends it. What a kind does not use is null or empty; see {@link EntryKind}.
 *
 * @param id minted on the device
 * @param record to which it belongs: one time of watching
 * @param room where
 * @param sequence number on its device, growing
 * @param method how it was watched
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
 * @param correctedTo when that really happened, by the clock of the device
 * @param at when it happened, by the clock of the device
 */
public record EntryDetails(
        UUID id,
        UUID record,
        UUID room,
        long sequence,
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
        Instant at) {

    static final int LONGEST_WORDS = 1000;

    /** Whether it says what its kind needs. */
    boolean isComplete() {
        boolean named = !kind.isOfChild() || child != null;
        boolean aimed = !kind.isCorrection() || target != null;
        boolean timed = kind != EntryKind.RETIMED || correctedTo != null;
        return named && aimed && timed && kind.takes(code) && words.length() <= LONGEST_WORDS;
    }
}
