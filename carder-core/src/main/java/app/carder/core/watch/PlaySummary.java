package app.carder.core.watch;

import app.carder.core.statistics.Median;
import app.carder.core.watch.Episode.Interruption;
import app.carder.core.watch.Episode.Stretch;
import app.carder.core.watch.Episode.Who;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * What episodes come to.
 *
 * @param episodes how many
 * @param engaged time of unbroken play together; where two people watched the same moment it counts once
 * @param longestStretch the longest unbroken play
 * @param longestIsLowerBound whether that stretch went on when the watching ended
 * @param interruptionsByAdults how many
 * @param interruptionsByChildren how many
 * @param returned after how many interruptions the child played again
 * @param medianReturn middle of the times until then; absent where the child never returned
 * @param repeats how often something was done once more
 * @param ownStarts episodes that the child began by itself
 * @param seenStarts episodes whose beginning was seen
 */
public record PlaySummary(
        int episodes,
        Duration engaged,
        Duration longestStretch,
        boolean longestIsLowerBound,
        int interruptionsByAdults,
        int interruptionsByChildren,
        int returned,
        Optional<Duration> medianReturn,
        int repeats,
        int ownStarts,
        int seenStarts) {

    /** With less play than this, one interruption more would change a rate altogether (own rule). */
    static final Duration LEAST_FOR_A_RATE = Duration.ofMinutes(15);

    /** Sums up. */
    public static PlaySummary of(Collection<Episode> episodes) {
        List<Interruption> interruptions = episodes.stream()
                .flatMap(episode -> episode.interruptions().stream())
                .toList();
        List<Duration> returns = interruptions.stream()
                .flatMap(interruption -> interruption.returnedAfter().stream())
                .toList();
        Optional<Episode> longest = episodes.stream().max(Comparator.comparing(Episode::longestStretch));
        return new PlaySummary(
                episodes.size(),
                together(episodes.stream()
                        .flatMap(episode -> episode.stretches().stream())
                        .toList()),
                longest.map(Episode::longestStretch).orElse(Duration.ZERO),
                longest.map(PlaySummary::isLastStretchCutOff).orElse(false),
                by(Who.ADULT, interruptions),
                by(Who.CHILD, interruptions),
                returns.size(),
                Median.of(returns),
                episodes.stream().mapToInt(Episode::repeats).sum(),
                (int) episodes.stream()
                        .filter(episode -> episode.began().isOwn())
                        .count(),
                (int) episodes.stream()
                        .filter(episode -> episode.began() != Episode.Began.UNSEEN)
                        .count());
    }

    /** Part of the episodes that the child began by itself, 0 to 1; absent where no beginning was seen. */
    public Optional<Double> selfChoice() {
        return seenStarts == 0 ? Optional.empty() : Optional.of((double) ownStarts / seenStarts);
    }

    /** Break-ins by adults for each hour of play; absent below a quarter of an hour. */
    public Optional<Double> interruptionsByAdultsPerHour() {
        return engaged.compareTo(LEAST_FOR_A_RATE) < 0
                ? Optional.empty()
                : Optional.of(interruptionsByAdults * 3600.0 / engaged.getSeconds());
    }

    private static int by(Who who, List<Interruption> interruptions) {
        return (int) interruptions.stream()
                .filter(interruption -> interruption.who() == who)
                .count();
    }

    private static boolean isLastStretchCutOff(Episode episode) {
        List<Stretch> stretches = episode.stretches();
        return episode.goesOn()
                && !stretches.isEmpty()
                && stretches.get(stretches.size() - 1).length().equals(episode.longestStretch())
                && stretches.get(stretches.size() - 1).endsAt().equals(episode.endsAt());
    }

    /** The length of all stretches, times that lie in several counted once. */
    private static Duration together(List<Stretch> stretches) {
        List<Stretch> ordered = new ArrayList<>(stretches);
        ordered.sort(Comparator.comparing(Stretch::startsAt));
        Duration sum = Duration.ZERO;
        Instant reached = Instant.MIN;
        for (Stretch stretch : ordered) {
            Instant from = stretch.startsAt().isAfter(reached) ? stretch.startsAt() : reached;
            if (stretch.endsAt().isAfter(from)) {
                sum = sum.plus(Duration.between(from, stretch.endsAt()));
                reached = stretch.endsAt();
            }
        }
        return sum;
    }
}
