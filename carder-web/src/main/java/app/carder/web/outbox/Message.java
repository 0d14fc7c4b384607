package app.carder.web.outbox;

import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A message that would go out by mail. */
@Entity
class Message extends ScopedRecord {

    private @Nullable UUID roomId;
    private String toName;
    private String toAddress;
    private String subject;
    private String body;
    private Instant sentAt;

    protected Message() {}

    Message(SettingId settingId, UUID roomId, Mail mail, Instant sentAt) {
        super(Ids.next(), settingId);
        this.roomId = roomId;
        this.toName = mail.toName();
        this.toAddress = mail.toAddress();
        this.subject = mail.subject();
        this.body = mail.body();
        this.sentAt = sentAt;
    }

    String toName() {
        return toName;
    }

    String toAddress() {
        return toAddress;
    }

    String subject() {
        return subject;
    }

    String body() {
        return body;
    }

    Instant sentAt() {
        return sentAt;
    }
}
