package app.carder.core.proposal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import ai.timefold.solver.core.api.score.buildin.hardsoftlong.HardSoftLongScore;
import ai.timefold.solver.core.api.solver.SolutionManager;
import ai.timefold.solver.core.api.solver.SolverFactory;
import ai.timefold.solver.core.config.solver.SolverConfig;
import app.carder.core.proposal.WeekPlan.Placed;
import app.carder.core.proposal.WeekProblem.Slot;
import app.carder.core.said.Said;
import app.carder.core.week.Rotation.Novelty;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class WeekSolverTest {

    private static final long MOVES = 8000;

    private static WeekPlan solve(WeekProblem problem) {
        return WeekSolver.weighing(MOVES, problem).solve(points -> {});
    }

    private static Map<Slot, String> byPlace(WeekPlan plan) {
        Map<Slot, String> week = new HashMap<>();
        plan.placed().forEach(one -> week.put(one.slot(), one.cardId()));
        return week;
    }

    @Nested
    class AgainstAllWeeksThereAre {
        /** Every week of two days, one session, two or three zones is counted; the best is the optimum by proof. */
        @ParameterizedTest
        @ValueSource(longs = {1, 2, 3, 4, 5, 6})
        void isWithinTwoPerCentOfTheBest(long seed) {
            WeekProblem problem = TestWeeks.week(2, 1, seed % 2 == 0 ? 3 : 2, TestWeeks.deck(5, seed), Map.of());

            WeekPlan found = solve(problem);

            long best = best(problem);
            assertThat(found.score().broken()).isZero();
            assertThat(best).isPositive();
            assertThat(found.score().points()).isBetween((long) Math.ceil(best * 0.98), best);
        }

        @Test
        void isWithinTwoPerCentWithTwoSessionsADay() {
            WeekProblem problem = TestWeeks.week(2, 2, 2, TestWeeks.deck(3, 9), Map.of());

            long best = best(problem);
            assertThat(solve(problem).score().points()).isBetween((long) Math.ceil(best * 0.98), best);
        }

        private static long best(WeekProblem problem) {
            long best = Long.MIN_VALUE;
            int slots = problem.slots().size();
            int choices = problem.offers().size() + 1;
            for (long code = 0; code < Math.round(Math.pow(choices, slots)); code++) {
                Map<Slot, String> week = new HashMap<>();
                long rest = code;
                for (int at = 0; at < slots; at++, rest /= choices) {
                    int choice = (int) (rest % choices);
                    if (choice > 0) {
                        week.put(
                                problem.slots().get(at),
                                problem.offers().get(choice - 1).id());
                    }
                }
                WeekScore score = WeekScore.of(problem, week);
                if (score.broken() == 0) {
                    best = Math.max(best, score.points());
                }
            }
            return best;
        }
    }

    /** The solver's own counting and the plain one agree on weeks at random, broken ones included. */
    @ParameterizedTest
    @ValueSource(longs = {11, 12, 13, 14, 15, 16, 17, 18})
    void countsLikeThePlainScore(long seed) {
        WeekProblem problem = TestWeeks.week(3, 2, 5, TestWeeks.deck(9, seed), Map.of());
        Random random = new Random(seed);
        WeekSolution solution = new WeekSolution(problem);
        Map<Slot, String> week = new HashMap<>();
        for (SlotDecision decision : solution.slots()) {
            List<Offer> fitting = decision.getFitting();
            int choice = random.nextInt(fitting.size() + 1);
            if (choice < fitting.size()) {
                decision.setOffer(fitting.get(choice));
                week.put(decision.slot(), fitting.get(choice).id());
            }
        }

        HardSoftLongScore counted = SolutionManager.<WeekSolution, HardSoftLongScore>create(
                        SolverFactory.create(new SolverConfig()
                                .withSolutionClass(WeekSolution.class)
                                .withEntityClasses(SlotDecision.class)
                                .withConstraintProviderClass(WeekConstraints.class)))
                .update(solution);

        WeekScore plain = WeekScore.of(problem, week);
        assertThat(plain.broken()).as("the weeks tried break rules").isPositive();
        assertThat(counted).isEqualTo(HardSoftLongScore.of(-plain.broken(), plain.points()));
    }

    @Nested
    class ByHand {
        @Test
        void keepsWhatIsStillChosenAndSendsToRestWhatIsDue() {
            WeekPlan plan = solve(TestWeeks.week(
                    2,
                    1,
                    1,
                    List.of(
                            TestWeeks.card("chosen", Novelty.STILL_CHOSEN),
                            TestWeeks.card("due", Novelty.CHANGE),
                            TestWeeks.card("rests", Novelty.RESTS)),
                    Map.of()));

            assertThat(plan.placed()).extracting(Placed::cardId).containsExactly("chosen", "chosen");
            assertThat(plan.placed().get(1).because())
                    .extracting(Said::words)
                    .containsExactly("children still choose it", "it stays where it is");
        }

        /** Two cards for the same place: the one that meets who was served least comes more often. */
        @Test
        void theLeastServedChildGoesFirst() {
            List<Offer> cards = List.of(TestWeeks.meeting("Bram", "Bram"), TestWeeks.meeting("Anouk", "Anouk"));

            WeekPlan plan = solve(TestWeeks.week(1, 1, 1, cards, Map.of()));

            assertThat(plan.placed()).extracting(Placed::cardId).containsExactly("Anouk");
            assertThat(plan.givenUp())
                    .extracting(Said::words)
                    .contains("The interests of 3 children do not come up this week.");
        }

        @Test
        void bringsNewCardsBeforeItPutsOneOutTwiceADay() {
            List<Offer> cards = new ArrayList<>();
            for (int at = 0; at < 4; at++) {
                cards.add(TestWeeks.card("n" + at, Novelty.NEW));
            }
            cards.add(TestWeeks.card("back", Novelty.BACK));

            WeekPlan plan = solve(TestWeeks.week(2, 2, 1, cards, Map.of()));

            for (int day = 0; day < 2; day++) {
                int of = day;
                assertThat(plan.placed().stream()
                                .filter(one -> one.slot().day() == of)
                                .map(Placed::cardId))
                        .hasSize(2)
                        .doesNotHaveDuplicates();
            }
        }

        @Test
        void oneAdultHasHandsForOneCardOnly() {
            List<Offer> handsOn = new ArrayList<>();
            for (int at = 0; at < 3; at++) {
                Offer plain = TestWeeks.card("h" + at, Novelty.BACK);
                handsOn.add(new Offer(
                        plain.id(),
                        plain.title(),
                        plain.ground(),
                        AdultLoad.HANDS_ON,
                        0,
                        Map.of(),
                        Set.of(),
                        Set.of(),
                        Set.of(),
                        plain.turn(),
                        false,
                        Set.of(),
                        Set.of()));
            }
            WeekPlan plan = solve(TestWeeks.week(1, 1, 3, handsOn, Map.of()));

            assertThat(plan.placed()).as("two adults").hasSize(2);
            assertThat(plan.givenUp())
                    .extracting(Said::words)
                    .filteredOn(line -> line.contains("stays empty"))
                    .singleElement()
                    .asString()
                    .contains("Morning on Monday", "1 need more adults than there are");
        }

        /** 45 minutes an evening: of two cards of 30 only one can come out on Monday, the other on Tuesday. */
        @Test
        void spreadsPreparationOverTheEvenings() {
            List<Offer> slow = new ArrayList<>();
            for (int at = 0; at < 2; at++) {
                slow.add(new Offer(
                        "p" + at,
                        "P" + at,
                        Offer.Ground.ANY,
                        AdultLoad.NEAR,
                        30,
                        Map.of(),
                        Set.of(),
                        Set.of(),
                        Set.of(),
                        Novelty.BACK,
                        false,
                        Set.of(),
                        Set.of()));
            }
            WeekPlan plan = solve(TestWeeks.week(2, 1, 2, slow, Map.of()));

            assertThat(plan.score().broken()).isZero();
            assertThat(plan.placed()).hasSize(3);
            assertThat(plan.placed()).filteredOn(one -> one.slot().day() == 0).hasSize(1);
            assertThat(plan.givenUp())
                    .extracting(Said::words)
                    .anyMatch(line -> line.contains("1 need more preparation than the evening has"));
        }

        @Test
        void putsACardWhereItHasItsPlace() {
            List<Offer> cards = new ArrayList<>();
            for (int zone = 0; zone < 3; zone++) {
                Offer plain = TestWeeks.card("card-" + zone, Novelty.BACK);
                cards.add(new Offer(
                        plain.id(),
                        plain.title(),
                        plain.ground(),
                        plain.load(),
                        0,
                        Map.of(),
                        Set.of(),
                        Set.of(),
                        Set.of(),
                        plain.turn(),
                        false,
                        Set.of(2 - zone),
                        Set.of()));
            }
            WeekPlan plan = solve(TestWeeks.week(1, 1, 3, cards, Map.of()));

            assertThat(plan.placed()).extracting(Placed::cardId).containsExactly("card-2", "card-1", "card-0");
            assertThat(plan.placed().get(0).because()).extracting(Said::words).contains("this is its usual place");
        }

        @Test
        void keepsPinsAndSaysWhoseTheyAre() {
            Slot monday = new Slot(0, 0, 0);
            Slot tuesday = new Slot(1, 0, 0);
            WeekPlan plan = solve(TestWeeks.week(
                    2,
                    1,
                    1,
                    List.of(TestWeeks.card("good", Novelty.STILL_CHOSEN), TestWeeks.card("pinned", Novelty.RESTS)),
                    Map.of(monday, "pinned", tuesday, WeekProblem.EMPTY)));

            assertThat(byPlace(plan)).isEqualTo(Map.of(monday, "pinned"));
            assertThat(plan.placed().get(0).because()).extracting(Said::words).startsWith("you pinned it");
            assertThat(plan.givenUp()).extracting(Said::words).contains("Card pinned comes back before it has rested.");
        }

        @Test
        void neverPutsOutWhatASafetyFindingSpeaksAgainst() {
            Offer plain = TestWeeks.card("x", Novelty.STILL_CHOSEN);
            Offer stopped = new Offer(
                    "x",
                    "X",
                    plain.ground(),
                    plain.load(),
                    0,
                    Map.of(),
                    Set.of(),
                    Set.of(),
                    Set.of("Anouk"),
                    plain.turn(),
                    true,
                    Set.of(),
                    Set.of(new Offer.When(0, 0), new Offer.When(1, 0)));
            WeekPlan plan = solve(TestWeeks.week(2, 1, 1, List.of(stopped), Map.of()));

            assertThat(plan.placed()).isEmpty();
            assertThat(plan.givenUp())
                    .extracting(Said::words)
                    .contains("X stays in the cupboard: a safety finding stops it every day.");
        }
    }

    @Test
    void fillsARoomsWeekWithoutBreakingARule() {
        List<Long> onTheWay = new ArrayList<>();

        WeekPlan plan = WeekSolver.weighing(MOVES, TestWeeks.ofARoom(3)).solve(onTheWay::add);

        assertThat(plan.score().broken()).isZero();
        assertThat(plan.placed())
                .hasSizeGreaterThan(20)
                .allSatisfy(one -> assertThat(one.because()).isNotEmpty());
        assertThat(onTheWay).isSorted().isNotEmpty();
    }

    @Test
    void canBeStoppedFromAnotherThread() {
        WeekSolver solver = WeekSolver.within(Duration.ofMinutes(5), TestWeeks.ofARoom(4));

        WeekPlan plan = solver.solve(points -> solver.stop());

        assertThat(plan.score().broken()).isZero();
    }

    @Test
    void refusesWhatIsNoWeek() {
        List<Offer> twice = List.of(TestWeeks.card("x", Novelty.NEW), TestWeeks.card("x", Novelty.NEW));

        assertThatThrownBy(() -> TestWeeks.week(1, 1, 1, twice, Map.of()))
                .hasMessage("Each card must be offered once, got x twice.");
        assertThatThrownBy(() -> TestWeeks.week(1, 1, 1, List.of(), Map.of(new Slot(0, 0, 0), "y")))
                .hasMessageStartingWith("Pin must name a slot and a card that are there");
        assertThatThrownBy(() -> new WeekProblem(
                        List.of(),
                        List.of(),
                        List.of(new Slot(0, 0, 0)),
                        List.of(),
                        Map.of(),
                        TestWeeks.AREAS,
                        Map.of(),
                        Map.of()))
                .hasMessageStartingWith("Slot must be there, once");
    }
}
