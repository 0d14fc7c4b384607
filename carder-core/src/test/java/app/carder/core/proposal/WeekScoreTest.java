package app.carder.core.proposal;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.framework.Sense;
import app.carder.core.proposal.Offer.Ground;
import app.carder.core.proposal.WeekProblem.Slot;
import app.carder.core.proposal.WeekScore.Breach;
import app.carder.core.proposal.WeekScore.Rule;
import app.carder.core.said.Said;
import app.carder.core.week.Rotation.Novelty;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;

class WeekScoreTest {

    private static final Slot MONDAY = new Slot(0, 0, 0);
    private static final Slot MONDAY_BESIDE = new Slot(0, 0, 1);
    private static final Slot MONDAY_AFTERNOON = new Slot(0, 1, 0);
    private static final Slot TUESDAY = new Slot(1, 0, 0);

    private static Offer offer(
            String id, Ground ground, AdultLoad load, int minutes, Map<String, Long> needs, Novelty turn) {
        return new Offer(
                id,
                "Card " + id,
                ground,
                load,
                minutes,
                needs,
                Set.of(),
                Set.of(),
                Set.of(),
                turn,
                false,
                Set.of(),
                Set.of());
    }

    private static WeekScore score(Map<Slot, String> week, Offer... offers) {
        return WeekScore.of(TestWeeks.week(2, 2, 2, List.of(offers), Map.of()), week);
    }

    @Nested
    class RulesThatMustHold {
        @Test
        void aCardOfTheGardenCannotStandIndoors() {
            Offer garden = offer("g", Ground.OUTDOORS, AdultLoad.NEAR, 0, Map.of(), Novelty.BACK);

            assertThat(score(Map.of(MONDAY, "g"), garden).breaches())
                    .containsExactly(
                            new Breach(Rule.GROUND, Said.of("breach.ground", "Card g", "Zone 0", "2026-05-11")));
        }

        @Test
        void wetPlayStandsOnlyWhereTheGroundTakesWater() {
            Offer wet = offer("w", Ground.WET, AdultLoad.NEAR, 0, Map.of(), Novelty.BACK);

            assertThat(score(Map.of(MONDAY, "w"), wet).broken())
                    .as("zone 0 takes water")
                    .isZero();
            assertThat(score(Map.of(MONDAY_BESIDE, "w"), wet).broken()).isEqualTo(1);
        }

        @Test
        void aCardIsInOnePlaceAtATime() {
            Offer one = offer("o", Ground.ANY, AdultLoad.NEAR, 0, Map.of(), Novelty.BACK);

            assertThat(score(Map.of(MONDAY, "o", MONDAY_BESIDE, "o"), one).breaches())
                    .extracting(Breach::rule)
                    .containsExactly(Rule.ONE_PLACE);
            assertThat(score(Map.of(MONDAY, "o", MONDAY_AFTERNOON, "o"), one).broken())
                    .isZero();
        }

        /** Two adults have eight quarters: two cards that take hands use them up, a third near one is two quarters too many. */
        @Test
        void handsOnCardsTakeAdults() {
            Offer first = offer("a", Ground.ANY, AdultLoad.HANDS_ON, 0, Map.of(), Novelty.BACK);
            Offer second = offer("b", Ground.ANY, AdultLoad.HANDS_ON, 0, Map.of(), Novelty.BACK);
            Offer third = offer("c", Ground.ANY, AdultLoad.NEAR, 0, Map.of(), Novelty.BACK);
            WeekProblem three = TestWeeks.week(1, 1, 3, List.of(first, second, third), Map.of());

            assertThat(WeekScore.of(three, Map.of(MONDAY, "a", MONDAY_BESIDE, "b"))
                            .broken())
                    .isZero();
            assertThat(WeekScore.of(three, Map.of(MONDAY, "a", MONDAY_BESIDE, "b", new Slot(0, 0, 2), "c"))
                            .broken())
                    .isEqualTo(2);
        }

        @Test
        void materialIsSharedBySessionsButNotWithinOne() {
            Offer first = offer("a", Ground.ANY, AdultLoad.NEAR, 0, Map.of("rice", 600L), Novelty.BACK);
            Offer second = offer("b", Ground.ANY, AdultLoad.NEAR, 0, Map.of("rice", 600L), Novelty.BACK);

            assertThat(score(Map.of(MONDAY, "a", MONDAY_BESIDE, "b"), first, second)
                            .breaches())
                    .extracting(Breach::rule)
                    .containsExactly(Rule.STOCK);
            assertThat(score(Map.of(MONDAY, "a", MONDAY_AFTERNOON, "b"), first, second)
                            .broken())
                    .isZero();
        }

        /** 45 minutes an evening; 60 are 15 too many. Whoever stands on needs no preparing again. */
        @Test
        void preparationCountsOnTheDayOnWhichACardComesOut() {
            Offer slow = offer("s", Ground.ANY, AdultLoad.NEAR, 60, Map.of(), Novelty.BACK);

            assertThat(score(Map.of(MONDAY, "s", TUESDAY, "s"), slow).broken()).isEqualTo(15);
            assertThat(score(Map.of(TUESDAY, "s"), slow).breaches())
                    .containsExactly(new Breach(Rule.PREPARATION, Said.of("breach.preparation", "2026-05-12", 60, 45)));
        }
    }

    @Nested
    class Points {
        /** 100 for the place, 40 as it is still chosen, 16 for each of two interests that were not met before; no areas or senses. */
        @Test
        void addUpForOneCard() {
            Offer chosen = new Offer(
                    "c",
                    "Card c",
                    Ground.ANY,
                    AdultLoad.NEAR,
                    0,
                    Map.of(),
                    Set.of(),
                    Set.of(),
                    Set.of("Anouk", "Kofi"),
                    Novelty.STILL_CHOSEN,
                    true,
                    Set.of(),
                    Set.of());

            assertThat(score(Map.of(MONDAY, "c"), chosen).points()).isEqualTo(100 + 40 + 2 * 16);
        }

        /** Bram's interest was met twice before, so that a third time is worth a quarter. */
        @Test
        void areHalvedEachTimeThatAnInterestIsMet() {
            Offer once = TestWeeks.meeting("a", "Anouk");
            Offer often = TestWeeks.meeting("b", "Bram");

            assertThat(score(Map.of(MONDAY, "a"), once).points()).isEqualTo(120 + 16);
            assertThat(score(Map.of(MONDAY, "a", TUESDAY, "a"), once).points()).isEqualTo(2 * 120 + 16 + 8);
            assertThat(score(Map.of(MONDAY, "b"), often).points()).isEqualTo(120 + 4);
        }

        @Test
        void areLostForACardThatIsOutTwiceADayWhileANewOneIsLeft() {
            Offer again = offer("a", Ground.ANY, AdultLoad.NEAR, 0, Map.of(), Novelty.BACK);
            Offer stays = offer("s", Ground.ANY, AdultLoad.NEAR, 0, Map.of(), Novelty.STILL_CHOSEN);
            Offer fresh = offer("n", Ground.ANY, AdultLoad.NEAR, 0, Map.of(), Novelty.NEW);
            Map<Slot, String> twice = Map.of(MONDAY, "a", MONDAY_AFTERNOON, "a");

            assertThat(score(twice, again).points()).isEqualTo(2 * 120);
            assertThat(score(twice, again, fresh).points()).isEqualTo(2 * 120 - 60);
            assertThat(score(Map.of(MONDAY, "a", MONDAY_AFTERNOON, "a", TUESDAY, "n"), again, fresh)
                            .points())
                    .as("the new one has its turn")
                    .isEqualTo(2 * 120 + 125 - 4);
            assertThat(score(Map.of(MONDAY, "s", MONDAY_AFTERNOON, "s"), stays, fresh)
                            .points())
                    .as("what stands its days stays out")
                    .isEqualTo(2 * 140);
        }

        @Test
        void areLostForChangesWithinTheDayAndOvernight() {
            Offer first = offer("a", Ground.ANY, AdultLoad.NEAR, 0, Map.of(), Novelty.BACK);
            Offer second = offer("b", Ground.ANY, AdultLoad.NEAR, 0, Map.of(), Novelty.BACK);
            long both = 2 * (100 + 20);

            assertThat(score(Map.of(MONDAY, "a", MONDAY_AFTERNOON, "b"), first, second)
                            .points())
                    .isEqualTo(both - 15);
            assertThat(score(Map.of(MONDAY, "a", TUESDAY, "b"), first, second).points())
                    .isEqualTo(both - 4);
        }

        @Test
        void areLostForASecondNewCardOnADay() {
            Offer first = offer("a", Ground.ANY, AdultLoad.NEAR, 0, Map.of(), Novelty.NEW);
            Offer second = offer("b", Ground.ANY, AdultLoad.NEAR, 0, Map.of(), Novelty.NEW);

            assertThat(score(Map.of(MONDAY, "a", MONDAY_BESIDE, "b"), first, second)
                            .points())
                    .isEqualTo(2 * (100 + 25) - 25);
            assertThat(score(Map.of(MONDAY, "a", new Slot(1, 0, 1), "b"), first, second)
                            .points())
                    .isEqualTo(2 * (100 + 25));
        }

        /** Eight places and three areas: each should come twice. The first time is worth 3 of 4 parts, the second the rest, a third none. */
        @Test
        void forAnAreaGrowLessEachTimeAndEndAtItsShare() {
            Offer covers = new Offer(
                    "c",
                    "Card c",
                    Ground.ANY,
                    AdultLoad.NEAR,
                    0,
                    Map.of(),
                    Set.of("a"),
                    Set.of(Sense.SMELL),
                    Set.of(),
                    Novelty.BACK,
                    false,
                    Set.of(),
                    Set.of());
            long once = score(Map.of(MONDAY, "c"), covers).points();
            long twice =
                    score(Map.of(MONDAY, "c", MONDAY_AFTERNOON, "c"), covers).points();
            long thrice = score(Map.of(MONDAY, "c", MONDAY_AFTERNOON, "c", TUESDAY, "c"), covers)
                    .points();

            assertThat(once).as("place, turn, area, and the one sense").isEqualTo(120 + 10 * 3 + 4);
            assertThat(twice - once).isEqualTo(120 + 10);
            assertThat(thrice - twice).isEqualTo(120);
        }
    }
}
