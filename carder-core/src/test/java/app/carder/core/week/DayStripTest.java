package app.carder.core.week;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.carder.core.week.DayStrip.Kind;
import app.carder.core.week.DayStrip.Session;
import java.time.LocalTime;
import java.util.List;
import org.junit.jupiter.api.Test;

class DayStripTest {

    private static final Session MORNING =
            new Session("Free play", Kind.PROTECTED_PLAY, LocalTime.of(8, 0), LocalTime.of(12, 0));
    private static final Session LUNCH = new Session("Lunch", Kind.CARE, LocalTime.of(12, 0), LocalTime.of(13, 0));
    private static final Session GARDEN =
            new Session("Garden", Kind.OUTDOORS, LocalTime.of(15, 0), LocalTime.of(16, 0));

    @Test
    void laysSessionsOutToScale() {
        DayStrip strip = DayStrip.of(List.of(GARDEN, MORNING, LUNCH), LocalTime.of(10, 0));

        assertThat(strip.blocks()).extracting(DayStrip.Block::session).containsExactly(MORNING, LUNCH, GARDEN);
        assertThat(strip.blocks()).extracting(DayStrip.Block::startPermille).containsExactly(0, 500, 875);
        assertThat(strip.blocks()).extracting(DayStrip.Block::widthPermille).containsExactly(500, 125, 125);
        assertThat(strip.nowPermille()).contains(250);
    }

    @Test
    void hasNoNowLineOutsideTheDay() {
        assertThat(DayStrip.of(List.of(MORNING), LocalTime.of(7, 59)).nowPermille())
                .isEmpty();
        assertThat(DayStrip.of(List.of(MORNING), LocalTime.of(12, 1)).nowPermille())
                .isEmpty();
        assertThat(DayStrip.of(List.of(), LocalTime.NOON).blocks()).isEmpty();
    }

    @Test
    void knowsWhichSessionGoesOn() {
        List<Session> day = List.of(MORNING, LUNCH, GARDEN);

        assertThat(DayStrip.of(day, LocalTime.of(11, 59)).current()).contains(MORNING);
        assertThat(DayStrip.of(day, LocalTime.NOON).current())
                .as("the next begins")
                .contains(LUNCH);
        assertThat(DayStrip.of(day, LocalTime.of(14, 0)).current()).as("a gap").isEmpty();
        assertThat(DayStrip.of(day, LocalTime.of(16, 0)).current())
                .as("the day is over")
                .isEmpty();
    }

    @Test
    void refusesASessionThatDoesNotLast() {
        assertThatThrownBy(() -> new Session("Snack", Kind.CARE, LocalTime.NOON, LocalTime.NOON))
                .hasMessageContaining("must end after it starts");
    }
}
