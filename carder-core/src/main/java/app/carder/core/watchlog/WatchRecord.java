package app.carder.core.watchlog;

import app.carder.core.watch.Episode;
import app.carder.core.watch.Episodes;
import app.carder.core.watch.Observers;
import app.carder.core.watch.PlayEvent;
import app.carder.core.watchlog.Entry.OfChild;
import app.carder.core.watchlog.Entry.Tap;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;

/**
 * One time of watching, with what counts of its log: what was taken back is gone, corrected times are right.
 *
 * @param head which one
 * @param from when it began
 * @param until when it ended; where nobody said so, its last entry
 * @param seen what counts about children, in order, at the times that count
 */
public record WatchRecord(RecordHead head, Instant from, Instant until, List<Noted> seen) {

    /** Keeps its own copy. */
    public WatchRecord {
        seen = List.copyOf(seen);
    }

    /**
     * What counts of a log.
     *
     * @param log of one record, with at least one entry
     */
    public static WatchRecord of(RecordHead head, List<Noted> log) {
        List<Noted> counting = Noted.counting(log);
        Instant first = counting.isEmpty() ? log.get(0).at() : counting.get(0).at();
        Instant last =
                counting.isEmpty() ? first : counting.get(counting.size() - 1).at();
        return new WatchRecord(
                head,
                first,
                last,
                counting.stream()
                        .filter(noted -> noted.entry() instanceof OfChild)
                        .toList());
    }

    /**
     * Records of the same play by several people as one each, so that nothing is summed up twice: those of one card whose
     * times overlap. Of a tap that two of them made, the earlier counts.
     *
     * @param records the earliest first
     */
    public static List<WatchRecord> merged(Collection<WatchRecord> records) {
        List<WatchRecord> merged = new ArrayList<>();
        for (WatchRecord next : records) {
            Optional<WatchRecord> same =
                    merged.stream().filter(one -> one.isOfSamePlay(next)).findFirst();
            same.ifPresentOrElse(one -> merged.set(merged.indexOf(one), one.with(next)), () -> merged.add(next));
        }
        return merged;
    }

    private boolean isOfSamePlay(WatchRecord other) {
        return Objects.equals(head.card(), other.head.card())
                && from.isBefore(other.until)
                && other.from.isBefore(until)
                && taps().keySet().stream().anyMatch(other.taps()::containsKey);
    }

    private WatchRecord with(WatchRecord other) {
        List<Noted> all = Stream.concat(seen.stream(), other.seen.stream())
                .sorted(Comparator.comparing(Noted::at))
                .toList();
        List<Noted> counting = new ArrayList<>(
                all.stream().filter(noted -> !(noted.entry() instanceof Tap)).toList());
        Set<UUID> children = new LinkedHashSet<>(taps().keySet());
        children.addAll(other.taps().keySet());
        for (UUID child : children) {
            Observers.merged(List.of(observed(child), other.observed(child))).stream()
                    .flatMap(one -> one.events().stream())
                    .forEach(event -> all.stream()
                            .filter(noted -> noted.at().equals(event.at())
                                    && noted.entry().equals(new Tap(child, event.kind())))
                            .findFirst()
                            .ifPresent(counting::add));
        }
        counting.sort(Comparator.comparing(Noted::at));
        String authors = head.author().equals(other.head.author())
                ? head.author()
                : head.author() + " and " + other.head.author();
        return new WatchRecord(
                new RecordHead(head.id(), head.room(), head.card(), head.method(), authors),
                from.isBefore(other.from) ? from : other.from,
                until.isAfter(other.until) ? until : other.until,
                counting);
    }

    /** What was tapped about one child, with the time that was watched. */
    public Observers.Watched observed(UUID child) {
        return new Observers.Watched(from, until, taps(child));
    }

    /** Taps about each child, in the order in which they were first tapped. */
    public Map<UUID, List<PlayEvent>> taps() {
        Map<UUID, List<PlayEvent>> taps = new LinkedHashMap<>();
        for (Noted noted : seen) {
            if (noted.entry() instanceof Tap tap) {
                taps.computeIfAbsent(tap.child(), child -> new ArrayList<>())
                        .add(new PlayEvent(noted.at(), tap.kind()));
            }
        }
        return taps;
    }

    /** Taps about one child; none where nobody tapped. */
    public List<PlayEvent> taps(UUID child) {
        return taps().getOrDefault(child, List.of());
    }

    /** Episodes of a child. */
    public List<Episode> episodes(UUID child) {
        return Episodes.of(taps(child), until);
    }

    /** Episodes of all children, in the order in which they were first tapped. */
    public Map<UUID, List<Episode>> episodes() {
        Map<UUID, List<Episode>> episodes = new LinkedHashMap<>();
        taps().forEach((child, events) -> episodes.put(child, Episodes.of(events, until)));
        return episodes;
    }

    /** Entries of a kind about a child, in order, each with its moment. */
    public <E extends OfChild> List<Moment<E>> of(UUID child, Class<E> kind) {
        return seen.stream()
                .filter(noted -> kind.isInstance(noted.entry()))
                .map(noted -> new Moment<>(noted.at(), kind.cast(noted.entry())))
                .filter(moment -> moment.entry().child().equals(child))
                .toList();
    }

    /**
     * An entry of a known kind.
     *
     * @param at when
     * @param entry what
     */
    public record Moment<E extends OfChild>(Instant at, E entry) {}
}
