package app.carder.core.room;

import app.carder.core.calculation.Calculation;
import app.carder.core.calculation.Source;
import app.carder.core.room.RoomPlan.Piece;
import app.carder.core.room.RoomPlan.Spot;
import app.carder.core.room.RoomPlan.Zone;
import app.carder.core.said.Said;
import app.carder.core.said.TimeLimit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;

/**
 * Which part of each zone the adults see from their spots, over furniture by its height.
 *
 * <p>A look from an adult's eye to a child's height is blocked as {@link Shadow} tells. What is seen is the zone, without the floor
 * under furniture that is higher than the child, minus what is hidden from every spot. It is about lines of sight only: other
 * people in the way, glare, and an adult who looks elsewhere are not in it.
 *
 * @param zones every zone of the plan, in its order
 * @param blind by height of play, the parts of the zones that nobody sees, as polygons
 */
public record Sightlines(List<ZoneSight> zones, Map<Play, List<Blind>> blind) {

    private static final double SPECK_MM2 = 1000;

    /** Keeps its own copies. */
    public Sightlines {
        zones = List.copyOf(zones);
        blind = Map.copyOf(blind);
    }

    /**
     * How much of one zone is seen.
     *
     * @param zone which
     * @param areas square metres of play floor and of what is seen of it, by height of play
     */
    public record ZoneSight(Zone zone, Map<Play, Seen> areas) {
        /** Keeps its own copy. */
        public ZoneSight {
            areas = Map.copyOf(areas);
        }

        /** Seen of it, per cent rounded down, 0 to 100; 100 only where nothing is hidden. */
        public int percent(Play play) {
            Seen seen = areas.get(play);
            return seen == null ? 0 : seen.percent();
        }
    }

    /**
     * A floor and what is seen of it.
     *
     * @param floorM2 square metres where a child can be
     * @param seenM2 square metres of it that some adult sees
     */
    public record Seen(double floorM2, double seenM2) {
        /** Per cent rounded down; a zone that is covered by furniture counts as seen. */
        public int percent() {
            // A thousandth for the rounding of coordinates, so that a zone that is seen whole says 100.
            return floorM2 <= 0 ? 100 : (int) Math.floor(100 * Math.min(1, seenM2 / floorM2) + 1e-3);
        }
    }

    /**
     * A part of a zone that nobody sees.
     *
     * @param corners x and y in turn, millimetres, closed by its first corner
     * @param holes within it, as the corners
     */
    public record Blind(List<Double> corners, List<List<Double>> holes) {
        /** Keeps its own copies. */
        public Blind {
            corners = List.copyOf(corners);
            holes = List.copyOf(holes);
        }
    }

    /** From all spots of the plan; without any, nothing is seen. */
    public static Sightlines of(RoomPlan plan) {
        return of(plan, TimeLimit.none());
    }

    /**
     * From all spots of the plan; without any, nothing is seen.
     *
     * @throws IllegalArgumentException if it takes longer than it may
     */
    public static Sightlines of(RoomPlan plan, TimeLimit limit) {
        List<Shadow> casters = Shadow.casters(plan);
        Polygon room = Shapes.of(plan.outline());
        List<Light> lights = Arrays.stream(Play.values())
                .map(play -> new Light(
                        play,
                        plan.spots().stream()
                                .filter(spot ->
                                        room.intersects(Shapes.FACTORY.createPoint(Shapes.coordinate(spot.at()))))
                                .map(spot -> shadows(spot, casters, room, play))
                                .toList(),
                        covered(plan, play)))
                .toList();
        // Zones have nothing to do with each other, and a drag waits for the answer: each processor takes some.
        List<Looked> looked = plan.zones().parallelStream()
                .map(zone -> look(zone, Shapes.both(Shapes.of(zone.footprint()), room), lights, limit))
                .toList();
        Map<String, Map<Play, Seen>> areas = new HashMap<>();
        Map<Play, List<Blind>> blind = new EnumMap<>(Play.class);
        lights.forEach(light -> blind.put(light.play(), new ArrayList<>()));
        for (Looked one : looked) {
            areas.put(one.zone().id(), one.seen());
            blind.forEach((play, parts) -> parts.addAll(one.blind().getOrDefault(play, List.of())));
        }
        return new Sightlines(
                plan.ofZones(zone -> new ZoneSight(zone, areas.getOrDefault(zone.id(), Map.of()))), blind);
    }

    /** What is said of a plan that was not looked at: nothing about any zone. */
    public static Sightlines unknown() {
        return new Sightlines(List.of(), Map.of());
    }

    /** What furniture does to looks at one height: the shadows from each spot, and where no child can be. */
    private record Light(Play play, List<List<Polygon>> shadows, List<Polygon> covered) {}

    /** One zone, looked at. */
    private record Looked(Zone zone, Map<Play, Seen> seen, Map<Play, List<Blind>> blind) {}

    private static Looked look(Zone zone, Geometry inRoom, List<Light> lights, TimeLimit limit) {
        Map<Play, Seen> seen = new EnumMap<>(Play.class);
        Map<Play, List<Blind>> blind = new EnumMap<>(Play.class);
        for (Light light : lights) {
            Geometry floor = Shapes.minus(inRoom, Shapes.union(near(inRoom, light.covered())));
            Geometry unseen = unseen(floor, light.shadows(), limit);
            double floorM2 = Shapes.squareMetres(floor);
            seen.put(light.play(), new Seen(floorM2, floorM2 - Shapes.squareMetres(unseen)));
            blind.put(light.play(), polygons(unseen));
        }
        return new Looked(zone, seen, blind);
    }

    /**
     * The part of a floor that lies in shadow from every spot. Zone by zone, with only what falls there, and the spot that sees most
     * first, so that each step works on the little that is left: it has to follow a drag.
     */
    private static Geometry unseen(Geometry floor, List<List<Polygon>> shadows, TimeLimit limit) {
        Envelope around = floor.getEnvelopeInternal();
        List<List<Polygon>> here = shadows.stream()
                .map(ofSpot -> {
                    limit.check();
                    return Shapes.outermost(ofSpot.stream()
                            .flatMap(shadow -> Shapes.within(shadow, around).stream())
                            .toList());
                })
                .sorted(Comparator.comparingDouble(
                        ofSpot -> ofSpot.stream().mapToDouble(Polygon::getArea).sum()))
                .toList();
        Geometry unseen = floor;
        for (List<Polygon> ofSpot : here) {
            limit.check();
            unseen = Shapes.both(unseen, Shapes.union(near(unseen, ofSpot)));
        }
        return unseen;
    }

    private static List<Polygon> near(Geometry shape, List<Polygon> all) {
        Envelope around = shape.getEnvelopeInternal();
        return all.stream()
                .filter(one -> one.getEnvelopeInternal().intersects(around))
                .toList();
    }

    private static List<Polygon> shadows(Spot spot, List<Shadow> casters, Polygon room, Play play) {
        Coordinate eye = Shapes.coordinate(spot.at());
        Envelope sheet = room.getEnvelopeInternal();
        double reach = Math.hypot(sheet.getWidth(), sheet.getHeight());
        return casters.stream()
                .flatMap(caster -> caster.from(eye, spot.posture().eyeMm(), play.heightMm(), reach).stream())
                .toList();
    }

    /** Where no child can be at this height, because a piece of furniture is there. */
    private static List<Polygon> covered(RoomPlan plan, Play play) {
        return plan.pieces().stream()
                .filter(piece -> piece.heightMm() > play.heightMm())
                .map(Piece::footprint)
                .map(Shapes::of)
                .toList();
    }

    private static List<Blind> polygons(Geometry shape) {
        List<Blind> parts = new ArrayList<>();
        for (int at = 0; at < shape.getNumGeometries(); at++) {
            if (shape.getGeometryN(at) instanceof Polygon part && part.getArea() > SPECK_MM2) {
                List<List<Double>> holes = new ArrayList<>();
                for (int hole = 0; hole < part.getNumInteriorRing(); hole++) {
                    holes.add(corners(part.getInteriorRingN(hole).getCoordinates()));
                }
                parts.add(new Blind(corners(part.getExteriorRing().getCoordinates()), holes));
            }
        }
        return parts;
    }

    private static List<Double> corners(Coordinate[] ring) {
        List<Double> corners = new ArrayList<>();
        for (int at = 0; at < ring.length - 1; at++) {
            corners.add((double) Math.round(ring[at].x));
            corners.add((double) Math.round(ring[at].y));
        }
        return corners;
    }

    /** The whole room's share, of all zones together, per cent rounded down; absent without zones. */
    public Optional<Integer> percent(Play play) {
        double floor = 0;
        double seen = 0;
        for (ZoneSight zone : zones) {
            Seen one = zone.areas().getOrDefault(play, new Seen(0, 0));
            floor += one.floorM2();
            seen += one.seenM2();
        }
        return floor <= 0 ? Optional.empty() : Optional.of(new Seen(floor, seen).percent());
    }

    /** How it is worked out. */
    public Calculation calculation(RoomPlan plan) {
        Calculation.Notebook notes = Calculation.asking(Said.say("working.which-part-of-each-zone-does"))
                .given(Said.say("working.eye-standing"), RoomPlan.Posture.STANDING.eyeMm() / 10 + " cm")
                .given(Said.say("working.eye-seated-on-a-low-chair"), RoomPlan.Posture.SEATED.eyeMm() / 10 + " cm");
        for (Play play : Play.values()) {
            notes.given(Said.say("working.a-child-is-seen-at", play.words()), play.heightMm() / 10 + " cm");
        }
        notes.given(
                        Said.say("working.adults-spots"),
                        String.valueOf(plan.spots().size()))
                .step(
                        Said.say("working.furniture-of-height-h-hides-what"),
                        Said.say("working.standing-over-a-shelf-of-70"),
                        Said.say("working.k-1-5-behind-a-far"));
        for (ZoneSight zone : zones) {
            Seen seen = zone.areas().getOrDefault(Play.FLOOR, new Seen(0, 0));
            notes.step(
                    Said.say("working.seen-by-at-least-one-adult", zone.zone().name()),
                    String.format(Locale.ROOT, "%.2f m² / %.2f m²", seen.seenM2(), seen.floorM2()),
                    seen.percent() + " %");
        }
        return notes.from(Source.derived(Said.of("source.similar-triangles")))
                .from(Source.fromMemory("Eye heights: Pheasant, Bodyspace"))
                .from(Source.commonPractice(Said.of("source.heights-of-play")))
                .close();
    }
}
