package app.carder.core.week;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.carder.core.week.Rotation.Mark;
import app.carder.core.week.Rotation.Novelty;
import app.carder.core.week.Rotation.Past;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RotationTest {

    /** A Monday. */
    private static final LocalDate MONDAY = LocalDate.of(2026, 5, 11);

    private static final OpenDays OPEN = OpenDays.mondayToFriday(Set.of());

    /** Days of the weeks before, counted in open days before Monday. */
    private static List<LocalDate> out(int from, int until) {
        return IntStream.rangeClosed(until, from)
                .mapToObj(days -> OPEN.plus(MONDAY, -days))
                .toList();
    }

    @ParameterizedTest
    @CsvSource({
        // stood from so many to so many open days ago, children who chose it, turn
        "3, 1, 0, STAYS",
        "5, 1, 3, STILL_CHOSEN",
        "5, 1, 2, CHANGE",
        "8, 1, 0, CHANGE",
        "15, 11, 9, BACK",
        "15, 10, 9, RESTS",
        "6, 2, 9, RESTS"
    })
    void saysWhatToDoWithACard(int from, int until, int chosenBy, Novelty turn) {
        assertThat(Rotation.USUAL
                        .advise(new Past(out(from, until), chosenBy), MONDAY, OPEN)
                        .turn())
                .isEqualTo(turn);
    }

    @Test
    void aCardThatWasNeverOutIsNew() {
        assertThat(Rotation.USUAL.advise(new Past(List.of(), 0), MONDAY, OPEN).turn())
                .isEqualTo(Novelty.NEW);
        assertThat(Rotation.USUAL
                        .advise(new Past(List.of(MONDAY), 0), MONDAY, OPEN)
                        .turn())
                .as("what stands that day is no past")
                .isEqualTo(Novelty.NEW);
    }

    @Test
    void closedDaysNeitherStandNorRest() {
        OpenDays holidays = OpenDays.mondayToFriday(Set.copyOf(out(5, 1)));

        assertThat(Rotation.USUAL.advise(new Past(out(10, 6), 0), MONDAY, holidays))
                .satisfies(advised -> assertThat(advised.turn()).isEqualTo(Novelty.CHANGE))
                .satisfies(advised -> assertThat(advised.because().words())
                        .isEqualTo("It has been out for 5 open days and nobody has chosen it lately."));
    }

    @Test
    void marksBlocksAsSameNewOrBackAgain() {
        assertThat(Rotation.mark(List.of(), MONDAY, OPEN)).isEqualTo(Mark.NEW);
        assertThat(Rotation.mark(out(1, 1), MONDAY, OPEN)).isEqualTo(Mark.SAME);
        assertThat(Rotation.mark(out(2, 2), MONDAY, OPEN)).isEqualTo(Mark.BACK);
    }

    @Test
    void refusesNumbersOutOfRange() {
        assertThatThrownBy(() -> new Rotation(0, 10, 3))
                .hasMessage("Days between changes must be 1 to 40; this says 0.");
        assertThatThrownBy(() -> new Rotation(5, 121, 3)).hasMessageStartingWith("Days of rest must be 1 to 120");
        assertThatThrownBy(() -> new Rotation(5, 10, 61))
                .hasMessageStartingWith("Children who still choose it must be 1 to 60");
    }
}
