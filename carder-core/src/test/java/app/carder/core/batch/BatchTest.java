package app.carder.core.batch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.carder.core.TestCupboard;
import app.carder.core.cupboard.Stocked;
import app.carder.core.measure.Length;
import app.carder.core.measure.Mass;
import app.carder.core.measure.Volume;
import app.carder.core.vessel.Box;
import java.util.Map;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BatchTest {

    private static final Map<String, Recipe> RECIPES = Recipe.shipped();

    @Nested
    class OfDough {
        /** One measure of cooked dough weighs 0.65 to 0.9 kg and holds 15.8 to 21.3 % salt: common practice, cup weights from memory. */
        @Test
        void weighsAndSaltsAsTheRecipeSays() {
            Recipe cooked = recipe("dough-cooked");

            assertThat(cooked.gives().inGrams()).isBetween(650.0, 900.0);
            assertThat(cooked.shareOf("salt")).isBetween(0.158, 0.213);
        }

        /** 2 parts flour, 1 part salt, 1 part water by volume are 37 % salt by mass: computed from SR cup weights. */
        @Test
        void knowsThatSaltDoughIsAThirdSalt() {
            assertThat(recipe("salt-dough").shareOf("salt")).isCloseTo(0.375, Offset.offset(0.005));
        }

        /** Starch and water, 2 to 1 by volume, are 52 % starch by mass: computed from SR cup weights. */
        @Test
        void mixesStarchAndWaterTwoToOne() {
            assertThat(recipe("starch-mix").shareOf("cornflour")).isCloseTo(0.52, Offset.offset(0.005));
        }

        /** A ball of 70 mm: pi/6 x 343 cm3 x 1.2 = 215.5 g, by hand. */
        @Test
        void growsWithChildrenAndBalls() {
            Mass ball = Batch.ofBall(Length.ofMillimetres(70));

            Batch batch = batch("dough-cooked", 11, ball);

            assertThat(ball.inGrams()).isCloseTo(215.5, Offset.offset(0.1));
            assertThat(batch.gives()).isEqualTo(ball.multipliedBy(11));
            Mass sum = batch.lines().stream().map(Batch.BatchLine::mass).reduce(Mass.ZERO, Mass::plus);
            assertThat(sum.inGrams()).isCloseTo(batch.gives().inGrams(), Offset.offset(0.01));
        }

        @Test
        void roundsEveryIngredientToWholeMeasuresOfWhichNoneIsFarOff() {
            for (int children = 1; children <= 40; children++) {
                assertThat(batch("dough-cooked", children, Mass.ofGrams(200)).lines())
                        .allSatisfy(
                                line -> assertThat(Math.abs(line.offPercent())).isLessThan(13));
            }
        }

        @Test
        void costsWhatIsUsedOfThePacks() {
            Map<String, Stocked> priced = new java.util.HashMap<>(TestCupboard.byCode());
            priced.put("flour", priced("flour", 1000, 100));

            Batch batch = Batch.of(
                    recipe("dough-cooked"), 1, recipe("dough-cooked").gives().multipliedBy(2), priced);

            assertThat(batch.cost().orElseThrow().minorUnits())
                    .as("500 g of a kilogram for a pound")
                    .isEqualTo(50);
        }

        @Test
        void refusesWhatCannotBeMade() {
            assertThatThrownBy(() -> batch("dough-cooked", 0, Mass.ofGrams(1)))
                    .hasMessageContaining("1 to 200 children");
            assertThatThrownBy(() -> batch("dough-cooked", 3, Mass.ZERO))
                    .hasMessageContaining("portion must be more than 0 g");
            assertThatThrownBy(() -> Batch.of(recipe("dough-cooked"), 3, Mass.ofGrams(100), Map.of()))
                    .hasMessageContaining("\"flour\" is not in the cupboard");
        }

        @Test
        void everyRecipeCanBeMadeFromTheStarterCupboard() {
            assertThat(RECIPES.keySet())
                    .allSatisfy(
                            code -> assertThat(batch(code, 6, Mass.ofGrams(150)).lines())
                                    .isNotEmpty());
        }
    }

    @Nested
    class InSpoons {
        @ParameterizedTest(name = "{0} mL is {1}")
        @CsvSource({
            "250,1 cup",
            "312.5,1¼ cups",
            "281,1 cup + 2 tablespoons",
            "62.5,¼ cup",
            "60,4 tablespoons",
            "15,1 tablespoon",
            "20,1 tablespoon + 1 teaspoon",
            "5,1 teaspoon",
            "2.5,½ teaspoon",
            "0.2,¼ teaspoon"
        })
        void saysItInWholeMeasures(double millilitres, String words) {
            assertThat(Spoonfuls.nearest(Volume.ofMillilitres(millilitres)).forPeople())
                    .isEqualTo(words);
        }

        @Test
        void isNeverFurtherOffThanHalfASpoonAndNeverNothing() {
            for (double millilitres = 1; millilitres < 3000; millilitres += 0.7) {
                double measured = Spoonfuls.nearest(Volume.ofMillilitres(millilitres))
                        .volume()
                        .inMillilitres();
                double half = millilitres >= 250 ? 7.5 : millilitres >= 15 ? 2.5 : 0.7;

                assertThat(measured)
                        .as("%.1f mL", millilitres)
                        .isPositive()
                        .isCloseTo(millilitres, Offset.offset(half + 0.01));
            }
        }
    }

    @Nested
    class OfDyedGrain {
        private final Box tray = new Box(Length.ofCentimetres(60), Length.ofCentimetres(40), Length.ofCentimetres(3));

        /** 1 kg of long-grain rice is 1279 mL; its equivalent grain (6.5 x 2.0 x 1.7)^(1/3) is 2.81 mm: 4554 cm2, computed. */
        @Test
        void findsVinegarBagsAndTrays() {
            DyedGrain dyed = DyedGrain.of(TestCupboard.get("rice-long"), Mass.ofGrams(1000), 1, tray);

            assertThat(dyed.vinegar().inMillilitres()).isCloseTo(27, Offset.offset(0.01));
            assertThat(dyed.dryingCm2()).isCloseTo(4554, Offset.offset(15.0));
            assertThat(dyed.trays()).isEqualTo(2);
            assertThat(dyed.bags()).isEqualTo(1);
            assertThat(dyed.hours()).isEqualTo(new DyedGrain.Hours(2, 12));
        }

        @Test
        void keepsColoursApart() {
            DyedGrain dyed = DyedGrain.of(TestCupboard.get("macaroni"), Mass.ofGrams(3000), 4, tray);

            assertThat(dyed.perColour()).isEqualTo(Mass.ofGrams(750));
            assertThat(dyed.trays() % 4).isZero();
            assertThat(dyed.hours().to()).isEqualTo(24);
        }

        @Test
        void refusesPowders() {
            assertThatThrownBy(() -> DyedGrain.of(TestCupboard.get("salt"), Mass.ofGrams(500), 1, tray))
                    .hasMessageContaining("needs a size");
            assertThatThrownBy(() -> DyedGrain.of(TestCupboard.get("rice-long"), Mass.ofGrams(500), 0, tray))
                    .hasMessageContaining("1 to 12 colours");
        }
    }

    @Nested
    class OfIceJuiceAndKits {
        /** Ice 0.917 g/mL, water 0.998 g/mL: 960 mL take 882 mL. */
        @Test
        void leavesRoomForTheIceToGrow() {
            IceBlocks ice =
                    IceBlocks.of(TestCupboard.stocked("ice-mould").vessel().orElseThrow(), 6);

            assertThat(ice.perMould().inMillilitres()).isCloseTo(960 * 0.917 / 0.998, Offset.offset(0.01));
            assertThat(ice.water()).isEqualTo(ice.perMould().multipliedBy(6));
            assertThatThrownBy(() -> IceBlocks.of(
                            new Box(Length.ofCentimetres(1), Length.ofCentimetres(1), Length.ofCentimetres(1)), 0))
                    .hasMessageContaining("1 to 200 moulds");
        }

        @Test
        void countsFruitsFromTheFirstOneMeasured() {
            Servings juice = Servings.ofJuice(11, Volume.ofMillilitres(150), Volume.ofMillilitres(65));

            assertThat(juice.needed()).isEqualTo(26);
            assertThat(juice.over()).isEqualTo(Volume.ofMillilitres(40).forPeople());
            assertThatThrownBy(() -> Servings.ofJuice(1, Volume.ofMillilitres(150), Volume.ZERO))
                    .hasMessageContaining("more than 0 mL");
        }

        @Test
        void aKitForSixAndTwentyChildrenIsFourKits() {
            assertThat(Servings.ofKits(20, 6).needed()).isEqualTo(4);
            assertThat(Servings.ofKits(20, 6).over()).isEqualTo("4 places");
            assertThat(Servings.ofKits(18, 6).needed()).isEqualTo(3);
        }
    }

    private static Recipe recipe(String code) {
        return java.util.Objects.requireNonNull(RECIPES.get(code));
    }

    private static Batch batch(String code, int children, Mass portion) {
        return Batch.of(recipe(code), children, portion, TestCupboard.byCode());
    }

    private static Stocked priced(String code, double grams, long pence) {
        Stocked item = TestCupboard.stocked(code);
        return new Stocked(
                item.code(),
                item.material(),
                item.vessel(),
                java.util.Optional.of(new Stocked.Bought(
                        Stocked.Amount.of(Mass.ofGrams(grams)),
                        app.carder.core.measure.Money.ofMinor(pence, TestCupboard.GBP))),
                item.stock(),
                item.keptIn(),
                item.keepsDays());
    }
}
