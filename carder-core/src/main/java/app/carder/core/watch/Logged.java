package app.carder.core.watch;

import java.time.Instant;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;

/**
 * An entry of the log of a record. The log only grows: a tap is taken back or given another time by a later entry that
 * names it, so that nothing that was ever recorded is lost.
 *
 * @param <T> what was recorded
 */
public sealed interface Logged<T> {

    /** Its own; the ids of one device grow with time. */
    UUID id();

    /** When it was entered. */
    Instant at();

    /**
     * Something that happened.
     *
     * @param id its own
     * @param at when
     * @param what was recorded
     */
    record Happened<T>(UUID id, Instant at, T what) implements Logged<T> {}

    /**
     * Takes an entry back.
     *
     * @param id its own
     * @param at when it was taken back
     * @param target the entry that does not count
     */
    record TakenBack<T>(UUID id, Instant at, UUID target) implements Logged<T> {}

    /**
     * Gives an entry another time.
     *
     * @param id its own
     * @param at when it was corrected
     * @param target the entry that is corrected
     * @param happenedAt when it really happened
     */
    record Retimed<T>(UUID id, Instant at, UUID target, Instant happenedAt) implements Logged<T> {}

    /**
     * What counts, in order of time: entries that were taken back are left out, the others stand at the time of their
     * latest correction that was not itself taken back; taking back what took something back makes it count again. Of two corrections that were entered at the same moment, on two devices, the one with the
     * greater id counts, so that everybody sees the same. Corrections of entries that have not arrived do nothing yet.
     */
    static <T> List<Happened<T>> effective(Collection<Logged<T>> log) {
        Set<UUID> gone = new HashSet<>();
        Map<UUID, Retimed<T>> times = new HashMap<>();
        List<Logged<T>> ordered = log.stream()
                .sorted(Comparator.<Logged<T>, Instant>comparing(Logged::at).thenComparing(Logged::id))
                .toList();
        // From the last entry back, so that what takes something back is known to count when its turn comes.
        for (int at = ordered.size() - 1; at >= 0; at--) {
            if (ordered.get(at) instanceof TakenBack<T> back && !gone.contains(back.id())) {
                gone.add(back.target());
            }
        }
        for (Logged<T> entry : ordered) {
            if (entry instanceof Retimed<T> retimed && !gone.contains(retimed.id())) {
                times.put(retimed.target(), retimed);
            }
        }
        return ordered.stream()
                .filter(entry -> entry instanceof Happened<T> && !gone.contains(entry.id()))
                .map(entry -> at((Happened<T>) entry, Optional.ofNullable(times.get(entry.id()))))
                .sorted(Comparator.<Happened<T>, Instant>comparing(Happened::at).thenComparing(Happened::id))
                .toList();
    }

    private static <T> Happened<T> at(Happened<T> entry, Optional<Retimed<T>> correction) {
        return correction
                .map(retimed -> new Happened<>(entry.id(), retimed.happenedAt(), entry.what()))
                .orElse(entry);
    }
}
