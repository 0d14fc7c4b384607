package app.carder.core.rehearsal;

import static app.carder.core.rehearsal.TestDays.AFTERNOON;
import static app.carder.core.rehearsal.TestDays.BY_THE_DOOR;
import static app.carder.core.rehearsal.TestDays.MORNING;
import static app.carder.core.rehearsal.TestDays.NOON;
import static app.carder.core.rehearsal.TestDays.TABLE;
import static app.carder.core.rehearsal.TestDays.adult;
import static app.carder.core.rehearsal.TestDays.card;
import static app.carder.core.rehearsal.TestDays.child;
import static app.carder.core.rehearsal.TestDays.closed;
import static app.carder.core.rehearsal.TestDays.day;
import static app.carder.core.rehearsal.TestDays.span;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.carder.core.drawing.Sketch;
import app.carder.core.drawing.Sketch.Label;
import app.carder.core.drawing.Sketch.Style;
import app.carder.core.ratio.RatioRule;
import app.carder.core.rehearsal.PlannedDay.Child;
import app.carder.core.rehearsal.PlannedDay.Garden;
import app.carder.core.rehearsal.PlannedDay.Group;
import app.carder.core.rehearsal.PlannedDay.Hold;
import app.carder.core.rehearsal.PlannedDay.Out;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class RehearsalTest {

    private static final Span OPEN = span("08:30", "15:30");
    private static final List<Child> FOUR =
            List.of(child("Anouk", OPEN), child("Bram", OPEN), child("Kofi", OPEN), child("Maeve", OPEN));

    private static List<String> lines(Rehearsal rehearsal) {
        return rehearsal.clashes().stream()
                .map(one -> one.clash().when().said().words() + ": "
                        + one.clash().said().words()
                        + one.changes().stream()
                                .map(change -> " -> " + change.said().words())
                                .reduce("", String::concat))
                .toList();
    }

    @Test
    void aDayOnWhichEverythingGoesHasNoClash() {
        Rehearsal rehearsal = Rehearsal.of(day(
                FOUR,
                List.of(adult("Tobias", OPEN), adult("Hamish", OPEN)),
                List.of(card("Water by the jug", MORNING, TABLE, Hold.STAYS)),
                List.of(),
                closed()));

        assertThat(lines(rehearsal)).isEmpty();
        assertThat(rehearsal.at(9 * 60).orElseThrow().free()).isEqualTo(1);
        assertThat(rehearsal.at(8 * 60)).isEmpty();
    }

    @Test
    void aBreakIsShiftedByTheFewestMinutesToWhereItTakesNobodyAway() {
        Rehearsal rehearsal = Rehearsal.of(day(
                FOUR,
                List.of(adult("Tobias", OPEN), adult("Hamish", span("08:30", "10:10"), span("10:30", "15:30"))),
                List.of(
                        card("Water by the jug", MORNING, TABLE, Hold.STAYS),
                        card("Cutting dough", MORNING, TABLE, Hold.STAYS)),
                List.of(),
                closed()));

        assertThat(lines(rehearsal))
                .containsExactly(
                        "10:10 to 10:30: One adult too few to be with everything at once: Water by the jug, Cutting dough"
                                + " -> Let Hamish have a break from 10:30 to 10:50, not from 10:10 to 10:30");
    }

    @Test
    void twoCardsThatBothTakeTheOnlyFreeAdultAreSwappedApart() {
        Rehearsal rehearsal = Rehearsal.of(day(
                FOUR,
                List.of(adult("Tobias", OPEN)),
                List.of(
                        card("Water by the jug", MORNING, TABLE, Hold.STAYS),
                        card("Cutting dough", MORNING, TABLE, Hold.STAYS),
                        card("Blocks", AFTERNOON, TABLE, Hold.RUNS)),
                List.of(),
                closed()));

        assertThat(lines(rehearsal))
                .containsExactly(
                        "09:00 to 10:30: One adult too few to be with everything at once: Water by the jug, Cutting dough"
                                + " -> Swap Water by the jug (Morning play, Table) with Blocks (Afternoon play, Table)");
        assertThat(rehearsal.clashes().get(0).because().words()).isEqualTo("Then there is an adult for each.");
    }

    @Test
    void aGroupIsTakenAsideWhenAnAdultIsFreeForAllOfIt() {
        Rehearsal rehearsal = Rehearsal.of(day(
                FOUR,
                List.of(adult("Tobias", OPEN), adult("Hamish", span("08:30", "10:00"), span("10:40", "15:30"))),
                List.of(card("Water by the jug", MORNING, TABLE, Hold.STAYS)),
                List.of(new Group("g", "Anouk, Bram", span("09:50", "10:10"))),
                closed()));

        assertThat(lines(rehearsal))
                .singleElement()
                .asString()
                .endsWith("-> Let Hamish have a break from 10:10 to 10:50, not from 10:00 to 10:40");
    }

    @Test
    void aGroupWithoutATimeIsTakenAsideAsSoonAsSomebodyIsFreeForAllOfIt() {
        PlannedDay morning = day(
                FOUR,
                List.of(adult("Tobias", OPEN), adult("Hamish", span("09:25", "15:30"))),
                List.of(card("Water by the jug", MORNING, TABLE, Hold.STAYS)),
                List.of(),
                closed());
        PlannedDay alone = day(FOUR, List.of(adult("Tobias", OPEN)), morning.cards(), List.of(), closed());

        assertThat(morning.firstFree("g", "Anouk, Bram", MORNING, 20).when()).isEqualTo(span("09:25", "09:45"));
        assertThat(alone.firstFree("g", "Anouk, Bram", MORNING, 20).when()).isEqualTo(span("09:00", "09:20"));
    }

    @Test
    void medicineIsSaidForEachChildWithoutAnybodyWhoMayGiveItAndWithoutAnybodyWrittenDown() {
        Rehearsal rehearsal = Rehearsal.of(day(
                List.of(
                        new Child("a", "Anouk", 40, OPEN, Optional.of(Set.of("Hamish"))),
                        new Child("b", "Bram", 40, OPEN, Optional.of(Set.of()))),
                List.of(adult("Tobias", OPEN), adult("Hamish", span("08:30", "12:00"))),
                List.of(),
                List.of(),
                closed()));

        assertThat(lines(rehearsal))
                .containsExactly(
                        "08:30 to 15:30: Nobody is written down who may give Bram the emergency medicine",
                        "12:00 to 15:30: Anouk may need emergency medicine, and nobody who may give it is in the room (Hamish)");
    }

    @Test
    void theGardenDoorIsSeenByAFreeAdultOrFromAPlaceWhereSomebodyStays() {
        Garden garden = new Garden(List.of(MORNING.when()), true);
        List<PlannedDay.Adult> two = List.of(adult("Tobias", OPEN), adult("Hamish", OPEN));

        Rehearsal away = Rehearsal.of(
                day(FOUR, two, List.of(card("Water by the jug", MORNING, TABLE, Hold.STAYS)), List.of(), garden));
        Rehearsal near = Rehearsal.of(
                day(FOUR, two, List.of(card("Water by the jug", MORNING, BY_THE_DOOR, Hold.STAYS)), List.of(), garden));
        Rehearsal without = Rehearsal.of(day(FOUR, two, List.of(), List.of(), new Garden(garden.open(), false)));

        assertThat(lines(away)).containsExactly("09:00 to 10:30: The garden is open and nobody can see its door");
        assertThat(lines(near)).isEmpty();
        assertThat(lines(without))
                .containsExactly(
                        "09:00 to 10:30: The garden is open, and the plan has no garden door: whether anybody sees it cannot be judged");
    }

    @Test
    void oneAdultNamedForTwoThingsAndOneWhoIsAwayAreCalledByName() {
        Rehearsal rehearsal = Rehearsal.of(day(
                FOUR,
                List.of(adult("Tobias", OPEN), adult("Hamish", span("08:30", "12:00")), adult("Precious", OPEN)),
                List.of(
                        named("Water by the jug", MORNING, "Tobias"),
                        named("Cutting dough", MORNING, "Tobias"),
                        named("Candles", AFTERNOON, "Hamish")),
                List.of(),
                closed()));

        assertThat(rehearsal.clashes().stream().map(one -> one.clash().said().words()))
                .containsExactly(
                        "Tobias is needed in two places at once: Water by the jug, Cutting dough",
                        "Hamish was named for Candles and is not in the room");
        assertThat(rehearsal.clashes())
                .allSatisfy(one -> assertThat(one.changes()).isNotEmpty());
    }

    private static Out named(String title, PlannedDay.Session session, String who) {
        return new Out(title, title, session, TABLE, Optional.of(who), TestDays.everywhere(Hold.STAYS));
    }

    @Test
    void whatNobodyHasLookedAtCountsAsTheWorstThatItCouldBe() {
        Out unknown = new Out("x", "Water by the jug", NOON, TABLE, Optional.empty(), Map.of());

        Rehearsal rehearsal =
                Rehearsal.of(day(FOUR, List.of(adult("Tobias", OPEN)), List.of(unknown), List.of(), closed()));

        assertThat(lines(rehearsal)).containsExactly("10:45 to 11:45: Water by the jug may not be set out as planned");
        assertThat(rehearsal.at(11 * 60).orElseThrow().duties()).hasSize(1);
        Hold held = new Hold(false, true, "Stop: small parts");
        assertThat(lines(Rehearsal.of(day(
                        FOUR,
                        List.of(adult("Tobias", OPEN)),
                        List.of(card("Buttons", NOON, TABLE, held)),
                        List.of(),
                        closed()))))
                .containsExactly("10:45 to 11:45: Buttons may not be set out as planned: Stop: small parts");
    }

    @Test
    void whereEverybodyChangesAtOneMomentNobodyHandsOver() {
        Rehearsal rehearsal = Rehearsal.of(day(
                FOUR,
                List.of(adult("Tobias", span("08:30", "12:00")), adult("Hamish", span("12:00", "15:30"))),
                List.of(),
                List.of(),
                closed()));

        assertThat(lines(rehearsal))
                .containsExactly("at 12:00: Everybody changes at the same moment: nobody is left to hand over to");
    }

    @Test
    void aRoomWithoutARotaHasNobodyForItsChildren() {
        Rehearsal rehearsal = Rehearsal.of(day(FOUR, List.of(), List.of(), List.of(), closed()));

        assertThat(lines(rehearsal))
                .singleElement()
                .asString()
                .startsWith("08:30 to 15:30: ")
                .contains("nobody is in the room");
    }

    @Test
    void aDayWithoutAnybodyHasNoMoments() {
        Rehearsal rehearsal = Rehearsal.of(PlannedDay.ofNobody(RatioRule.usual()));

        assertThat(rehearsal.clashes()).isEmpty();
        assertThat(rehearsal.day().length()).isEmpty();
    }

    @Test
    void aGroupLateInItsSessionEndsWithIt() {
        Span session = span("22:00", "23:50");

        assertThat(session.first(LocalTime.of(22, 10), 20)).isEqualTo(span("22:10", "22:30"));
        assertThat(session.first(LocalTime.of(23, 45), 20)).isEqualTo(span("23:45", "23:50"));
        assertThat(session.first(LocalTime.of(9, 0), 20))
                .as("the session was moved since")
                .isEqualTo(span("23:30", "23:50"));
    }

    @Test
    void aStretchThatDoesNotLastIsRefused() {
        assertThatThrownBy(() -> new Span(600, 600))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("600");
    }

    @Test
    void theDrawingHasARowForEachAdultAndTaskAndSaysWhatClashes() {
        Rehearsal rehearsal = Rehearsal.of(day(
                FOUR,
                List.of(adult("Tobias", span("08:30", "12:00"), span("12:30", "15:30"))),
                List.of(card("Water by the jug", MORNING, TABLE, Hold.STAYS)),
                List.of(),
                closed()));

        Sketch drawing = rehearsal.drawing(9 * 60).orElseThrow();

        assertThat(drawing.marks().stream()
                        .flatMap(mark -> mark instanceof Label label ? Stream.of(label.text()) : Stream.empty()))
                .contains("Clashes", "Morning play", "Tobias", "Water by the jug", "09:00", "15:00");
        assertThat(drawing.marks().stream().filter(mark -> mark.style() == Style.ACCENT))
                .hasSize(1);
        assertThat(drawing.description())
                .isEqualTo("What clashes: 12:00 to 12:30: One adult missing: nobody is in the room.");
    }
}
