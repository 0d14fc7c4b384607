package app.carder.core.cupboard;

import static app.carder.core.cupboard.WeekShoppingTest.CUPBOARD;
import static app.carder.core.cupboard.WeekShoppingTest.MONDAY;
import static app.carder.core.cupboard.WeekShoppingTest.days;
import static app.carder.core.cupboard.WeekShoppingTest.kilos;
import static app.carder.core.cupboard.WeekShoppingTest.stocked;
import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.cupboard.RunningOut.Ends;
import app.carder.core.cupboard.Stocked.Amount;
import app.carder.core.cupboard.WeekShopping.Wanted;
import app.carder.core.material.MaterialKind;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

class RunningOutTest {

    /** 5 kg are there. 2.4 kg stand for two sessions: taken on Monday, on Wednesday, and on Friday 2.2 kg are missing. */
    @Test
    void tellsTheFirstSessionThatTheStockDoesNotLastForAndWhatIsMissingThen() {
        RunningOut found =
                RunningOut.of(List.of(new Wanted("Rice by the kilo", "rice", kilos(2.4), 2, 0, days(10))), CUPBOARD);

        assertThat(found.ends()).hasSize(1).first().satisfies(rice -> {
            assertThat(rice.at()).isEqualTo(MONDAY.plusDays(4));
            assertThat(rice.missing()).isEqualTo(kilos(2.2));
            assertThat(rice.cards()).containsExactly("Rice by the kilo");
        });
        assertThat(found.notWrittenDown()).isEmpty();
    }

    @Test
    void whatEndsFirstComesFirstAndNamesOnlyCardsThatHaveTakenFromIt() {
        RunningOut found = RunningOut.of(
                List.of(
                        new Wanted("Rice by the kilo", "rice", kilos(3), 1, 0, List.of(MONDAY, MONDAY.plusDays(3))),
                        new Wanted("Spoon it over", "rice", kilos(1), 1, 0, List.of(MONDAY.plusDays(6))),
                        new Wanted("Collage", "glue", Amount.of(1), 1, 0, days(2))),
                CUPBOARD);

        assertThat(found.ends()).extracting(end -> end.material().code()).containsExactly("glue", "rice");
        assertThat(found.ends()).extracting(Ends::at).containsExactly(MONDAY.plusDays(1), MONDAY.plusDays(3));
        assertThat(found.ends().get(1).cards()).containsExactly("Rice by the kilo");
    }

    @Test
    void aToolThatComesBackRunsShortOnlyWhereTooManyAreOutAtOnce() {
        Wanted all = new Wanted("Rice by the kilo", "scoop", Amount.of(3), 5, 0, days(5));
        Wanted more = new Wanted("Sand wheels", "scoop", Amount.of(1), 5, 0, List.of(MONDAY.plusDays(2)));

        assertThat(RunningOut.of(List.of(all), CUPBOARD).ends()).isEmpty();
        assertThat(RunningOut.of(List.of(all, more), CUPBOARD).ends())
                .extracting(Ends::at)
                .containsExactly(MONDAY.plusDays(2));
    }

    @Test
    void aStockThatNobodyWroteDownIsNamedAndNeverSaidToLast() {
        Stocked sand = stocked("sand", MaterialKind.FILL, Amount.UNKNOWN, kilos(1));

        RunningOut found = RunningOut.of(
                List.of(new Wanted("Sand wheels", "sand", kilos(2), 5, 0, days(1))), Map.of("sand", sand));

        assertThat(found.ends()).isEmpty();
        assertThat(found.notWrittenDown()).containsExactly(sand);
    }

    /** Followed session by session with a scale: a fill is weighed out whenever the one before has stood for its sessions. */
    @Test
    void agreesWithAStockThatIsWeighedOutSessionBySession() {
        Random random = new Random(20260601);
        for (int run = 0; run < 2000; run++) {
            int grams = 500 + random.nextInt(3000);
            int sessionsPerFill = 1 + random.nextInt(6);
            int stood = random.nextInt(8);
            List<LocalDateTime> sessions = days(1 + random.nextInt(20));
            Optional<LocalDateTime> expected = Optional.empty();
            int left = 5000;
            for (int session = 0; session < sessions.size() && expected.isEmpty(); session++) {
                if ((stood + session) % sessionsPerFill == 0) {
                    left -= grams;
                    expected = left < 0 ? Optional.of(sessions.get(session)) : expected;
                }
            }

            Wanted use = new Wanted("Rice", "rice", kilos(grams / 1000.0), sessionsPerFill, stood, sessions);

            assertThat(RunningOut.of(List.of(use), CUPBOARD).ends().stream().map(Ends::at))
                    .as("%s", use)
                    .containsExactlyElementsOf(expected.stream().toList());
        }
    }
}
