package app.carder.core.rehearsal;

import app.carder.core.rehearsal.Change.MoveGroup;
import app.carder.core.rehearsal.Change.ShiftBreak;
import app.carder.core.rehearsal.Change.Swap;
import app.carder.core.rehearsal.PlannedDay.Adult;
import app.carder.core.rehearsal.PlannedDay.Group;
import app.carder.core.rehearsal.PlannedDay.Out;
import app.carder.core.rehearsal.PlannedDay.Session;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;

/**
 * The smallest change that mends a clash and makes nothing else worse: one change before two, then by {@link Change#size()}.
 *
 * <p>What holds at a minute depends on what is planned at that minute and the one before it alone. A change that mends something
 * therefore touches its time, and of two changes that mend it together one touches the time of the clash, the other the time of what is
 * still bad after the first: all others are left out of the search, and nothing is missed.
 */
final class Mending {

    /** How far a break is shifted at the most, in minutes: common practice, so that nobody works half a day without one. */
    static final int FARTHEST = 60;

    /** Breaks and groups begin at every so many minutes. */
    static final int STEP = 5;

    private static final Comparator<Change> SMALLEST = Comparator.comparingInt(Change::size);

    private final Timeline before;
    private final List<Change> changes;
    private final int most;
    private int looksLeft;

    /**
     * @param most days that are tried for a clash before it gives up
     */
    Mending(Timeline before, int most) {
        this.before = before;
        this.changes = changes(before.day());
        this.most = most;
    }

    /**
     * What mends a clash.
     *
     * @param changes one or two; empty where there is none
     * @param isWhole whether everything was tried; where not, there may be one all the same
     */
    record Found(List<Change> changes, boolean isWhole) {
        /** Keeps its own copy. */
        Found {
            changes = List.copyOf(changes);
        }

        private int size() {
            return changes.stream().mapToInt(Change::size).sum();
        }
    }

    /** Everything that may be changed, smallest first. */
    static List<Change> changes(PlannedDay day) {
        List<Change> changes = new ArrayList<>();
        for (Adult adult : day.adults()) {
            for (Span rest : adult.breaks()) {
                for (int minutes = -FARTHEST; minutes <= FARTHEST; minutes += STEP) {
                    if (minutes != 0 && fits(adult, rest, minutes)) {
                        changes.add(new ShiftBreak(adult, rest, minutes));
                    }
                }
            }
        }
        for (Group group : day.groups()) {
            for (Session session : day.sessions()) {
                for (int start = session.when().from();
                        start + group.when().minutes() <= session.when().until();
                        start += STEP) {
                    Span to = new Span(start, start + group.when().minutes());
                    if (!to.equals(group.when())) {
                        changes.add(new MoveGroup(group, to));
                    }
                }
            }
        }
        List<Out> cards = day.cards();
        for (int one = 0; one < cards.size(); one++) {
            for (int other = one + 1; other < cards.size(); other++) {
                Swap swap = new Swap(cards.get(one), cards.get(other));
                if (swap.matters()) {
                    changes.add(swap);
                }
            }
        }
        changes.sort(SMALLEST);
        return changes;
    }

    /** Whether some work is left on both sides of the break. */
    private static boolean fits(Adult adult, Span rest, int minutes) {
        int from = rest.from() + minutes;
        int until = rest.until() + minutes;
        return adult.there().stream().anyMatch(span -> span.until() == rest.from() && span.from() + STEP <= from)
                && adult.there().stream().anyMatch(span -> span.from() == rest.until() && until + STEP <= span.until());
    }

    /** Looks for it. */
    Found of(Clash clash) {
        if (!clash.kind().canBeMended()) {
            return new Found(List.of(), true);
        }
        looksLeft = most;
        List<Timeline> tried = new ArrayList<>();
        List<Change> relevant = new ArrayList<>();
        for (Change change : changes) {
            if (!touches(change, clash.when()) || (clash.kind().isOfPresence() && !(change instanceof ShiftBreak))) {
                continue;
            }
            if (looksLeft-- <= 0) {
                return new Found(List.of(), false);
            }
            Timeline with = before.with(change);
            if (with.isWithout(clash, before) && with.isNoWorseThan(before, change.touches())) {
                return new Found(List.of(change), true);
            }
            tried.add(with);
            relevant.add(change);
        }
        return two(clash, relevant, tried);
    }

    private Found two(Clash clash, List<Change> firsts, List<Timeline> withFirst) {
        Found best = new Found(List.of(), true);
        for (int at = 0; at < firsts.size(); at++) {
            Change first = firsts.get(at);
            List<Span> bad = bad(clash, first, withFirst.get(at));
            for (Change second : changes) {
                if (!best.changes().isEmpty() && first.size() + second.size() >= best.size()) {
                    break;
                }
                if (!Collections.disjoint(first.of(), second.of())
                        || bad.stream().noneMatch(span -> touches(second, span))) {
                    continue;
                }
                if (looksLeft-- <= 0) {
                    return new Found(best.changes(), false);
                }
                if (mends(clash, first, second, withFirst.get(at))) {
                    best = new Found(List.of(first, second), true);
                }
            }
        }
        return best;
    }

    private boolean mends(Clash clash, Change first, Change second, Timeline withFirst) {
        Timeline with = withFirst.with(second);
        List<Span> touched = new ArrayList<>(first.touches());
        touched.addAll(second.touches());
        return with.isWithout(clash, before) && with.isNoWorseThan(before, touched);
    }

    /** Where something is left to be mended after a first change. */
    private List<Span> bad(Clash clash, Change first, Timeline with) {
        List<Span> bad = new ArrayList<>();
        List<Span> looked = new ArrayList<>(first.touches());
        looked.add(clash.when());
        for (Span span : looked) {
            for (Span stretch : with.stretches()) {
                if (stretch.from() <= span.until()
                        && stretch.until() >= span.from()
                        && with.isBad(stretch, clash, before)) {
                    bad.add(stretch);
                }
            }
        }
        return bad;
    }

    /** A minute on either side, because of who hands over to whom. */
    private static boolean touches(Change change, Span when) {
        Span around = new Span(Math.max(0, when.from() - 1), Math.min(Span.DAY, when.until() + 1));
        return change.touches().stream().anyMatch(around::touches);
    }
}
