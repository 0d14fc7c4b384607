package app.carder.core.watch;

import app.carder.core.statistics.Evenness;
import app.carder.core.statistics.Median;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Where a child went: tracking, as textbooks of observation describe it (from memory). A stay lasts from arriving in a
 * place to arriving in the next, or to the end of watching; the way belongs to the place that was left.
 *
 * @param stays one after another
 * @param zones time and visits for each place that was offered or visited, most time first
 * @param transitions how often the child went from one place to another, most often first
 * @param neverVisited places that were offered and not visited
 * @param evenness how evenly the time is spread over the places that were offered, 0 to 1
 * @param <Z> a place
 */
public record Movement<Z>(
        List<Stay<Z>> stays,
        List<ZoneTime<Z>> zones,
        List<Transition<Z>> transitions,
        List<Z> neverVisited,
        double evenness) {

    /**
     * Arriving somewhere.
     *
     * @param at when
     * @param zone where
     */
    public record Arrival<Z>(Instant at, Z zone) {}

    /**
     * One time of watching.
     *
     * @param arrivals in any order
     * @param until when the watching ended
     */
    public record Path<Z>(Collection<Arrival<Z>> arrivals, Instant until) {}

    /**
     * One stay.
     *
     * @param zone where
     * @param startsAt included
     * @param endsAt excluded
     */
    public record Stay<Z>(Z zone, Instant startsAt, Instant endsAt) {
        /** How long. */
        public Duration length() {
            return Duration.between(startsAt, endsAt);
        }
    }

    /**
     * All stays in one place.
     *
     * @param zone where
     * @param time together
     * @param visits how many
     * @param share of the whole time, 0 to 1
     */
    public record ZoneTime<Z>(Z zone, Duration time, int visits, double share) {}

    /**
     * Going from one place to another.
     *
     * @param from left
     * @param to reached
     * @param times how often
     */
    public record Transition<Z>(Z from, Z to, int times) {}

    /**
     * Sums up a path. Arriving again where the child is already changes nothing.
     *
     * @param arrivals in any order
     * @param until when the watching ended
     * @param offered places that were open to the child
     */
    public static <Z> Movement<Z> of(Collection<Arrival<Z>> arrivals, Instant until, Set<Z> offered) {
        return ofPaths(List.of(new Path<>(arrivals, until)), offered);
    }

    /**
     * Sums up several times of watching. What lies between two of them counts for nothing: no time, and no way from the
     * last place of one to the first of the next.
     *
     * @param paths one after another
     * @param offered places that were open to the child
     */
    public static <Z> Movement<Z> ofPaths(List<Path<Z>> paths, Set<Z> offered) {
        List<List<Stay<Z>>> byPath =
                paths.stream().map(path -> stays(path.arrivals(), path.until())).toList();
        List<Stay<Z>> stays = byPath.stream().flatMap(List::stream).toList();
        Map<Z, List<Stay<Z>>> byZone = new LinkedHashMap<>();
        offered.forEach(zone -> byZone.put(zone, new ArrayList<>()));
        stays.forEach(stay ->
                byZone.computeIfAbsent(stay.zone(), zone -> new ArrayList<>()).add(stay));
        long whole = stays.stream().mapToLong(stay -> stay.length().toMillis()).sum();
        List<ZoneTime<Z>> zones = byZone.entrySet().stream()
                .map(entry -> zoneTime(entry.getKey(), entry.getValue(), whole))
                .sorted(Comparator.<ZoneTime<Z>, Duration>comparing(ZoneTime::time)
                        .reversed())
                .toList();
        return new Movement<>(
                stays,
                zones,
                transitions(byPath),
                offered.stream()
                        .filter(zone -> byZone.getOrDefault(zone, List.of()).isEmpty())
                        .toList(),
                Evenness.of(zones.stream()
                        .mapToDouble(zone -> zone.time().toMillis())
                        .toArray()));
    }

    /** The middle of the stays; absent where there is none. */
    public Optional<Duration> medianStay() {
        return Median.of(stays.stream().map(Stay::length).toList());
    }

    /** The whole time. */
    public Duration time() {
        return stays.stream().map(Stay::length).reduce(Duration.ZERO, Duration::plus);
    }

    /** How often the child went from one place to another. */
    public int moves() {
        return transitions.stream().mapToInt(Transition::times).sum();
    }

    /** Moves in ten minutes; absent where there was no time. */
    public Optional<Double> movesInTenMinutes() {
        long millis = time().toMillis();
        return millis == 0 ? Optional.empty() : Optional.of(moves() * 600_000.0 / millis);
    }

    private static <Z> List<Stay<Z>> stays(Collection<Arrival<Z>> arrivals, Instant until) {
        List<Arrival<Z>> moves = new ArrayList<>();
        arrivals.stream()
                .sorted(Comparator.comparing(Arrival::at))
                .filter(arrival -> !arrival.at().isAfter(until))
                .forEach(arrival -> {
                    if (moves.isEmpty() || !moves.get(moves.size() - 1).zone().equals(arrival.zone())) {
                        moves.add(arrival);
                    }
                });
        List<Stay<Z>> stays = new ArrayList<>();
        for (int i = 0; i < moves.size(); i++) {
            Instant end = i + 1 < moves.size() ? moves.get(i + 1).at() : until;
            stays.add(new Stay<>(moves.get(i).zone(), moves.get(i).at(), end));
        }
        return stays;
    }

    private static <Z> ZoneTime<Z> zoneTime(Z zone, List<Stay<Z>> stays, long whole) {
        Duration time = stays.stream().map(Stay::length).reduce(Duration.ZERO, Duration::plus);
        return new ZoneTime<>(zone, time, stays.size(), whole == 0 ? 0 : (double) time.toMillis() / whole);
    }

    private static <Z> List<Transition<Z>> transitions(List<List<Stay<Z>>> byPath) {
        Map<List<Z>, Integer> times = new LinkedHashMap<>();
        for (List<Stay<Z>> stays : byPath) {
            for (int i = 1; i < stays.size(); i++) {
                times.merge(List.of(stays.get(i - 1).zone(), stays.get(i).zone()), 1, Integer::sum);
            }
        }
        return times.entrySet().stream()
                .map(entry ->
                        new Transition<>(entry.getKey().get(0), entry.getKey().get(1), entry.getValue()))
                .sorted(Comparator.<Transition<Z>>comparingInt(Transition::times)
                        .reversed())
                .toList();
    }
}
