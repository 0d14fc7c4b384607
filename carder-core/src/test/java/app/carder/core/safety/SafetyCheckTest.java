package app.carder.core.safety;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.material.Allergen;
import app.carder.core.material.MaterialCatalogue;
import app.carder.core.measure.Age;
import app.carder.core.safety.ChildPresent.Mouthing;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

class SafetyCheckTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 5, 4);
    private static final MaterialCatalogue CUPBOARD = MaterialCatalogue.starter();
    private static final SafetyCheck CHECK = SafetyCheck.withShippedRules();

    private static final ChildPresent BABY = child("Anouk", 14, Mouthing.NOT_SEEN);
    private static final ChildPresent TWO = child("Bram", 30, Mouthing.NOT_SEEN);
    private static final ChildPresent FOUR = child("Cosima", 50, Mouthing.NOT_SEEN);
    private static final ChildPresent FOUR_MOUTHING = child("Dara", 50, Mouthing.SEEN);
    private static final ChildPresent FOUR_GLUTEN = new ChildPresent(
            "Eskil", Age.between(TODAY.minusMonths(50), TODAY), Mouthing.NOT_SEEN, Set.of(Allergen.GLUTEN_CEREALS));

    static Stream<Arguments> firings() {
        return Stream.of(
                Arguments.of("WATER_BEADS", "water-beads", List.of(FOUR), "rice-long", List.of(FOUR)),
                Arguments.of("LOOSE_MAGNET", "magnets-loose", List.of(FOUR), "wooden-beads", List.of(FOUR)),
                Arguments.of("BALLOON_UNDER_THREE", "balloons", List.of(TWO), "balloons", List.of(FOUR)),
                Arguments.of("BALLOON", "balloons", List.of(FOUR), "balloons", List.of(TWO)),
                Arguments.of("SMALL_PART", "wooden-beads", List.of(TWO), "small-parcels", List.of(TWO)),
                Arguments.of("SMALL_PART", "kidney-beans", List.of(FOUR_MOUTHING), "kidney-beans", List.of(FOUR)),
                Arguments.of("SMALL_PART_OLDER", "wooden-beads", List.of(FOUR), "wooden-beads", List.of(TWO)),
                Arguments.of("SMALL_BALL", "balls-42", List.of(TWO), "wooden-balls-50", List.of(TWO)),
                Arguments.of("ALLERGEN", "oats", List.of(FOUR_GLUTEN), "rice-long", List.of(FOUR_GLUTEN)),
                Arguments.of("RAW_PULSE", "kidney-beans", List.of(TWO), "lentils", List.of(TWO)),
                Arguments.of("RAW_PULSE_OLDER", "black-beans", List.of(FOUR), "black-beans", List.of(TWO)),
                Arguments.of("SALT", "salt", List.of(BABY), "salt", List.of(TWO)),
                Arguments.of("RAW_FLOUR", "flour", List.of(FOUR_MOUTHING), "flour", List.of(FOUR)),
                Arguments.of("PLASTIC_FILM", "bubble-wrap", List.of(TWO), "bubble-wrap", List.of(FOUR)),
                Arguments.of("WATER", "water", List.of(FOUR), "sand-dry", List.of(FOUR)),
                Arguments.of("SWELLS", "chickpeas", List.of(FOUR), "rice-long", List.of(FOUR)),
                Arguments.of("CORD", "parcel-string", List.of(FOUR), "envelopes", List.of(FOUR)),
                Arguments.of("ICE", "crushed-ice", List.of(FOUR), "water", List.of(FOUR)),
                Arguments.of("SOIL", "sand-dry", List.of(FOUR), "rice-long", List.of(FOUR)),
                Arguments.of("DUST", "flour", List.of(FOUR), "rice-long", List.of(FOUR)),
                Arguments.of("STAINS", "wooden-stamps", List.of(FOUR), "envelopes", List.of(FOUR)));
    }

    @ParameterizedTest(name = "{0} speaks of {1}")
    @MethodSource("firings")
    void speaksWhereItShouldAndIsSilentWhereItShouldNot(
            String rule, String fires, List<ChildPresent> there, String silent, List<ChildPresent> elsewhere) {
        assertThat(codes(fires, there)).contains(rule);
        assertThat(codes(silent, elsewhere)).doesNotContain(rule);
    }

    @Test
    void hasATestForEveryRule() {
        assertThat(firings().map(arguments -> arguments.get()[0]))
                .containsAll(Stream.of(Condition.values()).map(Enum::name).toList());
    }

    @Test
    void namesTheChildrenWithTheAgeThatDecided() {
        Finding finding = CHECK.check(List.of(CUPBOARD.get("wooden-beads")), List.of(FOUR, TWO, FOUR_MOUTHING))
                .get(0);

        assertThat(finding.level()).isEqualTo(Level.STOP_FOR);
        assertThat(finding.children()).containsExactly("Bram (30 months)", "Dara (50 months, mouths things)");
        assertThat(finding.reason()).contains("ball 25");
    }

    @Test
    void putsTheGravestFirst() {
        List<Finding> findings = CHECK.check(
                List.of(CUPBOARD.get("flour"), CUPBOARD.get("water"), CUPBOARD.get("water-beads")), List.of(BABY));

        assertThat(findings).extracting(Finding::level).isSorted();
        assertThat(findings.get(0).level()).isEqualTo(Level.NEVER);
    }

    @Test
    void givesEveryFindingAReasonACautionAndASource() {
        List<Finding> findings = CHECK.check(
                new ArrayList<>(CUPBOARD.byCode().values()), List.of(BABY, TWO, FOUR, FOUR_MOUTHING, FOUR_GLUTEN));

        assertThat(findings).hasSizeGreaterThan(20).allSatisfy(finding -> {
            assertThat(finding.reason()).isNotBlank();
            assertThat(finding.caution()).isNotBlank();
            assertThat(finding.source().name()).isNotBlank();
        });
    }

    private static List<String> codes(String material, List<ChildPresent> children) {
        return CHECK.check(List.of(CUPBOARD.get(material)), children).stream()
                .map(Finding::code)
                .toList();
    }

    private static ChildPresent child(String name, int months, Mouthing mouthing) {
        return new ChildPresent(name, Age.between(TODAY.minusMonths(months), TODAY), mouthing, Set.of());
    }
}
