package app.carder.core.room;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.drawing.Sketch;
import app.carder.core.drawing.Sketch.Mark;
import app.carder.core.drawing.Sketch.Round;
import app.carder.core.drawing.Sketch.Shape;
import app.carder.core.drawing.Sketch.Style;
import app.carder.core.room.PlanDrawing.Walked;
import app.carder.core.room.PlanDrawing.Way;
import app.carder.core.room.RoomPlan.Place;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;

class PlanDrawingTest {

    private static final RoomPlan PLAN = UsualPlan.of(Place.INDOORS, zones());

    private static Map<String, String> zones() {
        Map<String, String> zones = new LinkedHashMap<>();
        zones.put("a", "Weighing desk");
        zones.put("b", "Post office");
        zones.put("c", "Book corner");
        return zones;
    }

    private static Sketch walked(Map<String, Double> shares, Way... ways) {
        return PlanDrawing.of("Loft", PLAN, new Walked(shares, List.of(ways)));
    }

    private static <M extends Mark> List<M> of(Sketch drawing, Class<M> kind) {
        return drawing.marks().stream().filter(kind::isInstance).map(kind::cast).toList();
    }

    @Test
    void theAreaOfADiscIsTheShareOfTheTimeAndWhereNobodyWentIsARing() {
        List<Round> discs = of(walked(Map.of("a", 0.8, "b", 0.2, "c", 0.0)), Round.class);

        List<Round> full = discs.stream()
                .filter(disc -> disc.style() == Style.ACCENT)
                .sorted((one, other) -> Double.compare(other.radius(), one.radius()))
                .toList();
        assertThat(full).hasSize(2);
        assertThat(Math.pow(full.get(0).radius() / full.get(1).radius(), 2)).isCloseTo(4, Offset.offset(1e-9));
        assertThat(discs).filteredOn(disc -> disc.style() == Style.OUTLINE).hasSize(1);
    }

    @Test
    void waysThereAndBackLieSideBySideEachToItsRightAndTheOftenerTheWider() {
        int without = of(walked(Map.of()), Shape.class).size();
        List<Shape> all = of(walked(Map.of(), new Way("a", "b", 4), new Way("b", "a", 1)), Shape.class);
        List<Shape> wedges =
                all.stream().filter(shape -> shape.points().size() == 6).toList();

        assertThat(all).hasSize(without + 2);
        assertThat(wedges).hasSize(2);
        assertThat(area(wedges.get(0)))
                .as("turned the same way round: each lies on the right of who goes")
                .isPositive();
        assertThat(area(wedges.get(1))).isPositive();
        assertThat(area(wedges.get(0))).isGreaterThan(2 * area(wedges.get(1)));
        assertThat(wedges.get(0).points().subList(0, 2))
                .as("one begins where the other points")
                .isEqualTo(wedges.get(1).points().subList(4, 6));
    }

    @Test
    void aWayToAZoneThatIsNotOnThePlanIsLeftOut() {
        assertThat(walked(Map.of("gone", 0.5), new Way("a", "gone", 2)).marks())
                .hasSameSizeAs(walked(Map.of()).marks());
    }

    /** Twice the area, positive where the corners go round with the clock, as y grows downwards. */
    private static double area(Shape triangle) {
        List<Double> at = triangle.points();
        return (at.get(0) - at.get(2)) * (at.get(5) - at.get(1)) - (at.get(0) - at.get(4)) * (at.get(3) - at.get(1));
    }
}
