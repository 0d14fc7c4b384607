package app.carder.core.week;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.carder.core.week.DayStrip.Kind;
import app.carder.core.week.DayStrip.Session;
import app.carder.core.week.PlannedSession.Garden;
import app.carder.core.week.PlannedSession.Moves;
import app.carder.core.week.PlannedSession.Spoken;
import app.carder.core.week.ProtectedPlay.Advice;
import app.carder.core.week.ProtectedPlay.Change;
import app.carder.core.week.ProtectedPlay.Stretch;
import java.time.Duration;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class ProtectedPlayTest {

    private static PlannedSession session(String name, Kind kind, String from, String until, Moves moves) {
        return new PlannedSession(
                new Session(name, kind, LocalTime.parse(from), LocalTime.parse(until)),
                moves,
                Garden.CLOSED,
                Spoken.USUAL);
    }

    private static PlannedSession play(String from, String until) {
        return session("Free play", Kind.PROTECTED_PLAY, from, until, Moves.MOVABLE);
    }

    /** 9:00 play 45, snack 15, play 45, group 15, play 60 to 12:00, lunch: stretches of 45, 45 and 60 minutes. */
    private static final List<PlannedSession> CHOPPED = List.of(
            session("Arrival", Kind.CARE, "08:30", "09:00", Moves.FIXED),
            play("09:00", "09:45"),
            session("Snack", Kind.CARE, "09:45", "10:00", Moves.MOVABLE),
            play("10:00", "10:45"),
            session("Songs", Kind.GROUP, "10:45", "11:00", Moves.MOVABLE),
            play("11:00", "12:00"),
            session("Lunch", Kind.CARE, "12:00", "12:45", Moves.FIXED));

    @Test
    void countsStretchesAndBreaks() {
        ProtectedPlay day = ProtectedPlay.of(CHOPPED);

        assertThat(day.stretches())
                .extracting(Stretch::length)
                .containsExactly(Duration.ofMinutes(45), Duration.ofMinutes(45), Duration.ofMinutes(60));
        assertThat(day.longest()).contains(new Stretch(LocalTime.of(11, 0), LocalTime.of(12, 0)));
        assertThat(day.breaks()).isEqualTo(2);
        assertThat(day.led()).isEqualTo(Duration.ofMinutes(15));
        assertThat(day.day()).isEqualTo(Duration.ofMinutes(255));
    }

    /**
     * By hand: songs beside the snack leave play from 10:15 to 12:00, 105 minutes; a snack that rolls leaves 9:00 to 10:45, 105 too;
     * the snack beside the songs leaves 9:00 to 10:30, 90 minutes.
     */
    @Test
    void saysWhatToMoveForTheLongestStretch() {
        List<Advice> advice = ProtectedPlay.of(CHOPPED).advice();

        assertThat(advice)
                .extracting(Advice::gain)
                .containsExactly(Duration.ofMinutes(45), Duration.ofMinutes(45), Duration.ofMinutes(30));
        assertThat(advice).allSatisfy(one -> {
            assertThat(ProtectedPlay.of(one.sessions()).longest().orElseThrow().length())
                    .as(one.words())
                    .isEqualTo(one.longest());
        });
        assertThat(advice).extracting(Advice::change).contains(Change.MOVE, Change.ROLL);
        assertThat(advice)
                .filteredOn(one -> one.session().equals("Songs"))
                .singleElement()
                .satisfies(one -> assertThat(one.words())
                        .isEqualTo(
                                "Move Songs from 10:45 to 10:00: the longest stretch becomes 105 minutes, 45 more."));
    }

    @Test
    void neverMovesFixedSessionsNorAcrossThem() {
        List<PlannedSession> fixed = List.of(
                play("09:00", "10:00"),
                session("Lunch", Kind.CARE, "10:00", "10:30", Moves.FIXED),
                session("Songs", Kind.GROUP, "10:30", "10:45", Moves.MOVABLE),
                play("10:45", "12:00"));

        assertThat(ProtectedPlay.of(fixed).advice())
                .as("songs may go to the end, which gains nothing, and not before lunch")
                .isEmpty();
    }

    /** All orders of a small day are tried by hand: no single move gives more than the advice says. */
    @Test
    void noSingleMoveIsBetterThanTheFirstAdvice() {
        Advice best = ProtectedPlay.of(CHOPPED).advice().get(0);

        long most = 0;
        for (int from : new int[] {2, 4}) {
            for (int to = 1; to <= 5; to++) {
                List<PlannedSession> order = new ArrayList<>(CHOPPED);
                order.add(to, order.remove(from));
                long run = 0;
                for (PlannedSession one : order) {
                    run = one.isPlay() ? run + one.length().toMinutes() : 0;
                    most = Math.max(most, run);
                }
            }
        }
        assertThat(best.longest().toMinutes()).isEqualTo(most);
    }

    @Test
    void sessionsOfPlayThatTouchAreOneStretchButGoingOutIsABreak() {
        ProtectedPlay day = ProtectedPlay.of(List.of(
                play("09:00", "09:45"),
                play("09:45", "10:30"),
                session("Garden", Kind.OUTDOORS, "10:30", "11:30", Moves.MOVABLE)));

        assertThat(day.stretches())
                .extracting(Stretch::length)
                .containsExactly(Duration.ofMinutes(90), Duration.ofMinutes(60));
        assertThat(day.breaks()).isEqualTo(1);
        assertThat(day.outdoors()).isEqualTo(Duration.ofMinutes(60));
    }

    /** A fifth of 255 minutes are 51; a session of 30 in Swedish is 11 % and 21 minutes short. */
    @Test
    void measuresTheSecondLanguageAgainstItsAim() {
        List<PlannedSession> swedish = new ArrayList<>(CHOPPED);
        swedish.set(
                0,
                new PlannedSession(CHOPPED.get(0).session(), Moves.FIXED, Garden.CLOSED, Spoken.throughout("Swedish")));
        ProtectedPlay day = ProtectedPlay.of(swedish);

        assertThat(day.secondLanguagePercent()).isEqualTo(11);
        assertThat(day.minutesToAim(20)).isEqualTo(21);
        assertThat(day.minutesToAim(11)).isZero();
    }

    @Test
    void theSecondLanguageLastsNoLongerThanItsSession() {
        PlannedSession session = CHOPPED.get(0);
        Duration length = session.length();
        for (long minutes : List.of(5L, length.toMinutes(), 600L)) {
            Spoken spoken = new Spoken("Swedish", Optional.of(Duration.ofMinutes(minutes)));
            ProtectedPlay day = ProtectedPlay.of(
                    List.of(new PlannedSession(session.session(), Moves.FIXED, Garden.CLOSED, spoken)));

            assertThat(day.secondLanguage().toMinutes()).isEqualTo(Math.min(minutes, length.toMinutes()));
            assertThat(day.secondLanguagePercent()).isLessThanOrEqualTo(100);
        }
    }

    @Test
    void tellsTheLatestMomentForANotice() {
        Stretch stretch = new Stretch(LocalTime.of(11, 0), LocalTime.of(12, 0));

        assertThat(stretch.noticeAt(Duration.ofMinutes(5))).isEqualTo(LocalTime.of(11, 55));
        assertThat(stretch.noticeAt(Duration.ofMinutes(90))).isEqualTo(LocalTime.of(11, 0));
    }

    @Test
    void anEmptyDayHasNoPlayAndOverlapsAreRefused() {
        assertThat(ProtectedPlay.of(List.of()).longest()).isEmpty();
        assertThat(ProtectedPlay.of(List.of()).secondLanguagePercent()).isZero();
        assertThatThrownBy(() -> ProtectedPlay.of(List.of(play("09:00", "10:00"), play("09:30", "11:00"))))
                .hasMessage("Sessions must not overlap: Free play runs until 10:00 and Free play starts at 09:30.");
    }
}
