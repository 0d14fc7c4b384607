package app.carder.core.retention;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * How long a setting keeps what it has of a child that has left. What nobody decided falls never due, which is said.
 *
 * @param years after the child has left, by kind, 0 to {@value #MOST_YEARS}; kinds that nobody decided are left out
 */
public record Retention(Map<RecordKind, Integer> years) {

    /** Longer than any habit known here. */
    public static final int MOST_YEARS = 99;

    /** What is kept in Carder, in the order in which it usually falls due. The child itself goes with the last of them. */
    public static final List<RecordKind> KINDS = List.of(RecordKind.LEARNING, RecordKind.REGISTER, RecordKind.CONSENT);

    /**
     * Checks, and keeps its own copy.
     *
     * @throws IllegalArgumentException if a kind is not kept here, or a number is out of range
     */
    public Retention {
        years = Map.copyOf(years);
        years.forEach((kind, some) -> {
            if (!KINDS.contains(kind) || some < 0 || some > MOST_YEARS) {
                throw new IllegalArgumentException("Not a number of years for " + kind + ": " + some);
            }
        });
    }

    /** The habit of a country; nothing is decided where none is known. */
    public static Retention usual(String country) {
        Map<RecordKind, Integer> usual = new EnumMap<>(RecordKind.class);
        KINDS.forEach(kind -> kind.years(country).ifPresent(years -> usual.put(kind, years)));
        return new Retention(usual);
    }

    /** For how many years; absent where nobody decided. */
    public Optional<Integer> yearsOf(RecordKind kind) {
        return Optional.ofNullable(years.get(kind));
    }

    /**
     * From which day on a kind is kept no longer.
     *
     * @param leftOn the child's last day
     * @return absent where nobody decided
     */
    public Optional<LocalDate> due(RecordKind kind, LocalDate leftOn) {
        return yearsOf(kind).map(leftOn::plusYears);
    }

    /** From which day on nothing of a child is kept; absent as long as some kind is not decided. */
    public Optional<LocalDate> allDue(LocalDate leftOn) {
        return years.size() < KINDS.size()
                ? Optional.empty()
                : KINDS.stream().flatMap(kind -> due(kind, leftOn).stream()).max(Comparator.naturalOrder());
    }

    /**
     * One kind of one child on the common line of time.
     *
     * @param kind which
     * @param from days from the beginning of the line to the child's last day
     * @param days for which it is kept; 0 where it is not kept at all
     * @param until from which day on it is kept no longer; absent where nobody decided
     * @param isDue whether that is today or was before
     */
    public record Bar(RecordKind kind, long from, long days, Optional<LocalDate> until, boolean isDue) {}

    /**
     * Everything on one line of time, so that children can be compared.
     *
     * @param days from its beginning, the earliest leaving, to its end
     * @param today days from its beginning to today
     * @param bars of each child, in the order in which they were given
     */
    public record Chart(long days, long today, List<List<Bar>> bars) {}

    /**
     * Draws when what falls due.
     *
     * @param leftOn the last day of each child, none of them after today
     */
    public Chart chart(List<LocalDate> leftOn, LocalDate today) {
        LocalDate begin = leftOn.stream().min(Comparator.naturalOrder()).orElse(today);
        LocalDate end = leftOn.stream()
                .flatMap(left -> KINDS.stream().flatMap(kind -> due(kind, left).stream()))
                .max(Comparator.naturalOrder())
                .filter(last -> last.isAfter(today))
                .orElse(today.plusDays(1));
        List<List<Bar>> bars = new ArrayList<>();
        for (LocalDate left : leftOn) {
            bars.add(KINDS.stream()
                    .map(kind -> {
                        Optional<LocalDate> due = due(kind, left);
                        return new Bar(
                                kind,
                                ChronoUnit.DAYS.between(begin, left),
                                ChronoUnit.DAYS.between(left, due.orElse(end)),
                                due,
                                due.filter(day -> !day.isAfter(today)).isPresent());
                    })
                    .toList());
        }
        return new Chart(ChronoUnit.DAYS.between(begin, end), ChronoUnit.DAYS.between(begin, today), bars);
    }
}
