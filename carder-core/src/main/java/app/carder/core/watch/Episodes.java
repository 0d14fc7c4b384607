package app.carder.core.watch;

import app.carder.core.watch.Episode.Began;
import app.carder.core.watch.Episode.Ended;
import app.carder.core.watch.Episode.Interruption;
import app.carder.core.watch.Episode.Stretch;
import app.carder.core.watch.Episode.Who;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Makes episodes from taps about one child and one thing. Duration, latency and event counts are the usual measures of
 * event recording (general textbooks of observation, from memory); where a tap begins and ends play is our own rule:
 *
 * <ul>
 *   <li>"Chose it" opens an episode, and play begins with it. "Was invited" and "was led" open one too, but an
 *       invitation is not yet play: that begins with the next sign of it ("engaged", "repeated", "poured out").
 *   <li>A sign of play outside an episode opens one: "went back to it" as the child's own return, any other as play that
 *       went on unseen.
 *   <li>An interruption ends the unbroken stretch. The next sign of play begins another one, and the time between is how long
 *       the child took to return. A glance up or talk breaks nothing.
 *   <li>"Finished", "put it away" and "left" close the episode; after an interruption without return they close it as broken
 *       off. "Put it away" right after "finished" belongs to the same episode; so does "repeated", which opens it again
 *       without a break, because nobody broke in between two rounds. That holds for {@value #REOPENS_WITHIN_SECONDS} s: setting
 *       a round up again takes less, and what comes later is play of its own (our own rule).
 *   <li>The same tap within {@value #SAME_TAP_WITHIN_SECONDS} s is one: a finger that bounced, or two people at one moment.
 *   <li>A second interruption by the same before the child plays again is the first one going on, and counts once.
 *   <li>Who was invited or led and left without playing has declined.
 *   <li>A new start while an episode goes on closes it at that moment.
 * </ul>
 *
 * <p>What goes on at the end of the record is closed there and marked as a lower bound.
 */
public final class Episodes {

    /** The same tap within this time is one. */
    static final int SAME_TAP_WITHIN_SECONDS = 3;

    /** "Repeated" opens a finished episode again within this time. */
    static final int REOPENS_WITHIN_SECONDS = 60;

    private final List<Episode> done = new ArrayList<>();
    private @Nullable Open open;

    private Episodes() {}

    /**
     * The episodes of a record, in order.
     *
     * @param events taps about one child, in any order; of two at the same moment the one given first counts first
     * @param until up to when there was watching; a record that is still running: now. Taps after it push it out.
     */
    public static List<Episode> of(List<PlayEvent> events, Instant until) {
        List<PlayEvent> ordered = inOrder(events);
        Instant last =
                ordered.isEmpty() ? until : ordered.get(ordered.size() - 1).at();
        return taken(withoutBounces(ordered), last.isAfter(until) ? last : until);
    }

    /** By time; of two at the same moment the one given first stays first. What is in order already is not sorted again. */
    static List<PlayEvent> inOrder(Collection<PlayEvent> events) {
        Instant before = Instant.MIN;
        for (PlayEvent event : events) {
            if (event.at().isBefore(before)) {
                return events.stream()
                        .sorted(Comparator.comparing(PlayEvent::at))
                        .toList();
            }
            before = event.at();
        }
        return List.copyOf(events);
    }

    private static List<Episode> taken(List<PlayEvent> kept, Instant until) {
        Episodes episodes = new Episodes();
        for (PlayEvent event : kept) {
            episodes.take(event);
        }
        episodes.close(until, Ended.GOES_ON);
        return List.copyOf(episodes.done);
    }

    /** What a tap does to the figures. */
    public enum Effect {
        /** It counts. */
        COUNTS,
        /** The same was tapped a moment ago; both are one. */
        SAME_TAP,
        /** The child was at play already, and is. */
        PLAYS_ALREADY,
        /** Nothing had begun, so that nothing can end, be broken into or looked up from. */
        NOTHING_BEGUN,
        /** The same broke in before, and the child has not played again since. */
        BROKEN_ALREADY
    }

    /**
     * What the latest tap of a record does, so that one without effect can be told of. It is kept all the same.
     *
     * @param events taps about one child, in any order, at least one
     */
    public static Effect ofLatest(List<PlayEvent> events) {
        List<PlayEvent> ordered = inOrder(events);
        PlayEvent latest = ordered.get(ordered.size() - 1);
        List<PlayEvent> kept = withoutBounces(ordered);
        if (kept.get(kept.size() - 1) != latest) {
            return Effect.SAME_TAP;
        }
        List<Episode> without = taken(kept.subList(0, kept.size() - 1), latest.at());
        boolean begun = !without.isEmpty() && without.get(without.size() - 1).goesOn();
        boolean isOnTheBand = latest.kind() == PlayKind.TALKED || latest.kind() == PlayKind.POURED_OUT;
        if (!taken(kept, latest.at()).equals(without) || (begun && isOnTheBand)) {
            return Effect.COUNTS;
        }
        if (!begun) {
            return Effect.NOTHING_BEGUN;
        }
        return latest.kind().part() == PlayKind.Part.BREAKS ? Effect.BROKEN_ALREADY : Effect.PLAYS_ALREADY;
    }

    /** Each tap once: the same kind again within a moment of the one that counted is the same tap. */
    static List<PlayEvent> withoutBounces(List<PlayEvent> ordered) {
        Map<PlayKind, Instant> counted = new EnumMap<>(PlayKind.class);
        List<PlayEvent> kept = new ArrayList<>();
        for (PlayEvent event : ordered) {
            Instant before = counted.get(event.kind());
            if (before == null || !event.at().isBefore(before.plusSeconds(SAME_TAP_WITHIN_SECONDS))) {
                counted.put(event.kind(), event.at());
                kept.add(event);
            }
        }
        return kept;
    }

    private void take(PlayEvent event) {
        switch (event.kind().part()) {
            case BEGINS -> begin(event);
            case PLAYS -> play(event);
            case BREAKS -> interruption(event);
            case ENDS -> end(event);
            case NOTED -> note(event);
        }
    }

    private void begin(PlayEvent event) {
        close(event.at(), Ended.TURNED);
        Began began = switch (event.kind()) {
            case CHOSE -> Began.CHOSEN;
            case INVITED -> Began.INVITED;
            default -> Began.LED;
        };
        open = new Open(began, event.at());
        if (began == Began.CHOSEN) {
            open.playFrom(event.at());
        }
    }

    private void play(PlayEvent event) {
        Open at = open;
        if (at == null && event.kind() == PlayKind.REPEATED) {
            at = reopened(event.at());
        }
        if (at == null) {
            at = new Open(event.kind() == PlayKind.WENT_BACK ? Began.CAME_BACK : Began.UNSEEN, event.at());
        }
        open = at;
        at.playFrom(event.at());
        if (event.kind() == PlayKind.REPEATED) {
            at.repeats++;
        }
    }

    private void interruption(PlayEvent event) {
        if (open != null) {
            open.interruption(event.kind() == PlayKind.ADULT_BROKE_IN ? Who.ADULT : Who.CHILD, event.at());
        }
    }

    private void note(PlayEvent event) {
        if (open != null && event.kind() == PlayKind.LOOKED_UP) {
            open.lookUps++;
        }
    }

    private void end(PlayEvent event) {
        if (open == null && event.kind() == PlayKind.PUT_AWAY) {
            putAwayAfterwards();
        } else {
            close(
                    event.at(),
                    switch (event.kind()) {
                        case FINISHED -> Ended.FINISHED;
                        case PUT_AWAY -> Ended.PUT_AWAY;
                        default -> Ended.LEFT;
                    });
        }
    }

    private void close(Instant at, Ended ended) {
        if (open != null) {
            done.add(open.closed(at, ended));
            open = null;
        }
    }

    private @Nullable Open reopened(Instant now) {
        if (done.isEmpty() || done.get(done.size() - 1).ended() != Ended.FINISHED) {
            return null;
        }
        if (Duration.between(done.get(done.size() - 1).endsAt(), now).getSeconds() > REOPENS_WITHIN_SECONDS) {
            return null;
        }
        return new Open(done.remove(done.size() - 1));
    }

    private void putAwayAfterwards() {
        if (!done.isEmpty() && done.get(done.size() - 1).ended() == Ended.FINISHED) {
            Episode last = done.remove(done.size() - 1);
            done.add(new Episode(
                    last.began(),
                    last.startsAt(),
                    last.endsAt(),
                    Ended.PUT_AWAY,
                    last.stretches(),
                    last.interruptions(),
                    last.repeats(),
                    last.lookUps()));
        }
    }

    /** An episode that goes on. */
    private static final class Open {
        private final Began began;
        private final Instant startsAt;
        private final List<Stretch> stretches = new ArrayList<>();
        private final List<Interruption> interruptions = new ArrayList<>();
        private int repeats;
        private int lookUps;
        private @Nullable Instant playsSince;
        private int unanswered;

        Open(Began began, Instant startsAt) {
            this.began = began;
            this.startsAt = startsAt;
        }

        /** One that was finished and is taken up again without a break. */
        Open(Episode finished) {
            this(finished.began(), finished.startsAt());
            stretches.addAll(finished.stretches());
            interruptions.addAll(finished.interruptions());
            repeats = finished.repeats();
            lookUps = finished.lookUps();
            playsSince = stretches.isEmpty()
                    ? finished.endsAt()
                    : stretches.remove(stretches.size() - 1).startsAt();
        }

        void playFrom(Instant at) {
            if (playsSince == null) {
                playsSince = at;
            }
            for (int i = interruptions.size() - unanswered; i < interruptions.size(); i++) {
                Interruption away = interruptions.get(i);
                interruptions.set(
                        i, new Interruption(away.who(), away.at(), Optional.of(Duration.between(away.at(), at))));
            }
            unanswered = 0;
        }

        void interruption(Who who, Instant at) {
            if (unanswered > 0 && interruptions.get(interruptions.size() - 1).who() == who) {
                return;
            }
            endStretch(at);
            interruptions.add(new Interruption(who, at, Optional.empty()));
            unanswered++;
        }

        Episode closed(Instant at, Ended ended) {
            endStretch(at);
            boolean offered = began == Began.INVITED || began == Began.LED;
            boolean went = ended == Ended.LEFT || ended == Ended.TURNED;
            Ended how = offered && went && stretches.isEmpty()
                    ? Ended.DECLINED
                    : unanswered > 0 && ended != Ended.GOES_ON ? Ended.BROKEN_OFF : ended;
            return new Episode(began, startsAt, at, how, stretches, interruptions, repeats, lookUps);
        }

        private void endStretch(Instant at) {
            if (playsSince != null) {
                stretches.add(new Stretch(playsSince, at));
                playsSince = null;
            }
        }
    }
}
