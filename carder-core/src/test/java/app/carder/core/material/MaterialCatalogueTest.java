package app.carder.core.material;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.StringReader;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MaterialCatalogueTest {

    private static final String HEADER =
            "code,name,kind,density_g_per_ml,form,length_mm,width_mm,thickness_mm,allergens,traits,source,basis\n";

    /** Cup weights: USDA SR Legacy, from memory; a cup is 236.588 mL. */
    @ParameterizedTest(name = "{0}: {1} g a cup")
    @CsvSource({"rice-long,185", "salt,292", "flour,125", "kidney-beans,184", "oats,81", "chickpeas,200"})
    void holdsTheDensityOfTheCupWeight(String code, double cupGrams) {
        double density =
                MaterialCatalogue.starter().get(code).density().orElseThrow().microgramsPerMillilitre() / 1e6;

        assertThat(density).isCloseTo(cupGrams / 236.588, Offset.offset(1e-5));
    }

    /** Independent cross-check: shelled dry beans at 60 lb a US bushel (35.239 L) are 0.772 g/mL. */
    @Test
    void agreesWithTheBushelWeightOfBeans() {
        double bushel = 60 * 453.59237 / 35_239;

        assertThat(MaterialCatalogue.starter()
                                .get("kidney-beans")
                                .density()
                                .orElseThrow()
                                .microgramsPerMillilitre()
                        / 1e6)
                .isCloseTo(bushel, Offset.offset(0.02));
    }

    @Test
    void marksWheatAsAnAllergenAndKidneyBeansAsToxicRaw() {
        MaterialCatalogue starter = MaterialCatalogue.starter();

        assertThat(starter.get("flour").allergens()).containsExactly(Allergen.GLUTEN_CEREALS);
        assertThat(starter.get("kidney-beans").has(Trait.TOXIC_RAW_PULSE)).isTrue();
        assertThat(starter.get("lentils").has(Trait.TOXIC_RAW_PULSE)).isFalse();
    }

    @Test
    void namesTheRowThatIsWrong() {
        assertThatThrownBy(() -> MaterialCatalogue.read(
                        new StringReader(HEADER + "sugar,Sugar,FILL,,,,,,,,somebody,COMMON_PRACTICE")))
                .hasMessageContaining("row 1 (sugar)")
                .hasMessageContaining("density");
        assertThatThrownBy(() -> MaterialCatalogue.read(
                        new StringReader(HEADER + "sugar,Sugar,FILL,0.8,cone,1,1,1,,,somebody,COMMON_PRACTICE")))
                .hasMessageContaining("ball, rod, block or grain");
    }

    @Test
    void refusesACodeTwice() {
        String row = "salt,Salt,FILL,1.2,,,,,,SALT,somebody,COMMON_PRACTICE\n";

        assertThatThrownBy(() -> MaterialCatalogue.read(new StringReader(HEADER + row + row)))
                .hasMessageContaining("unique");
        assertThatThrownBy(() -> MaterialCatalogue.starter().get("unobtainium")).hasMessageContaining("unobtainium");
    }
}
