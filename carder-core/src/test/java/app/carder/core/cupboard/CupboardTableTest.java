package app.carder.core.cupboard;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.TestCupboard;
import app.carder.core.calculation.Source;
import app.carder.core.cupboard.CupboardTable.Contents;
import app.carder.core.cupboard.CupboardTable.Fault;
import app.carder.core.cupboard.Stocked.Amount;
import app.carder.core.cupboard.Stocked.Bought;
import app.carder.core.look.Look;
import app.carder.core.material.Allergen;
import app.carder.core.material.Material;
import app.carder.core.material.MaterialKind;
import app.carder.core.material.Trait;
import app.carder.core.measure.Mass;
import app.carder.core.measure.Money;
import app.carder.core.said.Said;
import java.io.IOException;
import java.io.StringReader;
import java.util.Currency;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CupboardTableTest {

    @Nested
    class TheStarterCupboard {
        @Test
        void holdsEightyMaterialsAndTwentyFiveVesselsAtLeast() {
            List<MaterialKind> kinds =
                    TestCupboard.materials().stream().map(Material::kind).toList();

            assertThat(kinds.stream().filter(kind -> kind == MaterialKind.VESSEL))
                    .hasSizeGreaterThanOrEqualTo(25);
            assertThat(kinds.stream().filter(kind -> kind != MaterialKind.VESSEL))
                    .hasSizeGreaterThanOrEqualTo(80);
        }

        /** Cup weights: USDA SR Legacy, from memory; a cup is 236.588 mL. */
        @ParameterizedTest(name = "{0}: {1} g a cup")
        @CsvSource({
            "rice-long,185",
            "salt,292",
            "flour,125",
            "kidney-beans,184",
            "oats,81",
            "chickpeas,200",
            "couscous,173"
        })
        void holdsTheDensityOfTheCupWeight(String code, double cupGrams) {
            assertThat(density(code)).isCloseTo(cupGrams / 236.588, Offset.offset(1e-5));
        }

        /** Independent cross-checks by US legal bushels (35.239 L): dry beans 60 lb, shelled corn 56 lb. */
        @Test
        void agreesWithTheBushelWeights() {
            assertThat(density("kidney-beans")).isCloseTo(60 * 453.59237 / 35_239, Offset.offset(0.02));
            assertThat(density("maize")).isCloseTo(56 * 453.59237 / 35_239, Offset.offset(0.02));
        }

        @Test
        void marksWheatAsAnAllergenAndKidneyBeansAsToxicRaw() {
            assertThat(TestCupboard.get("flour").allergens()).containsExactly(Allergen.GLUTEN_CEREALS);
            assertThat(TestCupboard.get("kidney-beans").has(Trait.TOXIC_RAW_PULSE))
                    .isTrue();
            assertThat(TestCupboard.get("lentils").has(Trait.TOXIC_RAW_PULSE)).isFalse();
        }

        @Test
        void isReadBackTheSameAfterWriting() {
            List<Stocked> all = List.copyOf(TestCupboard.byCode().values());

            Contents again = read(CupboardTable.write(all));

            assertThat(again.faults()).isEmpty();
            assertThat(again.rows()).isEqualTo(all);
        }

        private double density(String code) {
            return TestCupboard.get(code).density().orElseThrow().microgramsPerMillilitre() / 1e6;
        }
    }

    @Nested
    class ASettingsOwn {
        @Test
        void needsNoMoreThanNameAndKind() {
            Stocked pegs = read("Name;Kind\nBig pegs;pieces\n").rows().get(0);

            assertThat(pegs.code()).isEqualTo("big-pegs");
            assertThat(pegs.material().source().basis()).isEqualTo(Source.Basis.ENTERED);
        }

        @Test
        void readsPackPriceAndStock() {
            Stocked rice = read("code,name,kind,density_g_per_ml,pack_g,pack_price,stock_g,kept_in,keeps_days\n"
                            + "r,Rice,fill,\"0,78\",1000,1.95,2500,top shelf,180\n")
                    .rows()
                    .get(0);

            assertThat(rice.pack().orElseThrow().price()).isEqualTo(Money.ofMinor(195, TestCupboard.GBP));
            assertThat(rice.stock().mass()).contains(Mass.ofGrams(2500));
            assertThat(rice.keptIn()).isEqualTo("top shelf");
            assertThat(rice.keepsDays()).contains(180);
        }

        @Test
        void looksAsSomebodySaysAndOtherwiseAsItsFormAndKindTell() {
            Contents contents = read("code,name,kind,density_g_per_ml,drawn_as,drawn_colour\n"
                    + "a,Curtain rings,pieces,,button,#C0392B\n"
                    + "b,Bobbins,pieces,,,#5B7DB1\n"
                    + "c,Dyed barley,fill,0.7,BUTTON,#7BA05B\n"
                    + "d,Odd,pieces,,dragon,\n"
                    + "e,Odder,pieces,,,red\n");
            List<Stocked> things = contents.rows();

            assertThat(things.get(0).look().silhouette().name()).isEqualTo("BUTTON");
            assertThat(things.get(0).look().colour().written()).isEqualTo("#C0392B");
            assertThat(things.get(1).look().silhouette())
                    .isEqualTo(Look.guessed(things.get(1).material(), Optional.empty())
                            .silhouette());
            assertThat(things.get(1).look().colour().written()).isEqualTo("#5B7DB1");
            assertThat(things.get(2).look().grain())
                    .as("what is poured stays a pile")
                    .isPresent();
            assertThat(things.get(2).look().silhouette().name()).isEqualTo("PILE");
            assertThat(contents.faults()).extracting(Fault::line).containsExactly(5L, 6L);
            assertThat(read(CupboardTable.write(things)).rows())
                    .extracting(Stocked::seen)
                    .containsExactlyElementsOf(
                            things.stream().map(Stocked::seen).toList());
        }

        @Test
        void tellsEveryRowThatIsWrongAndReadsTheOthers() {
            Contents contents = read("\ufeffcode,name,kind,density_g_per_ml,form,pack_g,pack_price,vessel,traits\n"
                    + "a,Sugar,fill,,,,,,\n"
                    + "b,Beads,pieces,,cone,,,,\n"
                    + "c,Salt,fill,1.2,,500,,,\n"
                    + "d,Tub,vessel,,,,,,\n"
                    + "e,Cord,pieces,,,,,,ROPE\n"
                    + "f,Glue,gas,,,,,,\n"
                    + "g,Weight,fill,-3,,,,,\n"
                    + "h,Right,pieces,,,,,,\n"
                    + "h,Twice,pieces,,,,,,\n");

            assertThat(contents.rows()).extracting(Stocked::name).containsExactly("Right");
            assertThat(contents.faults()).extracting(Fault::line).containsExactly(2L, 3L, 4L, 5L, 6L, 7L, 8L, 10L);
            assertThat(contents.faults())
                    .extracting(fault -> fault.words().words())
                    .satisfiesExactly(
                            words -> assertThat(words).contains("density"),
                            words -> assertThat(words).contains("ball, rod, block or grain"),
                            words -> assertThat(words).contains("pack and its price"),
                            words -> assertThat(words).contains("shape and measurements"),
                            words -> assertThat(words).contains("traits").contains("\"ROPE\""),
                            words -> assertThat(words).contains("kind").contains("consumable"),
                            words -> assertThat(words).contains("number of 0 or more"),
                            words -> assertThat(words).contains("appears twice"));
        }

        @Test
        void tellsWhatIsNoTable() {
            assertThat(read("what,ever\n1,2\n").faults())
                    .singleElement()
                    .satisfies(fault -> assertThat(fault.words().words()).contains("missing: kind, name"));
            assertThat(read("").faults()).hasSize(1);
            assertThat(read("name,kind\n\"never closed,pieces\n").faults()).isNotEmpty();
        }

        @Test
        void tellsTheColumnsThatItDoesNotKnow() {
            CupboardTable.Contents contents = read("name,kind,Colour,pack_price\nPostcards,pieces,red,\n");

            assertThat(contents.notRead()).containsExactly("colour");
            assertThat(contents.rows()).hasSize(1);
        }

        @Test
        void readsNoMoreRowsThanItMay() {
            String many = "name,kind\n" + "thing %d,pieces\n".repeat(3);
            StringBuilder table = new StringBuilder("name,kind\n");
            for (int row = 0; row < CupboardTable.MOST_ROWS + 5; row++) {
                table.append("thing ").append(row).append(",pieces\n");
            }

            Contents contents = read(table.toString());

            assertThat(contents.rows()).hasSize(CupboardTable.MOST_ROWS);
            assertThat(contents.faults())
                    .singleElement()
                    .satisfies(fault -> assertThat(fault.words().words()).contains("was not read"));
            assertThat(read(many).faults())
                    .as("the same name twice is the same code twice")
                    .hasSize(2);
        }

        /** OWASP, CSV injection: a cell that begins with = + - @ is prefixed with an apostrophe. */
        @Test
        void writesNothingThatASpreadsheetTakesForAFormula() {
            Stocked trick = new Stocked(
                    "trick",
                    new Material(
                            "=HYPERLINK(\"x\")",
                            MaterialKind.PIECES,
                            Optional.empty(),
                            Optional.empty(),
                            Optional.empty(),
                            Set.of(),
                            Set.of(),
                            Source.entered(Said.typed("@me, \"quoted\""))),
                    Optional.empty(),
                    Optional.of(new Bought(Amount.of(12), Money.ofMinor(5, TestCupboard.GBP))),
                    Amount.of(0),
                    "'behind",
                    Optional.of(3));

            String table = CupboardTable.write(List.of(trick));

            assertThat(table).contains("\"'=HYPERLINK(\"\"x\"\")\"").contains("\r\n");
            assertThat(read(table).rows()).containsExactly(trick);
        }
    }

    private static Contents read(String table) {
        try {
            return CupboardTable.read(new StringReader(table), TestCupboard.GBP);
        } catch (IOException broken) {
            throw new AssertionError(broken);
        }
    }

    @Test
    void aQuoteThatNeverEndsIsAFault() throws Exception {
        Contents contents =
                CupboardTable.read(new StringReader("code,name,kind\nrice,\"Rice,fill\n"), Currency.getInstance("GBP"));

        assertThat(contents.rows()).isEmpty();
        assertThat(contents.faults())
                .extracting(fault -> fault.words().words())
                .singleElement()
                .asString()
                .contains("not a comma-separated table");
    }
}
