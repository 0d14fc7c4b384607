package app.carder.core.safety;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.calculation.Source;
import app.carder.core.material.Material;
import app.carder.core.material.MaterialKind;
import app.carder.core.material.Trait;
import app.carder.core.measure.Age;
import app.carder.core.measure.Length;
import app.carder.core.safety.CareEntry.Kind;
import app.carder.core.safety.ChildPresent.Mouthing;
import app.carder.core.safety.Setup.Item;
import app.carder.core.said.Said;
import app.carder.core.vessel.Box;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A child who cannot move the chair reaches so far and no farther. */
class ReachTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 5, 6);

    private static List<Finding> findings(String reach, int acrossCm) {
        Item tray = Item.of(
                new Material(
                        "tray",
                        MaterialKind.VESSEL,
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Set.of(),
                        Set.of(Trait.LOOKED_THROUGH),
                        Source.entered(Said.typed("test"))),
                Optional.of(
                        new Box(Length.ofCentimetres(90), Length.ofCentimetres(acrossCm), Length.ofCentimetres(8))));
        ChildPresent child = new ChildPresent(
                "Florian",
                Optional.of(Age.between(TODAY.minusMonths(50), TODAY)),
                Mouthing.NOT_SEEN,
                Optional.of(Set.of()),
                List.of(new CareEntry(Kind.REACH, reach, "")));
        return SafetyCheck.withShippedRules().check(new Setup(List.of(tray), Set.of(), ""), List.of(child)).stream()
                .filter(finding -> finding.code().equals("CARE_REACH"))
                .toList();
    }

    @ParameterizedTest
    @CsvSource({"35 cm, 40", "35 cm from his chair, 36", "0.3 m, 31", "350mm, 40"})
    void theFarSideOfWhatIsTooWideIsToldOf(String reach, int across) {
        assertThat(findings(reach, across)).singleElement().satisfies(finding -> {
            assertThat(finding.title()).isEqualTo("Out of reach from a seat");
            assertThat(finding.reason()).contains("Florian reaches").contains("across tray it is " + across);
            assertThat(finding.holds()).isFalse();
        });
    }

    @ParameterizedTest
    @CsvSource({"35 cm, 35", "40 cm, 35"})
    void whatIsWithinReachNeedsNoWord(String reach, int across) {
        assertThat(findings(reach, across)).isEmpty();
    }

    @Test
    void aReachThatNobodyMeasuredIsAskedFor() {
        assertThat(findings("not far", 20))
                .singleElement()
                .satisfies(finding -> assertThat(finding.title()).isEqualTo("Reach from a seat not measured"));
    }
}
