package app.carder.core.room;

import app.carder.core.room.RoomPlan.Piece;
import app.carder.core.room.RoomPlan.Posture;
import app.carder.core.room.RoomPlan.Zone;
import app.carder.core.said.Refused;
import app.carder.core.said.TimeLimit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.prep.PreparedGeometry;
import org.locationtech.jts.geom.prep.PreparedGeometryFactory;

/**
 * Where so many adults would see most of the zones.
 *
 * <p>Places on the free floor, a grid of at most about 400, are tried; what each sees is counted on a grid of points of the zones.
 * Greedy cover: the place that adds most is taken, again and again. Seeing is monotone and submodular, so k places found like this
 * see at least {@code 1 - (1 - 1/k)^k} of what the best k of the same places see (Nemhauser, Wolsey and Fisher 1978, doi
 * 10.1007/BF01588971; from memory). A second bound comes with the result itself: no k places can see more than what is seen plus
 * the k largest gains that are left.
 *
 * @param spots the places, the one that sees most first
 * @param seenPercent of the zones' floor, after each of them, rounded down
 * @param atMostPercent what no k of the places tried can exceed, rounded up
 * @param guaranteePercent of the best, what the method alone promises, rounded down
 */
public record SpotProposal(
        List<RoomPlan.Spot> spots, List<Integer> seenPercent, int atMostPercent, int guaranteePercent) {

    private static final int MOST_ADULTS = 8;
    private static final int MOST_PLACES = 400;
    private static final int MOST_POINTS = 2500;
    private static final int ELBOW_ROOM_MM = 250;

    /** What lies so near the edge of a shadow counts as seen. */
    private static final double EDGE_MM = 1e-6;

    /** Keeps its own copies. */
    public SpotProposal {
        spots = List.copyOf(spots);
        seenPercent = List.copyOf(seenPercent);
    }

    /**
     * Proposes.
     *
     * @param plan whose spots do not matter
     * @param adults how many, 1 to 8
     * @param posture of all of them
     * @param play how high the children are
     * @param limit how long it may take
     * @throws IllegalArgumentException if there are too few or too many adults, the plan has no zones or no free floor, or it takes too
     *     long
     */
    public static SpotProposal of(RoomPlan plan, int adults, Posture posture, Play play, TimeLimit limit) {
        if (adults < 1 || adults > MOST_ADULTS) {
            throw Refused.because("refused.spot-proposal.adults-must-be", MOST_ADULTS, adults);
        }
        List<Coordinate> points = grid(playFloor(plan, play), MOST_POINTS);
        List<Coordinate> places = grid(standing(plan), MOST_PLACES);
        if (points.isEmpty() || places.isEmpty()) {
            throw Refused.because("refused.spot-proposal.plan-must-have");
        }
        List<Shadow> casters = Shadow.casters(plan);
        Rows rows = Rows.of(points);
        Envelope sheet = Shapes.of(plan.outline()).getEnvelopeInternal();
        double reach = Math.hypot(sheet.getWidth(), sheet.getHeight());
        List<BitSet> sees = places.parallelStream()
                .map(place -> {
                    limit.check();
                    return seen(place, posture.eyeMm(), rows, play.heightMm(), casters, reach);
                })
                .toList();
        return greedy(places, sees, points.size(), adults, posture);
    }

    private static SpotProposal greedy(
            List<Coordinate> places, List<BitSet> sees, int points, int adults, Posture posture) {
        BitSet covered = new BitSet(points);
        List<RoomPlan.Spot> spots = new ArrayList<>();
        List<Integer> percent = new ArrayList<>();
        while (spots.size() < adults) {
            int best = -1;
            int most = 0;
            for (int at = 0; at < places.size(); at++) {
                int gain = gain(sees.get(at), covered);
                if (gain > most) {
                    most = gain;
                    best = at;
                }
            }
            if (best < 0) {
                break;
            }
            covered.or(sees.get(best));
            Coordinate place = places.get(best);
            spots.add(new RoomPlan.Spot(
                    "proposed-" + (spots.size() + 1),
                    new Point((int) Math.round(place.x), (int) Math.round(place.y)),
                    posture));
            percent.add((int) (100L * covered.cardinality() / points));
        }
        int left = sees.stream()
                .map(one -> gain(one, covered))
                .sorted(Comparator.reverseOrder())
                .limit(adults)
                .mapToInt(Integer::intValue)
                .sum();
        double guarantee = 1 - Math.pow(1 - 1.0 / adults, adults);
        double byGuarantee = covered.cardinality() / guarantee;
        double atMost = Math.min(points, Math.min(covered.cardinality() + left, byGuarantee));
        return new SpotProposal(
                spots, percent, (int) Math.ceil(100 * atMost / points - 1e-9), (int) Math.floor(100 * guarantee));
    }

    private static int gain(BitSet sees, BitSet covered) {
        BitSet fresh = (BitSet) sees.clone();
        fresh.andNot(covered);
        return fresh.cardinality();
    }

    /** Which of the points an eye sees over and between what casts shadows. */
    static BitSet seen(Coordinate eye, int eyeMm, Rows rows, int targetMm, List<Shadow> casters, double reach) {
        BitSet seen = new BitSet(rows.size());
        seen.set(0, rows.size());
        for (Shadow caster : casters) {
            caster.from(eye, eyeMm, targetMm, reach).ifPresent(shadow -> rows.clear(shadow, seen));
        }
        return seen;
    }

    /**
     * Points in rows, each from left to right. A shadow is convex, so that what it hides of a row is one stretch of it: that takes a few
     * steps for each row, where to ask each point of each shadow takes millions.
     *
     * @param ys of the rows, growing
     * @param firsts number of the first point of each row, and of all points behind the last
     * @param xs of all points, row by row
     */
    record Rows(double[] ys, int[] firsts, double[] xs) {

        /** Of points that come row by row. */
        static Rows of(List<Coordinate> points) {
            double[] ys =
                    points.stream().mapToDouble(Coordinate::getY).distinct().toArray();
            int[] firsts = new int[ys.length + 1];
            int row = 0;
            for (int at = 0; at < points.size(); at++) {
                if (points.get(at).y > ys[row]) {
                    firsts[++row] = at;
                }
            }
            firsts[ys.length] = points.size();
            return new Rows(
                    ys, firsts, points.stream().mapToDouble(Coordinate::getX).toArray());
        }

        int size() {
            return xs.length;
        }

        /** Takes away the points within a convex shape; those on its edge stay. */
        void clear(Polygon convex, BitSet points) {
            Envelope around = convex.getEnvelopeInternal();
            Coordinate[] ring = convex.getExteriorRing().getCoordinates();
            for (int row = from(ys, 0, ys.length, around.getMinY() + EDGE_MM);
                    row < ys.length && ys[row] < around.getMaxY();
                    row++) {
                double y = ys[row];
                double left = Double.POSITIVE_INFINITY;
                double right = Double.NEGATIVE_INFINITY;
                for (int at = 0; at + 1 < ring.length; at++) {
                    Coordinate a = ring[at];
                    Coordinate b = ring[at + 1];
                    if ((a.y <= y) != (b.y <= y)) {
                        double x = a.x + (y - a.y) / (b.y - a.y) * (b.x - a.x);
                        left = Math.min(left, x);
                        right = Math.max(right, x);
                    }
                }
                int begins = from(xs, firsts[row], firsts[row + 1], left + EDGE_MM);
                int ends = from(xs, begins, firsts[row + 1], right - EDGE_MM);
                points.clear(begins, ends);
            }
        }

        /** The first place from which on values are not below one. */
        private static int from(double[] values, int begin, int end, double least) {
            int at = Arrays.binarySearch(values, begin, end, least);
            return at < 0 ? -at - 1 : at;
        }
    }

    private static Geometry playFloor(RoomPlan plan, Play play) {
        Geometry zones = Shapes.union(
                plan.zones().stream().map(Zone::footprint).map(Shapes::of).toList());
        Geometry covered = Shapes.union(plan.pieces().stream()
                .filter(piece -> piece.heightMm() > play.heightMm())
                .map(Piece::footprint)
                .map(Shapes::of)
                .toList());
        return Shapes.minus(Shapes.both(zones, Shapes.of(plan.outline())), covered);
    }

    private static Geometry standing(RoomPlan plan) {
        Geometry taken = Shapes.union(plan.pieces().stream()
                .filter(piece -> piece.kind().isInTheWay())
                .map(piece -> Shapes.of(piece.footprint()).buffer(ELBOW_ROOM_MM))
                .toList());
        return Shapes.minus(Shapes.of(plan.outline()).buffer(-ELBOW_ROOM_MM), taken);
    }

    private static List<Coordinate> grid(Geometry shape, int most) {
        List<Coordinate> points = new ArrayList<>();
        if (shape.isEmpty()) {
            return points;
        }
        double step = Math.max(100, Math.ceil(Math.sqrt(shape.getArea() / most) / 10) * 10);
        PreparedGeometry prepared = PreparedGeometryFactory.prepare(shape);
        Envelope sheet = shape.getEnvelopeInternal();
        for (double y = sheet.getMinY() + step / 2; y < sheet.getMaxY(); y += step) {
            for (double x = sheet.getMinX() + step / 2; x < sheet.getMaxX(); x += step) {
                Coordinate point = new Coordinate(x, y);
                if (prepared.contains(Shapes.FACTORY.createPoint(point))) {
                    points.add(point);
                }
            }
        }
        return points;
    }
}
