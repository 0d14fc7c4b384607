package app.carder.core.watch;

import static app.carder.core.watch.PlayKind.ADULT_BROKE_IN;
import static app.carder.core.watch.PlayKind.CHILD_BROKE_IN;
import static app.carder.core.watch.PlayKind.CHOSE;
import static app.carder.core.watch.PlayKind.ENGAGED;
import static app.carder.core.watch.PlayKind.FINISHED;
import static app.carder.core.watch.PlayKind.INVITED;
import static app.carder.core.watch.PlayKind.LED;
import static app.carder.core.watch.PlayKind.LEFT;
import static app.carder.core.watch.PlayKind.LOOKED_UP;
import static app.carder.core.watch.PlayKind.PUT_AWAY;
import static app.carder.core.watch.PlayKind.REPEATED;
import static app.carder.core.watch.PlayKind.TALKED;
import static app.carder.core.watch.PlayKind.WENT_BACK;
import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.watch.Episode.Began;
import app.carder.core.watch.Episode.Ended;
import app.carder.core.watch.Episode.Interruption;
import app.carder.core.watch.Episode.Who;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;

/** Every expected number was worked out by hand from the taps, on paper. */
class EpisodesTest {

    static final Instant NINE = Instant.parse("2026-05-06T09:00:00Z");

    static Instant at(int seconds) {
        return NINE.plusSeconds(seconds);
    }

    static PlayEvent tap(int seconds, PlayKind kind) {
        return new PlayEvent(at(seconds), kind);
    }

    static Duration seconds(int seconds) {
        return Duration.ofSeconds(seconds);
    }

    static List<Episode> episodes(int until, PlayEvent... taps) {
        return Episodes.of(List.of(taps), at(until));
    }

    /** The bouts of the worked example of event recording: 5-50, 95-110, 130-215, 262-270 s; 153 s in all of 300. */
    static final List<PlayEvent> POURING = List.of(
            tap(5, CHOSE),
            tap(50, LEFT),
            tap(95, WENT_BACK),
            tap(110, LEFT),
            tap(130, WENT_BACK),
            tap(215, LEFT),
            tap(262, WENT_BACK),
            tap(270, LEFT));

    @Nested
    class WorkedExample {

        @Test
        void givesTheFourBoutsAndTheirTime() {
            PlaySummary summary = PlaySummary.of(Episodes.of(POURING, at(300)));

            assertThat(summary.episodes()).isEqualTo(4);
            assertThat(summary.engaged()).isEqualTo(seconds(153));
            assertThat(summary.longestStretch()).isEqualTo(seconds(85));
            assertThat(summary.selfChoice()).contains(1.0);
        }
    }

    @Nested
    class Beginning {

        @Test
        void choosingIsPlayAtOnce() {
            assertThat(episodes(60, tap(10, CHOSE), tap(40, FINISHED)))
                    .singleElement()
                    .satisfies(episode -> {
                        assertThat(episode.began()).isEqualTo(Began.CHOSEN);
                        assertThat(episode.engaged()).isEqualTo(seconds(30));
                        assertThat(episode.ended()).isEqualTo(Ended.FINISHED);
                    });
        }

        @Test
        void anInvitationIsNotYetPlay() {
            assertThat(episodes(200, tap(0, INVITED), tap(25, ENGAGED), tap(100, LEFT)))
                    .singleElement()
                    .satisfies(episode -> {
                        assertThat(episode.startsAt()).isEqualTo(at(0));
                        assertThat(episode.engaged()).isEqualTo(seconds(75));
                    });
        }

        @Test
        void anInvitationThatLedToNothingHasNoStretch() {
            assertThat(episodes(200, tap(0, LED), tap(25, LEFT)))
                    .singleElement()
                    .satisfies(episode -> {
                        assertThat(episode.stretches()).isEmpty();
                        assertThat(episode.longestStretch()).isZero();
                    });
        }

        @Test
        void whatWentOnAlreadyHasNoSeenBeginning() {
            PlaySummary summary = PlaySummary.of(episodes(100, tap(10, ENGAGED), tap(70, LEFT)));

            assertThat(summary.seenStarts()).isZero();
            assertThat(summary.selfChoice()).isEmpty();
        }

        @Test
        void aNewStartClosesTheEpisodeThatGoesOn() {
            assertThat(episodes(100, tap(10, CHOSE), tap(40, CHOSE), tap(90, LEFT)))
                    .extracting(Episode::ended)
                    .containsExactly(Ended.TURNED, Ended.LEFT);
        }
    }

    @Nested
    class BreakingIn {

        @Test
        void endsTheStretchAndCountsTheWayBack() {
            List<Episode> found = episodes(
                    400,
                    tap(0, CHOSE),
                    tap(120, ADULT_BROKE_IN),
                    tap(150, WENT_BACK),
                    tap(330, CHILD_BROKE_IN),
                    tap(340, ENGAGED),
                    tap(380, FINISHED));

            assertThat(found).singleElement().satisfies(episode -> {
                assertThat(episode.interruptions())
                        .containsExactly(
                                new Interruption(Who.ADULT, at(120), Optional.of(seconds(30))),
                                new Interruption(Who.CHILD, at(330), Optional.of(seconds(10))));
                assertThat(episode.engaged()).isEqualTo(seconds(120 + 180 + 40));
                assertThat(episode.longestStretch()).isEqualTo(seconds(180));
            });
            assertThat(PlaySummary.of(found).medianReturn()).contains(seconds(20));
        }

        @Test
        void withoutReturnBreaksTheEpisodeOff() {
            List<Episode> found = episodes(400, tap(0, CHOSE), tap(60, ADULT_BROKE_IN), tap(75, LEFT));

            assertThat(found).singleElement().extracting(Episode::ended).isEqualTo(Ended.BROKEN_OFF);
            assertThat(PlaySummary.of(found).returned()).isZero();
            assertThat(PlaySummary.of(found).medianReturn()).isEmpty();
        }

        @Test
        void twiceInARowCountsEachWayBackFromItsOwnMoment() {
            assertThat(episodes(
                                    100,
                                    tap(0, CHOSE),
                                    tap(10, ADULT_BROKE_IN),
                                    tap(16, CHILD_BROKE_IN),
                                    tap(20, WENT_BACK))
                            .get(0)
                            .interruptions())
                    .extracting(interruption -> interruption.returnedAfter().orElseThrow())
                    .containsExactly(seconds(10), seconds(4));
        }

        @Test
        void doesNothingWhereNobodyPlays() {
            assertThat(episodes(100, tap(10, ADULT_BROKE_IN), tap(20, LOOKED_UP)))
                    .isEmpty();
        }

        @Test
        void aGlanceUpAndTalkBreakNothing() {
            assertThat(episodes(100, tap(0, CHOSE), tap(30, LOOKED_UP), tap(50, TALKED), tap(90, LEFT)))
                    .singleElement()
                    .satisfies(episode -> {
                        assertThat(episode.longestStretch()).isEqualTo(seconds(90));
                        assertThat(episode.lookUps()).isEqualTo(1);
                    });
        }
    }

    @Nested
    class Ending {

        @Test
        void aRepeatRightAfterFinishingGoesOnUnbroken() {
            assertThat(episodes(300, tap(0, CHOSE), tap(60, FINISHED), tap(65, REPEATED), tap(200, PUT_AWAY)))
                    .singleElement()
                    .satisfies(episode -> {
                        assertThat(episode.longestStretch()).isEqualTo(seconds(200));
                        assertThat(episode.repeats()).isEqualTo(1);
                        assertThat(episode.ended()).isEqualTo(Ended.PUT_AWAY);
                    });
        }

        @Test
        void puttingAwayAfterFinishingBelongsToTheSameEpisode() {
            assertThat(episodes(300, tap(0, CHOSE), tap(60, FINISHED), tap(80, PUT_AWAY)))
                    .singleElement()
                    .satisfies(episode -> {
                        assertThat(episode.ended()).isEqualTo(Ended.PUT_AWAY);
                        assertThat(episode.engaged()).isEqualTo(seconds(60));
                    });
        }

        @Test
        void whatGoesOnIsALowerBound() {
            List<Episode> found = episodes(240, tap(0, CHOSE));

            assertThat(found)
                    .singleElement()
                    .satisfies(episode -> assertThat(episode.goesOn()).isTrue());
            assertThat(PlaySummary.of(found).longestIsLowerBound()).isTrue();
        }

        @Test
        void aTapAfterTheEndOfWatchingPushesTheEndOut() {
            assertThat(episodes(10, tap(0, CHOSE), tap(60, REPEATED)).get(0).engaged())
                    .isEqualTo(seconds(60));
        }
    }

    @Test
    void theOrderInWhichTapsArriveChangesNothing() {
        List<PlayEvent> taps = new ArrayList<>(POURING);
        for (int seed = 0; seed < 20; seed++) {
            Collections.shuffle(taps, new Random(seed));

            assertThat(Episodes.of(taps, at(300))).isEqualTo(Episodes.of(POURING, at(300)));
        }
    }

    /** Ten minutes of taps that need not make sense together. */
    private static List<PlayEvent> anyTaps(Random random) {
        List<PlayEvent> taps = new ArrayList<>();
        for (int second = 0; second < 600; second += 1 + random.nextInt(60)) {
            taps.add(tap(second, PlayKind.values()[random.nextInt(PlayKind.values().length)]));
        }
        return taps;
    }

    /** The slow and obvious way: go through the taps and note for every second whether the child is at play. */
    private static boolean[] atPlay(List<PlayEvent> taps, int until) {
        boolean[] atPlay = new boolean[until];
        boolean open = false;
        boolean playing = false;
        boolean brokenIn = false;
        int finishedAt = -1;
        for (int second = 0; second < until; second++) {
            Instant now = at(second);
            for (PlayEvent tap :
                    taps.stream().filter(one -> one.at().equals(now)).toList()) {
                switch (tap.kind().part()) {
                    case BEGINS -> {
                        open = true;
                        playing = tap.kind() == CHOSE;
                        brokenIn = false;
                        finishedAt = -1;
                    }
                    case PLAYS -> {
                        if (!open && tap.kind() == REPEATED && finishedAt >= 0 && second - finishedAt <= 60) {
                            Arrays.fill(atPlay, finishedAt, second, true);
                        }
                        open = true;
                        playing = true;
                        brokenIn = false;
                        finishedAt = -1;
                    }
                    case BREAKS -> {
                        brokenIn = open;
                        playing = false;
                    }
                    case ENDS -> {
                        if (open) {
                            finishedAt = tap.kind() == FINISHED && !brokenIn ? second : -1;
                        } else if (tap.kind() == PUT_AWAY) {
                            finishedAt = -1;
                        }
                        open = false;
                        playing = false;
                        brokenIn = false;
                    }
                    case NOTED -> {}
                }
            }
            atPlay[second] = playing;
        }
        return atPlay;
    }

    @Test
    void theTimeOfPlayIsThatOfLookingAtEverySecond() {
        Random random = new Random(7);
        for (int round = 0; round < 500; round++) {
            List<PlayEvent> taps = anyTaps(random);

            List<Episode> found = Episodes.of(taps, at(700));

            boolean[] expected = atPlay(taps, 700);
            boolean[] calculated = new boolean[700];
            found.stream().flatMap(episode -> episode.stretches().stream()).forEach(stretch -> {
                for (Instant now = stretch.startsAt(); now.isBefore(stretch.endsAt()); now = now.plusSeconds(1)) {
                    calculated[(int) Duration.between(NINE, now).toSeconds()] = true;
                }
            });
            assertThat(calculated).as("%s", taps).isEqualTo(expected);
            int seconds = 0;
            for (boolean one : expected) {
                seconds += one ? 1 : 0;
            }
            assertThat(PlaySummary.of(found).engaged()).isEqualTo(Duration.ofSeconds(seconds));
        }
    }

    @Test
    void episodesFollowOneAnotherAndHoldTheirStretches() {
        Random random = new Random(11);
        for (int round = 0; round < 200; round++) {
            List<PlayEvent> taps = anyTaps(random);

            List<Episode> found = Episodes.of(taps, at(700));

            Instant before = NINE;
            for (Episode episode : found) {
                assertThat(episode.startsAt()).isAfterOrEqualTo(before);
                assertThat(episode.longestStretch()).isLessThanOrEqualTo(episode.engaged());
                assertThat(episode.stretches()).allSatisfy(stretch -> {
                    assertThat(stretch.startsAt()).isBetween(episode.startsAt(), episode.endsAt());
                    assertThat(stretch.endsAt()).isBetween(stretch.startsAt(), episode.endsAt());
                });
                assertThat(episode.interruptions())
                        .allSatisfy(interruption ->
                                assertThat(interruption.at()).isBetween(episode.startsAt(), episode.endsAt()));
                before = episode.endsAt();
            }
        }
    }

    @Nested
    class SummingUp {

        @Test
        void timeThatTwoPeopleWatchedCountsOnce() {
            List<Episode> hamish = episodes(100, tap(0, CHOSE), tap(60, LEFT));
            List<Episode> tobias = episodes(100, tap(30, ENGAGED), tap(90, LEFT));

            PlaySummary both = PlaySummary.of(List.of(hamish.get(0), tobias.get(0)));

            assertThat(both.engaged()).isEqualTo(seconds(90));
            assertThat(both.longestStretch()).isEqualTo(seconds(60));
        }

        @Test
        void ownStartsAreToldApartFromInvitations() {
            PlaySummary summary = PlaySummary.of(
                    episodes(400, tap(0, CHOSE), tap(10, LEFT), tap(20, INVITED), tap(30, LEFT), tap(40, WENT_BACK)));

            assertThat(summary.selfChoice()).contains(2.0 / 3);
        }

        @Test
        void interruptionsPerHourAreToldFromAQuarterOfAnHourOn() {
            List<PlayEvent> taps = List.of(tap(0, CHOSE), tap(600, ADULT_BROKE_IN), tap(610, WENT_BACK));

            assertThat(PlaySummary.of(Episodes.of(taps, at(810))).interruptionsByAdultsPerHour())
                    .isEmpty();
            assertThat(PlaySummary.of(Episodes.of(taps, at(1810))).interruptionsByAdultsPerHour())
                    .contains(2.0);
        }

        @Test
        void nothingSeenIsNothing() {
            PlaySummary none = PlaySummary.of(List.of());

            assertThat(none.episodes()).isZero();
            assertThat(none.longestStretch()).isZero();
            assertThat(none.interruptionsByAdultsPerHour()).isEmpty();
        }
    }

    @Nested
    class OfTapsThatMeanTheSame {

        @Test
        void aFingerThatBouncesIsOneTap() {
            List<Episode> bounced =
                    episodes(60, tap(0, CHOSE), tap(2, CHOSE), tap(30, REPEATED), tap(32, REPEATED), tap(50, LEFT));

            assertThat(bounced)
                    .singleElement()
                    .satisfies(one -> assertThat(one.repeats()).isEqualTo(1));
            assertThat(episodes(60, tap(0, CHOSE), tap(3, CHOSE), tap(50, LEFT)))
                    .hasSize(2);
        }

        @Test
        void repeatedOpensAFinishedEpisodeWithinAMinuteAndNotLater() {
            assertThat(episodes(300, tap(0, CHOSE), tap(100, FINISHED), tap(160, REPEATED), tap(200, LEFT)))
                    .singleElement()
                    .satisfies(one -> assertThat(one.engaged()).isEqualTo(seconds(200)));
            assertThat(episodes(300, tap(0, CHOSE), tap(100, FINISHED), tap(161, REPEATED), tap(200, LEFT)))
                    .extracting(Episode::engaged)
                    .containsExactly(seconds(100), seconds(39));
        }

        @Test
        void aSecondInterruptionBeforeTheChildPlaysAgainIsTheFirstGoingOn() {
            Episode one = episodes(
                            100,
                            tap(0, CHOSE),
                            tap(20, ADULT_BROKE_IN),
                            tap(26, ADULT_BROKE_IN),
                            tap(40, WENT_BACK),
                            tap(60, ADULT_BROKE_IN),
                            tap(80, LEFT))
                    .get(0);

            assertThat(one.interruptions()).hasSize(2);
            assertThat(one.interruptions().get(0).returnedAfter()).contains(seconds(20));
        }

        @Test
        void whoIsInvitedAndLeavesWithoutPlayingHasDeclined() {
            Episode declined = episodes(60, tap(0, INVITED), tap(20, LEFT)).get(0);

            assertThat(declined.ended()).isEqualTo(Ended.DECLINED);
            assertThat(episodes(60, tap(0, INVITED), tap(10, ENGAGED), tap(20, LEFT))
                            .get(0)
                            .ended())
                    .isEqualTo(Ended.LEFT);
            assertThat(Engagement.of(List.of(new Engagement.Time<>(
                                    java.util.Optional.empty(),
                                    Duration.ZERO,
                                    List.of(new Engagement.Player<>("Anouk", List.of(declined))))))
                            .leftEarly())
                    .isZero();
        }

        @Test
        void whatGoesOnAtTheEndIsALowerBound() {
            assertThat(episodes(90, tap(0, CHOSE), tap(20, ADULT_BROKE_IN), tap(30, WENT_BACK))
                            .get(0)
                            .lasted())
                    .containsExactly(new Episode.Lasted(seconds(20), false), new Episode.Lasted(seconds(60), true));
        }
    }
}
