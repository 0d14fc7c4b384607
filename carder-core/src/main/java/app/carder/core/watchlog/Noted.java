package app.carder.core.watchlog;

import app.carder.core.watchlog.Entry.Correction;
import app.carder.core.watchlog.Entry.Retimed;
import app.carder.core.watchlog.Entry.TakenBack;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;

/**
 * An entry of the log of a record, with its moment. The log only grows: a tap is taken back or given another time by a
 * later entry that names it, so that nothing that was ever recorded is lost.
 *
 * @param id its own; the ids of one device grow with time
 * @param at when it happened, or when the correction was entered
 * @param entry what was noted
 */
public record Noted(UUID id, Instant at, Entry entry) {

    /** Ids by their letters, which is the order in which they were minted, and the same on every machine. */
    private static final Comparator<Noted> BY_TIME =
            Comparator.comparing(Noted::at).thenComparing(noted -> noted.id().toString());

    /**
     * What counts, in order of time: entries that were taken back are left out, the others stand at the time of their
     * latest correction that was not itself taken back; taking back what took something back makes it count again. Of two
     * corrections that were entered at the same moment, on two devices, the one with the greater id counts, so that
     * everybody sees the same. Corrections of entries that have not arrived do nothing yet.
     */
    public static List<Noted> counting(Collection<Noted> log) {
        Set<UUID> gone = new HashSet<>();
        Map<UUID, Instant> times = new HashMap<>();
        List<Noted> ordered = inOrder(log);
        // From the last entry back, so that what takes something back is known to count when its turn comes.
        for (int at = ordered.size() - 1; at >= 0; at--) {
            Noted noted = ordered.get(at);
            if (noted.entry() instanceof TakenBack back && !gone.contains(noted.id())) {
                gone.add(back.target());
            }
        }
        for (Noted noted : ordered) {
            if (noted.entry() instanceof Retimed retimed && !gone.contains(noted.id())) {
                times.put(retimed.target(), retimed.happenedAt());
            }
        }
        List<Noted> counting = new ArrayList<>();
        for (Noted noted : ordered) {
            if (!(noted.entry() instanceof Correction) && !gone.contains(noted.id())) {
                Instant corrected = times.get(noted.id());
                counting.add(corrected == null ? noted : new Noted(noted.id(), corrected, noted.entry()));
            }
        }
        return inOrder(counting);
    }

    /** What is in order already, as on a device that only adds to its log, is not sorted again: a record is drawn at every tap. */
    private static List<Noted> inOrder(Collection<Noted> log) {
        Noted before = null;
        for (Noted noted : log) {
            if (before != null && BY_TIME.compare(before, noted) > 0) {
                return log.stream().sorted(BY_TIME).toList();
            }
            before = noted;
        }
        return List.copyOf(log);
    }
}
