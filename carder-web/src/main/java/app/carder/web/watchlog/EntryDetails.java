package app.carder.web.watchlog;

import app.carder.core.watch.DeviceClock;
import app.carder.core.watchlog.EntryCodec;
import app.carder.core.watchlog.EntryKind;
import app.carder.core.watchlog.EntryLine;
import app.carder.core.watchlog.Method;
import app.carder.web.page.Typed;
import java.time.Instant;
import java.util.Objects;
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

    /** What it tells, flat. */
    EntryLine line() {
        return new EntryLine(kind, child, zone, code, company, words, number, ofNumber, xMm, yMm, target, correctedTo);
    }

    /** Whether it says what its kind needs, and nothing that cannot be. */
    boolean isComplete() {
        return DeviceClock.canSay(at) && EntryCodec.isAcceptable(line());
    }
}
