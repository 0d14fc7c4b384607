package app.carder.core.watch;

import static app.carder.core.watch.EpisodesTest.at;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;
import static org.assertj.core.api.Assertions.within;

import app.carder.core.watch.Movement.Arrival;
import app.carder.core.watch.Movement.Path;
import app.carder.core.watch.Movement.Transition;
import app.carder.core.watch.Movement.ZoneTime;
import java.time.Duration;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

class MovementTest {

    /** The worked example of tracking: Sand 0-240, Water 240-300, Book 300-330, Sand 330-750, Blocks 750-900 s. */
    private static final List<Arrival<String>> PATH = List.of(
            new Arrival<>(at(0), "Sand"),
            new Arrival<>(at(240), "Water"),
            new Arrival<>(at(300), "Book"),
            new Arrival<>(at(330), "Sand"),
            new Arrival<>(at(750), "Blocks"));

    private static Set<String> offered(String... zones) {
        return new LinkedHashSet<>(List.of(zones));
    }

    @Test
    void givesTheSharesOfTheWorkedExample() {
        Movement<String> movement =
                Movement.of(PATH, at(900), offered("Sand", "Water", "Book", "Blocks", "Post", "Ramp"));

        assertThat(movement.zones())
                .filteredOn(zone -> zone.visits() > 0)
                .extracting(ZoneTime::zone, zone -> Math.round(zone.share() * 1000))
                .containsExactly(tuple("Sand", 733L), tuple("Blocks", 167L), tuple("Water", 67L), tuple("Book", 33L));
        assertThat(movement.movesInTenMinutes().orElseThrow()).isCloseTo(2.67, within(0.005));
        assertThat(movement.medianStay()).contains(Duration.ofSeconds(150));
        assertThat(movement.evenness()).isCloseTo(0.458, within(0.0005));
        assertThat(movement.neverVisited()).containsExactly("Post", "Ramp");
    }

    @Test
    void evennessOverThePlacesThatWereVisitedIsThatOfTheWorkedExample() {
        assertThat(Movement.of(PATH, at(900), offered("Sand", "Water", "Book", "Blocks"))
                        .evenness())
                .isCloseTo(0.591, within(0.0005));
    }

    @Test
    void countsNoTimeAndNoWayBetweenTwoTimesOfWatching() {
        Movement<String> movement = Movement.ofPaths(
                List.of(
                        new Path<>(List.of(new Arrival<>(at(0), "Sand"), new Arrival<>(at(60), "Water")), at(120)),
                        new Path<>(List.of(new Arrival<>(at(9000), "Sand"), new Arrival<>(at(9090), "Book")), at(9120)),
                        new Path<>(List.of(new Arrival<>(at(20_000), "Book")), at(20_060))),
                offered("Sand", "Water", "Book"));

        assertThat(movement.transitions())
                .containsExactly(new Transition<>("Sand", "Water", 1), new Transition<>("Sand", "Book", 1));
        assertThat(movement.zones())
                .extracting(ZoneTime::zone, ZoneTime::time, ZoneTime::visits)
                .containsExactly(
                        tuple("Sand", Duration.ofSeconds(150), 2),
                        tuple("Book", Duration.ofSeconds(90), 2),
                        tuple("Water", Duration.ofSeconds(60), 1));
        assertThat(movement.moves()).isEqualTo(2);
        assertThat(movement.movesInTenMinutes()).contains(4.0);
    }

    @Test
    void countsWaysFromPlaceToPlace() {
        Movement<String> movement = Movement.of(
                List.of(
                        new Arrival<>(at(0), "Sand"),
                        new Arrival<>(at(10), "Water"),
                        new Arrival<>(at(20), "Sand"),
                        new Arrival<>(at(30), "Water")),
                at(40),
                offered());

        assertThat(movement.transitions())
                .containsExactly(new Transition<>("Sand", "Water", 2), new Transition<>("Water", "Sand", 1));
    }

    @Test
    void arrivingWhereTheChildIsAlreadyChangesNothing() {
        assertThat(Movement.of(List.of(new Arrival<>(at(0), "Sand"), new Arrival<>(at(9), "Sand")), at(20), offered())
                        .stays())
                .hasSize(1);
    }

    @Test
    void nobodySeenIsNoPath() {
        Movement<String> none = Movement.of(List.of(), at(20), offered("Sand"));

        assertThat(none.medianStay()).isEmpty();
        assertThat(none.movesInTenMinutes()).isEmpty();
        assertThat(none.neverVisited()).containsExactly("Sand");
    }
}
