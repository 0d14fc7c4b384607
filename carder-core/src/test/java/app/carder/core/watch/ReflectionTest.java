package app.carder.core.watch;

import static app.carder.core.watch.EpisodesTest.at;
import static app.carder.core.watch.EpisodesTest.tap;
import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.practice.PracticeStyle;
import app.carder.core.said.Said;
import app.carder.core.watch.Engagement.Player;
import app.carder.core.watch.Engagement.Time;
import app.carder.core.watch.Engagement.Verdict;
import app.carder.core.watch.Engagement.Way;
import app.carder.core.watch.Episode.Lasted;
import app.carder.core.watch.PlayTrend.Day;
import app.carder.core.watch.StepIn.Situation;
import app.carder.core.watch.StepIn.Urgency;
import java.time.Duration;
import java.time.LocalDate;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What is made of the records: trends, engagement, and whether to step in. */
class ReflectionTest {

    private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);

    private static List<Day> days(int apart, int... minutes) {
        return IntStream.range(0, minutes.length)
                .mapToObj(i -> new Day(
                        MONDAY.plusDays((long) apart * i),
                        Collections.nCopies(6, new Lasted(Duration.ofMinutes(minutes[i]), false))))
                .toList();
    }

    @Nested
    class TrendOfStretches {

        @Test
        void isToldWithItsUncertaintyAndTheDaysThatWereSeen() {
            PlayTrend trend =
                    PlayTrend.of(days(7, 3, 4, 6, 7, 9, 10, 12, 14, 16)).orElseThrow();

            assertThat(trend.isClear()).isTrue();
            assertThat(trend.words())
                    .startsWith("Stretches of play have become longer over 9 days of watching between ")
                    .contains("at the end about", "as long as at the beginning, likely between");
        }

        @Test
        void saysSoWhereNothingIsClear() {
            assertThat(PlayTrend.of(days(7, 5, 9, 4, 8, 5, 9)).orElseThrow().words())
                    .startsWith("No clear change over 6 days of watching between ");
        }

        @Test
        void isSilentWithTooLittle() {
            assertThat(PlayTrend.of(days(7, 1, 2, 3, 4, 5))).isEmpty();
            assertThat(PlayTrend.of(days(2, 1, 2, 3, 4, 5, 6))).isEmpty();
            assertThat(PlayTrend.of(List.of())).isEmpty();
        }

        @Test
        void tellsThatStretchesBecameShorter() {
            assertThat(PlayTrend.of(days(7, 16, 14, 12, 10, 9, 7, 6, 4, 3))
                            .orElseThrow()
                            .words())
                    .startsWith("Stretches of play have become shorter over 9 days");
        }
    }

    @Nested
    class TakenUp {

        private static Player<String> stays(String child, int start, int seconds, PlayKind how) {
            return new Player<>(
                    child, Episodes.of(List.of(tap(start, PlayKind.CHOSE), tap(start + seconds, how)), at(7200)));
        }

        @SafeVarargs
        private static Time<String> time(int prepared, Player<String>... players) {
            return new Time<>(Optional.of(at(0)), Duration.ofMinutes(prepared), List.of(players));
        }

        @Test
        void addsUpByHand() {
            Engagement engagement = Engagement.of(List.of(
                    time(10, stays("Anouk", 60, 600, PlayKind.FINISHED), stays("Bram", 300, 300, PlayKind.LEFT)),
                    time(5, stays("Anouk", 180, 900, PlayKind.PUT_AWAY))));

            assertThat(engagement.times()).isEqualTo(2);
            assertThat(engagement.latency()).contains(Duration.ofSeconds(120));
            assertThat(engagement.children()).isEqualTo(2);
            assertThat(engagement.engaged()).isEqualTo(Duration.ofMinutes(30));
            assertThat(engagement.minutesPerPrepared()).contains(2.0);
            assertThat(engagement.medianStretch()).contains(Duration.ofMinutes(10));
            assertThat(engagement.returns()).isEqualTo(1);
            assertThat(engagement.interruptionsByAdultsPerHour()).contains(0.0);
        }

        @Test
        void holdsPlayAgainstPreparationOnlyWhereThatWasNoted() {
            Time<String> noted = time(10, stays("Anouk", 60, 600, PlayKind.FINISHED));
            Time<String> notNoted = time(0, stays("Anouk", 60, 3000, PlayKind.FINISHED));

            assertThat(Engagement.of(List.of(noted, notNoted)).minutesPerPrepared())
                    .contains(1.0);
            assertThat(Engagement.of(List.of(notNoted)).minutesPerPrepared()).isEmpty();
        }

        @Test
        void countsInterruptionsByAdultsForEachHourOfAllChildrensPlay() {
            Player<String> broken = new Player<>(
                    "Anouk",
                    Episodes.of(
                            List.of(
                                    tap(0, PlayKind.CHOSE),
                                    tap(900, PlayKind.ADULT_BROKE_IN),
                                    tap(910, PlayKind.WENT_BACK),
                                    tap(1810, PlayKind.CHILD_BROKE_IN)),
                            at(1810)));

            assertThat(Engagement.of(List.of(time(5, broken))).interruptionsByAdultsPerHour())
                    .contains(2.0);
        }

        @Test
        void isWatchedFirstWithFewEpisodes() {
            assertThat(Engagement.of(List.of(time(5, stays("Anouk", 0, 30, PlayKind.LEFT))))
                            .proposal()
                            .verdict())
                    .isEqualTo(Verdict.WATCH_FIRST);
        }

        @Test
        void restsWhereNobodyCameThreeTimes() {
            Engagement.Proposal proposal =
                    Engagement.of(List.of(time(5), time(5), time(5))).proposal();

            assertThat(proposal.verdict()).isEqualTo(Verdict.REST);
            assertThat(proposal.because())
                    .extracting(Said::words)
                    .containsExactly("It was out 3 times and no child came to it.");
        }

        @Test
        void becomesEasierWhereChildrenLeaveSoon() {
            Engagement.Proposal proposal = Engagement.of(List.of(time(
                            5,
                            stays("Anouk", 0, 40, PlayKind.LEFT),
                            stays("Bram", 0, 50, PlayKind.LEFT),
                            stays("Cosima", 0, 600, PlayKind.FINISHED),
                            stays("Dara", 0, 500, PlayKind.FINISHED))))
                    .proposal();

            assertThat(proposal.verdict()).isEqualTo(Verdict.VARY);
            assertThat(proposal.way()).contains(Way.EASIER);
            assertThat(proposal.because().get(0).words())
                    .isEqualTo("2 of 4 episodes ended by leaving within two minutes.");
        }

        @Test
        void becomesHarderWhereItIsFinishedQuicklyAndNotRepeated() {
            Engagement.Proposal proposal = Engagement.of(List.of(time(
                            5,
                            stays("Anouk", 0, 140, PlayKind.FINISHED),
                            stays("Bram", 0, 150, PlayKind.PUT_AWAY),
                            stays("Cosima", 0, 160, PlayKind.FINISHED),
                            stays("Dara", 0, 170, PlayKind.LEFT))))
                    .proposal();

            assertThat(proposal.way()).contains(Way.HARDER);
        }

        @Test
        void isKeptWhereChildrenStay() {
            Engagement.Proposal proposal = Engagement.of(List.of(time(
                            5,
                            stays("Anouk", 0, 900, PlayKind.FINISHED),
                            stays("Bram", 0, 700, PlayKind.LEFT),
                            stays("Cosima", 0, 800, PlayKind.FINISHED),
                            stays("Dara", 0, 60, PlayKind.LEFT))))
                    .proposal();

            assertThat(proposal.verdict()).isEqualTo(Verdict.KEEP);
            assertThat(proposal.because())
                    .extracting(Said::words)
                    .contains("A typical longest stretch is 12 min 30 s.");
        }

        @Test
        void restsWhereNobodyStaysNorComesAgain() {
            Time<String> one = time(5, stays("Anouk", 0, 40, PlayKind.LEFT), stays("Bram", 0, 30, PlayKind.LEFT));
            Time<String> two = time(5, stays("Cosima", 0, 40, PlayKind.LEFT));
            Time<String> three = time(5, stays("Dara", 0, 20, PlayKind.LEFT));

            assertThat(Engagement.of(List.of(one, two, three)).proposal().verdict())
                    .isEqualTo(Verdict.REST);
        }
    }

    @Nested
    class SteppingIn {

        @ParameterizedTest
        @EnumSource(PracticeStyle.class)
        void everyStyleAnswersEverySituationDangerFirst(PracticeStyle style) {
            List<StepIn> answers = StepIn.in(style);

            assertThat(answers).extracting(StepIn::situation).containsExactly(Situation.values());
            assertThat(answers.get(0).urgency()).isEqualTo(Urgency.NOW);
            assertThat(answers).allSatisfy(answer -> assertThat(answer.action()).isNotBlank());
        }

        @Test
        void wordsFitThePracticeStyle() {
            assertThat(StepIn.in(PracticeStyle.PREPARED_ENVIRONMENT).get(4).say())
                    .isEmpty();
            assertThat(StepIn.in(PracticeStyle.FREE_FLOW).get(4).say()).isEqualTo("You tied it round three times.");
        }
    }
}
