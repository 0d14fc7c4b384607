package app.carder.core.watch;

import app.carder.core.said.Said;
import app.carder.core.statistics.Median;
import app.carder.core.watch.Episode.Ended;
import app.carder.core.watch.Episode.Who;
import java.time.Duration;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * How a card was taken up over the times that it was out and watched.
 *
 * @param times how often it was out and watched
 * @param latency middle of the times from setting out to the first child; absent where no child came
 * @param children how many different children played with it
 * @param engaged play of all children together
 * @param medianStretch middle of the children's longest stretches, one for each child and time
 * @param interruptionsByAdults how many, of all children together
 * @param returns how often a child came again by itself, on the same or another time
 * @param repeats how often something was done once more
 * @param finished episodes that the child finished
 * @param leftEarly episodes that ended by leaving within {@value #SOON_SECONDS} s
 * @param episodes all of them
 * @param minutesPerPrepared play minutes earned for each minute of preparation; absent without preparation
 */
public record Engagement(
        int times,
        Optional<Duration> latency,
        int children,
        Duration engaged,
        Optional<Duration> medianStretch,
        int interruptionsByAdults,
        int returns,
        int repeats,
        int finished,
        int leftEarly,
        int episodes,
        Optional<Double> minutesPerPrepared) {

    static final int SOON_SECONDS = 120;
    private static final int FEWEST_EPISODES = 4;
    private static final Duration DEEP = Duration.ofMinutes(5);

    /**
     * One time that it was out and watched.
     *
     * @param setOutAt when it was set out; absent where nobody noted it
     * @param preparation how long it took the adults
     * @param players what each child did
     * @param <C> a child
     */
    public record Time<C>(Optional<Instant> setOutAt, Duration preparation, List<Player<C>> players) {}

    /**
     * One child.
     *
     * @param child who
     * @param episodes what it did, in order
     * @param <C> a child
     */
    public record Player<C>(C child, List<Episode> episodes) {}

    /** What to do with a card. */
    public enum Verdict {
        /** Leave it out. */
        KEEP,
        /** Make it easier or harder. */
        VARY,
        /** Put it away for some weeks. */
        REST,
        /** Too little was seen. */
        WATCH_FIRST;

        /** For people. */
        public String words() {
            return Said.say("verdict." + name());
        }
    }

    /** Which way to vary. */
    public enum Way {
        EASIER,
        HARDER
    }

    /**
     * A proposal for the adult to decide on.
     *
     * @param verdict what
     * @param way where to vary, which way
     * @param because the figures that led to it
     */
    public record Proposal(Verdict verdict, Optional<Way> way, List<Said> because) {}

    /** Sums up. */
    public static <C> Engagement of(Collection<Time<C>> times) {
        List<Player<C>> players =
                times.stream().flatMap(time -> time.players().stream()).toList();
        List<Episode> episodes =
                players.stream().flatMap(player -> player.episodes().stream()).toList();
        Duration engaged = episodes.stream().map(Episode::engaged).reduce(Duration.ZERO, Duration::plus);
        Set<C> children = players.stream()
                .filter(player -> !player.episodes().isEmpty())
                .map(Player::child)
                .collect(Collectors.toSet());
        return new Engagement(
                times.size(),
                Median.of(times.stream().flatMap(time -> latency(time).stream()).toList()),
                children.size(),
                engaged,
                Median.of(players.stream()
                        .filter(player -> !player.episodes().isEmpty())
                        .map(player -> PlaySummary.of(player.episodes()).longestStretch())
                        .toList()),
                (int) episodes.stream()
                        .flatMap(episode -> episode.interruptions().stream())
                        .filter(interruption -> interruption.who() == Who.ADULT)
                        .count(),
                (int) episodes.stream().filter(one -> one.began().isOwn()).count()
                        - (int) players.stream()
                                .filter(player -> player.episodes().stream()
                                        .anyMatch(one -> one.began().isOwn()))
                                .map(Player::child)
                                .distinct()
                                .count(),
                episodes.stream().mapToInt(Episode::repeats).sum(),
                (int) episodes.stream().filter(Engagement::isFinished).count(),
                (int) episodes.stream().filter(Engagement::isLeftEarly).count(),
                episodes.size(),
                minutesPerPrepared(times));
    }

    /** Times whose preparation nobody noted count neither as play nor as preparation. */
    private static <C> Optional<Double> minutesPerPrepared(Collection<Time<C>> times) {
        long played = 0;
        long prepared = 0;
        for (Time<C> time : times) {
            if (!time.preparation().isZero()) {
                prepared += time.preparation().getSeconds();
                played += time.players().stream()
                        .flatMap(player -> player.episodes().stream())
                        .mapToLong(episode -> episode.engaged().getSeconds())
                        .sum();
            }
        }
        return prepared == 0 ? Optional.empty() : Optional.of((double) played / prepared);
    }

    /** Break-ins by adults for each hour of the children's play; absent below a quarter of an hour. */
    public Optional<Double> interruptionsByAdultsPerHour() {
        return engaged.compareTo(PlaySummary.LEAST_FOR_A_RATE) < 0
                ? Optional.empty()
                : Optional.of(interruptionsByAdults * 3600.0 / engaged.getSeconds());
    }

    /**
     * What the figures speak for; our own rule of thumb. With fewer than {@value #FEWEST_EPISODES} episodes: watch first,
     * unless it was out three times and nobody came. Rest where nobody came three times, or nobody stays and nobody comes
     * again. Vary to easier where half of the episodes or more end within {@value #SOON_SECONDS} s by leaving; to harder
     * where most are finished, few repeat and stretches stay below five minutes. Keep in all other cases.
     */
    public Proposal proposal() {
        if (times >= 3 && episodes == 0) {
            return new Proposal(Verdict.REST, Optional.empty(), List.of(Said.of("engagement.nobody-came", times)));
        }
        if (episodes < FEWEST_EPISODES) {
            return new Proposal(
                    Verdict.WATCH_FIRST,
                    Optional.empty(),
                    List.of(Said.of("engagement.too-few", episodes, FEWEST_EPISODES)));
        }
        Duration stretch = medianStretch.orElse(Duration.ZERO);
        Said staying = stretch.getSeconds() < 60
                ? Said.of("engagement.staying-seconds", stretch.getSeconds())
                : Said.of("engagement.staying", stretch.toMinutes(), stretch.toSecondsPart());
        Said early = Said.of("engagement.left-early", leftEarly, episodes);
        if (leftEarly * 2 >= episodes) {
            return returns == 0 && stretch.compareTo(Duration.ofSeconds(SOON_SECONDS)) < 0 && times >= 3
                    ? new Proposal(
                            Verdict.REST, Optional.empty(), List.of(early, Said.of("engagement.nobody-again"), staying))
                    : new Proposal(Verdict.VARY, Optional.of(Way.EASIER), List.of(early, staying));
        }
        if (finished * 2 > episodes && repeats * 2 < episodes && stretch.compareTo(DEEP) < 0) {
            return new Proposal(
                    Verdict.VARY,
                    Optional.of(Way.HARDER),
                    List.of(Said.of("engagement.finished", finished, episodes, repeats), staying));
        }
        return new Proposal(Verdict.KEEP, Optional.empty(), List.of(staying, Said.of("engagement.again", returns)));
    }

    private static boolean isFinished(Episode episode) {
        return episode.ended() == Ended.FINISHED || episode.ended() == Ended.PUT_AWAY;
    }

    private static boolean isLeftEarly(Episode episode) {
        return episode.ended() == Ended.LEFT && episode.engaged().getSeconds() < SOON_SECONDS;
    }

    private static Optional<Duration> latency(Time<?> time) {
        return time.setOutAt()
                .flatMap(setOut -> time.players().stream()
                        .flatMap(player -> player.episodes().stream())
                        .map(Episode::startsAt)
                        .filter(start -> !start.isBefore(setOut))
                        .min(Instant::compareTo)
                        .map(first -> Duration.between(setOut, first)));
    }
}
