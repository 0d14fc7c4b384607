package app.carder.web.card;

import app.carder.core.safety.Answer;
import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;

/** What somebody answered to a question of the safety check about a card. The latest of one question counts; the others stay. */
@Entity
class CardAnswer extends ScopedRecord {

    private UUID cardId;
    private String question;

    @Enumerated(EnumType.STRING)
    private Answer.Verdict verdict;

    private String because;
    private String answeredBy;
    private LocalDate answeredOn;
    private Instant answeredAt;

    protected CardAnswer() {}

    CardAnswer(SettingId settingId, UUID cardId, String question, Answer answer, Instant answeredAt) {
        super(Ids.next(), settingId);
        this.cardId = cardId;
        this.question = question;
        this.verdict = answer.verdict();
        this.because = answer.because();
        this.answeredBy = answer.by();
        this.answeredOn = answer.on();
        this.answeredAt = answeredAt;
    }

    UUID cardId() {
        return cardId;
    }

    String question() {
        return question;
    }

    Answer answer() {
        return new Answer(verdict, because, answeredBy, answeredOn);
    }
}
