package app.carder.web.outbox;

import app.carder.core.sending.Delivery;
import app.carder.core.sending.Standing;
import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A message that goes out by mail, and how far it has come. */
@Entity
class Message extends ScopedRecord {

    private static final int LONGEST_ANSWER = 500;

    private @Nullable UUID roomId;
    private String toName;
    private String toAddress;
    private String subject;
    private String body;
    private Instant writtenAt;

    @Enumerated(EnumType.STRING)
    private Standing standing;

    private int tries;
    private Instant nextTryAt;
    private Instant askedAt;
    private @Nullable Instant settledAt;
    private String answer;

    protected Message() {}

    Message(SettingId settingId, @Nullable UUID roomId, Mail mail, Instant writtenAt) {
        super(Ids.next(), settingId);
        this.roomId = roomId;
        this.toName = mail.toName();
        this.toAddress = mail.toAddress();
        this.subject = mail.subject();
        this.body = mail.body();
        this.writtenAt = writtenAt;
        Delivery begun = Delivery.begun(writtenAt);
        this.standing = begun.standing();
        this.tries = begun.tries();
        this.nextTryAt = begun.nextTryAt();
        this.askedAt = writtenAt;
        this.answer = "";
    }

    /** Somebody wants it to be sent, from now on. */
    void askAnew(Instant now) {
        askedAt = now;
        settledAt = null;
        take(Delivery.begun(now), "");
    }

    /** It does not go out, unless somebody asks anew. */
    void stop(Instant now) {
        settle(new Delivery(Standing.STOPPED, tries, nextTryAt), "", now);
    }

    Delivery delivery() {
        return new Delivery(standing, tries, nextTryAt);
    }

    /** Keeps how far it has come, and what a server said. */
    void settle(Delivery delivery, String said, Instant now) {
        take(delivery, said);
        settledAt = delivery.standing() == Standing.WAITING ? null : now;
    }

    private void take(Delivery delivery, String said) {
        standing = delivery.standing();
        tries = delivery.tries();
        nextTryAt = delivery.nextTryAt();
        answer = said.substring(0, Math.min(said.length(), LONGEST_ANSWER));
    }

    Mail mail() {
        return new Mail(toName, toAddress, subject, body);
    }

    @Nullable
    UUID roomId() {
        return roomId;
    }

    Instant writtenAt() {
        return writtenAt;
    }

    Instant askedAt() {
        return askedAt;
    }

    @Nullable
    Instant settledAt() {
        return settledAt;
    }

    String answer() {
        return answer;
    }
}
