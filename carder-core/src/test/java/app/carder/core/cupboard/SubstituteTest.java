package app.carder.core.cupboard;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.TestCupboard;
import app.carder.core.cupboard.Stocked.Amount;
import app.carder.core.material.Allergen;
import app.carder.core.measure.Age;
import app.carder.core.measure.Mass;
import app.carder.core.safety.ChildPresent;
import app.carder.core.safety.ChildPresent.Mouthing;
import app.carder.core.safety.SafetyCheck;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

class SubstituteTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 5, 4);
    private static final SafetyCheck CHECK = SafetyCheck.withShippedRules();
    private static final ChildPresent FOUR = child(50);
    private static final ChildPresent TWO = child(28);

    @Test
    void standsInWithTheSameRoleAndGrain() {
        List<Substitute> proposed = propose("rice-long", FOUR);

        assertThat(proposed).extracting(one -> one.instead().code()).contains("rice-medium", "rice-brown", "millet");
        assertThat(proposed)
                .extracting(one -> one.instead().code())
                .doesNotContain("water", "flour", "maize", "wooden-beads");
    }

    @Test
    void saysWhatChanges() {
        Substitute couscous = propose("quinoa", FOUR).stream()
                .filter(one -> one.instead().code().equals("couscous"))
                .findFirst()
                .orElseThrow();

        assertThat(couscous.changes()).contains("holds cereals with gluten");
        assertThat(propose("jug-small", FOUR).get(0).instead().code()).isEqualTo("jug-tiny");
        assertThat(propose("jug-small", FOUR).get(0).changes()).isEmpty();
    }

    /** Balls of 42 mm pass the small-ball gauge, which stops them for a child of 28 months; balls of 50 mm do not. */
    @Test
    void neverProposesWhatIsGraverForTheChildrenThere() {
        assertThat(propose("wooden-balls-50", FOUR))
                .extracting(one -> one.instead().code())
                .contains("balls-42");
        assertThat(propose("wooden-balls-50", TWO))
                .extracting(one -> one.instead().code())
                .doesNotContain("balls-42", "wooden-balls-30", "conkers");
    }

    /** Flour is held for this child as well: that is no reason to offer another thing with gluten. */
    @Test
    void neverOffersTheSameAllergenAndSaysWhyItWasLeftOut() {
        ChildPresent gluten = new ChildPresent(
                "Eskil", Age.between(TODAY.minusMonths(50), TODAY), Mouthing.NOT_SEEN, Set.of(Allergen.GLUTEN_CEREALS));

        Substitute.Proposal proposal = propose("couscous", List.of(gluten));

        assertThat(proposal.offered())
                .isNotEmpty()
                .noneMatch(one -> one.instead().material().allergens().contains(Allergen.GLUTEN_CEREALS));
        assertThat(proposal.leftOut())
                .filteredOn(one -> one.thing().code().equals("bulgur"))
                .singleElement()
                .satisfies(one -> assertThat(one.findings())
                        .anyMatch(finding -> finding.reason().contains("cereals with gluten")));
    }

    @Test
    void putsWhatIsInStockFirstAndLeavesOutWhatIsUsedUp() {
        List<Stocked> cupboard = new ArrayList<>(TestCupboard.byCode().values());
        cupboard.replaceAll(item -> switch (item.code()) {
            case "quinoa" -> stocked(item, 800);
            case "rice-medium" -> stocked(item, 0);
            default -> item;
        });

        List<Substitute> proposed = Substitute.propose(
                        TestCupboard.stocked("rice-long"), cupboard, List.of(FOUR), CHECK)
                .offered();

        assertThat(proposed.get(0).instead().code()).isEqualTo("quinoa");
        assertThat(proposed).extracting(one -> one.instead().code()).doesNotContain("rice-medium");
    }

    private static List<Substitute> propose(String code, ChildPresent child) {
        return propose(code, List.of(child)).offered();
    }

    private static Substitute.Proposal propose(String code, List<ChildPresent> children) {
        return Substitute.propose(
                TestCupboard.stocked(code), List.copyOf(TestCupboard.byCode().values()), children, CHECK);
    }

    private static Stocked stocked(Stocked item, double grams) {
        return new Stocked(
                item.code(),
                item.material(),
                item.vessel(),
                item.bought(),
                Amount.of(Mass.ofGrams(grams)),
                item.keptIn(),
                item.keepsDays());
    }

    private static ChildPresent child(int months) {
        return new ChildPresent("Anouk", Age.between(TODAY.minusMonths(months), TODAY), Mouthing.NOT_SEEN, Set.of());
    }
}
