package app.carder.core.look;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import app.carder.core.cupboard.CupboardTable;
import app.carder.core.cupboard.Picture;
import app.carder.core.cupboard.Stocked;
import app.carder.core.material.Material;
import app.carder.core.material.MaterialKind;
import app.carder.core.material.Solid;
import app.carder.core.measure.Density;
import app.carder.core.measure.Length;
import app.carder.core.said.Said;
import app.carder.core.vessel.RoundTub;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Currency;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

class LookTest {

    private static final Map<String, Stocked> STARTER = CupboardTable.starter(Currency.getInstance("GBP"));

    /** Of each of these there are two in the cupboard, so that both can be on one card. */
    private static final Set<Set<String>> THE_SAME_TWICE =
            Set.of(Set.of("cup-straight", "cup-straight-2"), Set.of("jug-small", "jug-tiny"));

    @Test
    void everyThingOfTheStarterCupboardHasALookOfItsOwn() {
        assertThat(Look.shipped().keySet()).containsExactlyInAnyOrderElementsOf(STARTER.keySet());
        assertThat(STARTER.values())
                .allSatisfy(thing -> assertThat(thing.look().grain().isPresent())
                        .as(thing.code())
                        .isEqualTo(thing.material().kind().isPoured()));
    }

    /** On a copier only form, size and grain are left. */
    @Test
    void noTwoThingsLookAlikeWithoutTheirColours() {
        List<Set<String>> alike = new ArrayList<>();
        for (Stocked one : STARTER.values()) {
            for (Stocked other : STARTER.values()) {
                if (one.code().compareTo(other.code()) < 0
                        && isAlike(one, other)
                        && !THE_SAME_TWICE.contains(Set.of(one.code(), other.code()))) {
                    alike.add(Set.of(one.code(), other.code()));
                }
            }
        }

        assertThat(alike).isEmpty();
    }

    private static boolean isAlike(Stocked one, Stocked other) {
        if (!one.look().silhouette().equals(other.look().silhouette())
                || !one.look().grain().equals(other.look().grain())) {
            return false;
        }
        return one.look().grain().isPresent() || isNear(measures(one), measures(other));
    }

    private static List<Double> measures(Stocked thing) {
        return thing.vessel()
                .map(vessel -> List.of(
                        vessel.widthAt(vessel.depth()).inMillimetres(),
                        vessel.acrossRim().inMillimetres()))
                .or(() -> thing.material()
                        .form()
                        .map(form -> List.of(
                                form.longest().inMillimetres(), form.middle().inMillimetres())))
                .orElse(List.of(0.0, 0.0));
    }

    private static boolean isNear(List<Double> one, List<Double> other) {
        return Math.abs(one.get(0) / other.get(0) - 1) < 0.1 && Math.abs(one.get(1) / other.get(1) - 1) < 0.1;
    }

    @Test
    void everyStrokeStaysInItsSquareSoThatNothingIsDrawnLargerThanItIs() {
        assertThat(Silhouette.all())
                .hasSizeGreaterThan(90)
                .allSatisfy(silhouette -> assertThat(silhouette.strokes())
                        .as(silhouette.name())
                        .isNotEmpty()
                        .allSatisfy(stroke -> assertThat(anchors(stroke))
                                .allSatisfy(at -> assertThat(at).isBetween(-6.0, 108.0))));
    }

    /** Tiles lie side by side: what crossed an edge would be cut off there. */
    @Test
    void noGrainCrossesTheEdgeOfItsTile() {
        assertThat(Look.shipped().values().stream().flatMap(look -> look.grain().stream()))
                .hasSizeGreaterThan(60)
                .allSatisfy(grain -> assertThat(
                                grain.tile().stream().map(LookTest::anchors).flatMap(Collection::stream))
                        .as(grain.toString())
                        .allSatisfy(at -> assertThat(at).isBetween(-1.0, 101.0)));
    }

    /** Where a path goes through; a control point may lie farther out than the curve. */
    private static List<Double> anchors(Stroke stroke) {
        List<Double> anchors = new ArrayList<>();
        for (Path.Step step : stroke.path().steps()) {
            if (!step.numbers().isEmpty()) {
                anchors.addAll(step.numbers()
                        .subList(step.numbers().size() - 2, step.numbers().size()));
            }
        }
        return anchors;
    }

    @Test
    void aThingOfOnesOwnLooksLikeItsForm() {
        Material ball = own(MaterialKind.PIECES, new Solid.Ball(Length.ofMillimetres(40)));
        Material disc = own(MaterialKind.PIECES, new Solid.Rod(Length.ofMillimetres(30), Length.ofMillimetres(4)));

        assertThat(Look.guessed(ball, Optional.empty()).silhouette().name()).isEqualTo("BALL");
        assertThat(Look.guessed(disc, Optional.empty()).silhouette().name()).isEqualTo("DISC");
        assertThat(Look.guessed(
                                own(MaterialKind.VESSEL, new Solid.Ball(Length.ofMillimetres(9))),
                                Optional.of(new RoundTub(Length.ofCentimetres(30), Length.ofCentimetres(10))))
                        .silhouette()
                        .name())
                .isEqualTo("TUB");
        assertThat(Look.guessed(
                                own(
                                        MaterialKind.FILL,
                                        new Solid.Grain(
                                                Length.ofMillimetres(9),
                                                Length.ofMillimetres(2),
                                                Length.ofMillimetres(2))),
                                Optional.empty())
                        .grain()
                        .map(Grain::glyph))
                .contains(Grain.Glyph.DASH);
    }

    private static Material own(MaterialKind kind, Solid form) {
        return new Material(
                "Our own",
                kind,
                kind.isPoured() ? Optional.of(Density.ofGramsPerMillilitre(BigDecimal.ONE)) : Optional.empty(),
                Optional.of(form),
                Optional.empty(),
                Set.of(),
                Set.of(),
                STARTER.get("water").material().source());
    }

    /** The formula and both ends: WCAG 2.2, "relative luminance". */
    @Test
    void luminanceIsThatOfTheGuidelines() {
        assertThat(Colour.of("#FFFFFF").luminance()).isCloseTo(1, within(1e-9));
        assertThat(Colour.of("#000000").luminance()).isZero();
        assertThat(Colour.of("#777777").luminance()).isCloseTo(0.1845, within(1e-4));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Colour.of("brown"))
                .withMessage(Said.say("refused.colour.must-be", "brown"));
    }

    /** Labels and shelves: each has a picture, none of them empty, and no two the same. */
    @Test
    void everyThingHasAPictureOfItsOwnForLabelsAndShelves() {
        assertThat(STARTER.values().stream()
                        .filter(thing -> THE_SAME_TWICE.stream().noneMatch(pair -> pair.contains(thing.code())))
                        .map(thing -> Picture.of(thing).marks()))
                .allMatch(marks -> !marks.isEmpty())
                .doesNotHaveDuplicates();
    }

    @Test
    void numbersAreWrittenToATenthAsAFormatWouldWriteThem() {
        Random random = new Random(7);
        for (double value : List.of(0.0, -0.04, 0.04, -0.05, -0.5, 0.5, 12.0, -12.3, 1234.56, -0.95, 99.95)) {
            assertThat(Path.number(value)).isEqualTo(written(value));
        }
        for (int run = 0; run < 2000; run++) {
            double value = (random.nextDouble() - 0.5) * 2000;
            assertThat(Path.number(value)).isEqualTo(written(value));
        }
    }

    private static String written(double value) {
        double rounded = Math.rint(value * 10) / 10;
        return rounded == Math.rint(rounded)
                ? Long.toString((long) rounded)
                : String.format(Locale.ROOT, "%.1f", rounded);
    }
}
