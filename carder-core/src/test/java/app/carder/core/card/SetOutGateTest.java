package app.carder.core.card;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.calculation.Source;
import app.carder.core.card.SetOutGate.Fault;
import app.carder.core.proposal.AdultLoad;
import app.carder.core.safety.Finding;
import app.carder.core.safety.Level;
import app.carder.core.said.Said;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class SetOutGateTest {

    private static final String LONG_ENOUGH = "Two at a time.";

    private static Finding finding(Level level, String title, String... children) {
        return Finding.known(
                title.toUpperCase(java.util.Locale.ROOT),
                level,
                new Finding.Words(Said.typed(title), Said.typed("why"), Said.typed("what to do")),
                new Finding.About("thing", List.of(children)),
                new Finding.Authority(Source.commonPractice(Said.typed("test")), ""));
    }

    private static SetOutGate gate(Finding... findings) {
        return new SetOutGate(List.of(findings));
    }

    @Test
    void nothingThatWasFoundOverrulesANever() {
        SetOutGate gate = gate(finding(Level.NEVER, "Water beads"));

        assertThat(gate.faults(Optional.of("Tobias"), LONG_ENOUGH)).containsExactly(Fault.NEVER);
    }

    @Test
    void whatCannotBeJudgedHoldsAsAStopDoes() {
        for (Level level : List.of(Level.STOP_FOR, Level.CANNOT_BE_JUDGED)) {
            SetOutGate gate = gate(finding(level, "Small part"));

            assertThat(gate.isOpen()).isFalse();
            assertThat(gate.faults(Optional.empty(), "so it is")).containsExactly(Fault.REASON_SHORT);
            assertThat(gate.faults(Optional.empty(), LONG_ENOUGH)).isEmpty();
        }
    }

    @Test
    void anAdultWithinReachIsNamedThoughNothingHoldsIt() {
        SetOutGate gate = gate(finding(Level.STAY_WITH, "Water"));

        assertThat(gate.isOpen()).isTrue();
        assertThat(gate.held()).isEmpty();
        assertThat(gate.faults(Optional.empty(), "")).containsExactly(Fault.ADULT_MISSING);
    }

    @Test
    void oneLineTellsWhyAnAdultStays() {
        assertThat(gate(finding(Level.STAY_WITH, "Water"), finding(Level.STAY_WITH, "Cord", "Hana"))
                        .stays())
                .isEqualTo("Stay with it: Water. And 1 more");
        assertThat(gate(finding(Level.STOP_FOR, "Small part")).stays()).isEmpty();
    }

    @Test
    void noCardRunsByItselfWhereAnAdultHasToStay() {
        SetOutGate stays = gate(finding(Level.STAY_WITH, "Water"));

        assertThat(stays.load(AdultLoad.RUNS_BY_ITSELF)).isEqualTo(AdultLoad.NEAR);
        assertThat(stays.load(AdultLoad.HANDS_ON)).isEqualTo(AdultLoad.HANDS_ON);
        assertThat(gate(finding(Level.KNOW, "Sand")).load(AdultLoad.RUNS_BY_ITSELF))
                .isEqualTo(AdultLoad.RUNS_BY_ITSELF);
    }

    @Test
    void oneLineTellsTheGravestForWhomAndHowManyMore() {
        SetOutGate gate = gate(
                finding(Level.STAY_WITH, "Water"),
                finding(Level.CANNOT_BE_JUDGED, "Cord"),
                finding(Level.STOP_FOR, "Small part", "Hana", "Yusuf"));

        assertThat(gate.held()).isEqualTo("Stop for: Small part. Hana, Yusuf. And 1 more");
        assertThat(gate.heldNamingNobody()).isEqualTo("Stop for: Small part. And 1 more");
    }
}
