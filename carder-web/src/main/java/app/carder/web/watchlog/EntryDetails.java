package app.carder.web.watchlog;

import app.carder.core.watch.DeviceClock;
import app.carder.web.page.Typed;
import java.time.Instant;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Stream;
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
    static final int LONGEST_COMPANY = 120;

    /** Larger numbers and places are slips of the finger. */
    static final int LARGEST = 1_000_000;

    /** Cleans the words, and makes sure that what every entry needs is there. */
    public EntryDetails {
        Objects.requireNonNull(id);
        Objects.requireNonNull(record);
        Objects.requireNonNull(room);
        Objects.requireNonNull(method);
        Objects.requireNonNull(kind);
        Objects.requireNonNull(code);
        Objects.requireNonNull(at);
        company = Typed.clean(company);
        words = Typed.clean(words);
    }

    /** Whether it says what its kind needs, and nothing that cannot be. */
    boolean isComplete() {
        boolean named = !kind.isOfChild() || child != null;
        boolean aimed = !kind.isCorrection() || target != null;
        boolean timed = kind != EntryKind.RETIMED || correctedTo != null;
        boolean brief = words.length() <= LONGEST_WORDS && company.length() <= LONGEST_COMPANY;
        boolean small = Stream.of(number, ofNumber, xMm, yMm)
                .filter(Objects::nonNull)
                .allMatch(value -> value >= -LARGEST && value <= LARGEST);
        boolean datable = DeviceClock.canSay(at) && (correctedTo == null || DeviceClock.canSay(correctedTo));
        return named && aimed && timed && brief && small && datable && kind.takes(code);
    }
}
