package app.carder.core.enrolment;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.enrolment.EarlierNotes.Note;
import app.carder.core.enrolment.EarlierNotes.Result;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class EarlierNotesTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 5, 6);

    @Test
    void aTableHasAChildADateAndANote() {
        Result read = EarlierNotes.ofTable(
                        List.of(
                                List.of("Date", "Who", "Observation", "Written by"),
                                List.of("12/03/2026", "Anouk, Bram and Cosima", "Tied the string twice.", "Tobias"),
                                List.of("2027-01-01", "Anouk", "Later.", ""),
                                List.of("soon", "Anouk", "", ""),
                                List.of("2026-03-01", "", "Nobody.", "")),
                        TODAY)
                .orElseThrow();

        assertThat(read.notes())
                .containsExactly(new Note(
                        2,
                        List.of("Anouk", "Bram", "Cosima"),
                        LocalDate.of(2026, 3, 12),
                        "Tied the string twice.",
                        "Tobias"));
        assertThat(read.faults())
                .extracting(fault -> fault.line() + " " + fault.why().words())
                .containsExactly(
                        "3 “2027-01-01” is still to come.",
                        "4 “soon” is not a date that can be read.",
                        "4 There is no note.",
                        "5 No child is named.");
    }

    @Test
    void aTableThatDoesNotTellWhichColumnIsWhichIsNotGuessedAt() {
        assertThat(EarlierNotes.ofTable(List.of(List.of("a", "b", "c"), List.of("Anouk", "2026-03-12", "x")), TODAY))
                .isEmpty();
    }

    @Test
    void inTextEachNoteBeginsWithItsDateAndGoesOnToTheNext() {
        Result read = EarlierNotes.ofText("""
                        Notes of spring
                        12/03/2026 Anouk: Tied the string twice round the parcel: pulled it tight.
                        Laughed at 10:30.

                        3 April 2026 - Bram & Dara
                        Rolled the tube down the ramp, again and again.
                        2026-04-04: nobody at all
                        """, TODAY).orElseThrow();

        assertThat(read.notes())
                .containsExactly(
                        new Note(
                                2,
                                List.of("Anouk"),
                                LocalDate.of(2026, 3, 12),
                                "Tied the string twice round the parcel: pulled it tight.\nLaughed at 10:30.",
                                ""),
                        new Note(
                                5,
                                List.of("Bram", "Dara"),
                                LocalDate.of(2026, 4, 3),
                                "Rolled the tube down the ramp, again and again.",
                                ""));
        assertThat(read.faults())
                .extracting(fault -> fault.line() + " " + fault.why().words())
                .containsExactly("1 This line stands before the first date.", "7 No child is named.");
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "Anouk tied the string.", "On Monday: 3 knots"})
    void textWithoutADateIsNoNote(String text) {
        assertThat(EarlierNotes.ofText(text, TODAY)).isEmpty();
    }

    /** Twenty thousand characters that look like the beginning of a date take no longer than they should. */
    @Test
    void longLinesAreReadInOneGo() {
        String long1 = "1".repeat(20_000) + "/2/2026 " + " ".repeat(20_000) + "x";

        assertThat(EarlierNotes.ofText(long1, TODAY)).isEmpty();
    }
}
