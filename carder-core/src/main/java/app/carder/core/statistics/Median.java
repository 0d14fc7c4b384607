package app.carder.core.statistics;

import java.time.Duration;
import java.util.Collection;
import java.util.List;
import java.util.Optional;

/** The middle of some values; of an even number, half way between the two in the middle. */
public final class Median {

    private Median() {}

    /** The middle of some durations, to the millisecond; absent where there are none. */
    public static Optional<Duration> of(Collection<Duration> durations) {
        return durations.isEmpty()
                ? Optional.empty()
                : Optional.of(Duration.ofMillis(Math.round(
                        of(durations.stream().mapToDouble(Duration::toMillis).toArray()))));
    }

    /**
     * The middle of some numbers.
     *
     * @throws IllegalArgumentException if there are none
     */
    static double of(double[] values) {
        if (values.length == 0) {
            throw new IllegalArgumentException("A median must have at least one value, got none.");
        }
        List<Double> ordered = java.util.Arrays.stream(values).sorted().boxed().toList();
        int middle = ordered.size() / 2;
        return ordered.size() % 2 == 1 ? ordered.get(middle) : (ordered.get(middle - 1) + ordered.get(middle)) / 2;
    }
}
