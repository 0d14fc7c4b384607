package app.carder.core.ratio;

import app.carder.core.drawing.Sketch;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import java.util.stream.Stream;

/**
 * A day of a room, minute by minute: who is there, how many adults that takes, and where they are missing.
 *
 * @param rule by which
 * @param stretches of time in which nobody comes or goes, in order, without gaps from the first arrival to the last leaving
 */
public record Staffing(RatioRule rule, List<Stretch> stretches) {

    /** Keeps its own copy. */
    public Staffing {
        stretches = List.copyOf(stretches);
    }

    /**
     * A child in the room.
     *
     * @param months completed months of age
     * @param from included
     * @param until excluded
     */
    public record ChildHours(int months, LocalTime from, LocalTime until) {}

    /**
     * An adult who counts in the room.
     *
     * @param name for people
     * @param from included
     * @param until excluded
     */
    public record AdultHours(String name, LocalTime from, LocalTime until) {}

    /**
     * A stretch of time in which nobody comes or goes.
     *
     * @param from included
     * @param until excluded
     * @param children in the room
     * @param adults in the room
     * @param need adults that the children take
     */
    public record Stretch(LocalTime from, LocalTime until, int children, List<String> adults, int need) {
        /** Keeps its own copy. */
        public Stretch {
            adults = List.copyOf(adults);
        }

        /** Adults that are missing, 0 or more. */
        public int missing() {
            return Math.max(0, need - adults.size());
        }

        boolean holds(LocalTime time) {
            return !time.isBefore(from) && time.isBefore(until);
        }
    }

    /** Lays the hours out. */
    public static Staffing of(RatioRule rule, List<ChildHours> children, List<AdultHours> adults) {
        TreeSet<LocalTime> changes = new TreeSet<>();
        Stream.concat(
                        children.stream().flatMap(child -> Stream.of(child.from(), child.until())),
                        adults.stream().flatMap(adult -> Stream.of(adult.from(), adult.until())))
                .forEach(changes::add);
        List<Stretch> stretches = new ArrayList<>();
        LocalTime from = null;
        for (LocalTime until : changes) {
            if (from != null) {
                stretches.add(stretch(rule, from, until, children, adults));
            }
            from = until;
        }
        return new Staffing(rule, stretches);
    }

    private static Stretch stretch(
            RatioRule rule, LocalTime from, LocalTime until, List<ChildHours> children, List<AdultHours> adults) {
        List<Integer> ages = children.stream()
                .filter(child -> holds(child.from(), child.until(), from))
                .map(ChildHours::months)
                .toList();
        List<String> here = adults.stream()
                .filter(adult -> holds(adult.from(), adult.until(), from))
                .map(AdultHours::name)
                .distinct()
                .toList();
        return new Stretch(from, until, ages.size(), here, rule.need(ages).adults());
    }

    private static boolean holds(LocalTime from, LocalTime until, LocalTime time) {
        return !time.isBefore(from) && time.isBefore(until);
    }

    /** The day drawn over its hours; absent where nobody is listed. */
    public Optional<Sketch> drawing() {
        return StaffingDrawing.of(this);
    }

    /** Where adults are missing, in order; neighbouring stretches with the same adults that miss
     * as many are one, with the first one's children. */
    public List<Stretch> shortfalls() {
        List<Stretch> missing = new ArrayList<>();
        for (Stretch stretch : stretches) {
            if (stretch.missing() == 0) {
                continue;
            }
            Stretch last = missing.isEmpty() ? null : missing.get(missing.size() - 1);
            if (last != null
                    && last.until().equals(stretch.from())
                    && last.missing() == stretch.missing()
                    && last.adults().equals(stretch.adults())) {
                missing.set(
                        missing.size() - 1,
                        new Stretch(last.from(), stretch.until(), last.children(), last.adults(), last.need()));
            } else {
                missing.add(stretch);
            }
        }
        return missing;
    }

    /** Shortfalls that touch a session. */
    public List<Stretch> shortfalls(LocalTime from, LocalTime until) {
        return shortfalls().stream()
                .filter(stretch ->
                        stretch.from().isBefore(until) && stretch.until().isAfter(from))
                .toList();
    }

    /** What holds at a time; absent outside the day. */
    public Optional<Stretch> at(LocalTime time) {
        return stretches.stream().filter(stretch -> stretch.holds(time)).findFirst();
    }

    /** The fewest adults beyond need during a session, 0 or less where some are missing; 0 where nobody is there. */
    public int spare(LocalTime from, LocalTime until) {
        return stretches.stream()
                .filter(stretch ->
                        stretch.from().isBefore(until) && stretch.until().isAfter(from) && stretch.children() > 0)
                .mapToInt(stretch -> stretch.adults().size() - stretch.need())
                .min()
                .orElse(0);
    }

    /** The fewest adults in the room during a session. */
    public int fewestAdults(LocalTime from, LocalTime until) {
        return stretches.stream()
                .filter(stretch ->
                        stretch.from().isBefore(until) && stretch.until().isAfter(from))
                .mapToInt(stretch -> stretch.adults().size())
                .min()
                .orElse(0);
    }
}
