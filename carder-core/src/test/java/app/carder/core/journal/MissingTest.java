package app.carder.core.journal;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.journal.Missing.Want;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** What a journal that will be made lacks. */
class MissingTest {

    private static final List<String> AREAS = List.of("A", "B");

    @Test
    void whereNobodyWroteAnythingEverythingIsMissing() {
        assertThat(Missing.of(List.of(), AREAS).wanted()).containsExactly(Want.values());
    }

    @Test
    void eachWantEndsWithTheRecordThatHasIt() {
        Candidate full = new Candidate(
                "1",
                LocalDate.EPOCH,
                Map.of(
                        Facet.AREA, Set.of("A", "B"),
                        Facet.VOICE, Set.of("SPOKEN"),
                        Facet.PHOTO, Set.of("photo"),
                        Facet.NEXT_STEP, Set.of("next")),
                1);

        assertThat(Missing.of(Collections.nCopies(3, full), AREAS).wanted()).containsExactly(Want.RECORDS);
        assertThat(Missing.of(Collections.nCopies(4, full), AREAS).isNothing()).isTrue();
        assertThat(Missing.of(Collections.nCopies(4, full.with(Facet.AREA, Set.of("B"))), AREAS))
                .satisfies(missing -> assertThat(missing.wanted()).containsExactly(Want.AREAS))
                .satisfies(missing -> assertThat(missing.seen()).containsExactly("B"));
        assertThat(Missing.of(Collections.nCopies(4, full.with(Facet.PHOTO, Set.of())), AREAS)
                        .wanted())
                .containsExactly(Want.PHOTO);
    }

    @Test
    void aThingIsMentionedByTheBeginningOfItsWords() {
        Mentions bean = Mentions.of("A bean in a jar");

        assertThat(bean.isIn("Looked at the beans again.")).isTrue();
        assertThat(bean.isIn("BEAN!")).isTrue();
        assertThat(bean.isIn("Was in the sand all morning.")).isFalse();
        assertThat(Mentions.of("It").isIn("It is here")).isFalse();
    }

    @Test
    void eachPurposeHasACoverOfItsOwnAndOnlyThatOfATermTellsTheAreas() {
        assertThat(Arrays.stream(Purpose.values())
                        .map(purpose ->
                                CoverDrawing.of(purpose, List.of(true, false)).marks())
                        .distinct())
                .hasSameSizeAs(Purpose.values());
        assertThat(CoverDrawing.of(Purpose.TERM, List.of(true, true)).marks())
                .isNotEqualTo(
                        CoverDrawing.of(Purpose.TERM, List.of(true, false)).marks());
        assertThat(CoverDrawing.of(Purpose.WEEK, List.of(true)).marks())
                .isEqualTo(CoverDrawing.of(Purpose.WEEK, List.of(false)).marks());
    }

    @Test
    void eachPartButTheCoverHasASymbolOfItsOwn() {
        assertThat(PartSymbol.of(Part.GREETING)).isEmpty();
        assertThat(Arrays.stream(Part.values())
                        .flatMap(part -> PartSymbol.of(part).stream())
                        .map(symbol -> symbol.marks())
                        .distinct())
                .hasSize(Part.values().length - 1);
    }
}
