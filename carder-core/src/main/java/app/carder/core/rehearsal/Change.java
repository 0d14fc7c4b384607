package app.carder.core.rehearsal;

import app.carder.core.rehearsal.PlannedDay.Adult;
import app.carder.core.rehearsal.PlannedDay.Group;
import app.carder.core.rehearsal.PlannedDay.Hold;
import app.carder.core.rehearsal.PlannedDay.Out;
import app.carder.core.said.Said;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/** One small change of a day. */
public sealed interface Change {

    /** What a swap of two cards counts for, in minutes of a shifted break: children lose what they came for, nobody loses a rest. */
    int SWAP = 60;

    /** What moving a group counts for, beside the minutes that it moves: children are called at another time. */
    int GROUP = 15;

    /** The day with it. */
    PlannedDay on(PlannedDay day);

    /** How much it changes, in minutes of a shifted break. What counts for how much is common sense, not measured. */
    int size();

    /** When something is otherwise than before. */
    List<Span> touches();

    /** What it changes; two changes of the same thing are not made together. */
    Set<String> of();

    /** What to do, in words. */
    Said said();

    /**
     * Two cards change places and sessions.
     *
     * @param one card
     * @param other card
     */
    record Swap(Out one, Out other) implements Change {
        @Override
        public PlannedDay on(PlannedDay day) {
            return day.withCards(day.cards().stream()
                    .map(card -> card.id().equals(one.id())
                            ? card.movedTo(other)
                            : card.id().equals(other.id()) ? card.movedTo(one) : card)
                    .toList());
        }

        @Override
        public int size() {
            return SWAP;
        }

        @Override
        public List<Span> touches() {
            return List.of(one.when(), other.when());
        }

        @Override
        public Set<String> of() {
            return Set.of(one.id(), other.id());
        }

        @Override
        public Said said() {
            return Said.of(
                    "rehearsal.change.SWAP",
                    one.title(),
                    other.title(),
                    one.session().name(),
                    one.place().name(),
                    other.session().name(),
                    other.place().name());
        }

        /** Whether anything can be otherwise for the adults: two cards that run by themselves may change places as they like. */
        boolean matters() {
            return (!one.session().equals(other.session()) || !one.place().equals(other.place()))
                    && Stream.of(one, other, one.movedTo(other), other.movedTo(one))
                            .anyMatch(card -> !card.hold().equals(Hold.RUNS));
        }
    }

    /**
     * A group is taken aside at another time.
     *
     * @param group which
     * @param to when instead
     */
    record MoveGroup(Group group, Span to) implements Change {
        @Override
        public PlannedDay on(PlannedDay day) {
            return day.withGroups(day.groups().stream()
                    .map(one -> one.id().equals(group.id()) ? new Group(one.id(), one.name(), to) : one)
                    .toList());
        }

        @Override
        public int size() {
            return GROUP + Math.abs(to.from() - group.when().from());
        }

        @Override
        public List<Span> touches() {
            return List.of(group.when(), to);
        }

        @Override
        public Set<String> of() {
            return Set.of(group.id());
        }

        @Override
        public Said said() {
            return Said.of("rehearsal.change.GROUP", group.name(), group.when().said(), to.said());
        }
    }

    /**
     * An adult has a break earlier or later.
     *
     * @param adult who
     * @param rest the break as it is
     * @param minutes later, or earlier below 0
     */
    record ShiftBreak(Adult adult, Span rest, int minutes) implements Change {
        /** When instead. */
        public Span to() {
            return rest.later(minutes);
        }

        @Override
        public PlannedDay on(PlannedDay day) {
            return day.withAdults(day.adults().stream()
                    .map(one -> one.id().equals(adult.id()) ? new Adult(one.id(), one.name(), hours()) : one)
                    .toList());
        }

        private List<Span> hours() {
            List<Span> hours = new ArrayList<>();
            for (Span span : adult.there()) {
                if (span.until() == rest.from()) {
                    hours.add(new Span(span.from(), to().from()));
                } else if (span.from() == rest.until()) {
                    hours.add(new Span(to().until(), span.until()));
                } else {
                    hours.add(span);
                }
            }
            return hours;
        }

        @Override
        public int size() {
            return Math.abs(minutes);
        }

        @Override
        public List<Span> touches() {
            return List.of(new Span(Math.min(rest.from(), to().from()), Math.max(rest.until(), to().until())));
        }

        @Override
        public Set<String> of() {
            return Set.of(adult.id());
        }

        @Override
        public Said said() {
            return Said.of("rehearsal.change.BREAK", adult.name(), rest.said(), to().said());
        }
    }
}
