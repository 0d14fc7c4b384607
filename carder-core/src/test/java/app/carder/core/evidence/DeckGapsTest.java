package app.carder.core.evidence;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.evidence.DeckGaps.Covered;
import app.carder.core.framework.Framework;
import app.carder.core.framework.FrameworkLibrary;
import app.carder.core.framework.Sense;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class DeckGapsTest {

    private static final Framework EYFS = FrameworkLibrary.shipped().get("eyfs");

    @Test
    void namesAreasAndSensesThatNoCardHas() {
        DeckGaps gaps = DeckGaps.of(
                EYFS,
                List.of(new Covered(
                        Set.of("eyfs-cl", "eyfs-pd", "eyfs-psed", "eyfs-m", "eyfs-uw"),
                        EnumSet.complementOf(EnumSet.of(Sense.SMELL, Sense.TASTE)))));

        assertThat(gaps.words())
                .isEqualTo(
                        "No card yet for: Literacy, Expressive Arts and Design. No card for these senses: smell, taste.");
        assertThat(gaps.isNone()).isFalse();
    }

    @Test
    void namesAreasWithOneCardWhereTheDeckIsLarge() {
        Covered all = new Covered(
                EYFS.areas().stream().map(Framework.Area::code).collect(Collectors.toSet()),
                EnumSet.allOf(Sense.class));
        Covered maths = new Covered(Set.of("eyfs-m"), Set.of());

        assertThat(DeckGaps.of(EYFS, List.of(all, maths, maths, maths)).thinAreas())
                .hasSize(6)
                .doesNotContain("Mathematics");
        assertThat(DeckGaps.of(EYFS, List.of(all, maths)).isNone()).isTrue();
        assertThat(DeckGaps.of(EYFS, List.of(all, maths)).words()).isEmpty();
    }

    @Test
    void anEmptyDeckLeavesOutEverything() {
        assertThat(DeckGaps.of(EYFS, List.of()).missingAreas()).hasSize(7);
    }
}
