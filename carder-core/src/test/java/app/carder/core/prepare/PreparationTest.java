package app.carder.core.prepare;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.carder.core.drawing.Sketch;
import app.carder.core.drawing.Sketch.Shape;
import app.carder.core.drawing.Sketch.Style;
import app.carder.core.prepare.OpenHours.Span;
import app.carder.core.prepare.Preparation.Planned;
import app.carder.core.prepare.Step.Who;
import app.carder.core.week.OpenDays;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;

class PreparationTest {

    /** A Friday. */
    private static final LocalDate FRIDAY = LocalDate.of(2026, 5, 8);

    private static final LocalDateTime READY = FRIDAY.atTime(9, 0);
    private static final LocalDateTime LONG_BEFORE = FRIDAY.minusDays(20).atTime(8, 0);
    private static final OpenHours OPEN = OpenHours.everyDay(
            new OpenHours.Hours(
                    LocalTime.of(8, 0), LocalTime.of(18, 0), List.of(span(9, 0, 10, 30), span(13, 30, 15, 0))),
            OpenDays.mondayToFriday(Set.of()));

    @Nested
    class CountingBackwards {
        /** Dye 20 min, dries 12 h, sort into tubs 15 min, ready on Friday at nine: sort 8:45, dry by then, so dye the evening before. */
        @Test
        void dyesTheEveningBeforeSoThatItDriesOvernight() {
            Preparation plan = plan(adult("Dye the rice", 20, 12 * 60), adult("Sort into tubs", 15, 0, "Dye the rice"));

            assertThat(at(plan, "Sort into tubs")).isEqualTo(FRIDAY.atTime(8, 45));
            assertThat(at(plan, "Dye the rice")).isEqualTo(FRIDAY.minusDays(1).atTime(17, 40));
            assertThat(plan.eveningBefore()).containsExactly("Dye the rice");
            assertThat(plan.criticalChain()).containsExactly("Dye the rice", "Sort into tubs");
            assertThat(plan.handsOn()).isEqualTo(Duration.ofMinutes(35));
            assertThat(plan.isInTime()).isTrue();
        }

        /** The sorting ends at the right edge, and the drying runs through the night that is left out. */
        @Test
        void isDrawnAsALineOfTimeThatEndsWhenEverythingIsReady() {
            Preparation plan = plan(adult("Dye the rice", 20, 12 * 60), adult("Sort into tubs", 15, 0, "Dye the rice"));

            Sketch drawing = plan.drawing().orElseThrow();

            List<Shape> bars = drawing.marks().stream()
                    .flatMap(mark -> mark instanceof Shape bar ? Stream.of(bar) : Stream.empty())
                    .toList();
            double ready = drawing.width() - 8;
            assertThat(bars).hasSize(2);
            assertThat(Collections.max(bars.get(1).points().subList(0, 3))).isEqualTo(ready);
            assertThat(Collections.max(bars.get(0).points().subList(0, 3))).isLessThan(ready - 60);
            assertThat(drawing.marks())
                    .filteredOn(mark -> mark.style() == Style.GHOST)
                    .as("one night")
                    .hasSize(1);
            assertThat(drawing.description())
                    .isEqualTo("Dye the rice from Thu 17:40, Sort into tubs from Fri 08:45. Ready on Fri at 09:00.");
            assertThat(plan().drawing()).isEmpty();
        }

        @Test
        void skipsTheWeekendAndClosedDays() {
            OpenHours closedThursday = new OpenHours(OPEN.week(), OpenDays.mondayToFriday(Set.of(FRIDAY.minusDays(1))));
            LocalDateTime monday = FRIDAY.plusDays(3).atTime(8, 0);

            Preparation overWeekend =
                    Preparation.backwards(List.of(adult("Freeze", 10, 24 * 60)), monday, OPEN, LONG_BEFORE);
            Preparation overHoliday = Preparation.backwards(
                    List.of(adult("Mix", 30, 0), adult("Rest", 30, 0, "Mix")),
                    FRIDAY.atTime(8, 30),
                    closedThursday,
                    LONG_BEFORE);

            assertThat(overWeekend.planned().get(0).startsAt()).isEqualTo(FRIDAY.atTime(17, 50));
            assertThat(at(overHoliday, "Rest")).isEqualTo(FRIDAY.atTime(8, 0));
            assertThat(at(overHoliday, "Mix")).isEqualTo(FRIDAY.minusDays(2).atTime(17, 30));
        }

        @Test
        void givesOnePairOfHandsOneThingAtATime() {
            Preparation plan = plan(adult("Cut labels", 30, 0), adult("Fill tray", 20, 0), adult("Mix dough", 25, 0));

            List<Planned> planned = plan.planned();
            for (int i = 1; i < planned.size(); i++) {
                assertThat(planned.get(i).startsAt())
                        .isAfterOrEqualTo(planned.get(i - 1).endsAt());
            }
            assertThat(planned.get(2).endsAt()).isEqualTo(READY);
        }

        /** Paint, dry, glue, dry, wrap: 11 children at 4 places are 3 turns of 20 minutes, in sessions. */
        @Test
        void spreadsMakingWithChildrenOverSessions() {
            int turns = Step.turnsFor(11, 4);
            Step paint = children("Paint", 20, 4 * 60, turns);
            Step glue = children("Glue", 20, 2 * 60, turns, "Paint");
            Step wrap = children("Wrap", 20, 0, turns, "Glue");

            Preparation plan =
                    Preparation.backwards(List.of(paint, glue, wrap), FRIDAY.atTime(15, 0), OPEN, LONG_BEFORE);

            assertThat(turns).isEqualTo(3);
            assertThat(plan.criticalChain()).containsExactly("Paint", "Glue", "Wrap");
            assertThat(plan.planned())
                    .allSatisfy(step -> step.turns()
                            .forEach(turn -> assertThat(
                                            OPEN.on(FRIDAY).orElseThrow().sessions())
                                    .anyMatch(session -> !turn.toLocalTime().isBefore(session.from())
                                            && !turn.toLocalTime()
                                                    .plusMinutes(20)
                                                    .isAfter(session.to()))));
            assertThat(at(plan, "Wrap")).isEqualTo(FRIDAY.atTime(14, 0));
            assertThat(at(plan, "Glue"))
                    .as("three turns that end two hours before, in the morning")
                    .isEqualTo(FRIDAY.atTime(9, 30));
            assertThat(at(plan, "Paint"))
                    .as("dry by half past nine")
                    .isEqualTo(FRIDAY.minusDays(1).atTime(14, 0));
        }

        @Test
        void takesTheHoursAndSessionsOfEachDay() {
            OpenHours.Hours brief = new OpenHours.Hours(LocalTime.of(9, 0), LocalTime.of(12, 0), List.of());
            Map<DayOfWeek, OpenHours.Hours> week = new EnumMap<>(OPEN.week());
            week.put(DayOfWeek.THURSDAY, brief);
            OpenHours open = new OpenHours(week, OPEN.days());

            Preparation adults =
                    Preparation.backwards(List.of(adult("Dye", 20, 12 * 60)), FRIDAY.atTime(8, 0), open, LONG_BEFORE);
            Preparation withChildren = Preparation.backwards(
                    List.of(children("Paint", 20, 12 * 60, 1)), FRIDAY.atTime(8, 0), open, LONG_BEFORE);

            assertThat(at(adults, "Dye")).isEqualTo(FRIDAY.minusDays(1).atTime(11, 40));
            assertThat(at(withChildren, "Paint"))
                    .as("no session on Thursday, so on Wednesday afternoon")
                    .isEqualTo(FRIDAY.minusDays(2).atTime(14, 40));
        }

        @Test
        void saysWhereChildrenHaveNoSession() {
            OpenHours open = OpenHours.everyDay(
                    new OpenHours.Hours(LocalTime.of(8, 0), LocalTime.of(18, 0), List.of()), OPEN.days());

            assertThatThrownBy(
                            () -> Preparation.backwards(List.of(children("Paint", 20, 0, 1)), READY, open, LONG_BEFORE))
                    .hasMessageContaining("no free play or group time to do it in");
        }

        @Test
        void whatIsToBeReadyOnAClosedDayIsReadyOnTheNextOpenOne() {
            LocalDateTime saturday = FRIDAY.plusDays(1).atTime(9, 0);

            Preparation plan = Preparation.backwards(List.of(adult("Fill", 30, 0)), saturday, OPEN, LONG_BEFORE);

            assertThat(plan.ready().isMoved()).isTrue();
            assertThat(plan.ready().at()).isEqualTo(FRIDAY.plusDays(3).atTime(9, 0));
            assertThat(at(plan, "Fill")).isEqualTo(FRIDAY.plusDays(3).atTime(8, 30));
            assertThat(plan(adult("Fill", 30, 0)).ready().isMoved()).isFalse();
        }

        @Test
        void keepsEveryOrderWhateverTheSteps() {
            Random seeded = new Random(3);
            for (int round = 0; round < 60; round++) {
                List<Step> steps = new ArrayList<>();
                for (int step = 0; step < 8; step++) {
                    Set<String> after = new java.util.HashSet<>();
                    for (int before = 0; before < step; before++) {
                        if (seeded.nextInt(4) == 0) {
                            after.add("s" + before);
                        }
                    }
                    steps.add(new Step(
                            "s" + step,
                            minutes(5 + seeded.nextInt(60)),
                            minutes(seeded.nextInt(900)),
                            seeded.nextBoolean() ? Who.ADULT : Who.CHILDREN,
                            1 + seeded.nextInt(3),
                            after));
                }

                Preparation plan = Preparation.backwards(steps, READY, OPEN, LONG_BEFORE);

                for (Planned planned : plan.planned()) {
                    assertThat(planned.readyAt()).isBeforeOrEqualTo(READY);
                    for (String before : planned.step().after()) {
                        assertThat(find(plan, before).readyAt()).isBeforeOrEqualTo(planned.startsAt());
                    }
                }
            }
        }
    }

    @Nested
    class WhenItIsLate {
        @Test
        void saysWhatShouldHaveBegunAndWhenItCouldBeReady() {
            LocalDateTime thursdayEvening = FRIDAY.minusDays(1).atTime(17, 50);

            Preparation plan = Preparation.backwards(
                    List.of(adult("Dye", 20, 12 * 60), adult("Sort", 15, 0, "Dye")), READY, OPEN, thursdayEvening);

            assertThat(plan.isInTime()).isFalse();
            assertThat(plan.tooLate()).containsExactly("Dye");
            assertThat(plan.earliestReady())
                    .as("dyed on Friday at eight, dry at 20:20, sorted on Monday")
                    .contains(FRIDAY.plusDays(3).atTime(8, 15));
        }

        @Test
        void isNotLateAtTheVeryMoment() {
            Preparation plan = Preparation.backwards(List.of(adult("Fill", 30, 0)), READY, OPEN, FRIDAY.atTime(8, 30));

            assertThat(plan.isInTime()).isTrue();
            assertThat(plan.earliestReady()).isEmpty();
        }
    }

    @Nested
    class OfWrongSteps {
        @Test
        void refusesARingAStrangerAndANameTwice() {
            assertThatThrownBy(() -> plan(adult("A", 5, 0, "B"), adult("B", 5, 0, "A")))
                    .hasMessageContaining("in a circle: A, B");
            assertThatThrownBy(() -> plan(adult("A", 5, 0, "C"))).hasMessageContaining("does not exist: \"C\"");
            assertThatThrownBy(() -> plan(adult("A", 5, 0), adult("A", 5, 0))).hasMessageContaining("name of its own");
        }

        @Test
        void refusesAStepLongerThanAnySession() {
            assertThatThrownBy(() -> plan(children("Paint", 120, 0, 1))).hasMessageContaining("Maybe split it?");
            assertThatThrownBy(() -> adult("A", 0, 0)).hasMessageContaining("1 minute to 12 hours");
            assertThatThrownBy(() -> adult("A", 5, -5)).hasMessageContaining("0 to 30 days");
        }

        @Test
        void refusesHoursThatAreNone() {
            assertThatThrownBy(() -> span(10, 0, 9, 0)).hasMessageContaining("after the start");
            assertThatThrownBy(() -> new OpenHours.Hours(LocalTime.NOON, LocalTime.NOON, List.of()))
                    .hasMessageContaining("after opening");
        }
    }

    private static Preparation plan(Step... steps) {
        return Preparation.backwards(List.of(steps), READY, OPEN, LONG_BEFORE);
    }

    private static LocalDateTime at(Preparation plan, String name) {
        return find(plan, name).startsAt();
    }

    private static Planned find(Preparation plan, String name) {
        return plan.planned().stream()
                .filter(step -> step.step().name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private static Step adult(String name, int minutes, int waiting, String... after) {
        return new Step(name, minutes(minutes), minutes(waiting), Who.ADULT, 1, Set.of(after));
    }

    private static Step children(String name, int minutes, int waiting, int turns, String... after) {
        return new Step(name, minutes(minutes), minutes(waiting), Who.CHILDREN, turns, Set.of(after));
    }

    private static Duration minutes(int minutes) {
        return Duration.ofMinutes(minutes);
    }

    private static Span span(int fromHour, int fromMinute, int toHour, int toMinute) {
        return new Span(LocalTime.of(fromHour, fromMinute), LocalTime.of(toHour, toMinute));
    }
}
