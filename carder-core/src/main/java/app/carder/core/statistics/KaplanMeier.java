package app.carder.core.statistics;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;

/**
 * How long something lasts, where some of it was still going on when the watching ended: the product-limit estimate {@code S(t) =
 * prod (1 - d_i / n_i)} over the times with an end (Kaplan and Meier 1958, J. Am. Stat. Assoc. 53:457), with Greenwood's standard error
 * {@code S sqrt(sum d_i / (n_i (n_i - d_i)))} and a 95 % interval on the scale of log(-log S), which stays between 0 and 1 (Kalbfleisch
 * and Prentice 1980); from memory.
 *
 * @param steps the times at which something ended, in order
 * @param observed how many there were
 * @param cutOff how many of them were cut off
 */
public record KaplanMeier(List<Step> steps, int observed, int cutOff) {

    private static final double Z = 1.959964;

    /** Keeps its own copy. */
    public KaplanMeier {
        steps = List.copyOf(steps);
    }

    /**
     * What was observed.
     *
     * @param time 0 or more
     * @param cutOff whether it went on for longer, nobody knows how long
     */
    public record Observed(double time, boolean cutOff) {}

    /**
     * The curve from one time to the next.
     *
     * @param time at which it falls
     * @param atRisk how many were still going on just before
     * @param ended how many ended then
     * @param share still going on afterwards, 0 to 1
     * @param error standard error of that share
     * @param low lower end of its 95 % interval
     * @param high upper end
     */
    public record Step(double time, int atRisk, int ended, double share, double error, double low, double high) {}

    /**
     * The curve.
     *
     * @throws IllegalArgumentException if a time is negative or no number
     */
    public static KaplanMeier of(List<Observed> observed) {
        TreeSet<Double> ends = new TreeSet<>();
        int cutOff = 0;
        for (Observed one : observed) {
            if (!(one.time() >= 0)) {
                throw new IllegalArgumentException("Time must be 0 or more, got %s.".formatted(one.time()));
            }
            if (one.cutOff()) {
                cutOff++;
            } else {
                ends.add(one.time());
            }
        }
        List<Step> steps = new ArrayList<>();
        double share = 1;
        double sum = 0;
        for (double time : ends) {
            int atRisk = 0;
            int ended = 0;
            for (Observed one : observed) {
                atRisk += one.time() >= time ? 1 : 0;
                ended += one.time() == time && !one.cutOff() ? 1 : 0;
            }
            share *= 1 - (double) ended / atRisk;
            sum += atRisk == ended ? 0 : (double) ended / ((double) atRisk * (atRisk - ended));
            steps.add(step(time, atRisk, ended, share, Math.sqrt(sum)));
        }
        return new KaplanMeier(steps, observed.size(), cutOff);
    }

    private static Step step(double time, int atRisk, int ended, double share, double relative) {
        if (share == 0) {
            return new Step(time, atRisk, ended, 0, 0, 0, 0);
        }
        double width = Z * relative / Math.abs(Math.log(share));
        return new Step(
                time,
                atRisk,
                ended,
                share,
                share * relative,
                Math.pow(share, Math.exp(width)),
                Math.pow(share, Math.exp(-width)));
    }

    /** The time by which half have ended; absent where more than half were still going on. */
    public Optional<Double> median() {
        return steps.stream()
                .filter(step -> step.share() <= 0.5)
                .map(Step::time)
                .findFirst();
    }

    /** The share that still goes on after a time, 0 to 1. */
    public double shareAfter(double time) {
        double share = 1;
        for (Step step : steps) {
            if (step.time() <= time) {
                share = step.share();
            }
        }
        return share;
    }
}
