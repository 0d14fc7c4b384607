package app.carder.core.premises;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.attendance.Coming;
import app.carder.core.attendance.DayHours;
import app.carder.core.attendance.Stay;
import app.carder.core.week.DayStrip.Kind;
import app.carder.core.week.DayStrip.Session;
import app.carder.core.week.PlannedSession;
import app.carder.core.week.PlannedSession.Garden;
import app.carder.core.week.PlannedSession.Moves;
import app.carder.core.week.PlannedSession.Spoken;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalTime;
import java.util.EnumSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Open from half past eight to four, Tuesday to Saturday. */
class OpeningFitTest {

    private final OpeningFit fit = new OpeningFit(new Premises(
            SettingKind.NURSERY,
            "ENGLAND",
            EnumSet.range(DayOfWeek.TUESDAY, DayOfWeek.SATURDAY),
            LocalTime.of(8, 30),
            LocalTime.of(16, 0)));

    private static PlannedSession session(int from, int until, Optional<Duration> spoken) {
        return new PlannedSession(
                new Session("Free play", Kind.PROTECTED_PLAY, LocalTime.of(from, 0), LocalTime.of(until, 0)),
                Moves.MOVABLE,
                Garden.OPEN,
                new Spoken("Welsh", spoken));
    }

    @Test
    void aSessionIsCutToTheOpeningHoursAndKeepsEverythingElse() {
        PlannedSession early = session(8, 10, Optional.of(Duration.ofMinutes(100)));

        assertThat(fit.isBeyond(early.session())).isTrue();
        assertThat(fit.fitted(early)).hasValueSatisfying(fitted -> {
            assertThat(fitted.session().startsAt()).isEqualTo("08:30");
            assertThat(fitted.session().endsAt()).isEqualTo("10:00");
            assertThat(fitted.moves()).isEqualTo(Moves.MOVABLE);
            assertThat(fitted.spoken()).isEqualTo(new Spoken("Welsh", Optional.of(Duration.ofMinutes(90))));
        });
        assertThat(fit.fitted(session(9, 16, Optional.empty()))).contains(session(9, 16, Optional.empty()));
        assertThat(fit.isBeyond(session(9, 16, Optional.empty()).session())).isFalse();
    }

    @Test
    void aSessionOfWhichNothingLiesWithinIsNone() {
        assertThat(fit.fitted(session(16, 17, Optional.empty()))).isEmpty();
        assertThat(fit.fitted(session(7, 8, Optional.empty()))).isEmpty();
    }

    @Test
    void aChildIsBeyondByItsHoursOnOpenDaysAloneAndClosedDaysAreNamed() {
        DayHours late = new DayHours(Optional.empty(), Optional.of(LocalTime.of(17, 0)));
        DayHours early = new DayHours(Optional.of(LocalTime.of(8, 0)), Optional.empty());
        Coming onMondayOnly = new Coming(Set.of(DayOfWeek.MONDAY), late, Map.of(), Stay.OPEN);

        assertThat(fit.closedOn(Set.of(DayOfWeek.SUNDAY, DayOfWeek.MONDAY, DayOfWeek.FRIDAY)))
                .containsExactly(DayOfWeek.MONDAY, DayOfWeek.SUNDAY);
        assertThat(fit.isBeyond(onMondayOnly)).isFalse();
        assertThat(fit.isBeyond(new Coming(Set.of(DayOfWeek.FRIDAY), late, Map.of(), Stay.OPEN)))
                .isTrue();
        assertThat(fit.isBeyond(new Coming(
                        Set.of(DayOfWeek.FRIDAY), DayHours.WHOLE_DAY, Map.of(DayOfWeek.FRIDAY, early), Stay.OPEN)))
                .isTrue();
        assertThat(fit.isBeyond(Coming.on(Set.of(DayOfWeek.FRIDAY)))).isFalse();
    }
}
