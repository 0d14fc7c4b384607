package app.carder.core.journal;

import app.carder.core.wording.Folding;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * Pairs of records of the same statement, card or thing at two times, to stand side by side.
 *
 * <p>How like two records are is {@code 0.4 shared(statements) + 0.3 same card + 0.2 shared(things) + 0.1 shared(words)}; shared is the
 * number in both through the number in either (Jaccard 1901, from memory), of words those with four letters or more. The weights are our
 * own. A pair shares a statement, the card or a thing, and lies four weeks apart or more. The pair that is most alike is taken first, each
 * record once; between pairs that are equally alike the one that lies further apart.
 */
public final class ThenAndNow {

    /** Days between the two, at least. */
    public static final int FEWEST_DAYS = 28;

    private static final double STATEMENTS = 0.4;
    private static final double CARD = 0.3;
    private static final double THINGS = 0.2;
    private static final double WORDS = 0.1;
    private static final Pattern WORD = Pattern.compile("\\p{L}{4,}");

    private ThenAndNow() {}

    /**
     * A record.
     *
     * @param id its own
     * @param on the day
     * @param statements codes of the statements that it was marked with
     * @param card the card that was out; empty for none
     * @param things what was played with
     * @param words what was seen
     */
    public record Record(
            String id, LocalDate on, Set<String> statements, String card, Set<String> things, String words) {

        /** Keeps its own copies. */
        public Record {
            statements = Set.copyOf(statements);
            things = Set.copyOf(things);
        }
    }

    /**
     * Two records.
     *
     * @param then the earlier
     * @param now the later
     * @param likeness from above 0 to 1
     * @param statements that both are marked with, sorted
     * @param things that were played with both times, sorted
     * @param sameCard whether the same card was out
     */
    public record Pair(
            Record then, Record now, double likeness, List<String> statements, List<String> things, boolean sameCard) {

        /** Days from one to the other. */
        public long days() {
            return ChronoUnit.DAYS.between(then.on(), now.on());
        }
    }

    /** The pairs of some records, most alike first. */
    public static List<Pair> of(Collection<Record> records, int most) {
        List<Record> inTime = records.stream()
                .sorted(Comparator.comparing(Record::on).thenComparing(Record::id))
                .toList();
        List<Pair> all = new ArrayList<>();
        for (int then = 0; then < inTime.size(); then++) {
            for (int now = then + 1; now < inTime.size(); now++) {
                Pair pair = pair(inTime.get(then), inTime.get(now));
                boolean isShared = pair.sameCard()
                        || !pair.statements().isEmpty()
                        || !pair.things().isEmpty();
                if (isShared && pair.days() >= FEWEST_DAYS) {
                    all.add(pair);
                }
            }
        }
        all.sort(Comparator.comparingDouble(Pair::likeness)
                .thenComparingLong(Pair::days)
                .reversed()
                .thenComparing(pair -> pair.then().id())
                .thenComparing(pair -> pair.now().id()));
        List<Pair> taken = new ArrayList<>();
        Set<String> used = new HashSet<>();
        for (Pair pair : all) {
            if (taken.size() < most
                    && !used.contains(pair.then().id())
                    && !used.contains(pair.now().id())) {
                taken.add(pair);
                used.add(pair.then().id());
                used.add(pair.now().id());
            }
        }
        return taken;
    }

    /** Two records side by side, however unlike. */
    static Pair pair(Record then, Record now) {
        boolean sameCard = !then.card().isEmpty() && then.card().equals(now.card());
        double likeness = STATEMENTS * shared(then.statements(), now.statements())
                + (sameCard ? CARD : 0)
                + THINGS * shared(then.things(), now.things())
                + WORDS * shared(wordsOf(then), wordsOf(now));
        return new Pair(
                then,
                now,
                likeness,
                both(then.statements(), now.statements()),
                both(then.things(), now.things()),
                sameCard);
    }

    private static Set<String> wordsOf(Record record) {
        return WORD.matcher(record.words())
                .results()
                .map(found -> Folding.folded(found.group()))
                .collect(Collectors.toSet());
    }

    private static List<String> both(Set<String> some, Set<String> others) {
        Set<String> both = new TreeSet<>(some);
        both.retainAll(others);
        return List.copyOf(both);
    }

    private static double shared(Set<String> some, Set<String> others) {
        Set<String> either = new HashSet<>(some);
        either.addAll(others);
        return either.isEmpty() ? 0 : both(some, others).size() / (double) either.size();
    }
}
