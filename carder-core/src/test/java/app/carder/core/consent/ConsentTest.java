package app.carder.core.consent;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.consent.Consent.State;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class ConsentTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 5, 6);

    private static ConsentWord yes(String giver) {
        return new ConsentWord(giver, true, Optional.of(TODAY.plusDays(10)));
    }

    private static ConsentWord no(String giver) {
        return new ConsentWord(giver, false, Optional.empty());
    }

    private static State state(ConsentWord... words) {
        return Consent.of(List.of(words), TODAY).state();
    }

    @Test
    void nothingSaidIsNoYes() {
        assertThat(Consent.of(List.of(), TODAY).isGiven()).isFalse();
        assertThat(state()).isEqualTo(State.NOT_ASKED);
    }

    @Test
    void theLastWordOfEachCounts() {
        assertThat(state(yes("mother"))).isEqualTo(State.GIVEN);
        assertThat(state(yes("mother"), no("mother"))).isEqualTo(State.REFUSED);
        assertThat(state(no("mother"), yes("mother"))).isEqualTo(State.GIVEN);
    }

    @Test
    void oneNoOutweighsTheYesOfSomebodyElseWhoeverSpokeLast() {
        assertThat(state(no("mother"), yes("father"))).isEqualTo(State.REFUSED);
        assertThat(state(yes("father"), no("mother"))).isEqualTo(State.REFUSED);
    }

    @Test
    void whatNobodyInParticularSaidIsOvertaken() {
        assertThat(state(yes(""), no("mother"))).isEqualTo(State.REFUSED);
        assertThat(state(no(""), yes("mother"))).isEqualTo(State.GIVEN);
        assertThat(state(no("mother"), yes(""))).as("but overtakes nobody").isEqualTo(State.REFUSED);
    }

    @Test
    void aYesRunsOutAfterItsLastDay() {
        ConsentWord today = new ConsentWord("mother", true, Optional.of(TODAY));
        ConsentWord yesterday = new ConsentWord("mother", true, Optional.of(TODAY.minusDays(1)));

        assertThat(state(today)).isEqualTo(State.GIVEN);
        assertThat(state(yesterday)).isEqualTo(State.RUN_OUT);
        assertThat(state(yesterday, yes("father"))).isEqualTo(State.GIVEN);
        assertThat(Consent.of(List.of(today, yes("father")), TODAY).until()).contains(TODAY.plusDays(10));
        assertThat(Consent.of(List.of(today, new ConsentWord("father", true, Optional.empty())), TODAY)
                        .until())
                .isEmpty();
    }
}
