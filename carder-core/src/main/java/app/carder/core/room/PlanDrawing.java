package app.carder.core.room;

import app.carder.core.drawing.Sketch;
import app.carder.core.drawing.Sketch.Style;
import app.carder.core.room.RoomPlan.Door;
import app.carder.core.room.RoomPlan.Piece;
import app.carder.core.room.RoomPlan.Spot;
import app.carder.core.room.RoomPlan.Zone;
import app.carder.core.said.Said;
import java.util.List;
import java.util.Map;
import java.util.function.BiConsumer;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;

/** The plan on paper: outline, zones, furniture, doors, adults' spots and a bar of a metre. */
public final class PlanDrawing {

    private static final double MARGIN_MM = 300;
    /** The disc for all of the time, in heights of a letter. */
    private static final double WHOLE_TIME = 3;
    /** How far below a zone's middle, where its name stands, discs have their middles: most of them keep clear of it. */
    private static final double BELOW_NAME = 2.6;

    private final Sketch.Sheet sheet = new Sketch.Sheet();
    private final Envelope outline;
    private final double left;
    private final double top;

    private PlanDrawing(Envelope outline) {
        this.outline = outline;
        this.left = MARGIN_MM - outline.getMinX();
        this.top = MARGIN_MM - outline.getMinY();
    }

    /**
     * Draws a plan; what lies outside its outline is left out.
     *
     * @param name of the room, for the title
     */
    public static Sketch of(String name, RoomPlan plan) {
        return of(name, plan, Map.of());
    }

    /**
     * Where somebody went.
     *
     * @param shares of the time that was spent in each zone, 0 to 1, by its id; 0 where it was open and not gone to
     * @param ways from one zone to another
     */
    public record Walked(Map<String, Double> shares, List<Way> ways) {
        /** Keeps its own copies. */
        public Walked {
            shares = Map.copyOf(shares);
            ways = List.copyOf(ways);
        }
    }

    /**
     * A way that was gone.
     *
     * @param from a zone's id
     * @param to another zone's id
     * @param times how often, at least once
     */
    public record Way(String from, String to, int times) {}

    /**
     * What is going on in a zone.
     *
     * @param cards that are out
     * @param adults who stay within arm's reach of some of them
     */
    public record Busy(int cards, int adults) {}

    /**
     * The same with what is going on: a square for each card that is out, a disc for each adult who stays.
     *
     * @param name of the room, for the title
     * @param busy by a zone's id
     */
    public static Sketch of(String name, RoomPlan plan, Map<String, Busy> busy) {
        return of(
                name,
                plan,
                busy.isEmpty(),
                (drawing, letter) -> drawing.zonesInside(plan)
                        .filter(zone -> busy.containsKey(zone.id()))
                        .forEach(zone -> drawing.busy(zone, busy.getOrDefault(zone.id(), new Busy(0, 0)), letter)));
    }

    /**
     * The same with where somebody went: a disc in each zone, its area the share of the time, a ring where nobody went; a wedge for each
     * way, pointing where it led, the wider the oftener.
     *
     * @param name of the room, for the title
     */
    public static Sketch of(String name, RoomPlan plan, Walked walked) {
        return of(name, plan, false, (drawing, letter) -> drawing.walked(plan, walked, letter));
    }

    private static Sketch of(String name, RoomPlan plan, boolean withSpots, BiConsumer<PlanDrawing, Double> over) {
        Envelope outline = Shapes.of(plan.outline()).getEnvelopeInternal();
        double width = outline.getWidth() + 2 * MARGIN_MM;
        double height = outline.getHeight() + 2 * MARGIN_MM + width / 18;
        PlanDrawing drawing = new PlanDrawing(outline);
        double letter = width / 55;
        drawing.polygon(Shapes.of(plan.outline()).getCoordinates(), Style.OUTLINE);
        drawing.zonesInside(plan).forEach(drawing::zone);
        plan.pieces().stream()
                .filter(piece -> inside(outline, piece.footprint()))
                .forEach(drawing::piece);
        drawing.zonesInside(plan).forEach(zone -> drawing.name(zone, letter));
        over.accept(drawing, letter);
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
        // Where adults usually stand would be taken for where they are.
        plan.spots().stream()
                .filter(spot -> withSpots && outline.contains(Shapes.coordinate(spot.at())))
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

    private Stream<Zone> zonesInside(RoomPlan plan) {
        return plan.zones().stream().filter(zone -> inside(outline, zone.footprint()));
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

    /** In a row below the zone's name, squares before discs. */
    private void busy(Zone zone, Busy busy, double letter) {
        double size = letter * 1.4;
        double step = size * 1.3;
        double x = x(zone.footprint().middle().xMm()) - step * (busy.cards() + busy.adults() - 1) / 2;
        double y = y(zone.footprint().middle().yMm()) + size;
        for (int card = 0; card < busy.cards(); card++) {
            sheet.box(x - size / 2, y - size / 2, size, size, Style.WALL);
            x += step;
        }
        for (int adult = 0; adult < busy.adults(); adult++) {
            sheet.round(x, y, size / 2, Style.ACCENT);
            x += step;
        }
    }

    private void walked(RoomPlan plan, Walked walked, double letter) {
        Map<String, Zone> zones =
                zonesInside(plan).collect(Collectors.toMap(Zone::id, zone -> zone, (one, same) -> one));
        int most = walked.ways().stream().mapToInt(Way::times).max().orElse(1);
        for (Way way : walked.ways()) {
            Zone from = zones.get(way.from());
            Zone to = zones.get(way.to());
            if (from != null && to != null) {
                wedge(below(from, letter), below(to, letter), letter * (0.4 + 0.8 * way.times() / most));
            }
        }
        zones.values().stream()
                .filter(zone -> walked.shares().containsKey(zone.id()))
                .forEach(zone -> {
                    double share = walked.shares().getOrDefault(zone.id(), 0.0);
                    Coordinate at = below(zone, letter);
                    sheet.round(
                            at.x,
                            at.y,
                            share > 0 ? letter * WHOLE_TIME * Math.sqrt(share) : letter * 0.6,
                            share > 0 ? Style.ACCENT : Style.OUTLINE);
                });
    }

    /** A zone's middle on the sheet, below its name. */
    private Coordinate below(Zone zone, double letter) {
        Point middle = zone.footprint().middle();
        return new Coordinate(x(middle.xMm()), y(middle.yMm()) + letter * BELOW_NAME);
    }

    /** From one place to another, drawn to its right hand, so that two ways between the same places lie side by side. */
    private void wedge(Coordinate from, Coordinate to, double wide) {
        double length = from.distance(to);
        if (length > 0) {
            double right = wide / length;
            sheet.shape(
                    Style.FILL,
                    from.x,
                    from.y,
                    from.x - (to.y - from.y) * right,
                    from.y + (to.x - from.x) * right,
                    to.x,
                    to.y);
        }
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
