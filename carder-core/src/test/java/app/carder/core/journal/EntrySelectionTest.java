package app.carder.core.journal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.carder.core.journal.Candidate.Photo;
import app.carder.core.journal.EntrySelection.Choice;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;

class EntrySelectionTest {

    private static final LocalDate FIRST = LocalDate.of(2026, 3, 1);
    private static final LocalDate LAST = LocalDate.of(2026, 4, 29);

    @Test
    void reachesTheGreedyBoundOfTheBestOfAllSubsets() {
        Random seeded = new Random(1978);
        for (int round = 0; round < 150; round++) {
            int size = 1 + seeded.nextInt(4);
            EntrySelection selection = EntrySelection.over(FIRST, LAST, size);
            List<Candidate> candidates = randomCandidates(seeded, 9);

            double greedy = value(selection, selection.choose(candidates));
            double best = bestOfAllSubsets(selection, candidates, size);

            double bound = 1 - Math.pow(1 - 1.0 / size, size);
            assertThat(greedy).isBetween(bound * best - 1e-9, best + 1e-9);
        }
    }

    /** Ticking every box makes no entry better than one that is about one thing: of two that are equal, the newer is taken. */
    @Test
    void anEntryThatTicksEverythingCountsForNoMoreThanOneThatIsAboutOneThing() {
        Candidate about = candidate("a", 20, Set.of("touch"), Photo.NONE);
        Candidate everything = candidate("b", 3, Set.of("touch", "hand", "move", "say", "look"), Photo.NONE);
        EntrySelection one = EntrySelection.over(FIRST, LAST, 1);

        assertThat(one.choose(List.of(about, everything)))
                .extracting(Choice::candidate)
                .containsExactly(about);
        assertThat(one.objective(List.of(everything))).isEqualTo(one.objective(List.of(about)));
    }

    @Test
    void spreadsOverAreasAndTimeRatherThanRepeating() {
        List<Candidate> candidates = List.of(
                candidate("a", 1, Set.of("touch"), Photo.NONE),
                candidate("b", 2, Set.of("touch"), Photo.NONE),
                candidate("c", 3, Set.of("touch"), Photo.NONE),
                candidate("d", 30, Set.of("hand"), Photo.NONE),
                candidate("e", 55, Set.of("move"), Photo.NONE));

        List<Choice> chosen = EntrySelection.over(FIRST, LAST, 3).choose(candidates);

        assertThat(chosen)
                .extracting(choice -> choice.candidate().id())
                .contains("d", "e")
                .hasSize(3);
        assertThat(chosen.get(0).because().words())
                .contains("an area not shown yet", "a part of the period not shown yet");
    }

    @Test
    void prefersAPhotoBetweenOtherwiseEqualEntriesAndThenTheNewer() {
        Candidate plain = candidate("a", 5, Set.of("touch"), Photo.NONE);
        Candidate pictured = candidate("b", 4, Set.of("touch"), Photo.SHOWN);
        Candidate older = candidate("c", 4, Set.of("touch"), Photo.NONE);
        EntrySelection one = EntrySelection.over(FIRST, LAST, 1);

        assertThat(one.choose(List.of(plain, pictured)))
                .extracting(Choice::candidate)
                .containsExactly(pictured);
        assertThat(one.choose(List.of(older, plain)))
                .extracting(Choice::candidate)
                .containsExactly(plain);
    }

    @Test
    void givesTheSameJournalWhateverTheOrderOfTheRecord() {
        Random seeded = new Random(3);
        List<Candidate> candidates = randomCandidates(seeded, 12);
        EntrySelection selection = EntrySelection.over(FIRST, LAST, 5);
        List<Choice> first = selection.choose(candidates);

        Collections.shuffle(candidates, seeded);

        assertThat(selection.choose(candidates)).isEqualTo(first);
    }

    @Test
    void addsNoLessAndNeverMoreTheLaterAnEntryComes() {
        Random seeded = new Random(11);
        for (int round = 0; round < 100; round++) {
            EntrySelection selection = EntrySelection.over(FIRST, LAST, 6);
            List<Candidate> all = randomCandidates(seeded, 7);
            Candidate added = all.get(6);
            List<Candidate> few = all.subList(0, 2);
            List<Candidate> many = all.subList(0, 6);

            double early = selection.objective(with(few, added)) - selection.objective(few);
            double late = selection.objective(with(many, added)) - selection.objective(many);

            assertThat(late).isBetween(0.0, early + 1e-9);
        }
    }

    @Test
    void sumsTheGainsToTheObjective() {
        List<Candidate> candidates = randomCandidates(new Random(5), 8);
        EntrySelection selection = EntrySelection.over(FIRST, LAST, 4);
        List<Choice> chosen = selection.choose(candidates);

        assertThat(chosen.stream().mapToDouble(Choice::gain).sum())
                .isCloseTo(value(selection, chosen), Offset.offset(1e-9));
    }

    @Test
    void takesWhatThereIsAndNothingFromOutsideThePeriod() {
        Candidate before = new Candidate("x", FIRST.minusDays(1), Set.of("touch"), Photo.SHOWN);
        Candidate onTheLastDay = new Candidate("y", LAST, Set.of("touch"), Photo.NONE);

        assertThat(EntrySelection.over(FIRST, LAST, 6).choose(List.of(before, onTheLastDay)))
                .extracting(Choice::candidate)
                .containsExactly(onTheLastDay);
        assertThat(EntrySelection.over(FIRST, LAST, 6).choose(List.of())).isEmpty();
    }

    @Test
    void refusesAPeriodThatRunsBackwardsAndAnEmptyJournal() {
        assertThatThrownBy(() -> EntrySelection.over(LAST, FIRST, 3)).hasMessageContaining("must not end before");
        assertThatThrownBy(() -> EntrySelection.over(FIRST, LAST, 0)).hasMessageContaining("1 entry or more");
    }

    private static double bestOfAllSubsets(EntrySelection selection, List<Candidate> candidates, int size) {
        double best = 0;
        for (int subset = 0; subset < 1 << candidates.size(); subset++) {
            if (Integer.bitCount(subset) <= size) {
                List<Candidate> chosen = new ArrayList<>();
                for (int i = 0; i < candidates.size(); i++) {
                    if ((subset >> i & 1) == 1) {
                        chosen.add(candidates.get(i));
                    }
                }
                best = Math.max(best, selection.objective(chosen));
            }
        }
        return best;
    }

    private static double value(EntrySelection selection, List<Choice> chosen) {
        return selection.objective(chosen.stream().map(Choice::candidate).toList());
    }

    private static List<Candidate> with(List<Candidate> entries, Candidate added) {
        List<Candidate> all = new ArrayList<>(entries);
        all.add(added);
        return all;
    }

    private static List<Candidate> randomCandidates(Random random, int count) {
        List<Candidate> candidates = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            Set<String> areas = new HashSet<>();
            for (String area : List.of("touch", "look", "hand", "move", "explore")) {
                if (random.nextInt(3) == 0) {
                    areas.add(area);
                }
            }
            candidates.add(
                    candidate("id" + i, random.nextInt(60), areas, random.nextBoolean() ? Photo.SHOWN : Photo.NONE));
        }
        return candidates;
    }

    private static Candidate candidate(String id, int day, Set<String> areas, Photo photo) {
        return new Candidate(id, FIRST.plusDays(day), areas, photo);
    }
}
