package app.carder.core.picture;

import app.carder.core.picture.Packing.Item;
import app.carder.core.picture.Packing.Put;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Lays pieces out round the middle of a region. */
final class Rings {

    private Rings() {}

    /** In rings about the middle, each piece along its ring; a second ring inside the first where one is not enough. */
    static Optional<Packing.Result> lay(List<Item> items, Region region) {
        List<Put> put = new ArrayList<>();
        double limit = region.inner();
        double outer = limit - Packing.CLOSE;
        int at = 0;
        while (at < items.size()) {
            int from = at;
            double high = 0;
            List<Double> angles = new ArrayList<>();
            double sum = 0;
            while (at < items.size()) {
                Footprint footprint = items.get(at).footprint();
                double higher = Math.max(high, footprint.width());
                double middle = outer - higher / 2;
                double half = (footprint.length() + Packing.CLOSE) / 2;
                // Its outer corners stay inside, and its inner ones apart from its neighbour's.
                double inside = middle - higher / 2;
                if (inside <= half || Math.hypot(outer, half) > limit) {
                    break;
                }
                double angle = 2 * Math.atan(half / inside);
                double widened = higher > high ? widened(items.subList(from, at), outer - higher) : sum;
                if (widened + angle > 2 * Math.PI) {
                    break;
                }
                if (higher > high) {
                    angles = angles(items.subList(from, at), outer - higher);
                }
                high = higher;
                sum = widened + angle;
                angles.add(angle);
                at++;
            }
            if (angles.isEmpty()) {
                outer -= Packing.ROOMY / 2;
                if (outer <= Packing.CLOSE) {
                    return Optional.empty();
                }
                continue;
            }
            double slack = (2 * Math.PI - sum) / angles.size();
            double angle = -Math.PI / 2;
            for (int piece = 0; piece < angles.size(); piece++) {
                double middle = angle + angles.get(piece) / 2;
                double radius = outer - high / 2;
                put.add(new Put(
                        items.get(from + piece),
                        region.middleX() + radius * Math.cos(middle),
                        region.middleY() + radius * Math.sin(middle),
                        Math.toDegrees(middle) + 90));
                angle += angles.get(piece) + slack;
            }
            limit = outer - high;
            outer = limit - Packing.ROOMY / 2;
        }
        return Optional.of(new Packing.Result(put, List.of(), true));
    }

    private static List<Double> angles(List<Item> items, double inside) {
        return new ArrayList<>(items.stream()
                .map(item -> 2 * Math.atan((item.footprint().length() + Packing.CLOSE) / 2 / inside))
                .toList());
    }

    private static double widened(List<Item> items, double inside) {
        return angles(items, inside).stream().mapToDouble(Double::doubleValue).sum();
    }
}
