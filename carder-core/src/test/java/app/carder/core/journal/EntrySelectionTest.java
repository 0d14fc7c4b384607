package app.carder.core.journal;

import static app.carder.core.journal.TestJournals.FIRST;
import static app.carder.core.journal.TestJournals.LAST;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.carder.core.journal.Selection.Choice;
import app.carder.core.journal.Selection.Only;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;

class EntrySelectionTest {

    @Test
    void findsTheBestOfAllSubsetsAndSaysThatItDid() {
        Random seeded = new Random(1978);
        for (int round = 0; round < 150; round++) {
            EntrySelection selection = EntrySelection.over(FIRST, LAST, 1 + seeded.nextInt(9));
            List<Candidate> candidates = TestJournals.candidates(seeded, 10);

            Selection found = selection.choose(candidates);

            assertThat(found.isBest()).isTrue();
            assertThat(found.value())
                    .isCloseTo(bestOfAllSubsets(selection, candidates, Set.of()), Offset.offset(1e-6))
                    .isCloseTo(selection.objective(entries(found)), Offset.offset(1e-9));
        }
    }

    @Test
    void findsTheBestAroundWhatIsPinnedAndWithoutWhatIsBanned() {
        Random seeded = new Random(7);
        for (int round = 0; round < 60; round++) {
            List<Candidate> candidates = TestJournals.candidates(seeded, 9);
            EntrySelection selection =
                    EntrySelection.over(FIRST, LAST, 6).pinning(Set.of("id3")).banning(Set.of("id5", "id6"));

            Selection found = selection.choose(candidates);

            assertThat(ids(found)).contains("id3").doesNotContain("id5", "id6");
            assertThat(found.value())
                    .isCloseTo(
                            bestOfAllSubsets(
                                    selection,
                                    candidates.stream()
                                            .filter(one -> !Set.of("id5", "id6").contains(one.id()))
                                            .toList(),
                                    Set.of("id3")),
                            Offset.offset(1e-6));
        }
    }

    @Test
    void tellsHowFarItCanBeFromTheBestWhereTheWorkForAProofIsTooMuch() {
        Random seeded = new Random(3);
        for (int round = 0; round < 20; round++) {
            List<Candidate> candidates = TestJournals.candidates(seeded, 40);
            EntrySelection selection = EntrySelection.over(FIRST, LAST, 12);

            Selection soon = selection.working(20_000).choose(candidates);
            Selection best = selection.choose(candidates);

            assertThat(best.isBest()).isTrue();
            assertThat(best.value()).isBetween(soon.value() - 1e-9, soon.bound() + 1e-6);
            assertThat(soon.farAtMostPercent()).isBetween(0.0, 25.0);
        }
        assertThat(EntrySelection.over(FIRST, LAST, 12)
                        .working(20_000)
                        .choose(TestJournals.candidates(new Random(4), 80))
                        .isBest())
                .isFalse();
    }

    /** Ticking every box makes no entry better than one that is about one thing: of two that are equal, the newer is taken. */
    @Test
    void anEntryThatTicksEverythingCountsForNoMoreThanOneThatIsAboutOneThing() {
        Candidate about = candidate("a", 20, Set.of("touch"));
        Candidate everything = candidate("b", 3, Set.of("touch", "hand", "move", "say", "look"));
        EntrySelection one = EntrySelection.over(FIRST, LAST, 1);

        assertThat(ids(one.choose(List.of(about, everything)))).containsExactly("a");
        assertThat(one.objective(List.of(everything))).isEqualTo(one.objective(List.of(about)));
    }

    @Test
    void aSecondEntryOnTheSameAddsLessThanTheFirstOnAnother() {
        List<Candidate> candidates = List.of(
                candidate("a", 1, Set.of("touch")),
                candidate("b", 2, Set.of("touch")),
                candidate("c", 3, Set.of("touch")),
                candidate("d", 40, Set.of("hand")),
                candidate("e", 75, Set.of("move")));

        Selection chosen = EntrySelection.over(FIRST, LAST, 3).choose(candidates);

        assertThat(ids(chosen)).contains("d", "e").hasSize(3);
    }

    @Test
    void saysWhatEachAloneBrings() {
        Candidate bed =
                new Candidate("a", FIRST, Map.of(Facet.AREA, Set.of("touch"), Facet.PLACE, Set.of("garden")), 1);
        Candidate tray = new Candidate(
                "b",
                FIRST.plusDays(1),
                Map.of(Facet.AREA, Set.of("touch"), Facet.PLACE, Set.of("tray table"), Facet.VOICE, Set.of("SPOKEN")),
                1);
        Candidate same = new Candidate("c", FIRST, Map.of(Facet.AREA, Set.of("touch")), 1);

        List<Choice> choices = EntrySelection.over(FIRST, LAST, 8).choices(List.of(bed, tray, same));

        assertThat(choices.get(0).only()).containsExactly(new Only(Facet.PLACE, List.of("garden")));
        assertThat(choices.get(1).only())
                .containsExactly(
                        new Only(Facet.VOICE, List.of("SPOKEN")), new Only(Facet.PLACE, List.of("tray table")));
        assertThat(choices.get(2).only()).isEmpty();
        assertThat(choices)
                .extracting(Choice::lost)
                .allSatisfy(lost -> assertThat(lost).isPositive());
    }

    @Test
    void keepsToTheRoomThatThereIsUnlessMoreIsPinned() {
        Random seeded = new Random(21);
        for (int round = 0; round < 50; round++) {
            List<Candidate> candidates = TestJournals.candidates(seeded, 25);
            Selection free = EntrySelection.over(FIRST, LAST, 7).choose(candidates);
            Selection pinned = EntrySelection.over(FIRST, LAST, 2)
                    .pinning(List.of("id1", "id2", "id3"))
                    .choose(candidates);

            assertThat(free.quarters()).isBetween(5, 7);
            assertThat(ids(pinned)).containsExactlyInAnyOrder("id1", "id2", "id3");
        }
    }

    @Test
    void givesTheSameJournalWhateverTheOrderOfTheRecord() {
        Random seeded = new Random(3);
        List<Candidate> candidates = new ArrayList<>(TestJournals.candidates(seeded, 30));
        EntrySelection selection = EntrySelection.over(FIRST, LAST, 9);
        Selection first = selection.choose(candidates);

        Collections.shuffle(candidates, seeded);

        assertThat(selection.choose(candidates)).isEqualTo(first);
    }

    @Test
    void takesNothingFromOutsideThePeriodUnlessItIsPinned() {
        Candidate before = candidate("x", -1, Set.of("hand"));
        Candidate onTheLastDay = candidate("y", 83, Set.of("touch"));
        EntrySelection selection = EntrySelection.over(FIRST, LAST, 6);

        assertThat(ids(selection.choose(List.of(before, onTheLastDay)))).containsExactly("y");
        assertThat(ids(selection.pinning(List.of("x")).choose(List.of(before, onTheLastDay))))
                .containsExactly("x", "y");
        assertThat(selection.choose(List.of()).chosen()).isEmpty();
    }

    @Test
    void tellsTheStretchOfThePeriodThatADayLiesIn() {
        EntrySelection selection = EntrySelection.over(FIRST, LAST, 3);

        assertThat(selection.stretch(FIRST)).containsExactly(FIRST, FIRST.plusDays(27));
        assertThat(selection.stretch(FIRST.plusDays(28))).containsExactly(FIRST.plusDays(28), FIRST.plusDays(55));
        assertThat(selection.stretch(LAST)).containsExactly(FIRST.plusDays(56), LAST);
    }

    @Test
    void refusesAPeriodThatRunsBackwardsAndNoRoom() {
        assertThatThrownBy(() -> EntrySelection.over(LAST, FIRST, 3)).hasMessageContaining("must not end before");
        assertThatThrownBy(() -> EntrySelection.over(FIRST, LAST, 0)).hasMessageContaining("a quarter of a page");
        assertThatThrownBy(() -> new Candidate("a", FIRST, Map.of(), 0)).hasMessageContaining("a quarter of a page");
    }

    private static double bestOfAllSubsets(EntrySelection selection, List<Candidate> candidates, Set<String> pinned) {
        double best = 0;
        for (int subset = 0; subset < 1 << candidates.size(); subset++) {
            List<Candidate> chosen = new ArrayList<>();
            for (int i = 0; i < candidates.size(); i++) {
                if ((subset >> i & 1) == 1) {
                    chosen.add(candidates.get(i));
                }
            }
            boolean hasPinned = chosen.stream().map(Candidate::id).toList().containsAll(pinned);
            if (hasPinned && chosen.stream().mapToInt(Candidate::quarters).sum() <= selection.quarters()) {
                best = Math.max(best, selection.objective(chosen));
            }
        }
        return best;
    }

    private static List<Candidate> entries(Selection selection) {
        return selection.chosen().stream().map(Choice::candidate).toList();
    }

    private static List<String> ids(Selection selection) {
        return entries(selection).stream().map(Candidate::id).toList();
    }

    private static Candidate candidate(String id, int day, Set<String> areas) {
        LocalDate on = FIRST.plusDays(day);
        return new Candidate(id, on, Map.of(Facet.AREA, areas), 1);
    }
}
