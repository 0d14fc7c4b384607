package app.carder.core.enrolment;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Dates and times as people type them into tables. */
final class Dates {

    private static final Pattern YEAR_FIRST = Pattern.compile("(\\d{4})[-./](\\d{1,2})[-./](\\d{1,2})(?:[T ].*)?");
    private static final Pattern YEAR_LAST = Pattern.compile("(\\d{1,2})[-./ ](\\d{1,2})[-./ ](\\d{4}|\\d{2})");
    private static final Pattern IN_WORDS =
            Pattern.compile("(\\d{1,2})(?:st|nd|rd|th|\\.)?[ -]?([\\p{L}]{3,9})\\.?,?[ -]?(\\d{4}|\\d{2})");
    private static final Pattern TIME = Pattern.compile("(\\d{1,2})(?:[:.h](\\d{2}))?(?::\\d{2})? ?(am|pm|uhr)?");

    /** The first three letters of each month, in English and in German. */
    private static final List<List<String>> MONTHS = List.of(
            List.of("jan"),
            List.of("feb"),
            List.of("mar", "mär"),
            List.of("apr"),
            List.of("may", "mai"),
            List.of("jun"),
            List.of("jul"),
            List.of("aug"),
            List.of("sep"),
            List.of("oct", "okt"),
            List.of("nov"),
            List.of("dec", "dez"));

    private Dates() {}

    /** A day; empty where it is none. Two digits of a year are of this century. */
    static Optional<LocalDate> day(String text, DayOrder order) {
        String plain = text.strip().toLowerCase(Locale.ROOT);
        Matcher yearFirst = YEAR_FIRST.matcher(plain);
        if (yearFirst.matches()) {
            return day(yearFirst.group(1), yearFirst.group(2), yearFirst.group(3));
        }
        Matcher yearLast = YEAR_LAST.matcher(plain);
        if (yearLast.matches()) {
            boolean dayFirst = order == DayOrder.DAY_FIRST;
            return day(yearLast.group(3), yearLast.group(dayFirst ? 2 : 1), yearLast.group(dayFirst ? 1 : 2));
        }
        Matcher inWords = IN_WORDS.matcher(plain);
        if (inWords.matches()) {
            String month = inWords.group(2).substring(0, 3);
            for (int at = 0; at < MONTHS.size(); at++) {
                if (MONTHS.get(at).contains(month)) {
                    return day(inWords.group(3), String.valueOf(at + 1), inWords.group(1));
                }
            }
        }
        return Optional.empty();
    }

    private static Optional<LocalDate> day(String year, String month, String day) {
        try {
            return Optional.of(LocalDate.of(
                    year.length() == 2 ? 2000 + Integer.parseInt(year) : Integer.parseInt(year),
                    Integer.parseInt(month),
                    Integer.parseInt(day)));
        } catch (DateTimeException noSuchDay) {
            return Optional.empty();
        }
    }

    /** A time of day; empty where it is none. */
    static Optional<LocalTime> time(String text) {
        Matcher found = TIME.matcher(text.strip().toLowerCase(Locale.ROOT));
        if (!found.matches()) {
            return Optional.empty();
        }
        int hour = Integer.parseInt(found.group(1));
        int minute = found.group(2) == null ? 0 : Integer.parseInt(found.group(2));
        String half = found.group(3) == null ? "" : found.group(3);
        if (half.endsWith("m") && (hour < 1 || hour > 12)) {
            return Optional.empty();
        }
        if (half.endsWith("m")) {
            hour = hour % 12 + (half.equals("pm") ? 12 : 0);
        }
        return hour > 23 || minute > 59 ? Optional.empty() : Optional.of(LocalTime.of(hour, minute));
    }
}
