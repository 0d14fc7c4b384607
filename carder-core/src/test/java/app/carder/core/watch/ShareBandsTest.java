package app.carder.core.watch;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.drawing.Sketch;
import app.carder.core.drawing.Sketch.Line;
import app.carder.core.drawing.Sketch.Shape;
import app.carder.core.drawing.Sketch.Style;
import app.carder.core.statistics.Wilson;
import app.carder.core.watch.ShareBands.Band;
import java.util.List;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;

class ShareBandsTest {

    @Test
    void aBandIsAsLongAsItsShareAndTheRuleReachesOverItsInterval() {
        Wilson share = Wilson.of(15, 20);
        Sketch drawing = ShareBands.of("samples", List.of(new Band("Handling things", share)));
        List<Shape> boxes = drawing.marks().stream()
                .filter(Shape.class::isInstance)
                .map(Shape.class::cast)
                .toList();
        double whole = boxes.get(0).points().get(2);
        Shape band = boxes.stream()
                .filter(box -> box.style() == Style.FILL)
                .findFirst()
                .orElseThrow();
        Line rule = drawing.marks().stream()
                .filter(Line.class::isInstance)
                .map(Line.class::cast)
                .findFirst()
                .orElseThrow();

        assertThat(band.points().get(2) / whole).isEqualTo(0.75);
        assertThat(rule.x1() / whole).isCloseTo(share.low(), Offset.offset(1e-9));
        assertThat(rule.x2() / whole).isCloseTo(share.high(), Offset.offset(1e-9));
        assertThat(drawing.description()).contains("Handling things: 75 %");
    }
}
