package app.carder.core.rehearsal;

import app.carder.core.ratio.RatioRule;
import app.carder.core.rehearsal.PlannedDay.Adult;
import app.carder.core.rehearsal.PlannedDay.Child;
import app.carder.core.rehearsal.PlannedDay.Garden;
import app.carder.core.rehearsal.PlannedDay.Group;
import app.carder.core.rehearsal.PlannedDay.Hold;
import app.carder.core.rehearsal.PlannedDay.Out;
import app.carder.core.rehearsal.PlannedDay.Place;
import app.carder.core.rehearsal.PlannedDay.Session;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;

/** Days made up by chance, and a large one on which everything goes well. */
public final class TestDays {

    static final Session MORNING = new Session("morning", "Morning play", span("09:00", "10:30"));
    static final Session NOON = new Session("noon", "Late morning play", span("10:45", "11:45"));
    static final Session AFTERNOON = new Session("afternoon", "Afternoon play", span("13:30", "15:00"));
    static final Place TABLE = new Place("table", "Table", false);
    static final Place BY_THE_DOOR = new Place("door", "Water by the door", true);

    private static final List<Session> SESSIONS = List.of(MORNING, NOON, AFTERNOON);
    private static final int MONTHS = 44;

    private TestDays() {}

    static Span span(String from, String until) {
        return Span.of(LocalTime.parse(from), LocalTime.parse(until));
    }

    static Adult adult(String name, Span... there) {
        return new Adult(name, name, List.of(there));
    }

    static Child child(String name, Span there) {
        return new Child(name, name, MONTHS, there, Optional.empty());
    }

    static Out card(String title, Session session, Place place, Hold hold) {
        return new Out(title, title, session, place, Optional.empty(), everywhere(hold));
    }

    static Map<String, Hold> everywhere(Hold hold) {
        Map<String, Hold> holds = new HashMap<>();
        SESSIONS.forEach(session -> holds.put(session.id(), hold));
        return holds;
    }

    static PlannedDay day(
            List<Child> children, List<Adult> adults, List<Out> cards, List<Group> groups, Garden garden) {
        return new PlannedDay(RatioRule.usual(), children, adults, SESSIONS, cards, groups, garden, List.of());
    }

    static Garden closed() {
        return new Garden(List.of(), true);
    }

    /** Two sessions, up to three adults and five cards: small enough to try everything. */
    static PlannedDay small(Random random) {
        List<Session> sessions = List.of(
                new Session("one", "First", span("09:00", "09:40")),
                new Session("two", "Second", span("09:55", "10:30")));
        List<Adult> adults = new ArrayList<>();
        for (int at = 0; at < 1 + random.nextInt(3); at++) {
            int rest = 9 * 60 + 5 * random.nextInt(14);
            int end = 10 * 60 + 45 - 5 * random.nextInt(10);
            boolean hasBreak = random.nextInt(3) > 0 && rest + 20 < end;
            adults.add(
                    hasBreak
                            ? adult("a" + at, new Span(8 * 60 + 50, rest), new Span(rest + 15, end))
                            : adult("a" + at, new Span(8 * 60 + 50 + 5 * random.nextInt(5), end)));
        }
        List<Child> children = new ArrayList<>();
        for (int at = 0; at < 2 + random.nextInt(7); at++) {
            Optional<Set<String>> givers = random.nextInt(6) > 0 ? Optional.empty() : Optional.of(Set.of("a0"));
            children.add(new Child(
                    "c" + at,
                    "c" + at,
                    20 + random.nextInt(30),
                    new Span(9 * 60 - 5 * random.nextInt(2), 10 * 60 + 20 + 5 * random.nextInt(5)),
                    givers));
        }
        List<Out> cards = new ArrayList<>();
        for (int at = 0; at < random.nextInt(6); at++) {
            Map<String, Hold> holds = new HashMap<>();
            for (Session session : sessions) {
                holds.put(session.id(), new Hold(random.nextInt(2) == 0, random.nextInt(12) == 0, ""));
            }
            cards.add(new Out(
                    "k" + at,
                    "k" + at,
                    sessions.get(random.nextInt(2)),
                    random.nextBoolean() ? TABLE : BY_THE_DOOR,
                    random.nextInt(3) > 0 ? Optional.empty() : Optional.of("a" + random.nextInt(3)),
                    holds));
        }
        List<Group> groups = new ArrayList<>();
        for (int at = 0; at < random.nextInt(3); at++) {
            Span in = sessions.get(random.nextInt(2)).when();
            int start = in.from() + 5 * random.nextInt(4);
            groups.add(new Group("g" + at, "g" + at, new Span(start, start + 15)));
        }
        Garden garden = new Garden(
                random.nextBoolean()
                        ? List.of()
                        : List.of(sessions.get(random.nextInt(2)).when()),
                random.nextInt(5) > 0);
        return new PlannedDay(
                RatioRule.usual(),
                children,
                adults,
                sessions,
                cards,
                groups,
                garden,
                random.nextInt(6) > 0 ? List.of() : List.of(span("09:10", "09:20")));
    }

    /** 24 children, seven adults with breaks over noon, 8 to 12 cards in each of three sessions, and nothing that clashes. */
    public static PlannedDay good(Random random) {
        List<Child> children = IntStream.range(0, 24)
                .mapToObj(at -> new Child(
                        "child" + at,
                        "Child " + at,
                        37 + random.nextInt(20),
                        new Span(8 * 60 + random.nextInt(60), 15 * 60 + 30 + random.nextInt(90)),
                        at == 0 ? Optional.of(Set.of("adult0", "adult1", "adult7")) : Optional.empty()))
                .toList();
        List<Adult> adults = IntStream.range(0, 7)
                .mapToObj(at -> {
                    int rest = 11 * 60 + 50 + 12 * at;
                    return new Adult(
                            "adult" + at,
                            "Adult " + at,
                            List.of(new Span(7 * 60 + 30, rest), new Span(rest + 12, 17 * 60 + 30)));
                })
                .toList();
        List<Out> cards = new ArrayList<>();
        for (Session session : SESSIONS) {
            int staying = 1 + random.nextInt(3);
            int many = 8 + random.nextInt(5);
            for (int at = 0; at < many; at++) {
                Map<String, Hold> holds = everywhere(at < staying ? Hold.STAYS : Hold.RUNS);
                String id = session.id() + at;
                cards.add(new Out(id, "Card " + id, session, TABLE, Optional.empty(), holds));
            }
        }
        Collections.shuffle(cards, random);
        List<Group> groups = List.of(new Group("group", "Child 1, Child 2", span("09:15", "09:35")));
        return day(children, adults, cards, groups, new Garden(List.of(MORNING.when(), AFTERNOON.when()), true));
    }

    /** The same with half of its adults: clashes all day that no small change mends, so that everything is tried. */
    public static PlannedDay hard(Random random) {
        PlannedDay good = good(random);
        return good.withAdults(good.adults().subList(0, 3));
    }
}
