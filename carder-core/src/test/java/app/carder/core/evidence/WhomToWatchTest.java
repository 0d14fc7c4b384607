package app.carder.core.evidence;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.evidence.WhomToWatch.Known;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class WhomToWatchTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 5, 6);

    private static Known<String> known(String name, Integer daysAgo, int areas) {
        return new Known<>(name, name, Optional.ofNullable(daysAgo).map(days -> TODAY.minusDays(days)), areas, 7);
    }

    @Test
    void theLeastRecentComeFirstThenTheLeastVaried() {
        assertThat(WhomToWatch.order(
                        List.of(
                                known("Anouk", 1, 2),
                                known("Bram", 15, 6),
                                known("Cosima", null, 0),
                                known("Dara", 3, 1),
                                known("Eskil", 4, 5)),
                        TODAY))
                .extracting(WhomToWatch::child)
                .containsExactly("Cosima", "Bram", "Dara", "Anouk", "Eskil");
    }

    @Test
    void saysWhatTheAdultsLack() {
        assertThat(WhomToWatch.order(
                        List.of(
                                known("Cosima", null, 0),
                                known("Bram", 15, 6),
                                known("Anouk", 1, 2),
                                known("Dara", 0, 7)),
                        TODAY))
                .extracting(one -> one.because().words())
                .containsExactly(
                        "nobody has written anything yet",
                        "seen 2 weeks ago, 6 of 7 areas lately",
                        "seen 1 day ago, 2 of 7 areas lately",
                        "seen today, 7 of 7 areas lately");
    }

    @Test
    void equalsGoByName() {
        assertThat(WhomToWatch.order(List.of(known("Bram", 2, 1), known("Anouk", 2, 1)), TODAY))
                .extracting(WhomToWatch::child)
                .containsExactly("Anouk", "Bram");
    }
}
