package app.carder.web.room;

import app.carder.core.practice.PracticeStyle;
import app.carder.core.ratio.RatioRule;
import app.carder.core.week.Rotation;
import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;

/** A room of the setting, with the framework it works by. */
@Entity
class Room extends ScopedRecord {

    private String name;
    private String frameworkCode;
    private int position;

    @Enumerated(EnumType.STRING)
    private PracticeStyle practiceStyle;

    private String ratioRule;
    private int changeEveryDays;
    private int restDays;
    private int stillChosenBy;
    private int eveningMinutes;
    private int noticeMinutes;
    private String secondLanguage;
    private int secondLanguagePercent;

    private String language;

    protected Room() {}

    Room(SettingId settingId, String name, String frameworkCode, PracticeStyle practiceStyle, int position) {
        super(Ids.next(), settingId);
        this.name = name;
        this.frameworkCode = frameworkCode;
        this.practiceStyle = practiceStyle;
        this.position = position;
        this.language = RecordLanguage.ENGLISH.stored();
        saveWeek(WeekRules.USUAL);
    }

    final void saveWeek(WeekRules rules) {
        ratioRule = rules.ratio().code();
        changeEveryDays = rules.rotation().everyOpenDays();
        restDays = rules.rotation().restOpenDays();
        stillChosenBy = rules.rotation().stillChosenBy();
        eveningMinutes = rules.eveningMinutes();
        noticeMinutes = rules.noticeMinutes();
        secondLanguage = rules.secondLanguage();
        secondLanguagePercent = rules.secondLanguagePercent();
    }

    WeekRules weekRules() {
        return new WeekRules(
                RatioRule.byCode(ratioRule).orElseGet(RatioRule::usual),
                new Rotation(changeEveryDays, restDays, stillChosenBy),
                eveningMinutes,
                noticeMinutes,
                secondLanguage,
                secondLanguagePercent);
    }

    void rename(String name) {
        this.name = name;
    }

    void workBy(String frameworkCode, PracticeStyle practiceStyle, RecordLanguage language) {
        this.frameworkCode = frameworkCode;
        this.practiceStyle = practiceStyle;
        this.language = language.stored();
    }

    RecordLanguage language() {
        return RecordLanguage.of(language);
    }

    PracticeStyle practiceStyle() {
        return practiceStyle;
    }

    String name() {
        return name;
    }

    String frameworkCode() {
        return frameworkCode;
    }
}
