package app.carder.core.pouring;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.carder.core.TestCupboard;
import app.carder.core.cupboard.Stocked;
import app.carder.core.drawing.Handle;
import app.carder.core.material.MaterialKind;
import app.carder.core.measure.Length;
import app.carder.core.measure.Mass;
import app.carder.core.measure.Volume;
import app.carder.core.pouring.PouringLadder.Funnel;
import app.carder.core.pouring.PouringLadder.Named;
import app.carder.core.pouring.PouringLadder.PouringStep;
import app.carder.core.vessel.TaperedJug;
import app.carder.core.vessel.Vessel;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class PouringLadderTest {

    private static final Mass ANY = Mass.ofGrams(100_000);

    private static final List<Named> VESSELS = TestCupboard.byCode().values().stream()
            .filter(stocked -> stocked.material().kind() == MaterialKind.VESSEL)
            .map(stocked -> new Named(
                    stocked.name(),
                    stocked.vessel().orElseThrow(),
                    stocked.material().opening()))
            .toList();
    private static final List<Funnel> FUNNELS = List.of(new Funnel("Wide", mm(45)), new Funnel("Narrow", mm(15)));

    @ParameterizedTest
    @EnumSource(PouringStep.class)
    void everyStepCanBeMadeFromTheStarterCupboardAndKeepsItsPromise(PouringStep step) {
        List<PouringSet> sets = propose(step, "rice-long");

        assertThat(sets).isNotEmpty().hasSizeLessThanOrEqualTo(6).allSatisfy(set -> {
            Volume poured = set.each().stream().reduce(Volume.ZERO, Volume::plus);
            assertThat(poured.plus(set.remainder())).isEqualTo(set.fill());
            assertThat(set.fill()).isLessThanOrEqualTo(set.from().vessel().capacity());
            for (int cup = 0; cup < set.into().size(); cup++) {
                assertThat(set.each().get(cup))
                        .isLessThan(set.into().get(cup).vessel().capacity());
            }
            assertThat(set.mass().inGrams()).isCloseTo(set.fill().inMillilitres() * 0.78195, Offset.offset(0.01));
            assertThat(set.sketch().marks()).isNotEmpty();
        });
    }

    @Test
    void twoEqualCupsLeaveNothing() {
        assertThat(propose(PouringStep.TWO_EQUAL, "water")).allSatisfy(set -> {
            assertThat(set.remainder()).isEqualTo(Volume.ZERO);
            double ratio = set.into()
                    .get(0)
                    .vessel()
                    .capacity()
                    .dividedBy(set.into().get(1).vessel().capacity());
            assertThat(ratio).isBetween(0.98, 1.0204);
        });
    }

    /** Whatever is poured into both cups, up to the rim, some stays in the jug. */
    @Test
    void twoUnequalCupsCannotTakeItAll() {
        assertThat(propose(PouringStep.TWO_UNEQUAL, "lentils")).isNotEmpty().allSatisfy(set -> {
            Volume toTheRim = set.into()
                    .get(0)
                    .vessel()
                    .capacity()
                    .plus(set.into().get(1).vessel().capacity());

            assertThat(set.fill().isMoreThan(toTheRim)).isTrue();
            assertThat(set.remainder())
                    .isEqualTo(
                            set.fill().minus(set.each().get(0).plus(set.each().get(1))));
        });
    }

    /** A litre of water is a kilogram: too heavy at three, and for most at five. */
    @Test
    void proposesNoJugThatIsTooHeavyForTheAge() {
        for (int months : List.of(18, 30, 40, 60)) {
            Mass heaviest = PouringLadder.heaviestFor(months);

            for (PouringStep step : PouringStep.values()) {
                assertThat(PouringLadder.propose(step, VESSELS, FUNNELS, TestCupboard.get("water"), 0.02, heaviest))
                        .noneMatch(set -> set.mass().isMoreThan(heaviest));
            }
        }
        assertThat(PouringLadder.heaviestFor(30)).isEqualTo(Mass.ofGrams(300));
    }

    /** Frustum r 4, R 6, 15 cm deep: 500 mL lie 7.7643 cm deep; the wall leans 2 in 15, so along it 7.8327 cm. */
    @Test
    void marksTheLineByTheTaper() {
        Named jug = new Named("jug", new TaperedJug(cm(8), cm(12), cm(15)), Optional.empty());
        Named large = new Named("large", new TaperedJug(cm(11), cm(14), cm(21)), Optional.empty());

        PouringSet set = PouringLadder.toLine(
                large, jug, Volume.ofMillilitres(800), Volume.ofMillilitres(500), TestCupboard.get("water"));

        LineStrip strip = set.line().orElseThrow();
        assertThat(strip.height().inCentimetres()).isCloseTo(7.7643, Offset.offset(0.0002));
        assertThat(strip.alongWall().inCentimetres())
                .isCloseTo(7.7643 * Math.hypot(1, 2.0 / 15), Offset.offset(0.0003));
        assertThat(set.remainder()).isEqualTo(Volume.ofMillilitres(300));
        assertThat(strip.sketch().description()).contains("78.3 mm");
    }

    @Test
    void theLineIsPulledToWhereSoMuchReachesInTheVessel() {
        TaperedJug glass = new TaperedJug(cm(8), cm(12), cm(15));
        PouringSet set = PouringLadder.toLine(
                new Named("large", new TaperedJug(cm(11), cm(14), cm(21)), Optional.empty()),
                new Named("jug", glass, Optional.empty()),
                Volume.ofMillilitres(800),
                Volume.ofMillilitres(500),
                TestCupboard.get("water"));

        Handle line = set.sketch()
                .pulled("toLine", "up to the line", set.linePull())
                .handles()
                .get(0);

        assertThat(line.rests().value()).isEqualTo("500");
        double floor = 210 + 10;
        assertThat(line.stops())
                .hasSizeBetween(20, 60)
                .allSatisfy(stop -> assertThat(floor - stop.y())
                        .isCloseTo(
                                glass.depthFor(Volume.ofMillilitres(Double.parseDouble(stop.value())))
                                        .inMillimetres(),
                                Offset.offset(0.001)));
        assertThat(line.stops()).extracting(Handle.Stop::y).isSortedAccordingTo(Comparator.reverseOrder());
        assertThat(Double.parseDouble(line.last().value()))
                .isLessThan(800)
                .isLessThanOrEqualTo(glass.capacity().inMillilitres());
    }

    @Test
    void refusesALineThatLeavesNothing() {
        Named jug = VESSELS.get(0);

        assertThatThrownBy(() -> PouringLadder.toLine(
                        jug, jug, Volume.ofMillilitres(100), Volume.ofMillilitres(100), TestCupboard.get("water")))
                .hasMessageContaining("Something must stay");
        assertThatThrownBy(() -> PouringLadder.toLine(
                        jug, jug, Volume.ofMillilitres(100), Volume.ofMillilitres(50), TestCupboard.get("envelopes")))
                .hasMessageContaining("loose or liquid");
        assertThatThrownBy(() -> PouringLadder.propose(
                        PouringStep.TWO_EQUAL, VESSELS, FUNNELS, TestCupboard.get("envelopes"), 0.02, ANY))
                .hasMessageContaining("loose or liquid");
        assertThatThrownBy(() -> PouringLadder.propose(
                        PouringStep.TWO_EQUAL, VESSELS, FUNNELS, TestCupboard.get("water"), 0.5, ANY))
                .hasMessageContaining("tolerance");
    }

    @Nested
    class ThroughANeck {
        /** Six times the longest grain: lentil 36 mm, chickpea 54 mm, kidney bean 96 mm. Bulk-solids practice, from memory. */
        @ParameterizedTest(name = "{0} through {1} mm: {2}")
        @CsvSource({
            "lentils,36,RUNS",
            "lentils,35,TAPPED",
            "lentils,29,ARCHES",
            "chickpeas,54,RUNS",
            "kidney-beans,60,ARCHES",
            "flour,200,BRIDGES",
            "water,2,RUNS"
        })
        void runsOrArches(String fill, double outlet, Neck.Flow flow) {
            assertThat(Neck.of(TestCupboard.get(fill), mm(outlet)).flow()).isEqualTo(flow);
        }

        @Test
        void knowsTheNarrowestOutlet() {
            assertThat(Neck.narrowestFor(TestCupboard.get("rice-long"))).contains(mm(39));
            assertThat(Neck.narrowestFor(TestCupboard.get("flour"))).isEmpty();
        }

        @Test
        void noFunnelIsProposedThatWouldArch() {
            assertThat(propose(PouringStep.NARROW_NECK, "rice-long"))
                    .allSatisfy(set -> assertThat(set.note()).contains("Wide"));
            assertThat(propose(PouringStep.NARROW_NECK, "chickpeas")).isEmpty();
        }
    }

    @Nested
    class PieceByPiece {
        @Test
        void postsThroughASlotTurnedTheBestWay() {
            assertThat(Posting.through(TestCupboard.get("small-parcels"), mm(50), mm(45))
                            .goes())
                    .isTrue();
            assertThat(Posting.through(TestCupboard.get("small-parcels"), mm(46), mm(41))
                            .goes())
                    .isFalse();
            assertThat(Posting.through(TestCupboard.get("envelopes"), mm(3), mm(170))
                            .goes())
                    .isTrue();
        }

        @Test
        void gripsWhatTongsOpenFor() {
            assertThat(Posting.withTongs(TestCupboard.get("tongs"), TestCupboard.get("wooden-cubes"))
                            .goes())
                    .isTrue();
            assertThat(Posting.withTongs(TestCupboard.get("tongs"), TestCupboard.get("oranges"))
                            .words())
                    .contains("too wide");
            assertThat(Posting.withTongs(TestCupboard.get("tongs"), TestCupboard.get("cress-seed"))
                            .words())
                    .contains("too thin");
            assertThatThrownBy(() -> Posting.withTongs(TestCupboard.get("wooden-cubes"), TestCupboard.get("oranges")))
                    .hasMessageContaining("opening");
        }

        @Test
        void countsSpoonfuls() {
            Posting.Spooning moved = Posting.spooning(Volume.ofMillilitres(200), spoon("spoon-tablespoon"));

            assertThat(moved.spoonfuls()).isEqualTo(14);
            assertThat(moved.seconds()).isEqualTo(70);
            assertThatThrownBy(() -> Posting.spooning(Volume.ZERO, spoon("ladle")))
                    .hasMessageContaining("more than 0 mL");
        }

        private Vessel spoon(String code) {
            Stocked spoon = TestCupboard.stocked(code);
            return spoon.vessel().orElseThrow();
        }
    }

    private static List<PouringSet> propose(PouringStep step, String fill) {
        return PouringLadder.propose(step, VESSELS, FUNNELS, TestCupboard.get(fill), 0.02, ANY);
    }

    private static Length mm(double millimetres) {
        return Length.ofMillimetres(millimetres);
    }

    private static Length cm(double centimetres) {
        return Length.ofCentimetres(centimetres);
    }
}
