package app.carder.core.watch;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.watch.Logged.Happened;
import app.carder.core.watch.Logged.Retimed;
import app.carder.core.watch.Logged.TakenBack;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class LoggedTest {

    private static UUID id(int number) {
        return new UUID(0x0190_0000_0000_7000L, 0x8000_0000_0000_0000L + number);
    }

    private static Happened<String> happened(int id, int second, String what) {
        return new Happened<>(id(id), EpisodesTest.at(second), what);
    }

    @Test
    void whatWasTakenBackDoesNotCount() {
        List<Logged<String>> log = List.of(
                happened(1, 0, "chose"), happened(2, 5, "left"), new TakenBack<>(id(3), EpisodesTest.at(6), id(2)));

        assertThat(Logged.effective(log)).extracting(Happened::what).containsExactly("chose");
    }

    @Test
    void aCorrectedTimeMovesTheEntryToItsPlace() {
        List<Logged<String>> log = List.of(
                happened(1, 10, "chose"),
                happened(2, 20, "left"),
                new Retimed<>(id(3), EpisodesTest.at(60), id(2), EpisodesTest.at(5)));

        assertThat(Logged.effective(log)).extracting(Happened::what).containsExactly("left", "chose");
    }

    @Test
    void ofTwoCorrectionsTheLaterCounts() {
        List<Logged<String>> log = List.of(
                happened(1, 10, "chose"),
                new Retimed<>(id(3), EpisodesTest.at(70), id(1), EpisodesTest.at(9)),
                new Retimed<>(id(2), EpisodesTest.at(60), id(1), EpisodesTest.at(5)));

        assertThat(Logged.effective(log)).extracting(Happened::at).containsExactly(EpisodesTest.at(9));
    }

    @Test
    void everybodySeesTheSameWhateverTheOrderOfArrival() {
        List<Logged<String>> log = new ArrayList<>(List.of(
                happened(1, 10, "chose"),
                happened(2, 20, "left"),
                new Retimed<>(id(4), EpisodesTest.at(60), id(1), EpisodesTest.at(5)),
                new Retimed<>(id(5), EpisodesTest.at(60), id(1), EpisodesTest.at(7)),
                new TakenBack<>(id(6), EpisodesTest.at(61), id(2))));
        List<Happened<String>> expected = Logged.effective(log);

        for (int seed = 0; seed < 20; seed++) {
            Collections.shuffle(log, new Random(seed));
            assertThat(Logged.effective(log)).isEqualTo(expected);
        }
        assertThat(expected).extracting(Happened::at).containsExactly(EpisodesTest.at(7));
    }

    @Test
    void aCorrectionOfWhatHasNotArrivedWaitsForIt() {
        List<Logged<String>> log = List.of(new TakenBack<>(id(3), EpisodesTest.at(6), id(2)), happened(1, 0, "chose"));

        assertThat(Logged.effective(log)).extracting(Happened::what).containsExactly("chose");
    }

    @Test
    void aCorrectionThatWasTakenBackNoLongerCounts() {
        List<Logged<String>> log = List.of(
                happened(1, 10, "chose"),
                new Retimed<>(id(2), EpisodesTest.at(60), id(1), EpisodesTest.at(5)),
                new TakenBack<>(id(3), EpisodesTest.at(61), id(2)));

        assertThat(Logged.effective(log)).extracting(Happened::at).containsExactly(EpisodesTest.at(10));
    }

    @Test
    void takingBackWhatTookSomethingBackBringsItBack() {
        List<Logged<String>> log = List.of(
                happened(1, 10, "chose"),
                new TakenBack<>(id(2), EpisodesTest.at(60), id(1)),
                new TakenBack<>(id(3), EpisodesTest.at(61), id(2)));

        assertThat(Logged.effective(log)).extracting(Happened::what).containsExactly("chose");
    }
}
