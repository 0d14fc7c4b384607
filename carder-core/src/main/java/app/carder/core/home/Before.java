package app.carder.core.home;

import app.carder.core.said.Said;
import app.carder.core.table.ShippedTable;
import app.carder.core.wording.Folding;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * For families who ask why there is no writing or reading yet: what usually comes before, and where that was seen in the child's own
 * record. It knows no ages and no other child, and what nobody wrote down is told as that.
 */
public final class Before {

    private static final Pattern WORD = Pattern.compile("[\\p{L}\\p{M}]+");
    private static final int MOST = 2;
    private static final List<Row> ROWS = ShippedTable.rows(Before.class, "ways.csv").stream()
            .map(row -> new Row(
                    Path.valueOf(row.get("path")),
                    row.get("step"),
                    Arrays.stream(row.get("signs").split(" ")).map(Sign::of).toList(),
                    Arrays.stream(row.get("cards").split(" "))
                            .map(HomeCard::shipped)
                            .flatMap(Optional::stream)
                            .toList()))
            .toList();

    private Before() {}

    /** What a family asks about. */
    public enum Path {
        WRITING,
        READING;

        /** For people. */
        public String words() {
            return Said.say("before." + name());
        }
    }

    /**
     * Something that was seen, as the family may read it.
     *
     * @param on the day
     * @param words of it
     */
    public record Seen(LocalDate on, String words) {}

    /**
     * What usually comes before.
     *
     * @param words for people
     * @param seen where it was seen, the newest first, two at most
     * @param cards for home that go with it
     */
    public record Step(String words, List<Seen> seen, List<HomeCard> cards) {

        /** Keeps its own copies. */
        public Step {
            seen = List.copyOf(seen);
            cards = List.copyOf(cards);
        }
    }

    private record Row(Path path, String step, List<Sign> signs, List<HomeCard> cards) {

        boolean isIn(Seen seen) {
            return WORD.matcher(seen.words())
                    .results()
                    .map(found -> Folding.folded(found.group()))
                    .anyMatch(word -> signs.stream().anyMatch(sign -> sign.fits(word)));
        }
    }

    private record Sign(String beginning, boolean isOpen) {

        static Sign of(String written) {
            boolean isOpen = written.endsWith("*");
            return new Sign(Folding.folded(isOpen ? written.substring(0, written.length() - 1) : written), isOpen);
        }

        boolean fits(String word) {
            return isOpen ? word.startsWith(beginning) : word.equals(beginning);
        }
    }

    /** The steps of a path, each with where it was seen. */
    public static List<Step> of(Path path, Collection<Seen> record) {
        List<Seen> newest = record.stream()
                .sorted(Comparator.comparing(Seen::on).reversed().thenComparing(Seen::words))
                .toList();
        return rows(path)
                .map(row -> new Step(
                        Said.say("before." + path + "." + row.step()),
                        newest.stream().filter(row::isIn).limit(MOST).toList(),
                        row.cards()))
                .toList();
    }

    private static Stream<Row> rows(Path path) {
        return ROWS.stream().filter(row -> row.path() == path);
    }
}
