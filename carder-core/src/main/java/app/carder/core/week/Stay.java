package app.carder.core.week;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;

/**
 * What stays in one place over days that follow each other; days on which nobody is there do not end it.
 *
 * @param first the day on which it begins, from 0
 * @param last the day on which it ends
 * @param all what stands there, day by day, without the days on which nobody is there
 */
public record Stay<T>(int first, int last, List<T> all) {

    /** Keeps its own copy. */
    public Stay {
        all = List.copyOf(all);
    }

    /**
     * Days over which the same thing stands in a place.
     *
     * @param byDay what stands there
     * @param open whether anybody is there, by day
     * @param same what two of them have in common if they are the same thing
     */
    public static <T> List<Stay<T>> of(List<Optional<T>> byDay, List<Boolean> open, Function<T, ?> same) {
        List<Stay<T>> stays = new ArrayList<>();
        List<T> running = new ArrayList<>();
        int first = 0;
        int last = 0;
        for (int day = 0; day < byDay.size(); day++) {
            if (!open.get(day)) {
                continue;
            }
            Optional<T> there = byDay.get(day);
            if (!running.isEmpty()
                    && there.filter(one -> Objects.equals(same.apply(one), same.apply(running.get(0))))
                            .isEmpty()) {
                stays.add(new Stay<>(first, last, running));
                running.clear();
            }
            if (there.isPresent()) {
                first = running.isEmpty() ? day : first;
                last = day;
                running.add(there.get());
            }
        }
        if (!running.isEmpty()) {
            stays.add(new Stay<>(first, last, running));
        }
        return stays;
    }

    /** Over how many days it reaches, those included on which nobody is there. */
    public int days() {
        return last - first + 1;
    }
}
