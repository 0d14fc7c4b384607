package app.carder.core.vessel;

import static app.carder.core.vessel.VesselTest.cm;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.carder.core.TestCupboard;
import app.carder.core.material.Material;
import app.carder.core.measure.Length;
import app.carder.core.measure.Mass;
import app.carder.core.measure.Money;
import app.carder.core.vessel.Fill.Amount;
import app.carder.core.vessel.Fill.Amounts;
import app.carder.core.vessel.Fill.Layer;
import app.carder.core.vessel.Fill.Level;
import app.carder.core.vessel.Fill.Pack;
import java.util.Currency;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FillTest {

    private static final Vessel TRAY = new Box(cm(60), cm(40), cm(12));
    private static final Pack KILOGRAM = new Pack(Mass.ofGrams(1000), Money.ofMinor(215, Currency.getInstance("GBP")));

    /** Tray 60 x 40 cm filled 4 cm; cup weights and sand density from memory of the sources in the cupboard. */
    @ParameterizedTest(name = "{0}: {1} kg")
    @CsvSource({"rice-long,7.507", "sand-dry,15.36", "oats,3.287"})
    void findsTheMassInATray(String code, double kilograms) {
        Amounts amounts = Fill.calculate(TRAY, List.of(layer(code, 4)));

        assertThat(amounts.volume().inMillilitres()).isEqualTo(9600);
        assertThat(amounts.mass().inGrams() / 1000).isCloseTo(kilograms, Offset.offset(0.005));
    }

    /** Octagonal tray of 90 cm, 4 cm deep: 21.0 kg of rice, 42.9 kg of sand, by the same densities. */
    @Test
    void saysWhenTwoPeopleMustLift() {
        Vessel octagon = new OctagonalTray(cm(90), cm(10));

        Amounts rice = Fill.calculate(octagon, List.of(layer("rice-long", 4)));
        Amounts sand = Fill.calculate(octagon, List.of(layer("sand-dry", 4)));

        assertThat(rice.mass().inGrams()).isCloseTo(20_988, Offset.offset(5.0));
        assertThat(sand.mass().inGrams()).isCloseTo(42_946, Offset.offset(5.0));
        assertThat(rice.needsTwoPeople()).isTrue();
        assertThat(Fill.calculate(TRAY, List.of(layer("rice-long", 4))).needsTwoPeople())
                .isFalse();
    }

    @Test
    void buysWholePacksAndTellsWhatIsLeftOver() {
        Amount rice = Fill.calculate(
                        TRAY, List.of(new Layer(TestCupboard.get("rice-long"), cm(4), Optional.of(KILOGRAM))))
                .amounts()
                .get(0);

        Fill.Purchase bought = rice.purchase().orElseThrow();
        assertThat(bought.packs()).isEqualTo(8);
        assertThat(bought.cost().amount()).isEqualByComparingTo("17.20");
        assertThat(bought.leftover()).isEqualTo(Mass.ofGrams(8000).minus(rice.mass()));
        assertThat(rice.calculation().steps())
                .extracting(step -> step.rule())
                .containsExactly(
                        "V = length × width × depth",
                        "mass = volume × density",
                        "packs = mass ÷ pack, rounded up",
                        "cost = packs × price",
                        "leftover = packs × pack − mass");
        assertThat(rice.calculation().sources())
                .extracting(source -> source.name())
                .anyMatch(name -> name.words().contains("USDA"));
    }

    @Test
    void buysExactlyEnoughWhenItComesOutEven() {
        Mass needed = Fill.calculate(TRAY, List.of(layer("rice-long", 4))).mass();
        Pack exact = new Pack(needed, KILOGRAM.price());

        Fill.Purchase bought = Fill.calculate(
                        TRAY, List.of(new Layer(TestCupboard.get("rice-long"), cm(4), Optional.of(exact))))
                .amounts()
                .get(0)
                .purchase()
                .orElseThrow();

        assertThat(bought.packs()).isEqualTo(1);
        assertThat(bought.leftover()).isEqualTo(Mass.ZERO);
    }

    @Nested
    class InLayers {
        @Test
        void splittingALayerKeepsVolumeAndMass() {
            Random seeded = new Random(7);
            for (int round = 0; round < 100; round++) {
                Vessel vessel = VesselTest.vessel(
                        VesselTest.SHAPES.get(round % VesselTest.SHAPES.size()),
                        Length.ofMillimetres(100 + seeded.nextInt(500)),
                        Length.ofMillimetres(100 + seeded.nextInt(500)),
                        Length.ofMillimetres(200));
                double first = 1 + seeded.nextInt(9);
                double second = 1 + seeded.nextInt(9);

                Amounts whole = Fill.calculate(vessel, List.of(layer("rice-long", first + second)));
                Amounts split = Fill.calculate(vessel, List.of(layer("rice-long", first), layer("rice-long", second)));

                assertThat(split.volume()).isEqualTo(whole.volume());
                assertThat(split.mass().milligrams()).isCloseTo(whole.mass().milligrams(), Offset.offset(2L));
                assertThat(split.depth()).isEqualTo(whole.depth());
            }
        }

        @Test
        void lieTogetherAsDeepAsTheirSum() {
            assertThat(Fill.together(List.of(cm(4), cm(2.5)))).isEqualTo(cm(6.5));
            assertThat(Fill.together(List.of())).isEqualTo(Length.ZERO);
        }

        @Test
        void theUpperLayerOfATaperedJugTakesMore() {
            Amounts layers = Fill.calculate(
                    new TaperedJug(cm(8), cm(12), cm(15)), List.of(layer("rice-long", 5), layer("rice-long", 5)));

            assertThat(layers.amounts().get(1).volume())
                    .isGreaterThan(layers.amounts().get(0).volume());
        }

        @Test
        void refusesLayersThatTogetherAreDeeperThanTheVessel() {
            assertThatThrownBy(() -> Fill.calculate(TRAY, List.of(layer("rice-long", 8), layer("oats", 5))))
                    .hasMessageContaining("depth must not be more than");
        }

        @Test
        void refusesALayerWithoutDepthAndPieces() {
            assertThatThrownBy(() -> Fill.calculate(TRAY, List.of(layer("rice-long", 0))))
                    .hasMessageContaining("must be more than 0 cm");
            assertThatThrownBy(() -> Fill.calculate(TRAY, List.of(layer("small-parcels", 2))))
                    .hasMessageContaining("not pieces");
        }
    }

    @Nested
    class TheOtherWayRound {
        @Test
        void fiveBagsLieAsDeepAsTheirVolumeSays() {
            Material rice = TestCupboard.get("rice-long");

            Level level = Fill.levelOf(TRAY, rice, KILOGRAM, 5);

            assertThat(level.depth().inCentimetres()).isCloseTo(5 * 1278.85 / 2400, Offset.offset(0.001));
            assertThat(level.over()).isEqualTo(Mass.ZERO);
            assertThat(Fill.calculate(TRAY, List.of(new Layer(rice, level.depth(), Optional.empty())))
                            .mass()
                            .inGrams())
                    .isCloseTo(5000, Offset.offset(1.0));
        }

        @Test
        void theSureDepthNeedsNoFurtherPackAndAMillimetreMoreDoes() {
            Material rice = TestCupboard.get("rice-long");
            Length sure = Fill.levelOf(TRAY, rice, KILOGRAM, 5).sureDepth();

            assertThat(sure).isEqualTo(cm(2.6));
            assertThat(packsFor(rice, sure)).isEqualTo(5);
            assertThat(packsFor(rice, sure.plus(Length.ofMillimetres(1)))).isEqualTo(6);
        }

        private static long packsFor(Material material, Length depth) {
            return Fill.calculate(TRAY, List.of(new Layer(material, depth, Optional.of(KILOGRAM))))
                    .amounts()
                    .get(0)
                    .purchase()
                    .orElseThrow()
                    .packs();
        }

        @Test
        void tellsWhatDoesNotGoIn() {
            Level level = Fill.levelOf(new RoundTub(cm(8), cm(12)), TestCupboard.get("rice-long"), KILOGRAM, 1);

            assertThat(level.depth()).isEqualTo(cm(12));
            assertThat(level.over().inGrams()).isCloseTo(1000 - 603.186 * 0.78195, Offset.offset(0.1));
        }

        @Test
        void refusesNoPacksAndEmptyPacks() {
            assertThatThrownBy(() -> Fill.levelOf(TRAY, TestCupboard.get("rice-long"), KILOGRAM, 0))
                    .hasMessageContaining("1 pack or more");
            assertThatThrownBy(() -> new Pack(Mass.ZERO, KILOGRAM.price())).hasMessageContaining("more than 0 g");
        }
    }

    private static Layer layer(String code, double centimetres) {
        return new Layer(TestCupboard.get(code), cm(centimetres), Optional.empty());
    }
}
