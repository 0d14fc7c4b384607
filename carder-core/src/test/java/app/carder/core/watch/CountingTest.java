package app.carder.core.watch;

import static app.carder.core.watch.EpisodesTest.at;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.carder.core.watch.Attempts.Attempt;
import app.carder.core.watch.Attempts.Prompt;
import app.carder.core.watch.Listening.Heard;
import app.carder.core.watch.TimeSample.Activity;
import app.carder.core.watch.TimeSample.Company;
import app.carder.core.watch.TimeSample.Look;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;

/** Looks, tries, scores, words and clocks. */
class CountingTest {

    @Nested
    class LooksAtAChild {

        /** Target child example: 20 half-minutes, 8 handling, 6 pretending, 3 watching, 2 talking, 1 waiting. */
        private final TimeSample sample = TimeSample.of(looks());

        private static List<Look> looks() {
            List<Look> looks = new ArrayList<>();
            add(looks, Activity.HANDLING, 8);
            add(looks, Activity.PRETENDING, 6);
            add(looks, Activity.LOOKING, 3);
            add(looks, Activity.TALKING, 2);
            add(looks, Activity.WAITING, 1);
            return looks;
        }

        private static void add(List<Look> looks, Activity activity, int times) {
            for (int i = 0; i < times; i++) {
                looks.add(new Look(activity, Company.ALONE, null));
            }
        }

        @Test
        void giveTheSharesOfTheWorkedExample() {
            assertThat(List.of(
                            sample.share(Activity.HANDLING).share(),
                            sample.share(Activity.PRETENDING).share(),
                            sample.share(Activity.LOOKING).share(),
                            sample.share(Activity.TALKING).share(),
                            sample.share(Activity.WAITING).share()))
                    .containsExactly(0.40, 0.30, 0.15, 0.10, 0.05);
        }

        @Test
        void haveARowForWhatWasNeverSeen() {
            assertThat(sample.activities()).containsEntry(Activity.CARE, 0).hasSize(Activity.values().length);
            assertThat(sample.depths().values()).containsOnly(0);
        }

        @Test
        void areTooFewBelowTen() {
            assertThat(TimeSample.of(looks().subList(0, 9))
                            .share(Activity.HANDLING)
                            .isEnough())
                    .isFalse();
            assertThat(sample.share(Company.ALONE).isEnough()).isTrue();
        }

        @Test
        void comeInStepsFromTheStartHoweverLateTheAnswer() {
            Duration five = Duration.ofMinutes(5);

            assertThat(TimeSample.next(at(0), five, at(0))).isEqualTo(at(300));
            assertThat(TimeSample.next(at(0), five, at(340))).isEqualTo(at(600));
            assertThat(TimeSample.next(at(0), five, at(-60))).isEqualTo(at(300));
            assertThatThrownBy(() -> TimeSample.next(at(0), Duration.ofMillis(10), at(1)))
                    .hasMessageStartingWith("A step must be at least a second");
        }
    }

    @Nested
    class TriesAtARung {

        @Test
        void areCountedByTheHelpThatWasNeeded() {
            Attempts tries = Attempts.of(List.of(
                    new Attempt(true, Prompt.ALONE),
                    new Attempt(true, Prompt.ALONE),
                    new Attempt(false, Prompt.HELPED),
                    new Attempt(true, Prompt.HELPED),
                    new Attempt(true, Prompt.ALONE),
                    new Attempt(false, Prompt.ALONE)));

            assertThat(tries.words()).isEqualTo("4 of 6, 3 alone, 1 helped");
        }

        @Test
        void noneIsNoneOfNone() {
            assertThat(Attempts.of(List.of()).words()).isEqualTo("0 of 0");
        }
    }

    @Test
    void aTallyTakesStrokesAwayAgain() {
        assertThat(Tally.of(List.of(1, 1, -1, 1)).count()).isEqualTo(2);
        assertThat(Tally.of(List.of()).count()).isZero();
    }

    @Nested
    class WordsOfAChild {

        @Test
        void areCountedAcrossLanguages() {
            Listening heard = Listening.of(List.of(
                    new Heard("More string!", "English", false),
                    new Heard("Where's the string?", "English", true),
                    new Heard("Quiero más", "Spanish", false)));

            assertThat(heard.words()).isEqualTo(7);
            assertThat(heard.differentWords()).isEqualTo(6);
            assertThat(heard.questions()).isEqualTo(1);
            assertThat(heard.meanLength()).isCloseTo(7.0 / 3, within(1e-9));
            assertThat(heard.languages()).containsEntry("English", 2).containsEntry("Spanish", 1);
        }

        @Test
        void nothingHeardHasNoLength() {
            assertThat(Listening.of(List.of()).meanLength()).isZero();
        }
    }

    @Nested
    class ClockOfADevice {

        private final Instant server = Instant.parse("2026-05-06T09:00:00Z");

        @Test
        void isMeasuredFromTheMiddleOfTheExchange() {
            DeviceClock clock = DeviceClock.measured(server.minusSeconds(601), server, server.minusSeconds(599));

            assertThat(clock.offset()).isEqualTo(Duration.ofMinutes(10));
            assertThat(clock.uncertainty()).isEqualTo(Duration.ofSeconds(1));
            assertThat(clock.correct(server.minusSeconds(660))).isEqualTo(server.minusSeconds(60));
        }

        @Test
        void isLeftAloneWithinWhatCannotBeTold() {
            DeviceClock clock = DeviceClock.measured(server.minusSeconds(5), server, server.plusSeconds(1));

            assertThat(clock.offset()).isEqualTo(Duration.ofSeconds(2));
            assertThat(clock.isWrong()).isFalse();
            assertThat(clock.correct(server)).isEqualTo(server);
        }

        @Test
        void thatWentBackInBetweenSaysNothing() {
            assertThatThrownBy(() -> DeviceClock.measured(server, server, server.minusSeconds(1)))
                    .hasMessageStartingWith("An answer must come after it was asked for");
        }

        @Test
        void thatLostItsBatteryIsPutRightFromItsFirstMoment() {
            Instant atItsBeginning = Instant.EPOCH;
            DeviceClock clock =
                    DeviceClock.measured(atItsBeginning.plusSeconds(60), server, atItsBeginning.plusSeconds(60));

            assertThat(DeviceClock.canSay(atItsBeginning)).isTrue();
            assertThat(clock.correct(atItsBeginning)).isEqualTo(server.minusSeconds(60));
        }

        @Test
        void cannotBeOffByCenturiesNorBeUncertainByLessThanNothing() {
            assertThat(DeviceClock.canSay(Instant.MIN)).isFalse();
            assertThat(DeviceClock.canSay(Instant.parse("9999-12-31T23:59:59Z")))
                    .isFalse();
            assertThatThrownBy(() -> new DeviceClock(Duration.ofDays(200_000), Duration.ZERO))
                    .hasMessageStartingWith("A clock cannot be off by");
            assertThatThrownBy(() -> new DeviceClock(Duration.ZERO, Duration.ofMillis(-1)))
                    .hasMessage("Uncertainty must be at least 0, got PT-0.001S.");
        }
    }
}
