package app.carder.core.rota;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.carder.core.rota.FocusGroups.Child;
import app.carder.core.rota.FocusGroups.Group;
import app.carder.core.rota.FocusGroups.Now;
import app.carder.core.rota.FocusGroups.Time;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class FocusGroupsTest {

    private static final List<Time> TWO_DAYS = List.of(new Time(0, "Morning"), new Time(1, "Morning"));

    private static Child child(String name, Set<Integer> days, int waiting, Now now) {
        return new Child(name, name, days, waiting, now);
    }

    private static List<String> names(Group group) {
        return group.children().stream().map(Child::name).toList();
    }

    @Test
    void everyChildIsInOneGroupOnADayThatItAttends() {
        FocusGroups drawn = FocusGroups.of(
                List.of(
                        child("Anouk", Set.of(0, 1), 3, Now.FREE),
                        child("Bram", Set.of(0), 1, Now.FREE),
                        child("Cosima", Set.of(1), 9, Now.FREE),
                        child("Dara", Set.of(0, 1), 5, Now.FREE)),
                TWO_DAYS,
                2);

        assertThat(drawn.unplaced()).isEmpty();
        assertThat(drawn.groups())
                .extracting(FocusGroupsTest::names)
                .containsExactly(List.of("Dara", "Bram"), List.of("Cosima", "Anouk"));
    }

    @Test
    void aChildDeepInPlayWaitsForALaterGroup() {
        List<Child> children =
                List.of(child("Anouk", Set.of(0, 1), 30, Now.DEEP), child("Bram", Set.of(0, 1), 1, Now.FREE));

        assertThat(FocusGroups.of(children, TWO_DAYS, 1).groups())
                .extracting(FocusGroupsTest::names)
                .containsExactly(List.of("Bram"), List.of("Anouk"));
    }

    @Test
    void aChildDeepInPlayIsDrawnOnlyWhereItCannotWait() {
        List<Child> children =
                List.of(child("Anouk", Set.of(0), 30, Now.DEEP), child("Bram", Set.of(0, 1), 1, Now.FREE));

        FocusGroups drawn = FocusGroups.of(children, TWO_DAYS, 1);

        assertThat(drawn.unplaced()).isEmpty();
        assertThat(names(drawn.groups().get(0))).containsExactly("Anouk");
    }

    @Test
    void saysWhyAChildHasNoGroup() {
        FocusGroups drawn = FocusGroups.of(
                List.of(
                        child("Anouk", Set.of(4), 0, Now.FREE),
                        child("Bram", Set.of(0), 2, Now.FREE),
                        child("Cosima", Set.of(0), 1, Now.FREE)),
                TWO_DAYS,
                1);

        assertThat(drawn.unplaced())
                .extracting(one -> one.because().words())
                .containsExactly(
                        "is not in on any day that has a group left in this cycle",
                        "all groups on the days Cosima is in are full");
    }

    /** No other arrangement places more children: every one is tried, slowly. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void placesAsManyAsCanBe(long seed) {
        Random random = new Random(seed);
        List<Time> times = List.of(new Time(0, "a"), new Time(1, "a"), new Time(2, "a"));
        List<Child> children = new ArrayList<>();
        for (int at = 0; at < 7; at++) {
            Set<Integer> days = new HashSet<>();
            for (int day = 0; day < 3; day++) {
                if (random.nextInt(3) == 0) {
                    days.add(day);
                }
            }
            children.add(child("Child " + at, days, at, random.nextBoolean() ? Now.DEEP : Now.FREE));
        }

        FocusGroups drawn = FocusGroups.of(children, times, 2);

        int placed = drawn.groups().stream()
                .mapToInt(group -> group.children().size())
                .sum();
        assertThat(placed).isEqualTo(most(children, 0, new int[3]));
        assertThat(placed + drawn.unplaced().size()).isEqualTo(7);
        assertThat(drawn.groups()).allSatisfy(group -> {
            assertThat(group.children()).hasSizeLessThanOrEqualTo(2);
            assertThat(group.children())
                    .allMatch(child -> child.days().contains(group.time().day()));
        });
    }

    private static int most(List<Child> children, int at, int[] taken) {
        if (at == children.size()) {
            return 0;
        }
        int most = most(children, at + 1, taken);
        for (int day : children.get(at).days()) {
            if (taken[day] < 2) {
                taken[day]++;
                most = Math.max(most, 1 + most(children, at + 1, taken));
                taken[day]--;
            }
        }
        return most;
    }

    @Test
    void refusesGroupsThatAreNone() {
        assertThatThrownBy(() -> FocusGroups.of(List.of(), TWO_DAYS, 0))
                .hasMessage("A focus group must have 1 to 12 children; this says 0.");
    }
}
