package app.carder.web.setting;

import jakarta.persistence.Entity;
import java.time.LocalDate;

/** Something that takes place on certain days: the setting is closed, or somebody visits. */
@Entity
class Occasion extends ScopedRecord {

    private LocalDate fromDay;
    private LocalDate untilDay;
    private String summary;
    private boolean closes;

    protected Occasion() {}

    Occasion(SettingId settingId, OccasionDetails details) {
        super(Ids.next(), settingId);
        this.fromDay = details.from();
        this.untilDay = details.until();
        this.summary = details.summary();
        this.closes = details.closes();
    }

    OccasionView view() {
        return new OccasionView(getId(), new OccasionDetails(fromDay, untilDay, summary, closes));
    }
}
