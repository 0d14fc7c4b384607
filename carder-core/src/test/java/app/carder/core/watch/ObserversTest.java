package app.carder.core.watch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.carder.core.watch.Observers.Agreement;
import app.carder.core.watch.Observers.Watched;
import java.time.Duration;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

class ObserversTest {

    private static final Instant START = Instant.parse("2026-05-04T09:00:00Z");

    /** {@code "0 CHOSE, 50 LEFT"}: seconds and taps. */
    private static Watched watched(int from, int until, String taps) {
        return new Watched(
                START.plusSeconds(from),
                START.plusSeconds(until),
                Arrays.stream(taps.split(", "))
                        .map(tap -> tap.split(" "))
                        .map(tap ->
                                new PlayEvent(START.plusSeconds(Integer.parseInt(tap[0])), PlayKind.valueOf(tap[1])))
                        .toList());
    }

    @Test
    void whatTwoPeopleTappedCountsOnce() {
        List<Watched> merged = Observers.merged(List.of(
                watched(0, 100, "0 CHOSE, 40 ADULT_BROKE_IN, 50 WENT_BACK, 90 LEFT"),
                watched(0, 120, "4 CHOSE, 44 ADULT_BROKE_IN, 48 WENT_BACK, 95 LEFT")));

        PlaySummary summary =
                PlaySummary.of(Episodes.of(merged.get(0).events(), merged.get(0).until()));

        assertThat(merged).hasSize(1);
        assertThat(summary.episodes()).isEqualTo(1);
        assertThat(summary.interruptionsByAdults()).isEqualTo(1);
        assertThat(summary.engaged()).isEqualTo(Duration.ofSeconds(40 + 42));
    }

    @Test
    void recordsOfDifferentTimesStayApart() {
        assertThat(Observers.merged(List.of(watched(0, 60, "0 CHOSE, 50 LEFT"), watched(60, 90, "61 CHOSE, 80 LEFT"))))
                .hasSize(2);
    }

    /**
     * By hand: of 100 s one sees play in 0 to 50, the other in 10 to 50 and 60 to 70. Both yes 40, both no 40, so po is 0.8; pe is
     * 0.5 x 0.5 + 0.5 x 0.5 = 0.5; kappa 0.6; error sqrt(0.8 x 0.2 / 100) / 0.5 = 0.08.
     */
    @Test
    void agreementIsCohensKappaSecondBySecond() {
        Agreement agreement = Observers.agreement(
                        watched(0, 100, "0 CHOSE, 50 LEFT"), watched(0, 100, "10 CHOSE, 50 LEFT, 60 CHOSE, 70 LEFT"))
                .orElseThrow();

        assertThat(agreement.both()).isEqualTo(80);
        assertThat(agreement.kappa().orElseThrow()).isCloseTo(0.6, within(1e-9));
        assertThat(agreement.low()).isCloseTo(0.6 - 1.959964 * 0.08, within(1e-6));
        assertThat(agreement.shared()).isEqualTo(2);
        assertThat(agreement.events()).isEqualTo(4);
        assertThat(agreement.words()).contains("80 of 100 s", "0.60", "moderate agreement", "2 of 4 taps");
    }

    @Test
    void saysSoWhereChanceCannotBeTold() {
        Agreement agreement = Observers.agreement(watched(0, 60, "0 CHOSE"), watched(0, 60, "0 CHOSE"))
                .orElseThrow();

        assertThat(agreement.kappa()).isEmpty();
        assertThat(agreement.words()).contains("too little changed");
        assertThat(Observers.agreement(watched(0, 60, "0 CHOSE"), watched(60, 90, "60 CHOSE")))
                .isEmpty();
    }
}
