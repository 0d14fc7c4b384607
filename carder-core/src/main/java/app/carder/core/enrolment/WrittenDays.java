package app.carder.core.enrolment;

import java.time.DayOfWeek;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/** Days of the week as people type them: {@code Mon, Wed–Fri}, {@code Mo Mi Fr}, {@code every day}. */
final class WrittenDays {

    /** What each day begins with, longest first so that none hides another; English and German. */
    private static final List<List<String>> NAMES = List.of(
            List.of("monday", "montag", "mon", "mo", "m"),
            List.of("tuesday", "dienstag", "tues", "tue", "tu", "di", "t"),
            List.of("wednesday", "mittwoch", "wed", "we", "mi", "w"),
            List.of("thursday", "donnerstag", "thurs", "thur", "thu", "th", "do"),
            List.of("friday", "freitag", "fri", "fr", "f"),
            List.of("saturday", "samstag", "sat", "sa"),
            List.of("sunday", "sonntag", "sun", "su", "so"));

    private static final Set<String> WEEKDAYS = Set.of(
            "all",
            "every day",
            "everyday",
            "full time",
            "full-time",
            "all week",
            "weekdays",
            "täglich",
            "jeden tag",
            "ganze woche");

    private WrittenDays() {}

    /** The days; empty where one word of them is none. */
    static Optional<Set<DayOfWeek>> of(String text) {
        String plain = text.toLowerCase(Locale.ROOT).strip();
        if (WEEKDAYS.contains(plain)) {
            return Optional.of(EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.FRIDAY));
        }
        Set<DayOfWeek> days = EnumSet.noneOf(DayOfWeek.class);
        String tight = plain.replaceAll("\\s++", " ").replaceAll(" ?(?:[-–]|(?<!\\p{L})(?:to|bis)(?!\\p{L})) ?", "-");
        for (String word : tight.split("(?:[,;/+&.\\s]|(?<!\\p{L})(?:and|und)(?!\\p{L}))++")) {
            if (word.isEmpty()) {
                continue;
            }
            String[] ends = word.split("-", -1);
            Optional<DayOfWeek> from = one(ends[0]);
            Optional<DayOfWeek> until = ends.length == 2 ? one(ends[1]) : from;
            if (from.isEmpty()
                    || until.isEmpty()
                    || ends.length > 2
                    || until.get().compareTo(from.get()) < 0) {
                return Optional.empty();
            }
            days.addAll(EnumSet.range(from.get(), until.get()));
        }
        return days.isEmpty() ? Optional.empty() : Optional.of(days);
    }

    private static Optional<DayOfWeek> one(String word) {
        for (int at = 0; at < NAMES.size(); at++) {
            if (NAMES.get(at).contains(word)) {
                return Optional.of(DayOfWeek.of(at + 1));
            }
        }
        return Optional.empty();
    }
}
