package app.carder.core.said;

import com.ibm.icu.text.DateTimePatternGenerator;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.YearMonth;
import java.time.format.DateTimeFormatter;
import java.time.format.TextStyle;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/**
 * Days and times for people: one form for each use, everywhere, in the order and the words of the language that is spoken (Unicode CLDR).
 * Times are of 24 hours.
 */
public final class Dates {

    private static final Map<Form, DateTimeFormatter> FORMS = new ConcurrentHashMap<>();
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm", Locale.ROOT);

    private static final DateTimeFormatter EXACT_TIME = DateTimeFormatter.ofPattern("HH:mm:ss", Locale.ROOT);

    private record Form(Locale locale, String parts) {}

    private Dates() {}

    /** A day of any year: 17 May 2023. */
    public static String day(LocalDate day) {
        return day(day, locale());
    }

    static String day(LocalDate day, Locale locale) {
        return form(locale, "dMMMMy").format(day);
    }

    /** A day of any year that people look for in a calendar: Wed 17 May 2023. */
    public static String dayOfYear(LocalDate day) {
        return shortWeekday(day.getDayOfWeek()) + " " + form(locale(), "dMMMy").format(day);
    }

    /** A day of these weeks: Wednesday 17 May. */
    public static String dayOfWeek(LocalDate day) {
        return form(locale(), "EEEEdMMMM").format(day);
    }

    /** A day where there is little room: 17 May. */
    public static String shortDay(LocalDate day) {
        return form(locale(), "dMMM").format(day);
    }

    /** A day of these weeks where there is little room: Wed 17 May. */
    public static String shortDayOfWeek(LocalDate day) {
        return form(locale(), "EEEdMMM").format(day);
    }

    /** May 2023. */
    public static String month(YearMonth month) {
        return form(locale(), "MMMMy").format(month);
    }

    /** Wednesday. */
    public static String weekday(DayOfWeek day) {
        return day.getDisplayName(TextStyle.FULL, locale());
    }

    /** Wed. */
    public static String shortWeekday(DayOfWeek day) {
        return day.getDisplayName(TextStyle.SHORT, locale());
    }

    /** 09:05. */
    public static String time(LocalTime time) {
        return TIME.format(time);
    }

    /** 09:05:30. */
    public static String exactTime(LocalTime time) {
        return EXACT_TIME.format(time);
    }

    /** A moment of these weeks: Wed 17 May, 09:05. */
    public static String moment(LocalDateTime moment) {
        return shortDayOfWeek(moment.toLocalDate()) + ", " + time(moment.toLocalTime());
    }

    private static Locale locale() {
        return Catalogue.spoken().locale();
    }

    private static DateTimeFormatter form(Locale locale, String parts) {
        return FORMS.computeIfAbsent(
                new Form(locale, parts),
                form -> DateTimeFormatter.ofPattern(
                        DateTimePatternGenerator.getInstance(form.locale()).getBestPattern(form.parts()),
                        form.locale()));
    }
}
