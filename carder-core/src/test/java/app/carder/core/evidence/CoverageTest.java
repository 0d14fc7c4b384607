package app.carder.core.evidence;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.evidence.Coverage.AreaCoverage;
import app.carder.core.evidence.Coverage.Seen;
import app.carder.core.framework.Framework;
import app.carder.core.framework.FrameworkLibrary;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

class CoverageTest {

    private static final Framework FRAMEWORK = FrameworkLibrary.shipped().get("sme");

    @Test
    void countsByAreaAndKeepsTheDayLastSeen() {
        Coverage coverage = Coverage.of(
                FRAMEWORK,
                List.of(
                        new Seen(LocalDate.of(2026, 5, 1), Set.of("sme-touch", "sme-hand")),
                        new Seen(LocalDate.of(2026, 4, 1), Set.of("sme-touch"))));

        AreaCoverage touch = coverage.areas().get(0);
        assertThat(touch.count()).isEqualTo(2);
        assertThat(touch.lastSeenOn()).contains(LocalDate.of(2026, 5, 1));
        assertThat(coverage.gaps()).hasSize(6).noneMatch(area -> area.code().equals("sme-hand"));
    }

    @Test
    void findsOnlyGapsInAnEmptyRecord() {
        Coverage coverage = Coverage.of(FRAMEWORK, List.of());

        assertThat(coverage.gaps()).isEqualTo(FRAMEWORK.areas());
        assertThat(coverage.areas())
                .allSatisfy(area -> assertThat(area.lastSeenOn()).isEmpty());
    }
}
