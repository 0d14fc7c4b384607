package app.carder.web.watchlog;

import app.carder.core.watch.DeviceClock;
import app.carder.core.watchlog.EntryCodec;
import app.carder.core.watchlog.EntryKind;
import app.carder.core.watchlog.EntryLine;
import app.carder.core.watchlog.Method;
import app.carder.core.watchlog.Noted;
import app.carder.core.watchlog.RecordHead;
import app.carder.web.account.Viewer;
import app.carder.web.setting.ScopedRecord;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.hibernate.annotations.Immutable;
import org.jspecify.annotations.Nullable;

/** One entry of the log. It never changes. */
@Entity
@Immutable
class WatchEntry extends ScopedRecord {

    private UUID roomId;
    private UUID recordId;
    private UUID deviceId;
    private long sequence;
    private UUID authorId;
    private String authorName;

    @Enumerated(EnumType.STRING)
    private Method method;

    @Enumerated(EnumType.STRING)
    private EntryKind kind;

    private @Nullable UUID childId;
    private @Nullable UUID cardId;
    private @Nullable UUID zoneId;
    private String code;
    private String company;
    private String words;
    private @Nullable Integer number;
    private @Nullable Integer ofNumber;
    private @Nullable Integer xMm;
    private @Nullable Integer yMm;
    private @Nullable UUID targetId;
    private @Nullable Instant correctedTo;
    private Instant deviceAt;
    private long clockOffsetMs;
    private Instant happenedAt;
    private Instant receivedAt;

    protected WatchEntry() {}

    WatchEntry(Viewer author, UUID deviceId, EntryDetails entry, DeviceClock clock, Instant now) {
        super(entry.id(), author.settingId());
        this.roomId = entry.room();
        this.recordId = entry.record();
        this.deviceId = deviceId;
        this.sequence = entry.sequence();
        this.authorId = author.personId();
        this.authorName = author.name();
        this.method = entry.method();
        this.kind = entry.kind();
        this.childId = entry.child();
        this.cardId = entry.card();
        this.zoneId = entry.zone();
        this.code = entry.code();
        this.company = entry.company();
        this.words = entry.words();
        this.number = entry.number();
        this.ofNumber = entry.ofNumber();
        this.xMm = entry.xMm();
        this.yMm = entry.yMm();
        this.targetId = entry.target();
        this.correctedTo = Optional.ofNullable(entry.correctedTo())
                .map(at -> credible(clock, at, now))
                .orElse(null);
        this.deviceAt = entry.at();
        this.clockOffsetMs = clock.offset().toMillis();
        this.happenedAt = credible(clock, entry.at(), now);
        this.receivedAt = now;
    }

    /** Nothing happens after it has arrived. */
    private static Instant credible(DeviceClock clock, Instant at, Instant now) {
        Instant corrected = clock.correct(at);
        return corrected.isAfter(now) ? now : corrected;
    }

    /** Only what can be read is ever kept, so that it is empty for none that came in through {@link EntryDetails}. */
    Optional<EntryView> view() {
        EntryLine line = new EntryLine(
                kind, childId, zoneId, code, company, words, number, ofNumber, xMm, yMm, targetId, correctedTo);
        return EntryCodec.read(line)
                .map(entry -> new EntryView(
                        new RecordHead(recordId, roomId, cardId, method, authorName),
                        new Noted(getId(), happenedAt, entry),
                        deviceId,
                        sequence,
                        deviceAt));
    }
}
