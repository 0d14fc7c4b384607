package app.carder.core.journal;

import static app.carder.core.journal.TestJournals.FIRST;
import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.journal.ThenAndNow.Pair;
import app.carder.core.journal.ThenAndNow.Record;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;

class ThenAndNowTest {

    @Test
    void findsTheSameCardAndStatementAtTwoTimes() {
        Record then =
                new Record("a", FIRST, Set.of("S1", "S2"), "pouring", Set.of("rice"), "Poured rice beside the jug.");
        Record now = new Record(
                "b",
                FIRST.plusDays(40),
                Set.of("S1"),
                "pouring",
                Set.of("rice", "jug"),
                "Poured the rice to the line.");
        Record other = new Record("c", FIRST.plusDays(60), Set.of("S9"), "", Set.of(), "Ran down the hill.");

        List<Pair> pairs = ThenAndNow.of(List.of(now, other, then), 3);

        assertThat(pairs).hasSize(1);
        Pair pair = pairs.get(0);
        assertThat(pair.then()).isEqualTo(then);
        assertThat(pair.now()).isEqualTo(now);
        assertThat(pair.statements()).containsExactly("S1");
        assertThat(pair.things()).containsExactly("rice");
        assertThat(pair.sameCard()).isTrue();
        assertThat(pair.days()).isEqualTo(40);
        // Of two statements one is shared, the card is the same, of two things one, of the four longer words poured and
        // rice.
        assertThat(pair.likeness()).isCloseTo(0.4 / 2 + 0.3 + 0.2 / 2 + 0.1 * 2 / 4, Offset.offset(1e-9));
    }

    @Test
    void lessThanFourWeeksApartOrAlikeInWordsAloneIsNoPair() {
        Record first = new Record("a", FIRST, Set.of("S1"), "", Set.of(), "Poured water.");
        Record soon = new Record("b", FIRST.plusDays(27), Set.of("S1"), "", Set.of(), "Poured water.");
        Record words = new Record("c", FIRST.plusDays(70), Set.of(), "", Set.of(), "Poured water.");

        assertThat(ThenAndNow.of(List.of(first, soon, words), 5)).isEmpty();
    }

    @Test
    void takesEachRecordOnceAndNeverLeavesAPairThatIsMoreAlike() {
        Random seeded = new Random(17);
        for (int round = 0; round < 1000; round++) {
            List<Record> records = records(seeded, 2 + seeded.nextInt(12));

            List<Pair> pairs = ThenAndNow.of(records, 4);

            Set<Record> used = new HashSet<>();
            for (Pair pair : pairs) {
                assertThat(used.add(pair.then())).isTrue();
                assertThat(used.add(pair.now())).isTrue();
                assertThat(pair.days()).isGreaterThanOrEqualTo(28);
                assertThat(pair.likeness()).isBetween(0.0, 1.0);
            }
            assertThat(pairs).isSortedAccordingTo((one, two) -> Double.compare(two.likeness(), one.likeness()));
            if (pairs.size() < 4) {
                records.removeAll(used);
                assertThat(ThenAndNow.of(records, 4)).isEmpty();
            }
        }
    }

    private static List<Record> records(Random random, int count) {
        List<Record> records = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            records.add(new Record(
                    "id" + i,
                    FIRST.plusDays(random.nextInt(90)),
                    random.nextBoolean() ? Set.of("S" + random.nextInt(4)) : Set.of(),
                    random.nextBoolean() ? "card" + random.nextInt(3) : "",
                    Set.of("thing" + random.nextInt(5)),
                    "Carried bucket number" + "x".repeat(random.nextInt(3))));
        }
        return records;
    }
}
