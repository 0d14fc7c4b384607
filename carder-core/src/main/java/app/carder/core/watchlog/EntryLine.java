package app.carder.core.watchlog;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * An entry in its flat form: what travels and what lies in the table. What a kind does not use is null or empty; which
 * it uses stands at {@link EntryKind}. {@link EntryCodec} reads and writes it, and nothing else does.
 *
 * @param kind what it tells
 * @param child about whom
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
 */
public record EntryLine(
        EntryKind kind,
        @Nullable UUID child,
        @Nullable UUID zone,
        String code,
        String company,
        String words,
        @Nullable Integer number,
        @Nullable Integer ofNumber,
        @Nullable Integer xMm,
        @Nullable Integer yMm,
        @Nullable UUID target,
        @Nullable Instant correctedTo) {}
