package app.carder.core.ratio;

import app.carder.core.said.Said;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/**
 * One row of a ratio rule: an age band and the adults it takes.
 *
 * @param fromMonths completed months, included
 * @param toMonths completed months, excluded
 * @param steps up to so many children so many adults, smallest first; empty where one figure holds for all
 * @param childrenPerAdult for each adult, or for each more adult beyond the last step
 * @param source where it comes from, from memory
 */
public record Band(int fromMonths, int toMonths, List<Step> steps, int childrenPerAdult, String source) {

    /** Keeps its own copy. */
    public Band {
        steps = List.copyOf(steps);
    }

    /**
     * A step of a table.
     *
     * @param children at most
     * @param adults that they take
     */
    public record Step(int children, int adults) {}

    static Band of(int fromMonths, int toMonths, String children, String source) {
        List<Step> steps = new ArrayList<>();
        String[] parts = children.split(" then ");
        if (parts.length == 2) {
            for (String step : parts[0].split(" ")) {
                String[] pair = step.split(">");
                steps.add(new Step(Integer.parseInt(pair[0]), Integer.parseInt(pair[1])));
            }
        }
        return new Band(fromMonths, toMonths, steps, Integer.parseInt(parts[parts.length - 1]), source);
    }

    boolean holds(int months) {
        return months >= fromMonths && months < toMonths;
    }

    boolean isTable() {
        return !steps.isEmpty();
    }

    /** Adults by a table of steps. */
    int byTable(int children) {
        if (children == 0) {
            return 0;
        }
        for (Step step : steps) {
            if (children <= step.children()) {
                return step.adults();
            }
        }
        Step last = steps.get(steps.size() - 1);
        return last.adults() + -Math.floorDiv(last.children() - children, childrenPerAdult);
    }

    /** For people: {@code 1:8}, or the steps. */
    public String forPeople() {
        return steps.isEmpty()
                ? "1:" + childrenPerAdult
                : Said.say(
                        "working.then-1-for-every",
                        steps.stream()
                                .map(step -> Said.say("working.for-up-to", step.adults(), step.children()))
                                .collect(Collectors.joining(", ")),
                        childrenPerAdult);
    }
}
