package app.carder.core.practice;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.TestCupboard;
import app.carder.core.framework.Crosswalk;
import app.carder.core.framework.Framework;
import app.carder.core.framework.FrameworkLibrary;
import app.carder.core.practice.GrainAdvice.GrainClass;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PracticeTest {

    @Nested
    class OfTheCrosswalk {
        private final Crosswalk crosswalk = Crosswalk.shipped();

        @Test
        void mapsEveryAreaBothWays() {
            Framework sme = FrameworkLibrary.shipped().get("sme");
            Framework eyfs = FrameworkLibrary.shipped().get("eyfs");

            assertThat(sme.areas())
                    .allSatisfy(area -> assertThat(
                                    crosswalk.into(eyfs, Set.of(area.code())).areas())
                            .isNotEmpty()
                            .allMatch(eyfs::hasArea));
            assertThat(eyfs.areas())
                    .allSatisfy(area -> assertThat(
                                    crosswalk.into(sme, Set.of(area.code())).areas())
                            .isNotEmpty()
                            .allMatch(sme::hasArea));
        }

        @Test
        void keepsWhatIsKnownAndTellsWhatIsLost() {
            Crosswalk.Mapped mapped = crosswalk.into(
                    FrameworkLibrary.shipped().get("sme"), List.of("sme-touch", "eyfs-m", "moon-walking"));

            assertThat(mapped.areas()).containsExactlyInAnyOrder("sme-touch", "sme-explore", "sme-sort");
            assertThat(mapped.lost()).containsExactly("moon-walking");
        }
    }

    @Nested
    class OfGrain {
        @ParameterizedTest(name = "{0} is {1}")
        @CsvSource({"flour,POWDER", "rice-long,FINE", "lentils,MEDIUM", "pasta-spirals,BIG", "water,LIQUID"})
        void sortsFillsByTheirMiddleMeasure(String code, GrainClass grain) {
            assertThat(GrainClass.of(TestCupboard.get(code))).contains(grain);
        }

        @Test
        void piecesHaveNoGrain() {
            assertThat(GrainClass.of(TestCupboard.get("envelopes"))).isEmpty();
        }

        /** Practice differs: prepared environments keep rice for about four years, others give it to toddlers on a sheet. */
        @Test
        void theStyleSetsWhichAdviceSpeaks() {
            assertThat(advice(PracticeStyle.PREPARED_ENVIRONMENT, "rice-long", 40))
                    .contains("about four years");
            assertThat(advice(PracticeStyle.PREPARED_ENVIRONMENT, "rice-long", 50))
                    .isEmpty();
            assertThat(advice(PracticeStyle.PREPARED_ENVIRONMENT, "pasta-spirals", 40))
                    .isEmpty();
            assertThat(advice(PracticeStyle.FREE_FLOW, "rice-long", 28)).contains("on a sheet");
            assertThat(advice(PracticeStyle.FREE_FLOW, "rice-long", 40)).isEmpty();
            assertThat(advice(PracticeStyle.HOME_MIXED_AGE, "lentils", 20)).contains("lid");
            assertThat(advice(PracticeStyle.ADULT_LED_GAMES, "rice-long", 60)).contains("turns");
        }

        private String advice(PracticeStyle style, String code, int months) {
            return GrainAdvice.of(style, TestCupboard.get(code), months)
                    .map(GrainAdvice::words)
                    .orElse("");
        }
    }
}
