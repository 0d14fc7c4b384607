package app.carder.core.room;

import app.carder.core.measure.Length;
import app.carder.core.said.Refused;
import app.carder.core.said.Said;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;

/**
 * A room or a garden, to scale.
 *
 * @param place indoors or out of doors
 * @param outline corners of the outer wall or fence, in order, 3 to 40
 * @param pathWidthMm width that ways between zones keep, 400 to 2,500 mm
 * @param walls within it, up to the ceiling
 * @param doors in its walls
 * @param zones where play has its place
 * @param pieces furniture
 * @param spots where adults stand or sit
 */
public record RoomPlan(
        Place place,
        List<Point> outline,
        int pathWidthMm,
        List<Wall> walls,
        List<Door> doors,
        List<Zone> zones,
        List<Piece> pieces,
        List<Spot> spots) {

    /** A way that a wheelchair user and a child pass: 900 mm, from memory of the English Approved Document M. */
    public static final int USUAL_PATH_MM = 900;

    private static final int MOST_CORNERS = 40;
    private static final int MOST_ITEMS = 300;
    private static final int LONGEST_NAME = 80;

    /**
     * Keeps its own copies and refuses what is no plan.
     *
     * @throws IllegalArgumentException if the outline crosses itself or has too few or too many corners, the path is too narrow or too
     *     wide, there are too many things, or two have the same id
     */
    public RoomPlan {
        outline = List.copyOf(outline);
        walls = List.copyOf(walls);
        doors = List.copyOf(doors);
        zones = List.copyOf(zones);
        pieces = List.copyOf(pieces);
        spots = List.copyOf(spots);
        if (outline.size() < 3 || outline.size() > MOST_CORNERS) {
            throw Refused.because("refused.room-plan.outline-must-have", MOST_CORNERS, outline.size());
        }
        if (!Shapes.of(outline).isValid()) {
            throw Refused.because("refused.room-plan.outline-must-not");
        }
        if (pathWidthMm < 400 || pathWidthMm > 2500) {
            throw Refused.because("refused.room-plan.path-must-be", pathWidthMm);
        }
        List<String> ids = new ArrayList<>();
        walls.forEach(wall -> ids.add(wall.id()));
        doors.forEach(door -> ids.add(door.id()));
        zones.forEach(zone -> ids.add(zone.id()));
        pieces.forEach(piece -> ids.add(piece.id()));
        spots.forEach(spot -> ids.add(spot.id()));
        if (ids.size() > MOST_ITEMS) {
            throw Refused.because("refused.room-plan.plan-must-have", MOST_ITEMS, ids.size());
        }
        Set<String> seen = new HashSet<>();
        for (String id : ids) {
            if (!seen.add(id)) {
                throw Refused.because("refused.room-plan.each-thing-must", id);
            }
        }
    }

    /** Whether it has a ceiling. */
    public enum Place {
        /** A room. */
        INDOORS,
        /** A garden or yard. */
        OUTDOORS;

        /** For people. */
        public String words() {
            return Said.say("place." + name());
        }

        /** Whether rain falls on it. */
        public boolean isOutdoors() {
            return this == OUTDOORS;
        }
    }

    /**
     * A wall within the room.
     *
     * @param id its own
     * @param from one end
     * @param to the other
     */
    public record Wall(String id, Point from, Point to) {
        /** Refuses a wall without length. */
        public Wall {
            checkId(id);
            checkApart("working.wall", from, to);
        }
    }

    /** What a door is for. */
    public enum DoorUse {
        /** Into the rest of the building. */
        INNER,
        /** Into the garden. */
        GARDEN,
        /** A fire exit, whatever else it is used for. */
        FIRE_EXIT;

        /** For people. */
        public String words() {
            return Said.say("door." + name());
        }
    }

    /**
     * A door or gate, as wide as it opens.
     *
     * @param id its own
     * @param use what it is for
     * @param from one jamb
     * @param to the other
     */
    public record Door(String id, DoorUse use, Point from, Point to) {
        /** Refuses a door without width. */
        public Door {
            checkId(id);
            checkApart("door.INNER", from, to);
        }
    }

    /** What is underfoot. */
    public enum Ground {
        /** Can be wiped: lino, tiles, sealed wood, paving. */
        HARD,
        /** Carpet. */
        CARPET,
        /** Grass, bark, earth. */
        GRASS;

        /** For people. */
        public String words() {
            return Said.say("ground." + name());
        }
    }

    /**
     * A zone on the floor.
     *
     * @param id the zone's own, as set-outs call it
     * @param name for people
     * @param kind what it is for
     * @param ground what is underfoot
     * @param footprint where it is
     */
    public record Zone(String id, String name, ZoneKind kind, Ground ground, Footprint footprint) {
        /** Refuses a zone without a name. */
        public Zone {
            checkId(id);
            checkName(name);
            if (name.isBlank()) {
                throw Refused.because("refused.room-plan.zone-must-have");
            }
        }
    }

    /**
     * A piece of furniture.
     *
     * @param id its own
     * @param kind from the palette
     * @param name for people; may be empty
     * @param footprint where it stands
     * @param heightMm 0 to 3,000 mm
     * @param places for cards from left to right, 0 to 12; only shelves and what is played at have any
     */
    public record Piece(String id, FurnitureKind kind, String name, Footprint footprint, int heightMm, int places) {
        /**
         * Refuses impossible heights and places.
         *
         * @throws IllegalArgumentException if height or places are out of range
         */
        public Piece {
            checkId(id);
            checkName(name);
            if (heightMm < 0 || heightMm > 3000) {
                throw Refused.because("refused.room-plan.furniture-must-be", heightMm);
            }
            if (places < 0 || places > 12) {
                throw Refused.because("refused.room-plan.furniture-must-have", places);
            }
        }

        /** What people call it. */
        public String title() {
            return name.isBlank() ? kind.words() : name;
        }
    }

    /**
     * How an adult looks. Eye heights: 5 cm off the mean British woman's standing eye height of 1,505 mm and, on a child's chair of
     * 300 mm, her sitting eye height of 740 mm (Pheasant, Bodyspace; from memory).
     */
    public enum Posture {
        /** On their feet. */
        STANDING(1500),
        /** On a low chair. */
        SEATED(1040);

        private final int eyeMm;

        Posture(int eyeMm) {
            this.eyeMm = eyeMm;
        }

        /** Eye height above the floor, millimetres. */
        public int eyeMm() {
            return eyeMm;
        }
    }

    /**
     * Where an adult is.
     *
     * @param id its own
     * @param at where
     * @param posture standing or seated
     */
    public record Spot(String id, Point at, Posture posture) {
        /** Refuses a spot without an id. */
        public Spot {
            checkId(id);
        }
    }

    /** How long each side of the outline is, from its first corner on, rounded to the millimetre. */
    public List<Length> sides() {
        List<Length> sides = new ArrayList<>();
        for (int at = 0; at < outline.size(); at++) {
            Point from = outline.get(at);
            Point to = outline.get((at + 1) % outline.size());
            sides.add(Length.ofMillimetres(
                    Math.round(Math.hypot((double) to.xMm() - from.xMm(), (double) to.yMm() - from.yMm()))));
        }
        return sides;
    }

    /** Places for cards on the furniture whose middle stands in a zone. */
    public int placesIn(Zone zone) {
        return pieces.stream()
                .filter(piece -> Shapes.of(zone.footprint())
                        .intersects(Shapes.FACTORY.createPoint(
                                Shapes.coordinate(piece.footprint().middle()))))
                .mapToInt(Piece::places)
                .sum();
    }

    /** The zones that are on the plan, by what one asks of them. */
    public <T> List<T> ofZones(Function<Zone, T> asked) {
        return zones.stream().map(asked).toList();
    }

    private static void checkId(String id) {
        if (!id.matches("[A-Za-z0-9-]{1,40}")) {
            throw Refused.because("refused.room-plan.id-must-be", id);
        }
    }

    private static void checkName(String name) {
        if (name.length() > LONGEST_NAME) {
            throw Refused.because("refused.room-plan.name-must-have", LONGEST_NAME, name.length());
        }
        if (name.chars().anyMatch(Character::isISOControl)) {
            throw Refused.because("refused.room-plan.name-must-be");
        }
    }

    private static void checkApart(String what, Point from, Point to) {
        if (from.equals(to)) {
            throw Refused.because("refused.room-plan.must-have-two", Said.of(what), from);
        }
    }
}
