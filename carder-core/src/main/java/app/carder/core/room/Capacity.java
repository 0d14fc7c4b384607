package app.carder.core.room;

import app.carder.core.calculation.Source;
import app.carder.core.ratio.FloorSpace;
import app.carder.core.ratio.RatioRule;
import app.carder.core.room.FurnitureKind.FurnitureUse;
import app.carder.core.room.RoomPlan.Piece;
import app.carder.core.room.RoomPlan.Zone;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Geometry;

/**
 * How many children the floor takes.
 *
 * <p>The floor that counts is the room without storage, shelves and basins; what is played at counts. Each zone takes as many as its
 * own floor divided by the largest statutory figure among the children, at least one: a hint for planning, the law speaks of the
 * room. A garden has no statutory figure.
 *
 * @param floorM2 square metres that count, rounded down to a hundredth
 * @param needM2 square metres that the children need; absent out of doors
 * @param source of the figures
 * @param zones every zone of the plan, in its order
 */
public record Capacity(BigDecimal floorM2, Optional<BigDecimal> needM2, Source source, List<OfZone> zones) {

    /** Keeps its own copy. */
    public Capacity {
        zones = List.copyOf(zones);
    }

    /**
     * How many one zone takes.
     *
     * @param zone which
     * @param floorM2 square metres of it that count, rounded down to a hundredth
     * @param children at once
     */
    public record OfZone(Zone zone, BigDecimal floorM2, int children) {}

    /**
     * Calculates.
     *
     * @param plan the room
     * @param rule whose floor figures hold
     * @param agesInMonths completed months of every child who may be there
     */
    public static Capacity of(RoomPlan plan, RatioRule rule, List<Integer> agesInMonths) {
        Geometry room = Shapes.of(plan.outline());
        Geometry storage = Shapes.union(plan.pieces().stream()
                .filter(piece -> piece.kind().use() != FurnitureUse.PLAYED_AT
                        && piece.kind().use() != FurnitureUse.FLAT)
                .map(Piece::footprint)
                .map(Shapes::of)
                .toList());
        FloorSpace space = FloorSpace.of(rule, agesInMonths);
        return new Capacity(
                squareMetres(Shapes.minus(room, storage)),
                plan.place() == RoomPlan.Place.INDOORS ? Optional.of(space.squareMetres()) : Optional.empty(),
                space.source(),
                plan.ofZones(zone -> {
                    BigDecimal floor =
                            squareMetres(Shapes.minus(Shapes.both(Shapes.of(zone.footprint()), room), storage));
                    int children = floor.divide(space.mostPerChild(), 0, RoundingMode.DOWN)
                            .intValue();
                    return new OfZone(zone, floor, Math.max(1, children));
                }));
    }

    private static BigDecimal squareMetres(Geometry shape) {
        return BigDecimal.valueOf(Shapes.squareMetres(shape)).setScale(2, RoundingMode.DOWN);
    }
}
