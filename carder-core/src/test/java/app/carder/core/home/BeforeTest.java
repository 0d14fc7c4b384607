package app.carder.core.home;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.home.Before.Path;
import app.carder.core.home.Before.Seen;
import app.carder.core.home.Before.Step;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class BeforeTest {

    private static final LocalDate DAY = LocalDate.of(2026, 5, 6);

    @Test
    void tellsWhereEachStepWasSeenTheNewestFirst() {
        Seen tied = new Seen(DAY.minusDays(9), "Tied the string round the tube twice.");
        Seen drew = new Seen(DAY.minusDays(3), "Drew a curly line on a label.");
        Seen ran = new Seen(DAY, "Ran down the hill.");

        List<Step> steps = Before.of(Path.WRITING, List.of(tied, drew, ran));

        assertThat(steps).hasSize(6);
        assertThat(steps.get(1).words()).startsWith("Hands that hold");
        assertThat(steps.get(1).seen()).containsExactly(tied);
        assertThat(steps.get(2).seen()).containsExactly(drew);
        assertThat(steps.get(3).seen()).containsExactly(drew);
        assertThat(steps.get(4).seen()).containsExactly(drew);
        assertThat(steps.get(5).seen()).isEmpty();
    }

    @Test
    void hearsGermanToo() {
        Seen seen = new Seen(DAY, "Hat der Bärenfigur eine Geschichte erzählt und dazu geklatscht.");

        List<Step> steps = Before.of(Path.READING, List.of(seen));

        assertThat(steps.get(2).seen()).containsExactly(seen);
    }

    /** No age stands anywhere in it, and each step has something to enjoy at home. */
    @ParameterizedTest
    @EnumSource(Path.class)
    void knowsNoAgesAndHasSomethingForHome(Path path) {
        assertThat(Before.of(path, List.of())).allSatisfy(step -> {
            assertThat(step.words()).doesNotContainPattern("\\d|year|month|age");
            assertThat(step.cards()).isNotEmpty();
            assertThat(step.seen()).isEmpty();
        });
    }
}
