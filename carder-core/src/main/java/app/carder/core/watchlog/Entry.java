package app.carder.core.watchlog;

import app.carder.core.said.Said;
import app.carder.core.watch.Attempts;
import app.carder.core.watch.Listening;
import app.carder.core.watch.PlayKind;
import app.carder.core.watch.TimeSample;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What an entry of the log tells. Its flat form, on the wire and in the table, is {@link EntryLine}. */
public sealed interface Entry {

    /** Something that was seen of one child. */
    sealed interface OfChild extends Entry {
        /** About whom. */
        UUID child();
    }

    /** What changes another entry: the log itself only grows. */
    sealed interface Correction extends Entry {
        /** The entry that is corrected. */
        UUID target();
    }

    /** Something counted under a name, for {@link CountLines}. */
    sealed interface Named extends OfChild {
        /** What was counted, as the adult named it. */
        String what();
    }

    /**
     * Watching began.
     *
     * @param everyMinutes minutes between looks, where there are any
     */
    record Began(@Nullable Integer everyMinutes) implements Entry {}

    /** Watching ended. */
    record Ended() implements Entry {}

    /**
     * The target does not count.
     *
     * @param target the entry that is taken back
     */
    record TakenBack(UUID target) implements Correction {}

    /**
     * The target happened at another time.
     *
     * @param target the entry that is corrected
     * @param happenedAt when it really happened
     */
    record Retimed(UUID target, Instant happenedAt) implements Correction {}

    /**
     * A tap of a play record.
     *
     * @param child about whom
     * @param kind what happened
     */
    record Tap(UUID child, PlayKind kind) implements OfChild {}

    /**
     * A look of a time sample.
     *
     * @param child about whom
     * @param zone where the child was; null where nobody said
     * @param look what was seen
     */
    record Looked(UUID child, @Nullable UUID zone, TimeSample.Look look) implements OfChild {}

    /**
     * Reached a place.
     *
     * @param child about whom
     * @param zone where; null for a step between zones
     * @param spot on the plan; null where a zone was named by its button
     */
    record Arrived(
            UUID child, @Nullable UUID zone, @Nullable Spot spot) implements OfChild {}

    /**
     * A place on the plan.
     *
     * @param xMm from its left edge, in mm
     * @param yMm from its upper edge, in mm
     */
    record Spot(int xMm, int yMm) {}

    /**
     * Strokes of a tally.
     *
     * @param child about whom
     * @param what was counted
     * @param by how many more, below zero fewer
     */
    record Counted(UUID child, String what, int by) implements Named {}

    /**
     * A check: so many of so many.
     *
     * @param child about whom
     * @param what was checked
     * @param number that were right
     * @param of all
     */
    record Checked(UUID child, String what, int number, int of) implements Named {}

    /**
     * A try.
     *
     * @param child about whom
     * @param what was tried
     * @param attempt how it went
     */
    record Tried(UUID child, String what, Attempts.Attempt attempt) implements Named {}

    /**
     * A turn of a game.
     *
     * @param child whose
     * @param what target
     * @param points its value
     */
    record Turned(UUID child, String what, int points) implements Named {}

    /**
     * Found things.
     *
     * @param child who
     * @param what group
     * @param number how many
     */
    record Grouped(UUID child, String what, int number) implements Named {}

    /**
     * Compared with a named object.
     *
     * @param child who
     * @param what object
     * @param comparison how it came out
     */
    record Compared(UUID child, String what, Comparison comparison) implements Named {}

    /**
     * A timed minute.
     *
     * @param child who
     * @param what was done
     * @param times how often
     * @param seconds how long it was
     */
    record TimedMinute(UUID child, String what, int times, int seconds) implements Named {}

    /**
     * Words that were heard.
     *
     * @param child who said them
     * @param heard the words
     */
    record Heard(UUID child, Listening.Heard heard) implements OfChild {}

    /** How a thing compares with the named object. */
    enum Comparison {
        LONGER,
        SHORTER,
        SAME;

        /** For people, before the name of the object. */
        public String words() {
            return Said.say("comparison." + name());
        }
    }
}
