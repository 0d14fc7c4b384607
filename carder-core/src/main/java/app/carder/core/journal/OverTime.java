package app.carder.core.journal;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.IntStream;

/**
 * How often each area was seen in each stretch of a period. It counts records, which is not how much a child played: what nobody wrote down
 * is not in it, and it is told that way.
 *
 * @param rows by area, in the order of their codes
 */
public record OverTime(List<Row> rows) {

    /** Stretches that a period is cut into, at most. */
    public static final int MOST_STRETCHES = 6;

    /** Keeps its own copy. */
    public OverTime {
        rows = List.copyOf(rows);
    }

    /**
     * One area.
     *
     * @param area its code
     * @param records of each stretch, the earliest first
     */
    public record Row(String area, List<Integer> records) {

        /** Keeps its own copy. */
        public Row {
            records = List.copyOf(records);
        }
    }

    /**
     * A record.
     *
     * @param on the day
     * @param areas codes of the areas that it touches
     */
    public record Seen(LocalDate on, Set<String> areas) {}

    /** Counts what was seen from one day to another, both included; what lies outside is left out. */
    public static OverTime of(LocalDate startsOn, LocalDate endsOn, Collection<Seen> seen) {
        long days = ChronoUnit.DAYS.between(startsOn, endsOn) + 1;
        int stretches = (int) Math.min(MOST_STRETCHES, days);
        Map<String, int[]> counts = new TreeMap<>();
        for (Seen one : seen) {
            long day = ChronoUnit.DAYS.between(startsOn, one.on());
            if (day >= 0 && day < days) {
                for (String area : one.areas()) {
                    counts.computeIfAbsent(area, code -> new int[stretches])[(int) (day * stretches / days)]++;
                }
            }
        }
        List<Row> rows = new ArrayList<>();
        counts.forEach((area, count) ->
                rows.add(new Row(area, Arrays.stream(count).boxed().toList())));
        return new OverTime(rows);
    }

    /** The first days of its stretches, where it counts from one day to another; none where it counts nothing. */
    public List<LocalDate> starts(LocalDate startsOn, LocalDate endsOn) {
        int stretches = rows.isEmpty() ? 0 : rows.get(0).records().size();
        long days = ChronoUnit.DAYS.between(startsOn, endsOn) + 1;
        return IntStream.range(0, stretches)
                .mapToObj(stretch -> startsOn.plusDays((stretch * days + stretches - 1) / stretches))
                .toList();
    }

    /** How wide a dot is whose area stands for a count, where that of the highest count is 1 wide; 0 to 1. */
    public double breadth(int count) {
        return most() == 0 ? 0 : Math.sqrt(count / (double) most());
    }

    /** The highest count, 0 for none. */
    public int most() {
        return rows.stream()
                .flatMap(row -> row.records().stream())
                .mapToInt(count -> count)
                .max()
                .orElse(0);
    }
}
