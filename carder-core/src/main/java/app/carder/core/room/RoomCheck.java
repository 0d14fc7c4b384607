package app.carder.core.room;

import app.carder.core.calculation.Source;
import app.carder.core.ratio.RatioRule;
import app.carder.core.room.RoomPlan.Door;
import app.carder.core.room.RoomPlan.DoorUse;
import app.carder.core.room.RoomPlan.Ground;
import app.carder.core.room.RoomPlan.Piece;
import app.carder.core.room.RoomPlan.Place;
import app.carder.core.room.RoomPlan.Zone;
import app.carder.core.room.ZoneKind.Sound;
import app.carder.core.safety.Finding;
import app.carder.core.safety.Level;
import app.carder.core.said.Said;
import app.carder.core.said.TimeLimit;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.locationtech.jts.geom.Geometry;

/**
 * Looks a plan over: floor for the children, exits, ways, water, quiet. It informs; it does not replace a fire risk assessment or
 * the regulator's inspection.
 */
public final class RoomCheck {

    private static final double APART_MM = 1500;
    private static final int DIVIDES_MM = 900;
    private static final double FAR_FROM_TAP_M = 5;
    private static final Source PRACTICE = Source.commonPractice(Said.of("source.common-practice"));

    private final RoomPlan plan;
    private final Capacity capacity;
    private final Ways ways;
    private final TimeLimit limit;

    private RoomCheck(RoomPlan plan, Capacity capacity, TimeLimit limit) {
        this.plan = plan;
        this.limit = limit;
        this.capacity = capacity;
        this.ways = new Ways(plan, limit);
    }

    /**
     * All findings, the gravest first.
     *
     * @param plan the room
     * @param rule whose floor figures hold
     * @param agesInMonths completed months of every child who may be there at once
     */
    public static List<Finding> of(RoomPlan plan, RatioRule rule, List<Integer> agesInMonths) {
        return of(plan, rule, agesInMonths, TimeLimit.none());
    }

    /**
     * All findings, the gravest first.
     *
     * @param plan the room
     * @param rule whose floor figures hold
     * @param agesInMonths completed months of every child who may be there at once
     * @param limit how long it may take
     * @throws IllegalArgumentException if it takes longer
     */
    public static List<Finding> of(RoomPlan plan, RatioRule rule, List<Integer> agesInMonths, TimeLimit limit) {
        RoomCheck check = new RoomCheck(plan, Capacity.of(plan, rule, agesInMonths), limit);
        List<Finding> findings = new ArrayList<>();
        check.floor(rule, agesInMonths.size()).ifPresent(findings::add);
        findings.addAll(check.exits());
        findings.addAll(check.reach());
        findings.addAll(check.wet());
        findings.addAll(check.quiet());
        findings.sort(Comparator.comparing(Finding::level));
        return findings;
    }

    /** What is said instead of all findings where a plan could not be looked over. */
    public static Finding notLookedOver(Said why) {
        return finding(
                "NOT_LOOKED_OVER",
                Level.CANNOT_BE_JUDGED,
                Finding.Words.of("room.not-looked-over", why),
                Said.say("working.the-room"),
                PRACTICE,
                "");
    }

    private Optional<Finding> floor(RatioRule rule, int children) {
        Optional<BigDecimal> need = capacity.needM2();
        if (need.isEmpty() || capacity.floorM2().compareTo(need.get()) >= 0) {
            return Optional.empty();
        }
        return Optional.of(finding(
                "FLOOR_SPACE",
                Level.STOP_FOR,
                Finding.Words.of(
                        "room.floor",
                        children,
                        need.get().toPlainString(),
                        capacity.floorM2().toString()),
                Said.say("working.the-room"),
                capacity.source(),
                rule.name()));
    }

    private List<Finding> exits() {
        List<Finding> findings = new ArrayList<>();
        for (Door door : plan.doors()) {
            List<Piece> before = ways.inFrontOf(door);
            if (!before.isEmpty()) {
                boolean fire = door.use() == DoorUse.FIRE_EXIT;
                findings.add(finding(
                        fire ? "FIRE_EXIT" : "DOORWAY",
                        fire ? Level.STOP_FOR : Level.KNOW,
                        Finding.Words.of(
                                fire ? "room.fire-exit" : "room.doorway",
                                Said.oneAfterTheOther(
                                        before.stream().map(Piece::title).toList())),
                        door.use().words(),
                        fire ? Source.fromMemory("Regulatory Reform (Fire Safety) Order 2005, article 14") : PRACTICE,
                        fire ? "England, Wales" : ""));
            }
        }
        return findings;
    }

    private List<Finding> reach() {
        return ways.cutOff(plan.pathWidthMm()).stream()
                .map(zone -> finding(
                        "WAY",
                        Level.KNOW,
                        Finding.Words.of(
                                "room.way",
                                plan.pathWidthMm() / 10,
                                ways.widest(zone)
                                        .map(widest -> Said.of("room.way.widest", widest / 10))
                                        .orElse(Said.of("room.way.none"))),
                        zone.name(),
                        Source.fromMemory("Approved Document M: 900 mm lets a wheelchair user pass"),
                        ""))
                .toList();
    }

    private List<Finding> wet() {
        List<Finding> findings = new ArrayList<>();
        for (Zone zone : plan.zones()) {
            if (zone.kind() != ZoneKind.WET) {
                continue;
            }
            Geometry wet = Shapes.of(zone.footprint());
            List<Piece> rugs = plan.pieces().stream()
                    .filter(piece -> piece.kind() == FurnitureKind.RUG)
                    .filter(piece -> Shapes.of(piece.footprint()).intersects(wet))
                    .toList();
            if (plan.place() == Place.INDOORS && (zone.ground() != Ground.HARD || !rugs.isEmpty())) {
                findings.add(finding(
                        "WET_FLOOR",
                        Level.STAY_WITH,
                        Finding.Words.of(
                                "room.wet-floor",
                                rugs.isEmpty()
                                        ? Said.of(
                                                "room.wet-floor.on",
                                                zone.ground().words())
                                        : Said.of("room.wet-floor.rug")),
                        zone.name(),
                        PRACTICE,
                        ""));
            }
            OptionalDouble far = ways.metresToTap(zone);
            if (far.isEmpty() || far.getAsDouble() > FAR_FROM_TAP_M) {
                findings.add(finding(
                        "TAP",
                        Level.KNOW,
                        Finding.Words.of(
                                "room.tap",
                                far.isEmpty()
                                        ? Said.of("room.tap.none")
                                        : Said.of("room.tap.far", far.getAsDouble(), FAR_FROM_TAP_M)),
                        zone.name(),
                        PRACTICE,
                        ""));
            }
        }
        return findings;
    }

    private List<Finding> quiet() {
        List<Finding> findings = new ArrayList<>();
        for (Zone quiet : plan.zones()) {
            for (Zone loud : plan.zones()) {
                limit.check();
                if (quiet.kind().sound() == Sound.QUIET && loud.kind().sound() == Sound.LOUD && isClose(quiet, loud)) {
                    findings.add(finding(
                            "QUIET",
                            Level.KNOW,
                            Finding.Words.of(
                                    "room.quiet", loud.name(), Math.round(distance(quiet, loud) / 10), DIVIDES_MM / 10),
                            quiet.name(),
                            PRACTICE,
                            ""));
                }
            }
        }
        return findings;
    }

    private static double distance(Zone one, Zone other) {
        return Shapes.of(one.footprint()).distance(Shapes.of(other.footprint()));
    }

    /** Closer than a metre and a half, with no furniture of 90 cm across the line between their middles. */
    private boolean isClose(Zone one, Zone other) {
        Geometry between =
                Shapes.line(one.footprint().middle(), other.footprint().middle());
        return distance(one, other) < APART_MM
                && plan.pieces().stream()
                        .filter(piece -> piece.heightMm() >= DIVIDES_MM)
                        .noneMatch(piece -> Shapes.of(piece.footprint()).intersects(between))
                && plan.walls().stream()
                        .noneMatch(wall -> Shapes.line(wall.from(), wall.to()).intersects(between));
    }

    private static Finding finding(
            String code, Level level, Finding.Words words, String subject, Source source, String jurisdiction) {
        return Finding.known(
                code, level, words, new Finding.About(subject, List.of()), new Finding.Authority(source, jurisdiction));
    }
}
