package app.carder.web.room;

import app.carder.core.premises.Country;
import app.carder.core.premises.Premises;
import app.carder.core.ratio.RatioRule;
import app.carder.core.week.Rotation;

/**
 * How a room keeps its week.
 *
 * @param ratio how many adults children take
 * @param rotation when what stands out is changed
 * @param eveningMinutes an adult has for preparation on an evening, 0 to 600
 * @param noticeMinutes before the end of play children are told, 1 to 30
 * @param secondLanguage that is spoken in some sessions; empty where there is none
 * @param secondLanguagePercent of the day that it should have, 0 to 100
 */
public record WeekRules(
        RatioRule ratio,
        Rotation rotation,
        int eveningMinutes,
        int noticeMinutes,
        String secondLanguage,
        int secondLanguagePercent) {

    /** What a room begins with. */
    public static final WeekRules USUAL = new WeekRules(RatioRule.usual(), Rotation.USUAL, 45, 5, "", 20);

    /** What a room of such a place begins with. */
    static WeekRules of(Premises premises) {
        RatioRule ratio = Country.byCode(premises.country())
                .map(country -> country.ratio(premises.kind()))
                .orElse(USUAL.ratio());
        return new WeekRules(
                ratio,
                USUAL.rotation(),
                USUAL.eveningMinutes(),
                USUAL.noticeMinutes(),
                USUAL.secondLanguage(),
                USUAL.secondLanguagePercent());
    }
}
