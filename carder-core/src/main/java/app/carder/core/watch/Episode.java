package app.carder.core.watch;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * One stretch of one child's engagement with one thing, from turning to it to turning away.
 *
 * @param began how it began
 * @param startsAt when
 * @param endsAt when; of one that goes on, the moment up to which it was worked out
 * @param ended how it ended
 * @param stretches the times of unbroken play in it, in order; none where an invitation led to no play
 * @param interruptions who broke in, in order
 * @param repeats how often the child did the same once more
 * @param lookUps how often the child looked up
 */
public record Episode(
        Began began,
        Instant startsAt,
        Instant endsAt,
        Ended ended,
        List<Stretch> stretches,
        List<Interruption> interruptions,
        int repeats,
        int lookUps) {

    /** Keeps its own copies. */
    public Episode {
        stretches = List.copyOf(stretches);
        interruptions = List.copyOf(interruptions);
    }

    /** How an episode began. */
    public enum Began {
        /** By the child's own choice. */
        CHOSEN,
        /** The child came back to it by itself. */
        CAME_BACK,
        /** By invitation. */
        INVITED,
        /** Led by an adult. */
        LED,
        /** It went on already when somebody began to watch. */
        UNSEEN;

        /** Whether it was the child's own doing. */
        public boolean isOwn() {
            return this == CHOSEN || this == CAME_BACK;
        }
    }

    /** How an episode ended. */
    public enum Ended {
        /** The child finished. */
        FINISHED,
        /** The child finished and put it away. */
        PUT_AWAY,
        /** The child left. */
        LEFT,
        /** The child left after somebody broke in, without playing again. */
        BROKEN_OFF,
        /** The child was invited or led, and left without playing. */
        DECLINED,
        /** Another start was tapped: the child turned to something new. */
        TURNED,
        /** It went on when the watching ended: its length is a lower bound. */
        GOES_ON
    }

    /**
     * Unbroken play.
     *
     * @param startsAt included
     * @param endsAt excluded
     */
    public record Stretch(Instant startsAt, Instant endsAt) {
        /** How long. */
        public Duration length() {
            return Duration.between(startsAt, endsAt);
        }
    }

    /** Who breaks in. */
    public enum Who {
        ADULT,
        CHILD
    }

    /**
     * An interruption.
     *
     * @param who did it
     * @param at when
     * @param returnedAfter how long until the child played again; absent if it did not
     */
    public record Interruption(Who who, Instant at, Optional<Duration> returnedAfter) {}

    /** All unbroken play together. */
    public Duration engaged() {
        return stretches.stream().map(Stretch::length).reduce(Duration.ZERO, Duration::plus);
    }

    /** The longest unbroken play; zero where there was none. */
    public Duration longestStretch() {
        return stretches.stream()
                .map(Stretch::length)
                .max(Comparator.naturalOrder())
                .orElse(Duration.ZERO);
    }

    /** The stretches, each with whether it was still going on when the watching ended. */
    public List<Lasted> lasted() {
        List<Lasted> all = new ArrayList<>();
        for (int at = 0; at < stretches.size(); at++) {
            boolean cutOff = goesOn()
                    && at == stretches.size() - 1
                    && stretches.get(at).endsAt().equals(endsAt);
            all.add(new Lasted(stretches.get(at).length(), cutOff));
        }
        return all;
    }

    /**
     * How long a stretch lasted.
     *
     * @param length of it; a lower bound where it was cut off
     * @param cutOff whether the watching ended before the stretch did
     */
    public record Lasted(Duration length, boolean cutOff) {}

    /** Whether its length is only a lower bound. */
    public boolean goesOn() {
        return ended == Ended.GOES_ON;
    }
}
