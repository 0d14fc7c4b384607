package app.carder.web.investigate;

import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Something that is watched for weeks. */
@Entity
class Investigation extends ScopedRecord {

    private UUID roomId;
    private String title;
    private String question;
    private String expectedCode;
    private String unit;
    private LocalDate begunOn;
    private int everyDays;
    private int weeks;
    private String begunBy;
    private @Nullable LocalDate endedOn;

    protected Investigation() {}

    Investigation(UUID id, SettingId settingId, UUID roomId, InvestigationDetails details, String begunBy) {
        super(id, settingId);
        this.roomId = roomId;
        this.title = details.title();
        this.question = details.question();
        this.expectedCode = details.expectedCode();
        this.unit = details.unit();
        this.begunOn = details.begunOn();
        this.everyDays = details.everyDays();
        this.weeks = details.weeks();
        this.begunBy = begunBy;
    }

    void end(LocalDate on) {
        if (endedOn == null) {
            endedOn = on;
        }
    }

    UUID roomId() {
        return roomId;
    }

    @Nullable
    LocalDate endedOn() {
        return endedOn;
    }

    String begunBy() {
        return begunBy;
    }

    InvestigationDetails details() {
        return new InvestigationDetails(title, question, expectedCode, unit, begunOn, everyDays, weeks);
    }
}
