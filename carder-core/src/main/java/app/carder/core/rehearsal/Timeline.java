package app.carder.core.rehearsal;

import app.carder.core.rehearsal.PlannedDay.Adult;
import java.util.Arrays;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;

/** A day minute by minute, looked at only where something can change. */
final class Timeline {

    private final PlannedDay day;
    private final int[] needs;
    private final int[] edges;
    private final Map<Integer, Facts> seen = new HashMap<>();

    Timeline(PlannedDay day) {
        this(day, day.needs());
    }

    private Timeline(PlannedDay day, int[] needs) {
        this.day = day;
        this.needs = needs;
        this.edges = edges(day);
    }

    /** The same day otherwise: no change touches the children. */
    Timeline with(Change change) {
        return new Timeline(change.on(day), needs);
    }

    PlannedDay day() {
        return day;
    }

    private static int[] edges(PlannedDay day) {
        IntStream.Builder edges = IntStream.builder();
        day.children().forEach(child -> add(edges, child.there()));
        for (Adult adult : day.adults()) {
            for (Span span : adult.there()) {
                add(edges, span);
                // Who hands over to whom is told by the first minute alone.
                edges.add(span.from() + 1);
            }
        }
        day.sessions().forEach(session -> add(edges, session.when()));
        day.groups().forEach(group -> add(edges, group.when()));
        day.garden().open().forEach(span -> add(edges, span));
        day.withoutFirstAid().forEach(span -> add(edges, span));
        return edges.build().sorted().distinct().toArray();
    }

    private static void add(IntStream.Builder edges, Span span) {
        edges.add(span.from()).add(span.until());
    }

    /** What holds at a minute. */
    Facts at(int minute) {
        return seen.computeIfAbsent(minute, one -> Facts.at(day, needs, one));
    }

    /** Stretches in which nothing changes, in order. */
    List<Span> stretches() {
        return IntStream.range(0, Math.max(0, edges.length - 1))
                .mapToObj(at -> new Span(edges[at], edges[at + 1]))
                .toList();
    }

    /** Whether something holds at some minute within a time, the one after it included; looked at where either day can change. */
    private boolean isAnywhere(Span within, Timeline other, IntPredicate what) {
        if (what.test(within.from())) {
            return true;
        }
        for (int[] all : List.of(edges, other.edges)) {
            int at = Arrays.binarySearch(all, within.from());
            for (at = at < 0 ? -at - 1 : at; at < all.length && all[at] <= within.until() && all[at] < Span.DAY; at++) {
                if (what.test(all[at])) {
                    return true;
                }
            }
        }
        return false;
    }

    /** Whether nothing gets worse by a change that turned the other day into this one. */
    boolean isNoWorseThan(Timeline other, Collection<Span> touched) {
        for (Span span : touched) {
            if (isAnywhere(span, other, minute -> !at(minute).isNoWorseThan(other.at(minute)))) {
                return false;
            }
        }
        return true;
    }

    /** Whether a clash is gone from all of its time. */
    boolean isWithout(Clash clash, Timeline before) {
        return !isAnywhere(clash.when(), before, minute -> has(clash, minute));
    }

    /** Whether, somewhere in a time, something is worse than before or a clash is still there. */
    boolean isBad(Span span, Clash clash, Timeline before) {
        return isAnywhere(
                span, before, minute -> has(clash, minute) || !at(minute).isNoWorseThan(before.at(minute)));
    }

    private boolean has(Clash clash, int minute) {
        return clash.when().holds(minute)
                && at(minute).of(clash.kind()).stream().anyMatch(clash.ids()::contains);
    }
}
