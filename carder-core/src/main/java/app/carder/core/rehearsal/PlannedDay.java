package app.carder.core.rehearsal;

import app.carder.core.ratio.RatioRule;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * What is planned for one room on one day.
 *
 * @param rule how many adults children take
 * @param children who are due
 * @param adults on the rota
 * @param sessions of play, in which cards are out and groups are taken aside
 * @param cards that are out, each in one session
 * @param groups taken aside by one adult each
 * @param garden when the way into it is open
 * @param withoutFirstAid times with children and nobody certified on site
 */
public record PlannedDay(
        RatioRule rule,
        List<Child> children,
        List<Adult> adults,
        List<Session> sessions,
        List<Out> cards,
        List<Group> groups,
        Garden garden,
        List<Span> withoutFirstAid) {

    /** Keeps its own copies. */
    public PlannedDay {
        children = List.copyOf(children);
        adults = List.copyOf(adults);
        sessions = List.copyOf(sessions);
        cards = List.copyOf(cards);
        groups = List.copyOf(groups);
        withoutFirstAid = List.copyOf(withoutFirstAid);
    }

    /**
     * A child who is due.
     *
     * @param id its own
     * @param name for people
     * @param months completed months of age
     * @param there from arriving to leaving
     * @param givers who may give the emergency medicine, by id: absent where none is needed, empty where nobody is written down
     */
    public record Child(String id, String name, int months, Span there, Optional<Set<String>> givers) {
        /** Keeps its own copy. */
        public Child {
            givers = givers.map(Set::copyOf);
        }
    }

    /**
     * An adult on the rota.
     *
     * @param id their own
     * @param name for people
     * @param there when, in order, apart from one another: what lies between two is a break
     */
    public record Adult(String id, String name, List<Span> there) {
        /**
         * Puts the hours in order; hours that follow without a minute between them are one.
         */
        public Adult {
            List<Span> apart = new ArrayList<>();
            for (Span next :
                    there.stream().sorted(Comparator.comparingInt(Span::from)).toList()) {
                Span last = apart.isEmpty() ? null : apart.get(apart.size() - 1);
                if (last != null && last.until() >= next.from()) {
                    apart.set(apart.size() - 1, new Span(last.from(), Math.max(last.until(), next.until())));
                } else {
                    apart.add(next);
                }
            }
            there = List.copyOf(apart);
        }

        /** Whether they are in the room. */
        public boolean isThere(int minute) {
            for (Span span : there) {
                if (span.holds(minute)) {
                    return true;
                }
            }
            return false;
        }

        /** Breaks, in order. */
        public List<Span> breaks() {
            List<Span> breaks = new ArrayList<>();
            for (int at = 1; at < there.size(); at++) {
                breaks.add(new Span(there.get(at - 1).until(), there.get(at).from()));
            }
            return breaks;
        }
    }

    /**
     * A session of play.
     *
     * @param id its own
     * @param name for people
     * @param when from start to end
     */
    public record Session(String id, String name, Span when) {}

    /**
     * A place where a card is out.
     *
     * @param id its own
     * @param name for people
     * @param seesDoor whether whoever stays there has the garden door in view
     */
    public record Place(String id, String name, boolean seesDoor) {}

    /**
     * What a card takes in a session, for the children of that session.
     *
     * @param stays whether an adult stays within arm's reach
     * @param held whether it may not be set out as it is
     * @param why what holds it, in words; empty where nothing does, or nobody has looked
     */
    public record Hold(boolean stays, boolean held, String why) {
        /** It runs by itself. */
        public static final Hold RUNS = new Hold(false, false, "");

        /** An adult stays with it. */
        public static final Hold STAYS = new Hold(true, false, "");

        /** Nobody has looked: the worst that it could be. */
        public static final Hold UNKNOWN = new Hold(true, true, "");
    }

    /**
     * A card that is out.
     *
     * @param id its own on this day
     * @param title for people
     * @param session in which it is out
     * @param place where
     * @param who the adult who was named to stay with it, by id; absent where anybody may
     * @param holds what it takes in each session of the day, by the session's id; {@link Hold#UNKNOWN} where it has none
     */
    public record Out(
            String id, String title, Session session, Place place, Optional<String> who, Map<String, Hold> holds) {
        /** Keeps its own copy. */
        public Out {
            holds = Map.copyOf(holds);
        }

        /** What it takes where it is out. */
        public Hold hold() {
            return holds.getOrDefault(session.id(), Hold.UNKNOWN);
        }

        /** When it is out. */
        public Span when() {
            return session.when();
        }

        Out movedTo(Out other) {
            return new Out(id, title, other.session, other.place, who, holds);
        }
    }

    /**
     * A few children taken aside by one adult.
     *
     * @param id its own
     * @param name for people: who is in it
     * @param when from start to end
     */
    public record Group(String id, String name, Span when) {
        /** How long one is: common practice with children under five. */
        public static final int USUAL_MINUTES = 20;
    }

    /**
     * The way into the garden.
     *
     * @param open when children may choose to be out there while others play indoors
     * @param isOnPlan whether a garden door is on the room's plan, so that it can be told from where it is seen
     */
    public record Garden(List<Span> open, boolean isOnPlan) {
        /** Keeps its own copy. */
        public Garden {
            open = List.copyOf(open);
        }

        boolean isOpen(int minute) {
            return open.stream().anyMatch(span -> span.holds(minute));
        }
    }

    /** A day on which nobody comes. */
    public static PlannedDay ofNobody(RatioRule rule) {
        return new PlannedDay(
                rule, List.of(), List.of(), List.of(), List.of(), List.of(), new Garden(List.of(), true), List.of());
    }

    /** From the first thing that happens to the last; absent where nobody is due and nobody comes. */
    public Optional<Span> length() {
        List<Span> all = Stream.of(
                        children.stream().map(Child::there), adults.stream().flatMap(adult -> adult.there().stream()))
                .flatMap(spans -> spans)
                .toList();
        return all.isEmpty()
                ? Optional.empty()
                : Optional.of(new Span(
                        all.stream().mapToInt(Span::from).min().orElseThrow(),
                        all.stream().mapToInt(Span::until).max().orElseThrow()));
    }

    /** Adults that the children take at each minute of the day, 0 where nobody is there. */
    int[] needs() {
        int[] needs = new int[Span.DAY];
        Map<List<Integer>, Integer> known = new HashMap<>();
        int[] edges = children.stream()
                .flatMap(child -> Stream.of(child.there().from(), child.there().until()))
                .mapToInt(Integer::intValue)
                .sorted()
                .distinct()
                .toArray();
        for (int at = 0; at + 1 < edges.length; at++) {
            int minute = edges[at];
            List<Integer> ages = children.stream()
                    .filter(child -> child.there().holds(minute))
                    .map(Child::months)
                    .toList();
            Arrays.fill(
                    needs,
                    minute,
                    edges[at + 1],
                    known.computeIfAbsent(ages, one -> rule.need(one).adults()));
        }
        return needs;
    }

    /** The day with one more group. */
    public PlannedDay with(Group group) {
        return withGroups(Stream.concat(groups.stream(), Stream.of(group)).toList());
    }

    /**
     * A group at the first time of a session at which it takes no adult who is needed elsewhere; at its start where there is none.
     *
     * @param id its own
     * @param name for people
     * @param session in which
     * @param minutes how long, at most as long as the session
     */
    public Group firstFree(String id, String name, Session session, int minutes) {
        Timeline before = new Timeline(this);
        for (int start = session.when().from();
                start + minutes <= session.when().until();
                start += Mending.STEP) {
            Group group = new Group(id, name, new Span(start, start + minutes));
            if (new Timeline(with(group)).isNoWorseThan(before, List.of(group.when()))) {
                return group;
            }
        }
        return new Group(
                id, name, new Span(session.when().from(), session.when().from() + minutes));
    }

    PlannedDay withAdults(List<Adult> others) {
        return new PlannedDay(rule, children, others, sessions, cards, groups, garden, withoutFirstAid);
    }

    PlannedDay withCards(List<Out> others) {
        return new PlannedDay(rule, children, adults, sessions, others, groups, garden, withoutFirstAid);
    }

    PlannedDay withGroups(List<Group> others) {
        return new PlannedDay(rule, children, adults, sessions, cards, others, garden, withoutFirstAid);
    }
}
