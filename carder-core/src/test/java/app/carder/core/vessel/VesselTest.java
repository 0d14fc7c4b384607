package app.carder.core.vessel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.carder.core.measure.Length;
import app.carder.core.measure.Volume;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.assertj.core.data.Offset;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class VesselTest {

    static final List<VesselShape> SHAPES = List.of(VesselShape.values());
    private static final Length DEEP = cm(15);

    @Nested
    class OfKnownVolume {
        /** Standard solid geometry, computed independently with python3. */
        @Test
        void agreesWithSolidGeometry() {
            assertThat(new Box(cm(60), cm(40), cm(10)).volumeTo(cm(4)).inMillilitres())
                    .isCloseTo(9600, Offset.offset(0.001));
            assertThat(new RoundTub(cm(8), cm(12)).capacity().inMillilitres()).isCloseTo(603.186, Offset.offset(0.001));
            assertThat(new OctagonalTray(cm(90), cm(10)).volumeTo(cm(4)).inMillilitres())
                    .isCloseTo(26_841, Offset.offset(0.5));
            assertThat(new TaperedJug(cm(8), cm(12), DEEP).capacity().inMillilitres())
                    .isCloseTo(1193.805, Offset.offset(0.001));
        }

        /** Regular octagon: side 0.414214 d, from standard geometry. */
        @Test
        void knowsTheSideOfAnOctagon() {
            assertThat(new OctagonalTray(cm(90), cm(10)).side().inCentimetres())
                    .isCloseTo(37.279, Offset.offset(0.001));
        }

        /** Frustum with radii 4 and 6 cm, 15 cm deep; depths computed independently with python3. */
        @ParameterizedTest(name = "{0} mL lies {1} cm deep")
        @CsvSource({"100,1.8704", "250,4.3213", "500,7.7643", "1000,13.2166", "596.9025,8.9437"})
        void findsTheDepthInATaperedJug(double millilitres, double centimetres) {
            TaperedJug jug = new TaperedJug(cm(8), cm(12), DEEP);

            assertThat(jug.depthFor(Volume.ofMillilitres(millilitres)).inCentimetres())
                    .isCloseTo(centimetres, Offset.offset(0.0001));
        }

        /** Cap of a sphere: a 12, h 8 gives R 13 and 2077.640 mL; a 1000 mL cap of R 13 is 5.325163 cm deep (bisection, python3). */
        @Test
        void takesABowlForTheCapOfASphere() {
            Bowl bowl = new Bowl(cm(24), cm(8));

            assertThat(bowl.capacity().inMillilitres()).isCloseTo(2077.640, Offset.offset(0.001));
            assertThat(bowl.depthFor(Volume.ofMillilitres(1000)).inCentimetres())
                    .isCloseTo(5.325163, Offset.offset(0.0001));
            assertThat(bowl.widthAt(cm(8))).isEqualTo(cm(24));
        }

        /** A half sphere of radius 10 is 2094.395 mL; 5 cm of upright side above it 500 pi = 1570.796 mL. */
        @Test
        void takesADeepBowlForAHalfSphereWithUprightSides() {
            Bowl bowl = new Bowl(cm(20), cm(15));

            assertThat(bowl.volumeTo(cm(10)).inMillilitres()).isCloseTo(2094.395, Offset.offset(0.001));
            assertThat(bowl.capacity().inMillilitres()).isCloseTo(3665.191, Offset.offset(0.001));
            assertThat(bowl.widthAt(cm(12))).isEqualTo(cm(20));
            assertThat(bowl.depthFor(Volume.ofMillilitres(2094.395 + 628.3185)).inCentimetres())
                    .isCloseTo(12, Offset.offset(0.0001));
            assertInverse(bowl);
        }

        /** Hexagon of 60 cm across flats: 3117.69 cm2, 4 cm deep 12.471 L. */
        @Test
        void knowsTheHexagonAndTheStatedVolume() {
            assertThat(new HexagonalTray(cm(60), cm(10)).volumeTo(cm(4)).inMillilitres())
                    .isCloseTo(12_471, Offset.offset(0.5));
            assertThat(new StatedVolume(Volume.ofMillilitres(500), cm(20))
                            .volumeTo(cm(5))
                            .inMillilitres())
                    .isCloseTo(125, Offset.offset(0.001));
            assertThatThrownBy(() -> VesselShape.STATED_VOLUME.of(cm(1), cm(1), cm(1)))
                    .hasMessageContaining("what it holds");
        }

        @Test
        void treatsAStraightJugAsACylinder() {
            TaperedJug straight = new TaperedJug(cm(10), cm(10), DEEP);

            assertThat(straight.depthFor(Volume.ofMillilitres(250)).inCentimetres())
                    .isCloseTo(3.1831, Offset.offset(0.0001));
        }
    }

    static Stream<Vessel> vesselsOfEveryShape() {
        Random seeded = new Random(20);
        return Stream.generate(() -> vessel(
                        SHAPES.get(seeded.nextInt(SHAPES.size())),
                        Length.ofMillimetres(20 + seeded.nextInt(900)),
                        Length.ofMillimetres(20 + seeded.nextInt(900)),
                        Length.ofMillimetres(10 + seeded.nextInt(400))))
                .limit(300);
    }

    static Vessel vessel(VesselShape shape, Length first, Length second, Length depth) {
        return shape.isByVolume() ? new StatedVolume(Volume.ofMillilitres(700), depth) : shape.of(first, second, depth);
    }

    @Test
    void depthAndVolumeAreInverse() {
        vesselsOfEveryShape().forEach(VesselTest::assertInverse);
    }

    private static void assertInverse(Vessel vessel) {
        for (int tenth = 0; tenth <= 10; tenth++) {
            Length depth = vessel.depth().ofBaseUnits(vessel.depth().micrometres() * tenth / 10);

            assertThat(vessel.depthFor(vessel.volumeTo(depth)).inMillimetres())
                    .isCloseTo(depth.inMillimetres(), Offset.offset(0.01));
        }
    }

    @Test
    void holdsMoreTheDeeperItIsFilled() {
        vesselsOfEveryShape().forEach(VesselTest::assertHoldsMoreTheDeeper);
    }

    private static void assertHoldsMoreTheDeeper(Vessel vessel) {
        Length half = vessel.depth().ofBaseUnits(vessel.depth().micrometres() / 2);

        assertThat(vessel.capacity()).isGreaterThan(vessel.volumeTo(half));
        assertThat(vessel.volumeTo(Length.ZERO)).isEqualTo(Volume.ZERO);
    }

    /** A second way: thin discs, added up, as wide as the vessel is halfway through each of them. */
    @Test
    void roundVesselsHoldTheSumOfTheirSlices() {
        vesselsOfEveryShape()
                .filter(vessel -> Set.of(VesselShape.ROUND_TUB, VesselShape.TAPERED_JUG, VesselShape.BOWL)
                        .contains(vessel.shape()))
                .forEach(vessel -> assertThat(vessel.capacity().inMillilitres())
                        .as(vessel.forPeople())
                        .isCloseTo(slices(vessel), Percentage.withPercentage(0.1)));
    }

    private static double slices(Vessel vessel) {
        int slices = 400;
        double depth = vessel.depth().inMillimetres();
        double millilitres = 0;
        for (int slice = 0; slice < slices; slice++) {
            double radius = vessel.widthAt(Length.ofMillimetres(depth * (slice + 0.5) / slices))
                            .inMillimetres()
                    / 2;
            millilitres += Math.PI * radius * radius * depth / slices / 1000;
        }
        return millilitres;
    }

    @Test
    void refusesADepthBeyondTheRim() {
        Vessel tray = new Box(cm(60), cm(40), cm(10));

        assertThatThrownBy(() -> tray.volumeTo(cm(11))).hasMessageContaining("depth must not be more than");
        assertThatThrownBy(() -> tray.depthFor(Volume.ofMillilitres(25_000)))
                .hasMessageContaining("must not be more than the container holds");
    }

    @Test
    void refusesMeasuresOfZero() {
        assertThatThrownBy(() -> VesselShape.ROUND_TUB.of(Length.ZERO, Length.ZERO, DEEP))
                .hasMessageContaining("more than 0 cm");
    }

    @Nested
    class OneInsideAnother {
        private final Vessel tray = new Box(cm(60), cm(40), cm(10));

        @Test
        void onlyTheSpaceBetweenIsFilled() {
            Between space = new Between(tray, new Box(cm(20), cm(10), cm(6)));

            assertThat(space.volumeTo(cm(4)).inMillilitres()).isCloseTo(9600 - 800, Offset.offset(0.01));
            assertThat(space.depthFor(Volume.ofMillilitres(8800)).inCentimetres())
                    .isCloseTo(4, Offset.offset(0.001));
        }

        @Test
        void aFillHigherThanTheInnerVesselFillsThatToo() {
            Between space = new Between(tray, new Box(cm(20), cm(10), cm(6)));

            assertThat(space.volumeTo(cm(6)).inMillilitres()).isCloseTo(14_400 - 1200, Offset.offset(0.01));
            assertThat(space.volumeTo(cm(8)).inMillilitres()).isCloseTo(19_200, Offset.offset(0.01));
            assertThat(space.depthFor(Volume.ofMillilitres(14_000)).inCentimetres())
                    .as("it stands at the inner rim while it runs over")
                    .isCloseTo(6, Offset.offset(0.001));
            assertThat(space.depthFor(Volume.ofMillilitres(19_200)).inCentimetres())
                    .isCloseTo(8, Offset.offset(0.001));
        }

        @Test
        void endsAtTheOuterRim() {
            Between space = new Between(tray, new RoundTub(cm(15), cm(30)));

            assertThat(space.depth()).isEqualTo(cm(10));
            assertThatThrownBy(() -> space.volumeTo(cm(11))).hasMessageContaining("depth must not be more");
        }

        @Test
        void refusesAnInnerVesselThatDoesNotStandInside() {
            assertThatThrownBy(() -> new Between(tray, new Box(cm(60), cm(10), cm(5))))
                    .hasMessageContaining("must fit inside");
            assertThatThrownBy(() -> new Between(new RoundTub(cm(20), cm(10)), new Box(cm(15), cm(15), cm(5))))
                    .hasMessageContaining("must fit inside");
            assertThatThrownBy(() -> new Between(new Bowl(cm(30), cm(10)), new RoundTub(cm(5), cm(5))))
                    .hasMessageContaining("must fit inside");
        }

        @Test
        void depthAndVolumeAreInverseThereToo() {
            assertInverse(new Between(new TaperedJug(cm(20), cm(30), cm(25)), new TaperedJug(cm(8), cm(10), cm(15))));
            assertInverse(new Between(new OctagonalTray(cm(60), cm(10)), new RoundTub(cm(20), cm(9))));
        }
    }

    static Length cm(double centimetres) {
        return Length.ofCentimetres(centimetres);
    }
}
