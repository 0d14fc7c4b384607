package app.carder.web.outbox;

import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;
import java.time.Instant;

/** A message that would go out by mail. */
@Entity
class Message extends ScopedRecord {

    private String toName;
    private String toAddress;
    private String subject;
    private String body;
    private Instant sentAt;

    protected Message() {}

    Message(SettingId settingId, String toName, String toAddress, String subject, String body, Instant sentAt) {
        super(Ids.next(), settingId);
        this.toName = toName;
        this.toAddress = toAddress;
        this.subject = subject;
        this.body = body;
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
