package app.carder.core.watch;

import app.carder.core.said.Said;
import app.carder.core.watch.Episode.Stretch;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Two people who watched the same child at the same time: their taps become one record before anything is summed up, and how far they
 * agree is told.
 */
public final class Observers {

    /** Two people tap the same thing at most so far apart: 10 s (own rule). */
    public static final Duration SAME_WITHIN = Duration.ofSeconds(10);

    private static final double Z = 1.959964;

    private Observers() {}

    /**
     * What one person recorded of one child.
     *
     * @param from when watching began
     * @param until when it ended
     * @param events taps, in order
     */
    public record Watched(Instant from, Instant until, List<PlayEvent> events) {
        /** Keeps its own copy. */
        public Watched {
            events = List.copyOf(events);
        }

        boolean overlaps(Watched other) {
            return from.isBefore(other.until) && other.from.isBefore(until);
        }
    }

    /**
     * Records that overlap, as one each: of a tap that two people made within {@link #SAME_WITHIN} the earlier counts.
     *
     * @param records of one child at one thing, in any order
     */
    public static List<Watched> merged(List<Watched> records) {
        List<Watched> merged = new ArrayList<>();
        records.stream().sorted(Comparator.comparing(Watched::from)).forEach(next -> {
            Watched last = merged.isEmpty() ? null : merged.get(merged.size() - 1);
            if (last != null && last.overlaps(next)) {
                merged.set(merged.size() - 1, join(last, next));
            } else {
                merged.add(next);
            }
        });
        return merged;
    }

    private static Watched join(Watched one, Watched other) {
        List<PlayEvent> all = new ArrayList<>(one.events());
        List<PlayEvent> free = new ArrayList<>(one.events());
        for (PlayEvent event : other.events()) {
            Optional<PlayEvent> same = nearest(event, free, SAME_WITHIN);
            same.ifPresentOrElse(
                    found -> {
                        free.remove(found);
                        if (event.at().isBefore(found.at())) {
                            all.set(all.indexOf(found), event);
                        }
                    },
                    () -> all.add(event));
        }
        all.sort(Comparator.comparing(PlayEvent::at));
        return new Watched(
                one.from().isBefore(other.from()) ? one.from() : other.from(),
                one.until().isAfter(other.until()) ? one.until() : other.until(),
                all);
    }

    private static Optional<PlayEvent> nearest(PlayEvent event, List<PlayEvent> among, Duration within) {
        return among.stream()
                .filter(other -> other.kind() == event.kind()
                        && Duration.between(other.at(), event.at()).abs().compareTo(within) <= 0)
                .min(Comparator.comparing(
                        other -> Duration.between(other.at(), event.at()).abs()));
    }

    /**
     * How far two records of the same play agree.
     *
     * @param seconds that both watched
     * @param both seconds in which both saw the same
     * @param kappa Cohen's kappa of play or no play, second by second (Cohen 1960); absent where one of them saw only one of the two
     * @param low lower end of its 95 % interval, by the large-sample error {@code sqrt(po (1 - po) / (n (1 - pe)^2))}
     * @param high upper end
     * @param events taps of both together, those made by both counted once
     * @param shared taps that both made
     */
    public record Agreement(
            long seconds, long both, Optional<Double> kappa, double low, double high, int events, int shared) {

        /** In words, for adults. */
        public String words() {
            String taps = Said.say("working.of-taps-were-made-by-both", shared, events, SAME_WITHIN.getSeconds());
            String time = Said.say("working.both-saw-the-same-in-of", both, seconds);
            return kappa.map(value ->
                            Said.say("working.beyond-chance-to", time, value, low, high, strength(value), taps))
                    .orElse(Said.say("working.too-little-changed-to-say-how", time, taps));
        }

        /** Landis and Koch 1977, from memory. */
        private static String strength(double kappa) {
            double value = Math.round(kappa * 100) / 100.0;
            if (value > 0.8) {
                return Said.say("working.almost-complete-agreement");
            }
            if (value > 0.6) {
                return Said.say("working.good-agreement");
            }
            return value > 0.4
                    ? Said.say("working.moderate-agreement")
                    : Said.say("working.little-agreement-talk-about-what-counts");
        }
    }

    /** Agreement over the time that both watched; absent where there is none. */
    public static Optional<Agreement> agreement(Watched one, Watched other) {
        if (!one.overlaps(other)) {
            return Optional.empty();
        }
        Instant from = one.from().isAfter(other.from()) ? one.from() : other.from();
        Instant until = one.until().isBefore(other.until()) ? one.until() : other.until();
        List<Stretch> first = stretches(one);
        List<Stretch> second = stretches(other);
        long seconds = Duration.between(from, until).getSeconds();
        long yes = 0;
        long no = 0;
        long firstYes = 0;
        long secondYes = 0;
        for (long at = 0; at < seconds; at++) {
            Instant moment = from.plusSeconds(at);
            boolean a = plays(first, moment);
            boolean b = plays(second, moment);
            yes += a && b ? 1 : 0;
            no += !a && !b ? 1 : 0;
            firstYes += a ? 1 : 0;
            secondYes += b ? 1 : 0;
        }
        if (seconds == 0) {
            return Optional.empty();
        }
        double observed = (yes + no) / (double) seconds;
        double expected = (firstYes * (double) secondYes + (seconds - firstYes) * (double) (seconds - secondYes))
                / ((double) seconds * seconds);
        boolean defined = expected < 1;
        double kappa = defined ? (observed - expected) / (1 - expected) : 0;
        double error = defined ? Math.sqrt(observed * (1 - observed) / seconds) / (1 - expected) : 0;
        List<PlayEvent> ours = within(one, from, until);
        List<PlayEvent> theirs = new ArrayList<>(within(other, from, until));
        int shared = 0;
        int all = ours.size() + theirs.size();
        for (PlayEvent event : ours) {
            Optional<PlayEvent> same = nearest(event, theirs, SAME_WITHIN);
            if (same.isPresent()) {
                theirs.remove(same.get());
                shared++;
            }
        }
        return Optional.of(new Agreement(
                seconds,
                yes + no,
                defined ? Optional.of(kappa) : Optional.empty(),
                Math.max(-1, kappa - Z * error),
                Math.min(1, kappa + Z * error),
                all - shared,
                shared));
    }

    private static List<PlayEvent> within(Watched one, Instant from, Instant until) {
        return one.events().stream()
                .filter(event -> !event.at().isBefore(from) && !event.at().isAfter(until))
                .toList();
    }

    private static List<Stretch> stretches(Watched one) {
        return Episodes.of(one.events(), one.until()).stream()
                .flatMap(episode -> episode.stretches().stream())
                .toList();
    }

    private static boolean plays(List<Stretch> stretches, Instant at) {
        return stretches.stream()
                .anyMatch(stretch -> !at.isBefore(stretch.startsAt()) && at.isBefore(stretch.endsAt()));
    }
}
