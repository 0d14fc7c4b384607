package app.carder.core.prepare;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.prepare.OpenHours.Span;
import app.carder.core.prepare.PreparationList.Due;
import app.carder.core.prepare.PreparationList.Job;
import app.carder.core.prepare.Step.Who;
import app.carder.core.week.OpenDays;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

class PreparationListTest {

    private static final LocalDate THURSDAY = LocalDate.of(2026, 5, 7);
    private static final LocalDateTime NOW = THURSDAY.atTime(16, 0);
    private static final OpenHours OPEN = OpenHours.everyDay(
            new OpenHours.Hours(
                    LocalTime.of(8, 0),
                    LocalTime.of(18, 0),
                    List.of(new Span(LocalTime.of(9, 0), LocalTime.of(10, 30)))),
            OpenDays.mondayToFriday(Set.of()));

    /** Both must dry twelve hours until Friday at nine: the second pair of minutes has to begin where the first one's begin. */
    @Test
    void twoCardsShareOnePairOfHands() {
        PreparationList list = of(
                job("Rice", THURSDAY.plusDays(1).atTime(9, 0), step("Dye the rice", 20, 12)),
                job("Pasta", THURSDAY.plusDays(1).atTime(9, 0), step("Dye the pasta", 20, 12)));

        assertThat(list.due())
                .extracting(PreparationListTest::words)
                .containsExactly("17:20 Dye the rice", "17:40 Dye the pasta");
        assertThat(list.lateAndOn(THURSDAY)).hasSize(2);
        assertThat(PreparationList.minutes(list.lateAndOn(THURSDAY))).isEqualTo(40);
    }

    @Test
    void whatIsNeededFirstHasTheEarlierHours() {
        PreparationList list = of(
                job("Soon", THURSDAY.atTime(18, 0), step("Wash", 30, 0)),
                job("Later", THURSDAY.plusDays(1).atTime(8, 0), step("Fill", 30, 0)));

        assertThat(list.due()).extracting(PreparationListTest::words).containsExactly("17:00 Wash", "17:30 Fill");
    }

    @Test
    void whatShouldHaveBegunIsLateAndStaysOnTheListOfTheDay() {
        PreparationList list = of(job("Ice", THURSDAY.plusDays(1).atTime(9, 0), step("Freeze", 10, 24)));

        Due freeze = list.lateAndOn(THURSDAY).get(0);
        assertThat(freeze.planned().startsAt()).isEqualTo(THURSDAY.atTime(8, 50));
        assertThat(freeze.late()).isTrue();
    }

    @Test
    void whatCanWaitUntilAnotherDayIsNotOnTheList() {
        PreparationList list = of(job("Next week", THURSDAY.plusDays(4).atTime(9, 0), step("Sort", 15, 0)));

        assertThat(list.lateAndOn(THURSDAY)).isEmpty();
        assertThat(list.due()).hasSize(1);
    }

    @Test
    void oneCardThatCannotBePlannedDoesNotSpoilTheOthers() {
        PreparationList list = of(
                job("Ring", THURSDAY.plusDays(1).atTime(9, 0), ring("a", "b"), ring("b", "a")),
                job("Rice", THURSDAY.plusDays(1).atTime(9, 0), step("Dye the rice", 20, 12)));

        assertThat(list.refused()).extracting(one -> one.job().title()).containsExactly("Ring");
        assertThat(list.refused().get(0).because().words()).contains("circle");
        assertThat(list.due()).extracting(PreparationListTest::words).containsExactly("17:40 Dye the rice");
    }

    private static PreparationList of(Job... jobs) {
        return PreparationList.of(List.of(jobs), OPEN, NOW);
    }

    private static Job job(String title, LocalDateTime readyAt, Step... steps) {
        return new Job(title, title, List.of(steps), readyAt);
    }

    private static Step step(String name, int minutes, int waitingHours) {
        return new Step(name, Duration.ofMinutes(minutes), Duration.ofHours(waitingHours), Who.ADULT, 1, Set.of());
    }

    private static Step ring(String name, String after) {
        return new Step(name, Duration.ofMinutes(5), Duration.ZERO, Who.ADULT, 1, Set.of(after));
    }

    private static String words(Due due) {
        return due.planned().startsAt().toLocalTime() + " "
                + due.planned().step().name();
    }
}
