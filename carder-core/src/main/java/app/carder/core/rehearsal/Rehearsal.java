package app.carder.core.rehearsal;

import app.carder.core.drawing.Sketch;
import app.carder.core.rehearsal.Clash.Kind;
import app.carder.core.rehearsal.PlannedDay.Adult;
import app.carder.core.rehearsal.PlannedDay.Child;
import app.carder.core.rehearsal.PlannedDay.Out;
import app.carder.core.said.Said;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * A day played through minute by minute: how it stands at each time, every clash, and the smallest change that mends it.
 *
 * <p>It is about what is planned. Whoever is ill, comes late or runs after a child is not in it, and a change that is found here makes
 * no more of the day right than what it names.
 *
 * @param day what was played
 * @param moments stretches in which nothing changes, in order, without gaps
 * @param clashes gravest first, then earliest
 */
public record Rehearsal(PlannedDay day, List<Moment> moments, List<Mended> clashes) {

    /** How many days are tried for all clashes together, in equal shares: about a fifth of a second. */
    private static final int MOST_LOOKS = 5_000;

    /** Keeps its own copies. */
    public Rehearsal {
        moments = List.copyOf(moments);
        clashes = List.copyOf(clashes);
    }

    /**
     * A stretch in which nothing changes.
     *
     * @param when from when to when
     * @param children who are there
     * @param adults who are there
     * @param resting adults who have a break
     * @param need adults that the children take
     * @param duties that take an adult wholly
     * @param out cards that are out
     */
    public record Moment(
            Span when,
            List<Child> children,
            List<Adult> adults,
            List<Adult> resting,
            int need,
            List<Duty> duties,
            List<Out> out) {
        /** Keeps its own copies. */
        public Moment {
            children = List.copyOf(children);
            adults = List.copyOf(adults);
            resting = List.copyOf(resting);
            duties = List.copyOf(duties);
            out = List.copyOf(out);
        }

        /** Adults whom nothing takes wholly; 0 where there are fewer than duties. */
        public int free() {
            return Math.max(0, adults.size() - duties.size());
        }
    }

    /**
     * A clash with what mends it.
     *
     * @param clash what cannot go
     * @param changes one or two that mend it together; empty where no small change does
     * @param isWhole whether all small changes were tried
     */
    public record Mended(Clash clash, List<Change> changes, boolean isWhole) {
        /** Keeps its own copy. */
        public Mended {
            changes = List.copyOf(changes);
        }

        /** Why the changes mend it, in one sentence. */
        public Said because() {
            return clash.said("rehearsal.mended.");
        }
    }

    /** Plays a day through. */
    public static Rehearsal of(PlannedDay day) {
        Timeline timeline = new Timeline(day);
        List<Clash> clashes = clashes(timeline);
        Mending mending = new Mending(timeline, MOST_LOOKS / Math.max(1, clashes.size()));
        return new Rehearsal(
                day,
                timeline.stretches().stream()
                        .map(span -> moment(timeline, span))
                        .toList(),
                clashes.stream()
                        .map(clash -> {
                            Mending.Found found = mending.of(clash);
                            return new Mended(clash, found.changes(), found.isWhole());
                        })
                        .toList());
    }

    private static Moment moment(Timeline timeline, Span span) {
        PlannedDay day = timeline.day();
        Facts facts = timeline.at(span.from());
        return new Moment(
                span,
                day.children().stream()
                        .filter(child -> child.there().holds(span.from()))
                        .toList(),
                facts.here(),
                day.adults().stream()
                        .filter(adult -> adult.breaks().stream().anyMatch(rest -> rest.holds(span.from())))
                        .toList(),
                facts.need(),
                facts.duties(),
                day.cards().stream()
                        .filter(card -> card.when().holds(span.from()))
                        .toList());
    }

    /** Every clash of a day, gravest first. */
    static List<Clash> clashes(Timeline timeline) {
        Map<String, List<Clash>> byWhat = new HashMap<>();
        for (Span span : timeline.stretches()) {
            Facts facts = timeline.at(span.from());
            for (Map.Entry<Kind, Set<String>> bad : facts.bad().entrySet()) {
                for (Set<String> ids : bad.getKey().isNumber() ? Set.of(bad.getValue()) : apart(bad.getValue())) {
                    Clash next = clash(timeline.day(), bad.getKey(), span, ids, facts);
                    String what = next.kind() + " " + new TreeSet<>(next.ids()) + next.about() + next.with();
                    append(byWhat.computeIfAbsent(what, one -> new ArrayList<>()), next);
                }
            }
        }
        return byWhat.values().stream()
                .flatMap(List::stream)
                .sorted(Comparator.comparing(Clash::kind)
                        .thenComparing(clash -> clash.when().from())
                        .thenComparing(clash -> clash.about().toString()))
                .toList();
    }

    /** What goes on from the last is the same. */
    private static void append(List<Clash> clashes, Clash next) {
        Clash last = clashes.isEmpty() ? null : clashes.get(clashes.size() - 1);
        if (last != null && last.when().until() == next.when().from()) {
            clashes.set(clashes.size() - 1, last.until(next.when().until()));
        } else {
            clashes.add(next);
        }
    }

    private static Set<Set<String>> apart(Set<String> ids) {
        return ids.stream().map(Set::of).collect(Collectors.toSet());
    }

    private static Clash clash(PlannedDay day, Kind kind, Span span, Set<String> ids, Facts facts) {
        List<String> here = facts.here().stream().map(Adult::name).toList();
        String id = ids.iterator().next();
        return switch (kind) {
            case MEDICINE ->
                new Clash(kind, span, ids, names(day.children(), id, Child::id, Child::name), givers(day, id));
            case HELD ->
                new Clash(
                        kind,
                        span,
                        ids,
                        names(day.cards(), id, Out::id, Out::title),
                        names(day.cards(), id, Out::id, card -> card.hold().why()).stream()
                                .filter(why -> !why.isEmpty())
                                .toList());
            case NEEDED_TWICE ->
                new Clash(
                        kind,
                        span,
                        ids,
                        words(facts.duties().stream()
                                .filter(duty -> duty.who().filter(id::equals).isPresent())
                                .toList()),
                        names(day.adults(), id, Adult::id, Adult::name));
            case NAMED_AWAY ->
                new Clash(
                        kind,
                        span,
                        ids,
                        words(facts.duties().stream()
                                .filter(duty -> duty.id().equals(id))
                                .toList()),
                        names(day.adults(), whoIsNamed(facts, id), Adult::id, Adult::name));
            case TOO_FEW ->
                new Clash(
                        kind,
                        span,
                        ids,
                        words(facts.duties().stream()
                                .filter(duty -> duty.who().isEmpty())
                                .toList()),
                        here);
            case ADULTS_MISSING -> new Clash(kind, span, ids, List.of(), here);
            case DOOR_UNSEEN, DOOR_UNKNOWN, FIRST_AID, HAND_OVER -> new Clash(kind, span, ids, List.of(), List.of());
        };
    }

    private static String whoIsNamed(Facts facts, String dutyId) {
        return facts.duties().stream()
                .filter(duty -> duty.id().equals(dutyId))
                .flatMap(duty -> duty.who().stream())
                .findFirst()
                .orElseThrow();
    }

    private static List<String> givers(PlannedDay day, String childId) {
        return day.children().stream()
                .filter(child -> child.id().equals(childId))
                .flatMap(child -> child.givers().stream())
                .flatMap(Set::stream)
                .flatMap(id -> names(day.adults(), id, Adult::id, Adult::name).stream())
                .sorted()
                .toList();
    }

    private static List<String> words(List<Duty> duties) {
        return duties.stream().map(duty -> duty.said().words()).toList();
    }

    private static <T> List<String> names(
            List<T> all, String id, Function<T, String> itsId, Function<T, String> itsName) {
        return all.stream()
                .filter(one -> itsId.apply(one).equals(id))
                .map(itsName)
                .toList();
    }

    /** How it stands at a minute of the day; absent before the first and after the last. */
    public Optional<Moment> at(int minute) {
        return moments.stream().filter(moment -> moment.when().holds(minute)).findFirst();
    }

    /** The day over its hours, with a line at a minute; absent where nobody is due and nobody comes. */
    public Optional<Sketch> drawing(int minute) {
        return DayDrawing.of(this, minute);
    }

    /** Clashes at a minute of the day, gravest first. */
    public List<Mended> clashesAt(int minute) {
        return clashes.stream().filter(one -> one.clash().when().holds(minute)).toList();
    }
}
