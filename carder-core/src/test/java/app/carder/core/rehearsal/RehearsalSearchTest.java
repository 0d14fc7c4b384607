package app.carder.core.rehearsal;

import static app.carder.core.rehearsal.TestDays.AFTERNOON;
import static app.carder.core.rehearsal.TestDays.NOON;
import static app.carder.core.rehearsal.TestDays.TABLE;
import static app.carder.core.rehearsal.TestDays.span;
import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.rehearsal.Clash.Kind;
import app.carder.core.rehearsal.PlannedDay.Adult;
import app.carder.core.rehearsal.PlannedDay.Child;
import app.carder.core.rehearsal.PlannedDay.Group;
import app.carder.core.rehearsal.PlannedDay.Hold;
import app.carder.core.rehearsal.PlannedDay.Out;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** What is found and how it is mended, held against trying everything out. */
class RehearsalSearchTest {

    private static final int NO_LIMIT = Integer.MAX_VALUE;

    /** What one minute needs, by trying every way of sending adults to duties. */
    private record Tried(int left, boolean isDoorSeen) {

        static Tried of(Facts facts) {
            return of(
                    facts, 0, new ArrayList<>(Collections.nCopies(facts.duties().size(), false)), 0);
        }

        private static Tried of(Facts facts, int adult, List<Boolean> taken, int free) {
            if (adult == facts.here().size()) {
                boolean seen = free > 0;
                int left = 0;
                for (int at = 0; at < taken.size(); at++) {
                    left += taken.get(at) ? 0 : 1;
                    seen |= taken.get(at) && facts.duties().get(at).seesDoor();
                }
                return new Tried(left, seen);
            }
            Tried best = of(facts, adult + 1, taken, free + 1);
            for (int at = 0; at < taken.size(); at++) {
                Optional<String> who = facts.duties().get(at).who();
                if (!taken.get(at)
                        && (who.isEmpty()
                                || who.get().equals(facts.here().get(adult).id()))) {
                    taken.set(at, true);
                    best = best.orBetter(of(facts, adult + 1, taken, free));
                    taken.set(at, false);
                }
            }
            return best;
        }

        private Tried orBetter(Tried other) {
            boolean isBetter = other.left < left || (other.left == left && other.isDoorSeen);
            return isBetter ? other : this;
        }
    }

    private static int left(Facts facts) {
        int twice = facts.of(Kind.NEEDED_TWICE).stream()
                .mapToInt(adult -> (int) facts.duties().stream()
                                .filter(duty -> duty.who().filter(adult::equals).isPresent())
                                .count()
                        - 1)
                .sum();
        return twice + facts.of(Kind.NAMED_AWAY).size() + facts.of(Kind.TOO_FEW).size();
    }

    @Test
    void whatIsLeftOpenAtEachMinuteIsWhatNoWayOfSendingAdultsCanCover() {
        Random random = new Random(31);
        int looked = 0;
        for (int run = 0; run < 150; run++) {
            PlannedDay day = TestDays.small(random);
            int[] needs = day.needs();
            for (int minute = 8 * 60 + 45; minute < 10 * 60 + 50; minute++) {
                Facts facts = Facts.at(day, needs, minute);
                Tried tried = Tried.of(facts);
                boolean mustBeSeen = day.garden().isOnPlan() && day.garden().isOpen(minute);

                assertThat(left(facts))
                        .as("run %d, minute %d of %s", run, minute, day)
                        .isEqualTo(tried.left());
                assertThat(facts.of(Kind.DOOR_UNSEEN).isEmpty())
                        .as("run %d, minute %d of %s", run, minute, day)
                        .isEqualTo(!mustBeSeen || tried.isDoorSeen());
                looked++;
            }
        }
        assertThat(looked).isEqualTo(150 * 125);
    }

    @Test
    void clashesCoverExactlyTheMinutesThatAreBad() {
        Random random = new Random(32);
        for (int run = 0; run < 100; run++) {
            PlannedDay day = TestDays.small(random);
            List<Clash> clashes = Rehearsal.clashes(new Timeline(day));
            int[] needs = day.needs();
            for (int minute = 8 * 60 + 40; minute < 11 * 60; minute++) {
                int at = minute;
                Set<String> told = new TreeSet<>();
                clashes.stream()
                        .filter(clash -> clash.when().holds(at))
                        .forEach(clash -> clash.ids().forEach(id -> told.add(clash.kind() + id)));
                Set<String> bad = new TreeSet<>();
                Facts.at(day, needs, minute).bad().forEach((kind, ids) -> ids.forEach(id -> bad.add(kind + id)));

                assertThat(told).as("run %d, minute %d of %s", run, minute, day).isEqualTo(bad);
            }
        }
    }

    /** The least that mends a clash by trying every change and every two: how many, and how much; nothing where none does. */
    private static List<Integer> least(Timeline before, Clash clash) {
        List<Change> all = Mending.changes(before.day());
        int one = all.stream()
                .filter(change -> mends(before, before.with(change), clash))
                .mapToInt(Change::size)
                .min()
                .orElse(0);
        if (one > 0) {
            return List.of(1, one);
        }
        int two = Integer.MAX_VALUE;
        for (int a = 0; a < all.size(); a++) {
            Timeline with = before.with(all.get(a));
            for (int b = 0; b < all.size(); b++) {
                int size = all.get(a).size() + all.get(b).size();
                if (size < two
                        && Collections.disjoint(all.get(a).of(), all.get(b).of())
                        && mends(before, with.with(all.get(b)), clash)) {
                    two = size;
                }
            }
        }
        return two == Integer.MAX_VALUE ? List.of() : List.of(2, two);
    }

    private static boolean mends(Timeline before, Timeline after, Clash clash) {
        Set<Integer> minutes = new HashSet<>();
        before.stretches().forEach(span -> minutes.add(span.from()));
        after.stretches().forEach(span -> minutes.add(span.from()));
        return minutes.stream()
                .allMatch(minute -> after.at(minute).isNoWorseThan(before.at(minute))
                        && (!clash.when().holds(minute)
                                || Collections.disjoint(after.at(minute).of(clash.kind()), clash.ids())));
    }

    @Test
    void theChangeThatIsFoundIsTheSmallestThereIs() {
        Random random = new Random(33);
        int byOne = 0;
        int byTwo = 0;
        int byNone = 0;
        for (int run = 0; run < 80; run++) {
            Timeline before = new Timeline(TestDays.small(random));
            for (Clash clash : Rehearsal.clashes(before)) {
                if (!clash.kind().canBeMended()) {
                    continue;
                }
                Mending.Found found = new Mending(before, NO_LIMIT).of(clash);
                List<Integer> least = least(before, clash);

                assertThat(found.isWhole()).isTrue();
                assertThat(
                                found.changes().isEmpty()
                                        ? List.of()
                                        : List.of(
                                                found.changes().size(),
                                                found.changes().stream()
                                                        .mapToInt(Change::size)
                                                        .sum()))
                        .as("run %d, %s of %s: %s", run, clash, before.day(), found)
                        .isEqualTo(least);
                byOne += found.changes().size() == 1 ? 1 : 0;
                byTwo += found.changes().size() == 2 ? 1 : 0;
                byNone += found.changes().isEmpty() ? 1 : 0;
            }
        }
        assertThat(List.of(byOne, byTwo, byNone)).allMatch(many -> many > 2);
    }

    /** A clash that was put into a day on purpose. */
    private record Planted(PlannedDay day, Kind kind, Span when, String about) {}

    private static Planted plant(PlannedDay good, Kind kind) {
        return switch (kind) {
            case MEDICINE ->
                new Planted(with(good, only(good, "child3", Set.of("adult4"))), kind, rest(good, 4), "child3");
            case ADULTS_MISSING ->
                new Planted(
                        new PlannedDay(
                                good.rule(),
                                good.children(),
                                good.adults().stream()
                                        .map(adult -> adult.id().equals("adult0")
                                                ? adult
                                                : new Adult(adult.id(), adult.name(), cut(adult)))
                                        .toList(),
                                good.sessions(),
                                good.cards(),
                                good.groups(),
                                good.garden(),
                                List.of()),
                        kind,
                        span("15:10", "15:20"),
                        "");
            case HELD ->
                new Planted(
                        good.withCards(with(good.cards(), "noon1", new Hold(false, true, ""), Optional.empty())),
                        kind,
                        NOON.when(),
                        "noon1");
            case NEEDED_TWICE ->
                new Planted(
                        good.withCards(with(
                                with(good.cards(), "noon4", Hold.STAYS, Optional.of("adult2")),
                                "noon5",
                                Hold.STAYS,
                                Optional.of("adult2"))),
                        kind,
                        NOON.when(),
                        "adult2");
            case NAMED_AWAY ->
                new Planted(
                        good.withCards(with(good.cards(), "noon4", Hold.STAYS, Optional.of("nobody"))),
                        kind,
                        NOON.when(),
                        "noon4");
            case TOO_FEW -> {
                List<Group> groups = new ArrayList<>(good.groups());
                for (int at = 0; at < 8; at++) {
                    groups.add(new Group("more" + at, "More " + at, span("10:50", "11:05")));
                }
                yield new Planted(good.withGroups(groups), kind, span("10:50", "11:05"), "");
            }
            case DOOR_UNSEEN -> {
                // Everybody but the one in the garden is with something, and nobody is left over.
                List<Out> cards = new ArrayList<>(good.cards());
                long staying = cards.stream()
                        .filter(card ->
                                card.session().equals(AFTERNOON) && card.hold().stays())
                        .count();
                for (long at = staying; at < 6; at++) {
                    cards.add(TestDays.card("extra" + at, AFTERNOON, TABLE, Hold.STAYS));
                }
                yield new Planted(good.withCards(cards), kind, AFTERNOON.when(), "garden");
            }
            case DOOR_UNKNOWN -> throw new IllegalStateException("has a test of its own");
            case FIRST_AID ->
                new Planted(
                        new PlannedDay(
                                good.rule(),
                                good.children(),
                                good.adults(),
                                good.sessions(),
                                good.cards(),
                                good.groups(),
                                good.garden(),
                                List.of(span("12:20", "12:50"))),
                        kind,
                        span("12:20", "12:50"),
                        "");
            case HAND_OVER ->
                new Planted(
                        good.withAdults(IntStream.range(0, 14)
                                .mapToObj(at -> new Adult(
                                        "adult" + at,
                                        "Adult " + at,
                                        List.of(at < 7 ? span("07:30", "13:10") : span("13:10", "17:30"))))
                                .toList()),
                        kind,
                        new Span(13 * 60 + 10, 13 * 60 + 11),
                        "");
        };
    }

    private static List<Span> cut(Adult adult) {
        Span afternoon = adult.there().get(1);
        return List.of(
                adult.there().get(0),
                new Span(afternoon.from(), 15 * 60 + 10),
                new Span(15 * 60 + 20, afternoon.until()));
    }

    private static Span rest(PlannedDay day, int adult) {
        return day.adults().get(adult).breaks().get(0);
    }

    private static List<Child> only(PlannedDay day, String id, Set<String> givers) {
        return day.children().stream()
                .map(child -> child.id().equals(id)
                        ? new Child(id, child.name(), child.months(), child.there(), Optional.of(givers))
                        : child)
                .toList();
    }

    private static PlannedDay with(PlannedDay day, List<Child> children) {
        return new PlannedDay(
                day.rule(),
                children,
                day.adults(),
                day.sessions(),
                day.cards(),
                day.groups(),
                day.garden(),
                day.withoutFirstAid());
    }

    private static List<Out> with(List<Out> cards, String id, Hold hold, Optional<String> who) {
        return cards.stream()
                .map(card -> card.id().equals(id)
                        ? new Out(
                                id,
                                card.title(),
                                card.session(),
                                card.place(),
                                who,
                                Map.of(card.session().id(), hold))
                        : card)
                .toList();
    }

    @Test
    void everyClashThatWasPlantedInTwoHundredDaysIsFoundAndNoneIsMadeUp() {
        Random random = new Random(34);
        List<Kind> kinds = new ArrayList<>(List.of(Kind.values()));
        kinds.remove(Kind.DOOR_UNKNOWN);
        for (int run = 0; run < 200; run++) {
            PlannedDay good = TestDays.good(random);
            Planted planted = plant(good, kinds.get(run % kinds.size()));

            assertThat(Rehearsal.clashes(new Timeline(good))).as("run %d", run).isEmpty();
            assertThat(Rehearsal.clashes(new Timeline(planted.day())))
                    .as("run %d, %s", run, planted.kind())
                    .singleElement()
                    .satisfies(clash -> {
                        assertThat(clash.kind()).isEqualTo(planted.kind());
                        assertThat(clash.when()).isEqualTo(planted.when());
                        assertThat(planted.about()).isIn("", String.join("", clash.ids()));
                    });
        }
    }
}
