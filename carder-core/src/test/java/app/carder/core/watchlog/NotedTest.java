package app.carder.core.watchlog;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.watch.PlayKind;
import app.carder.core.watchlog.Entry.Retimed;
import app.carder.core.watchlog.Entry.TakenBack;
import app.carder.core.watchlog.Entry.Tap;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class NotedTest {

    private static final UUID CHILD = new UUID(7, 7);

    private static UUID id(int number) {
        return new UUID(0x0190_0000_0000_7000L, 0x8000_0000_0000_0000L + number);
    }

    private static Instant at(int second) {
        return Instant.parse("2026-05-06T09:00:00Z").plusSeconds(second);
    }

    private static Noted happened(int id, int second, PlayKind kind) {
        return new Noted(id(id), at(second), new Tap(CHILD, kind));
    }

    private static PlayKind kind(Noted noted) {
        return ((Tap) noted.entry()).kind();
    }

    @Test
    void whatWasTakenBackDoesNotCount() {
        List<Noted> log = List.of(
                happened(1, 0, PlayKind.CHOSE),
                happened(2, 5, PlayKind.LEFT),
                new Noted(id(3), at(6), new TakenBack(id(2))));

        assertThat(Noted.counting(log)).extracting(NotedTest::kind).containsExactly(PlayKind.CHOSE);
    }

    @Test
    void aCorrectedTimeMovesTheEntryToItsPlace() {
        List<Noted> log = List.of(
                happened(1, 10, PlayKind.CHOSE),
                happened(2, 20, PlayKind.LEFT),
                new Noted(id(3), at(60), new Retimed(id(2), at(5))));

        assertThat(Noted.counting(log)).extracting(NotedTest::kind).containsExactly(PlayKind.LEFT, PlayKind.CHOSE);
    }

    @Test
    void ofTwoCorrectionsTheLaterCounts() {
        List<Noted> log = List.of(
                happened(1, 10, PlayKind.CHOSE),
                new Noted(id(3), at(70), new Retimed(id(1), at(9))),
                new Noted(id(2), at(60), new Retimed(id(1), at(5))));

        assertThat(Noted.counting(log)).extracting(Noted::at).containsExactly(at(9));
    }

    @Test
    void everybodySeesTheSameWhateverTheOrderOfArrival() {
        List<Noted> log = new ArrayList<>(List.of(
                happened(1, 10, PlayKind.CHOSE),
                happened(2, 20, PlayKind.LEFT),
                new Noted(id(4), at(60), new Retimed(id(1), at(5))),
                new Noted(id(5), at(60), new Retimed(id(1), at(7))),
                new Noted(id(6), at(61), new TakenBack(id(2)))));
        List<Noted> expected = Noted.counting(log);

        for (int seed = 0; seed < 20; seed++) {
            Collections.shuffle(log, new Random(seed));
            assertThat(Noted.counting(log)).isEqualTo(expected);
        }
        assertThat(expected).extracting(Noted::at).containsExactly(at(7));
    }

    @Test
    void aCorrectionOfWhatHasNotArrivedWaitsForIt() {
        List<Noted> log = List.of(new Noted(id(3), at(6), new TakenBack(id(2))), happened(1, 0, PlayKind.CHOSE));

        assertThat(Noted.counting(log)).extracting(NotedTest::kind).containsExactly(PlayKind.CHOSE);
    }

    @Test
    void aCorrectionThatWasTakenBackNoLongerCounts() {
        List<Noted> log = List.of(
                happened(1, 10, PlayKind.CHOSE),
                new Noted(id(2), at(60), new Retimed(id(1), at(5))),
                new Noted(id(3), at(61), new TakenBack(id(2))));

        assertThat(Noted.counting(log)).extracting(Noted::at).containsExactly(at(10));
    }

    @Test
    void takingBackWhatTookSomethingBackBringsItBack() {
        List<Noted> log = List.of(
                happened(1, 10, PlayKind.CHOSE),
                new Noted(id(2), at(60), new TakenBack(id(1))),
                new Noted(id(3), at(61), new TakenBack(id(2))));

        assertThat(Noted.counting(log)).extracting(NotedTest::kind).containsExactly(PlayKind.CHOSE);
    }
}
