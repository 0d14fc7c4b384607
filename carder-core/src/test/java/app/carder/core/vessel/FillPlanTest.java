package app.carder.core.vessel;

import static app.carder.core.vessel.VesselTest.cm;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.carder.core.TestCupboard;
import app.carder.core.measure.Mass;
import app.carder.core.measure.Money;
import app.carder.core.vessel.Fill.Amounts;
import app.carder.core.vessel.Fill.Layer;
import app.carder.core.vessel.Fill.Pack;
import app.carder.core.vessel.FillPlan.Plan;
import app.carder.core.vessel.FillPlan.Use;
import java.util.List;
import java.util.Optional;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;

class FillPlanTest {

    private static final Vessel TRAY = new Box(cm(60), cm(40), cm(12));
    private static final Pack KILOGRAM = new Pack(Mass.ofGrams(1000), Money.ofMinor(200, TestCupboard.GBP));

    /** 60 x 40 x 4 cm of rice at 0.78195 g/mL is 7506.7 g; two trays with a tenth spilled are 16 514.8 g: by hand. */
    @Test
    void plansTwoTraysWithASpillFromWhatIsInStock() {
        Plan plan = FillPlan.of(rice(), List.of(Mass.ofGrams(4000)), new Use(2, 10, 12, 5, 38));

        FillPlan.FillLine line = plan.lines().get(0);
        assertThat(line.need().inGrams()).isCloseTo(16_514.8, Offset.offset(0.1));
        assertThat(line.missing().inGrams()).isCloseTo(12_514.8, Offset.offset(0.1));
        assertThat(line.purchase().orElseThrow().packs()).isEqualTo(13);
        FillPlan.Cost cost = plan.cost().orElseThrow();
        assertThat(cost.now()).isEqualTo(pounds(2600));
        assertThat(cost.fill()).isEqualTo(pounds(3400));
        assertThat(cost.perChild()).isEqualTo(pounds(284));
        assertThat(cost.perSession()).isEqualTo(pounds(680));
        assertThat(cost.perYear())
                .as("8 fills of 16.51 kg are 132.1 kg: 133 packs")
                .isEqualTo(pounds(26_600));
        assertThat(plan.vesselsFromStock()).contains(0);
    }

    @Test
    void saysHowManyVesselsTheStockFills() {
        assertThat(FillPlan.of(rice(), List.of(Mass.ofGrams(23_000)), Use.ONCE).vesselsFromStock())
                .contains(3);
        assertThat(FillPlan.of(rice(), List.of(Mass.ZERO), Use.ONCE).vesselsFromStock())
                .isEmpty();
    }

    @Test
    void buysNothingWhereTheStockIsEnough() {
        Plan plan = FillPlan.of(rice(), List.of(Mass.ofGrams(9000)), Use.ONCE);

        assertThat(plan.cost().orElseThrow().now()).isEqualTo(pounds(0));
        assertThat(plan.lines().get(0).purchase().orElseThrow().packs()).isZero();
    }

    @Test
    void opensItsCalculation() {
        assertThat(FillPlan.of(rice(), List.of(Mass.ZERO), Use.ONCE)
                        .calculation()
                        .steps())
                .extracting(step -> step.rule())
                .contains("missing = need − stock", "a child = one fill ÷ children");
    }

    @Test
    void refusesWhatNoRoomDoes() {
        assertThatThrownBy(() -> new Use(0, 0, 1, 1, 1))
                .hasMessageContaining("How many of these containers must be from 1 to 100");
        assertThatThrownBy(() -> new Use(1, 101, 1, 1, 1)).hasMessageContaining("Spill allowance");
        assertThatThrownBy(() -> FillPlan.of(rice(), List.of(), Use.ONCE)).hasMessageContaining("Stock must be known");
    }

    @Test
    void containsWhatIsPoured() {
        Containment rice = Containment.of(TRAY, List.of(TestCupboard.get("rice-long")));
        Containment maize = Containment.of(TRAY, List.of(TestCupboard.get("maize")));
        Containment water = Containment.of(new RoundTub(cm(45), cm(18)), List.of(TestCupboard.get("water")));

        assertThat(rice.sheetLength()).isEqualTo(cm(160));
        assertThat(rice.sheetWidth()).isEqualTo(cm(140));
        assertThat(rice.funnelRest()).isEqualTo(cm(12));
        assertThat(rice.clearUpMinutes()).as("(2 + 2.4) × 1.5").isEqualTo(7);
        assertThat(maize.clearUpMinutes()).as("2 + 2.4").isEqualTo(5);
        assertThat(water.underlay()).isEqualTo(Containment.Underlay.TOWEL);
        assertThat(water.sheetLength()).isEqualTo(cm(110));
    }

    @Test
    void keepsNoRestForAFunnelInASmallTray() {
        Containment small = Containment.of(new RoundTub(cm(20), cm(10)), List.of(TestCupboard.get("lentils")));

        assertThat(small.funnelRest().isZero()).isTrue();
    }

    private static Amounts rice() {
        return Fill.calculate(TRAY, List.of(new Layer(TestCupboard.get("rice-long"), cm(4), Optional.of(KILOGRAM))));
    }

    private static Money pounds(long pence) {
        return Money.ofMinor(pence, TestCupboard.GBP);
    }
}
