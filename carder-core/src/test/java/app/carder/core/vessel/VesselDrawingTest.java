package app.carder.core.vessel;

import static app.carder.core.vessel.VesselTest.cm;
import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.vessel.VesselDrawing.Outline;
import app.carder.core.vessel.VesselDrawing.Point;
import java.util.List;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class VesselDrawingTest {

    @ParameterizedTest
    @EnumSource(VesselShape.class)
    void drawsEveryShapeInsideItsSheet(VesselShape shape) {
        VesselDrawing drawing =
                VesselDrawing.of(VesselTest.vessel(shape, cm(30), cm(20), cm(12)), List.of(cm(4), cm(2)));

        assertThat(drawing.layers()).hasSize(2);
        for (Outline outline :
                List.of(drawing.plan(), drawing.section(), drawing.layers().get(1))) {
            assertThat(outline.points()).allSatisfy(point -> {
                assertThat(point.x()).isBetween(0.0, drawing.width());
                assertThat(point.y()).isBetween(0.0, drawing.height());
            });
        }
        assertThat(drawing.scaleBar().endX()).isLessThan(drawing.width());
    }

    @Test
    void drawsBothViewsAndTheBarToOneScale() {
        VesselDrawing drawing = VesselDrawing.of(new Box(cm(60), cm(40), cm(10)), List.of(cm(4)));

        assertThat(span(drawing.plan(), Point::x)).isEqualTo(600);
        assertThat(span(drawing.plan(), Point::y)).isEqualTo(400);
        assertThat(span(drawing.section(), Point::y)).isEqualTo(100);
        assertThat(span(drawing.layers().get(0), Point::y)).isEqualTo(40);
        assertThat(drawing.scaleBar().endX() - drawing.scaleBar().x()).isEqualTo(100);
    }

    @Test
    void drawsAnOctagonWithEightEqualSides() {
        List<Point> corners = VesselDrawing.of(new OctagonalTray(cm(90), cm(10)), List.of())
                .plan()
                .points();

        assertThat(corners).hasSize(8);
        for (int i = 0; i < 8; i++) {
            Point from = corners.get(i);
            Point to = corners.get((i + 1) % 8);
            assertThat(Math.hypot(to.x() - from.x(), to.y() - from.y())).isCloseTo(372.79, Offset.offset(0.1));
        }
    }

    @Test
    void drawsTheVesselThatStandsInside() {
        VesselDrawing drawing = VesselDrawing.of(
                new Between(new Box(cm(60), cm(40), cm(10)), new RoundTub(cm(15), cm(20))), List.of(cm(4)));

        assertThat(drawing.inner()).hasSize(2);
        assertThat(span(drawing.inner().get(0), Point::x)).isCloseTo(150, Offset.offset(0.2));
        assertThat(span(drawing.inner().get(1), Point::y)).isCloseTo(200, Offset.offset(0.001));
        assertThat(drawing.inner().get(1).points()).allMatch(point -> point.y() >= 0);
    }

    @Test
    void leavesOutWhatIsAboveTheRim() {
        assertThat(VesselDrawing.of(new Box(cm(60), cm(40), cm(10)), List.of(cm(4), cm(7)))
                        .layers())
                .hasSize(1);
    }

    private static double span(Outline outline, java.util.function.ToDoubleFunction<Point> axis) {
        return outline.points().stream().mapToDouble(axis).max().orElseThrow()
                - outline.points().stream().mapToDouble(axis).min().orElseThrow();
    }
}
