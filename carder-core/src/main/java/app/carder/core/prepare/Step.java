package app.carder.core.prepare;

import app.carder.core.said.Refused;
import app.carder.core.said.Said;
import java.time.Duration;
import java.util.Set;

/**
 * One step of the preparation.
 *
 * @param name short, unique among the steps
 * @param handsOn of one turn, more than nothing
 * @param waiting afterwards, by the clock, day and night: drying, freezing, rising
 * @param who does it
 * @param turns how often it is done, one after another: 1, or more where children take turns
 * @param after names of the steps that must be finished, their waiting included
 */
public record Step(String name, Duration handsOn, Duration waiting, Who who, int turns, Set<String> after) {

    /** Who does a step. */
    public enum Who {
        /** Staff, in opening hours. */
        ADULT,
        /** Children with an adult, in their sessions. */
        CHILDREN;

        /** For people. */
        public String words() {
            return Said.say("preparer." + name());
        }
    }

    /**
     * Refuses what is no step.
     *
     * @throws IllegalArgumentException if the name is blank, the time not between 1 minute and 12 hours, the waiting negative or
     *     longer than 30 days, or the turns not from 1 to 60
     */
    public Step {
        after = Set.copyOf(after);
        if (name.isBlank()) {
            throw Refused.because("refused.step.step-must-have");
        }
        if (handsOn.toMinutes() < 1 || handsOn.toHours() > 12) {
            throw Refused.because("refused.step.hands-on-time", name, handsOn.toMinutes());
        }
        if (waiting.isNegative() || waiting.toDays() > 30) {
            throw Refused.because("refused.step.waiting-time-of", name, waiting.toHours());
        }
        if (turns < 1 || turns > 60) {
            throw Refused.because("refused.step.turns-of-must", name, turns);
        }
    }

    /** Turns for children at a table: {@code turns = children / places}, rounded up. */
    public static int turnsFor(int children, int places) {
        if (children < 1 || places < 1) {
            throw Refused.because("refused.step.children-and-places", children, places);
        }
        return (children + places - 1) / places;
    }

    /** Hands-on time of all turns. */
    public Duration work() {
        return handsOn.multipliedBy(turns);
    }
}
