package app.carder.core.safety;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.material.Solid;
import app.carder.core.measure.Length;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SmallPartsCylinderTest {

    /** Every ball up to the inside diameter of 31.7 mm (16 CFR 1501.4, from memory). */
    @ParameterizedTest(name = "a ball of {0} mm fits: {1}")
    @CsvSource({"10,true", "31.7,true", "31.8,false", "44,false"})
    void judgesBalls(double diameter, boolean fits) {
        assertThat(SmallPartsCylinder.holds(new Solid.Ball(mm(diameter)))).isEqualTo(fits);
    }

    /** The longest straight line inside is 65.3 mm, computed independently from the gauge's measures. */
    @ParameterizedTest(name = "a needle of {0} mm fits: {1}")
    @CsvSource({"57,true", "65,true", "66,false", "80,false"})
    void judgesNeedlesByTheLongestLineInside(double length, boolean fits) {
        assertThat(SmallPartsCylinder.holds(new Solid.Block(mm(length), mm(0.1), mm(0.1))))
                .isEqualTo(fits);
    }

    /** An upright rod fits whose length is no more than 57.1 mm less its diameter, by the slope of 45 degrees. */
    @ParameterizedTest
    @CsvSource({"5", "10", "20", "31.7"})
    void holdsEveryRodThatFitsUpright(double diameter) {
        assertThat(SmallPartsCylinder.holds(new Solid.Rod(mm(diameter), mm(57.1 - diameter))))
                .isTrue();
    }

    @Test
    void doesNotHoldAThickRodThatIsTooLong() {
        assertThat(SmallPartsCylinder.holds(new Solid.Rod(mm(31), mm(30)))).isFalse();
        assertThat(SmallPartsCylinder.holds(new Solid.Rod(mm(20), mm(55)))).isFalse();
        assertThat(SmallPartsCylinder.holds(new Solid.Rod(mm(24), mm(45)))).isFalse();
    }

    @Test
    void holdsAFlatPieceOnlyIfItIsNarrowEnough() {
        assertThat(SmallPartsCylinder.holds(new Solid.Block(mm(40), mm(31), mm(1))))
                .isTrue();
        assertThat(SmallPartsCylinder.holds(new Solid.Block(mm(40), mm(32), mm(1))))
                .isFalse();
        assertThat(SmallPartsCylinder.holds(new Solid.Block(mm(60), mm(45), mm(40))))
                .isFalse();
    }

    @Test
    void takesNoNoticeOfTheOrderOfTheMeasures() {
        Solid block = new Solid.Block(mm(12), mm(45), mm(20));
        Solid turned = new Solid.Block(mm(45), mm(20), mm(12));

        assertThat(SmallPartsCylinder.holds(block)).isEqualTo(SmallPartsCylinder.holds(turned));
    }

    /** Whatever a slow random search over turns and shifts finds to fit, the gauge holds too. */
    @Test
    void neverMissesWhatARandomSearchFinds() {
        Random seeded = new Random(31);
        int found = 0;
        for (int round = 0; round < 60; round++) {
            Solid.Block block = new Solid.Block(
                    mm(20 + seeded.nextInt(40)), mm(8 + seeded.nextInt(22)), mm(4 + seeded.nextInt(16)));
            if (randomSearchFinds(block, seeded)) {
                found++;
                assertThat(SmallPartsCylinder.holds(block))
                        .as(block.forPeople())
                        .isTrue();
            }
        }
        assertThat(found).isGreaterThan(10);
    }

    /**
     * Thin plates and blocks, each scaled to the largest size at which an exhaustive search over turns (every four degrees) and shifts
     * still gets it in: the gauge must hold it there, and must not go on holding it when it is a fifth larger.
     */
    @ParameterizedTest(name = "{0} x {1} x {2}")
    @CsvSource({
        "40, 31, 0.5",
        "50, 25, 1",
        "60, 12, 1",
        "62, 4, 3",
        "45, 28, 2",
        "30, 30, 1",
        "30, 20, 20",
        "22, 22, 22",
        "40, 18, 9",
        "50, 10, 10",
        "35, 25, 6",
        "28, 27, 12"
    })
    void holdsEveryBlockThatAnExhaustiveSearchGetsIn(double length, double width, double thickness) {
        double fits = 0.3;
        double tooLarge = 1.6;
        for (int halving = 0; halving < 8; halving++) {
            double scale = (fits + tooLarge) / 2;
            if (exhaustiveSearchFinds(length * scale, width * scale, thickness * scale)) {
                fits = scale;
            } else {
                tooLarge = scale;
            }
        }

        assertThat(SmallPartsCylinder.holds(block(length, width, thickness, fits)))
                .as("at its largest, %.3f times", fits)
                .isTrue();
        assertThat(SmallPartsCylinder.holds(block(length, width, thickness, fits * 1.2)))
                .as("a fifth larger than that")
                .isFalse();
    }

    private static Solid.Block block(double length, double width, double thickness, double scale) {
        return new Solid.Block(mm(length * scale), mm(width * scale), mm(thickness * scale));
    }

    private static boolean exhaustiveSearchFinds(double length, double width, double thickness) {
        double[] half = {length / 2, width / 2, thickness / 2};
        int step = 4;
        for (int b = 0; b <= 90; b += step) {
            for (int c = 0; c < 180; c += step) {
                for (int a = 0; a < 180; a += step) {
                    if (fitsTurned(half, turn(Math.toRadians(a), Math.toRadians(b), Math.toRadians(c)))) {
                        return true;
                    }
                }
            }
        }
        return false;
    }

    /** Rows of the turn about z, then x, then z. */
    private static double[][] turn(double a, double b, double c) {
        return new double[][] {
            {
                Math.cos(a) * Math.cos(c) - Math.sin(a) * Math.cos(b) * Math.sin(c),
                -Math.cos(a) * Math.sin(c) - Math.sin(a) * Math.cos(b) * Math.cos(c),
                Math.sin(a) * Math.sin(b)
            },
            {
                Math.sin(a) * Math.cos(c) + Math.cos(a) * Math.cos(b) * Math.sin(c),
                -Math.sin(a) * Math.sin(c) + Math.cos(a) * Math.cos(b) * Math.cos(c),
                -Math.cos(a) * Math.sin(b)
            },
            {Math.sin(b) * Math.sin(c), Math.sin(b) * Math.cos(c), Math.cos(b)}
        };
    }

    /** Every shift in steps of half a millimetre, by the corners and the round wall itself. */
    private static boolean fitsTurned(double[] half, double[][] turn) {
        double[][] corners = new double[8][];
        double up = 0;
        double slope = 0;
        double across = 0;
        for (int corner = 0; corner < 8; corner++) {
            double[] p = {
                half[0] * ((corner & 1) == 0 ? 1 : -1),
                half[1] * ((corner & 2) == 0 ? 1 : -1),
                half[2] * ((corner & 4) == 0 ? 1 : -1)
            };
            double[] at = {dot(turn[0], p), dot(turn[1], p), dot(turn[2], p)};
            corners[corner] = at;
            up = Math.max(up, at[2]);
            slope = Math.max(slope, at[0] - at[2]);
            across = Math.max(across, Math.hypot(at[0], at[1]));
        }
        // A shift towards the deep side lowers the piece by as much; no corner may be further from the axis than the
        // wall.
        double least = up + slope + 15.85 - 57.1;
        if (across > 15.85 || least > 15.85) {
            return false;
        }
        for (double x = 0; x >= -15.5; x -= 0.5) {
            boolean inside = true;
            for (double[] at : corners) {
                inside &= Math.hypot(at[0] + x, at[1]) <= 15.85;
            }
            if (!inside) {
                return false;
            }
            if (least + x <= 0) {
                return true;
            }
        }
        return false;
    }

    /** A growing piece that no longer fits never fits again. */
    @Test
    void isMonotoneInTheSizeOfThePiece() {
        boolean before = true;
        for (int length = 20; length <= 66; length += 2) {
            boolean now = SmallPartsCylinder.holds(new Solid.Block(mm(length), mm(18), mm(9)));
            assertThat(before || !now).as("at %d mm", length).isTrue();
            before = now;
        }
        assertThat(before).isFalse();
    }

    private static boolean randomSearchFinds(Solid.Block block, Random random) {
        for (int attempt = 0; attempt < 20_000; attempt++) {
            double[][] turn = randomTurn(random);
            double shiftX = 12 * random.nextDouble() - 6;
            double shiftY = 12 * random.nextDouble() - 6;
            if (isInside(block, turn, shiftX, shiftY)) {
                return true;
            }
        }
        return false;
    }

    private static boolean isInside(Solid.Block block, double[][] turn, double shiftX, double shiftY) {
        double highest = Double.NEGATIVE_INFINITY;
        double floor = Double.NEGATIVE_INFINITY;
        for (int corner = 0; corner < 8; corner++) {
            double[] p = {
                block.length().inMillimetres() * ((corner & 1) - 0.5),
                block.width().inMillimetres() * ((corner >> 1 & 1) - 0.5),
                block.thickness().inMillimetres() * ((corner >> 2 & 1) - 0.5)
            };
            double x = dot(turn[0], p) + shiftX;
            double y = dot(turn[1], p) + shiftY;
            double z = dot(turn[2], p);
            if (x * x + y * y > 15.85 * 15.85) {
                return false;
            }
            highest = Math.max(highest, z);
            floor = Math.max(floor, x + 15.85 - z);
        }
        return highest + floor <= 57.1;
    }

    /** A turn drawn evenly from all turns, by a unit quaternion. */
    private static double[][] randomTurn(Random random) {
        double[] q = {random.nextGaussian(), random.nextGaussian(), random.nextGaussian(), random.nextGaussian()};
        double norm = Math.sqrt(q[0] * q[0] + q[1] * q[1] + q[2] * q[2] + q[3] * q[3]);
        double w = q[0] / norm;
        double x = q[1] / norm;
        double y = q[2] / norm;
        double z = q[3] / norm;
        return new double[][] {
            {1 - 2 * (y * y + z * z), 2 * (x * y - z * w), 2 * (x * z + y * w)},
            {2 * (x * y + z * w), 1 - 2 * (x * x + z * z), 2 * (y * z - x * w)},
            {2 * (x * z - y * w), 2 * (y * z + x * w), 1 - 2 * (x * x + y * y)}
        };
    }

    private static double dot(double[] a, double[] b) {
        return a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
    }

    private static Length mm(double millimetres) {
        return Length.ofMillimetres(millimetres);
    }
}
