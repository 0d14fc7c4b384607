package app.carder.core.rota;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.carder.core.rota.RotaProblem.Adult;
import app.carder.core.rota.RotaProblem.Area;
import app.carder.core.rota.RotaProblem.Duty;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class RotaTest {

    private static Adult adult(String name) {
        return new Adult(name, name, Set.of(), Set.of());
    }

    private static RotaProblem problem(int adults, int areas, int weeks) {
        List<Adult> people = new ArrayList<>();
        for (int at = 0; at < adults; at++) {
            people.add(adult("adult-" + at));
        }
        return new RotaProblem(people, areas(areas), weeks, Map.of(), Map.of());
    }

    private static List<Area> areas(int areas) {
        List<Area> places = new ArrayList<>();
        for (int at = 0; at < areas; at++) {
            places.add(new Area("area-" + at, "Area " + at, at));
        }
        return places;
    }

    /** Three adults, three areas, three weeks: a Latin square is the best there is, each adult once with each area. */
    @Test
    void everyoneLeadsEverythingOnceInASquareCycle() {
        Rota rota = RotaSolver.solve(problem(3, 3, 3));

        Set<String> pairs = new HashSet<>();
        rota.leads().forEach((turn, adult) -> pairs.add(adult + turn.areaId()));
        assertThat(pairs).hasSize(9);
        assertThat(rota.turns().values()).containsOnly(3);
        assertThat(rota.notes()).containsExactly("Turns are even: everyone leads 3 times in the cycle.");
    }

    @Test
    void turnsAreEvenWhereThereAreMoreAdultsThanAreas() {
        Rota rota = RotaSolver.solve(problem(5, 3, 5));

        assertThat(rota.turns().values()).containsOnly(3);
        assertThat(rota.spares()).hasSize(5).allSatisfy(week -> {
            assertThat(week).hasSize(2);
            assertThat(week.values()).as("the heaviest two").containsExactlyInAnyOrder("area-2", "area-1");
        });
    }

    @Test
    void absencesAndSkillsAreRespected() {
        RotaProblem asked = new RotaProblem(
                List.of(
                        new Adult("tobias", "Tobias", Set.of(), Set.of(1)),
                        new Adult("hamish", "Hamish", Set.of("area-0"), Set.of()),
                        adult("sunniva")),
                areas(2),
                4,
                Map.of(),
                Map.of());

        Rota rota = RotaSolver.solve(asked);

        assertThat(RotaScore.of(asked, rota.leads()).broken()).isZero();
        rota.leads().forEach((turn, adult) -> {
            assertThat(adult.equals("tobias") && turn.week() == 1).isFalse();
            assertThat(adult.equals("hamish") && turn.areaId().equals("area-1")).isFalse();
        });
    }

    @Test
    void namesTheWeekInWhichNobodyCanLead() {
        Rota rota = RotaSolver.solve(new RotaProblem(
                List.of(new Adult("tobias", "Tobias", Set.of("area-0"), Set.of(1)), adult("hamish")),
                List.of(new Area("area-0", "Post office", 4), new Area("area-1", "Ramps", 2)),
                2,
                Map.of(),
                Map.of()));

        assertThat(rota.unled()).as("in week two Hamish leads both").isEmpty();

        Rota alone = RotaSolver.solve(new RotaProblem(
                List.of(new Adult("tobias", "Tobias", Set.of("area-0"), Set.of())),
                List.of(new Area("area-0", "Post office", 4), new Area("area-1", "Ramps", 2)),
                1,
                Map.of(),
                Map.of()));
        assertThat(alone.notes()).contains("Week 1: nobody who is there can lead Ramps.");
    }

    /** When somebody is ill in the third week, only that week's turn of theirs, and what it needs, changes. */
    @Test
    void isSolvedAgainWithLeastChange() {
        RotaProblem first = problem(4, 3, 4);
        Rota before = RotaSolver.solve(first);
        List<Adult> ill = new ArrayList<>(first.adults());
        ill.set(0, new Adult("adult-0", "adult-0", Set.of(), Set.of(2)));

        Rota after = RotaSolver.solve(new RotaProblem(ill, first.areas(), 4, Map.of(), before.leads()));

        long theirs = before.leads().entrySet().stream()
                .filter(one -> one.getKey().week() == 2 && one.getValue().equals("adult-0"))
                .count();
        assertThat(after.changed()).hasSize((int) theirs);
        assertThat(after.unled()).isEmpty();
    }

    @Test
    void keepsWhatIsPinned() {
        RotaProblem plain = problem(3, 3, 3);
        Duty pinned = new Duty(0, "area-1");

        Rota rota = RotaSolver.solve(
                new RotaProblem(plain.adults(), plain.areas(), 3, Map.of(pinned, "adult-2"), Map.of()));

        assertThat(rota.leads()).containsEntry(pinned, "adult-2");
    }

    /** All rotas of three adults, two areas, three weeks are counted: 3^6. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4})
    void isAsGoodAsTheBestOfAllSmallRotas(long seed) {
        Random random = new Random(seed);
        List<Adult> people = new ArrayList<>();
        for (int at = 0; at < 3; at++) {
            people.add(new Adult(
                    "adult-" + at,
                    "Adult " + at,
                    at == 0 && random.nextBoolean() ? Set.of("area-0") : Set.of(),
                    random.nextInt(3) == 0 ? Set.of(random.nextInt(3)) : Set.of()));
        }
        RotaProblem asked = new RotaProblem(people, areas(2), 3, Map.of(), Map.of());

        RotaScore found = RotaScore.of(asked, RotaSolver.solve(asked).leads());

        RotaScore best = null;
        for (int code = 0; code < 729; code++) {
            Map<Duty, String> rota = new HashMap<>();
            int rest = code;
            for (int week = 0; week < 3; week++) {
                for (int area = 0; area < 2; area++, rest /= 3) {
                    rota.put(new Duty(week, "area-" + area), "adult-" + rest % 3);
                }
            }
            RotaScore score = RotaScore.of(asked, rota);
            if (best == null
                    || score.broken() < best.broken()
                    || score.broken() == best.broken() && score.cost() < best.cost()) {
                best = score;
            }
        }
        assertThat(found).isEqualTo(best);
    }

    @Test
    void refusesWhatIsNoRota() {
        assertThatThrownBy(() -> problem(0, 1, 1)).hasMessageContaining("someone to lead");
        assertThatThrownBy(() -> problem(1, 1, 27)).hasMessage("A rota must cover 1 to 26 weeks; this says 27.");
        assertThatThrownBy(() -> new RotaProblem(List.of(adult("a"), adult("a")), areas(1), 1, Map.of(), Map.of()))
                .hasMessage("Each must have an id of its own; a appears twice.");
        assertThatThrownBy(() ->
                        new RotaProblem(List.of(adult("a")), areas(1), 1, Map.of(new Duty(1, "area-0"), "a"), Map.of()))
                .hasMessageStartingWith("A pinned turn must name an adult");
    }
}
