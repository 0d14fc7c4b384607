package app.carder.core.retention;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.carder.core.retention.Retention.Bar;
import app.carder.core.retention.Retention.Chart;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class RetentionTest {

    private static final LocalDate LEFT = LocalDate.of(2025, 7, 18);

    @Test
    void usualYearsAreThoseOfTheHabitAndNothingIsDecidedWhereNoneIsKnown() {
        Retention england = Retention.usual("ENGLAND");

        assertThat(england.due(RecordKind.LEARNING, LEFT)).contains(LocalDate.of(2026, 7, 18));
        assertThat(england.due(RecordKind.REGISTER, LEFT)).contains(LocalDate.of(2031, 7, 18));
        assertThat(england.allDue(LEFT)).contains(LocalDate.of(2031, 7, 18));
        assertThat(Retention.usual("NEW_ZEALAND").years()).isEmpty();
        assertThat(Retention.usual("NEW_ZEALAND").allDue(LEFT)).isEmpty();
    }

    @Test
    void theChildStaysAsLongAsSomeKindIsNotDecided() {
        Retention partly = new Retention(Map.of(RecordKind.LEARNING, 0, RecordKind.REGISTER, 3));

        assertThat(partly.due(RecordKind.LEARNING, LEFT)).contains(LEFT);
        assertThat(partly.due(RecordKind.CONSENT, LEFT)).isEmpty();
        assertThat(partly.allDue(LEFT)).isEmpty();
    }

    @Test
    void aLeapDayFallsDueOnTheLastOfFebruary() {
        assertThat(Retention.usual("WALES").due(RecordKind.LEARNING, LocalDate.of(2028, 2, 29)))
                .contains(LocalDate.of(2029, 2, 28));
    }

    @Test
    void yearsOutOfRangeAndKindsThatAreNotKeptHereAreRefused() {
        assertThatThrownBy(() -> new Retention(Map.of(RecordKind.LEARNING, -1)))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Retention(Map.of(RecordKind.LEARNING, 100)))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Retention(Map.of(RecordKind.PROTECTION, 25)))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void childrenLieOnOneLineOfTime() {
        LocalDate later = LEFT.plusDays(100);
        Chart chart = Retention.usual("ENGLAND").chart(List.of(later, LEFT), LEFT.plusYears(1));

        assertThat(chart.today()).isEqualTo(365);
        assertThat(chart.days()).isEqualTo(later.plusYears(6).toEpochDay() - LEFT.toEpochDay());
        assertThat(chart.bars().get(0)).extracting(Bar::from).containsOnly(100L);
        assertThat(chart.bars().get(0)).extracting(Bar::isDue).containsExactly(false, false, false);
        assertThat(chart.bars().get(1)).extracting(Bar::isDue).containsExactly(true, false, false);
        assertThat(chart.bars().get(1).get(0).days()).isEqualTo(365);
    }

    @Test
    void whatNobodyDecidedReachesToTheEndOfTheLineAndIsNeverDue() {
        Chart chart = new Retention(Map.of(RecordKind.LEARNING, 1)).chart(List.of(LEFT), LEFT.plusYears(4));

        assertThat(chart.bars().get(0)).extracting(Bar::isDue).containsExactly(true, false, false);
        assertThat(chart.bars().get(0).get(1).days()).isEqualTo(chart.days());
        assertThat(Retention.usual("ENGLAND").chart(List.of(), LEFT).bars()).isEmpty();
    }
}
