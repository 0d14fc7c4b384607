package app.carder.core.ladder;

import static app.carder.core.ladder.LadderStep.AS_IS;
import static app.carder.core.ladder.LadderStep.HARDER;
import static app.carder.core.ladder.LadderStep.OTHER_MATERIAL;
import static app.carder.core.ladder.LadderStep.REAL_LIFE;
import static app.carder.core.ladder.LadderStep.SIMPLER;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.carder.core.ladder.Change.Put;
import app.carder.core.ladder.Ladder.Seen;
import app.carder.core.measure.Length;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;

class LadderTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 5, 4);
    private static final Set<LadderStep> ALL = EnumSet.allOf(LadderStep.class);

    @Nested
    class ForAChild {
        @Test
        void startsAsItIsWhereNothingWasSeen() {
            assertThat(Ladder.propose(List.of(), ALL).ladderStep()).isEqualTo(AS_IS);
        }

        @Test
        void goesUpAfterTwoTimesOfDeepInvolvementAndNotAfterOne() {
            assertThat(proposed(seen(3, AS_IS, 4), seen(1, AS_IS, 5))).isEqualTo(HARDER);
            assertThat(proposed(seen(1, AS_IS, 5))).isEqualTo(AS_IS);
            assertThat(proposed(seen(3, SIMPLER, 4), seen(1, AS_IS, 5))).isEqualTo(AS_IS);
            assertThat(proposed(seen(3, SIMPLER, 5), seen(1, SIMPLER, 5))).isEqualTo(AS_IS);
            assertThat(proposed(seen(3, HARDER, 5), seen(1, HARDER, 4))).isEqualTo(REAL_LIFE);
        }

        @Test
        void goesDownAfterLittleInvolvement() {
            assertThat(proposed(seen(3, HARDER, 5), seen(1, HARDER, 2))).isEqualTo(AS_IS);
            assertThat(proposed(seen(1, AS_IS, 1))).isEqualTo(SIMPLER);
            assertThat(proposed(seen(1, SIMPLER, 1))).isEqualTo(OTHER_MATERIAL);
        }

        @Test
        void offersTheSameAgainInBetween() {
            assertThat(proposed(seen(2, AS_IS, 5), seen(1, AS_IS, 3))).isEqualTo(AS_IS);
        }

        @Test
        void looksAtTheLastDayFirstInWhateverOrderItIsTold() {
            assertThat(proposed(seen(1, AS_IS, 1), seen(9, AS_IS, 5), seen(8, AS_IS, 5)))
                    .isEqualTo(SIMPLER);
        }

        @Test
        void proposesNoStepThatIsNotWritten() {
            Ladder.Proposal proposal = Ladder.propose(List.of(seen(2, AS_IS, 5), seen(1, AS_IS, 5)), Set.of(SIMPLER));

            assertThat(proposal.ladderStep()).isEqualTo(AS_IS);
            assertThat(proposal.reason().words()).contains("write one");
            assertThat(Ladder.propose(List.of(seen(1, AS_IS, 1)), Set.of()).ladderStep())
                    .isEqualTo(AS_IS);
        }

        @Test
        void leavesOutNotesWithoutInvolvement() {
            assertThat(Ladder.propose(List.of(new Seen(TODAY, HARDER, Optional.empty())), ALL)
                            .ladderStep())
                    .isEqualTo(AS_IS);
        }

        private LadderStep proposed(Seen... seen) {
            return Ladder.propose(new ArrayList<>(List.of(seen)), ALL).ladderStep();
        }

        private Seen seen(int daysAgo, LadderStep ladderStep, int involvement) {
            return new Seen(TODAY.minusDays(daysAgo), ladderStep, Optional.of(involvement));
        }
    }

    @Nested
    class OfAmounts {
        private final List<Put> card = List.of(
                new Put("rice", Optional.of(cm(4)), Optional.empty(), Change.Measured.BY_DEPTH),
                new Put("scoops", Optional.empty(), Optional.of(5), Change.Measured.BY_NUMBER));

        @Test
        void scalesDepthsAndRoundsPiecesUp() {
            List<Put> half = new Change(50, Optional.empty(), Optional.empty(), "").applyTo(card, Optional.of(cm(10)));

            assertThat(half.get(0).depth()).contains(cm(2));
            assertThat(half.get(1).pieces()).contains(3);
        }

        @Test
        void putsOneThingInThePlaceOfAnother() {
            List<Put> maize =
                    new Change(100, Optional.of("rice"), Optional.of("maize"), "").applyTo(card, Optional.of(cm(10)));

            assertThat(maize).extracting(Put::code).containsExactly("maize", "scoops");
            assertThat(new Change(100, Optional.of("scoops"), Optional.empty(), "").applyTo(card, Optional.empty()))
                    .extracting(Put::code)
                    .containsExactly("rice");
        }

        @Test
        void neverFillsAboveTheRim() {
            List<Put> triple =
                    new Change(300, Optional.empty(), Optional.empty(), "").applyTo(card, Optional.of(cm(10)));

            assertThat(triple.get(0).depth()).contains(cm(10));
        }

        @Test
        void changesNothingWhereNothingIsWritten() {
            assertThat(Change.NONE.applyTo(card, Optional.of(cm(10)))).isEqualTo(card);
        }

        @Test
        void refusesWhatCannotBePutOut() {
            assertThatThrownBy(() -> new Change(5, Optional.empty(), Optional.empty(), ""))
                    .hasMessageContaining("10 to 400 %");
            assertThatThrownBy(() -> new Change(100, Optional.empty(), Optional.of("maize"), ""))
                    .hasMessageContaining("replace something");
        }

        private Length cm(double centimetres) {
            return Length.ofCentimetres(centimetres);
        }
    }
}
