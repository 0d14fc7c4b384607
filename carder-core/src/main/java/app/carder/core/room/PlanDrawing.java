package app.carder.core.room;

import app.carder.core.drawing.Sketch;
import app.carder.core.drawing.Sketch.Style;
import app.carder.core.room.RoomPlan.Door;
import app.carder.core.room.RoomPlan.Piece;
import app.carder.core.room.RoomPlan.Spot;
import app.carder.core.room.RoomPlan.Zone;
import app.carder.core.said.Said;
import java.util.List;
import java.util.stream.Collectors;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;

/** The plan on paper: outline, zones, furniture, doors, adults' spots and a bar of a metre. */
public final class PlanDrawing {

    private static final double MARGIN_MM = 300;

    private final Sketch.Sheet sheet = new Sketch.Sheet();
    private final double left;
    private final double top;

    private PlanDrawing(Envelope outline) {
        this.left = MARGIN_MM - outline.getMinX();
        this.top = MARGIN_MM - outline.getMinY();
    }

    /**
     * Draws a plan; what lies outside its outline is left out.
     *
     * @param name of the room, for the title
     */
    public static Sketch of(String name, RoomPlan plan) {
        Envelope outline = Shapes.of(plan.outline()).getEnvelopeInternal();
        double width = outline.getWidth() + 2 * MARGIN_MM;
        double height = outline.getHeight() + 2 * MARGIN_MM + width / 18;
        PlanDrawing drawing = new PlanDrawing(outline);
        double letter = width / 55;
        drawing.polygon(Shapes.of(plan.outline()).getCoordinates(), Style.OUTLINE);
        plan.zones().stream().filter(zone -> inside(outline, zone.footprint())).forEach(drawing::zone);
        plan.pieces().stream()
                .filter(piece -> inside(outline, piece.footprint()))
                .forEach(drawing::piece);
        plan.zones().stream()
                .filter(zone -> inside(outline, zone.footprint()))
                .forEach(zone -> drawing.name(zone, letter));
        plan.walls().forEach(wall -> drawing.line(wall.from(), wall.to(), Style.WALL));
        Coordinate[] ring = Shapes.of(plan.outline()).getCoordinates();
        for (int at = 0; at < ring.length - 1; at++) {
            drawing.sheet.line(
                    drawing.x(ring[at].x),
                    drawing.y(ring[at].y),
                    drawing.x(ring[at + 1].x),
                    drawing.y(ring[at + 1].y),
                    Style.WALL);
        }
        plan.doors().forEach(drawing::door);
        plan.spots().stream()
                .filter(spot -> outline.contains(Shapes.coordinate(spot.at())))
                .forEach(spot -> drawing.spot(spot, letter));
        double foot = height - width / 40;
        drawing.sheet.line(MARGIN_MM, foot, MARGIN_MM + 1000, foot, Style.WALL);
        drawing.sheet.label(MARGIN_MM + 500, foot - letter / 2, letter, "1 m");
        return drawing.sheet.done(
                width,
                height,
                Said.say("working.plan-of", name),
                Said.say(
                        "working.m-by-m-with",
                        name,
                        outline.getWidth() / 1000,
                        outline.getHeight() / 1000,
                        plan.zones().isEmpty()
                                ? Said.say("working.no-zones-yet")
                                : plan.zones().stream().map(Zone::name).collect(Collectors.joining(", "))));
    }

    private static boolean inside(Envelope outline, Footprint footprint) {
        return List.of(Shapes.corners(footprint)).stream().allMatch(outline::contains);
    }

    private void zone(Zone zone) {
        polygon(
                Shapes.of(zone.footprint()).getCoordinates(),
                Style.fill(zone.kind().ordinal()));
    }

    private void name(Zone zone, double letter) {
        Footprint place = zone.footprint();
        sheet.label(
                x(place.middle().xMm()),
                y(place.middle().yMm()),
                Math.min(
                        letter,
                        1.6
                                * Math.max(place.widthMm(), place.depthMm())
                                / Math.max(4, zone.name().length())),
                zone.name());
    }

    private void piece(Piece piece) {
        polygon(Shapes.of(piece.footprint()).getCoordinates(), Style.OUTLINE);
    }

    private void door(Door door) {
        line(door.from(), door.to(), Style.ACCENT);
    }

    private void spot(Spot spot, double letter) {
        sheet.round(x(spot.at().xMm()), y(spot.at().yMm()), letter * 0.6, Style.ACCENT);
    }

    private void line(Point from, Point to, Style style) {
        sheet.line(x(from.xMm()), y(from.yMm()), x(to.xMm()), y(to.yMm()), style);
    }

    private void polygon(Coordinate[] ring, Style style) {
        double[] points = new double[(ring.length - 1) * 2];
        for (int at = 0; at < ring.length - 1; at++) {
            points[2 * at] = x(ring[at].x);
            points[2 * at + 1] = y(ring[at].y);
        }
        sheet.shape(style, points);
    }

    private double x(double xMm) {
        return xMm + left;
    }

    private double y(double yMm) {
        return yMm + top;
    }
}
