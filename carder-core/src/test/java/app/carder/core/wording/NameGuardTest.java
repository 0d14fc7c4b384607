package app.carder.core.wording;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NameGuardTest {

    private static final NameGuard GUARD = NameGuard.forChild(
            "Anouk", List.of("Anouk", "Bram", "Zo\u00ebl", "Mary Ann", "\u05e0\u05d5\u05e2\u05d4", "Wren"));

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Anouk gave Bram the jug.|Anouk gave a friend the jug.",
                "Bram's parcel was heavier.|A friend's parcel was heavier.",
                "She waited. bram poured.|She waited. A friend poured.",
                "BRAM and Zoel laughed.|Two friends laughed.",
                "Bram, Wren and Zo\u00ebl poured.|Three friends poured.",
                "Brams tower fell on Zoels foot.|A friend's tower fell on a friend's foot.",
                "With Bram and Wren’s cart.|With two friends’ cart.",
                "With Mary Ann she tied it.|With a friend she tied it.",
                "She said 'Bramble'.|She said 'Bramble'.",
                "Mary came. Ann left.|A friend came. A friend left.",
                "MaryAnn and Mary-Ann|Two friends",
                "TeamBram won|Team a friend won",
                "BramundWren sangen|A friend sangen",
            })
    void putsAFriendInThePlaceOfOtherNames(String written, String kept) {
        assertThat(GUARD.withoutNames(written)).isEqualTo(kept);
    }

    @Test
    void findsNamesWhateverTheirCaseAccentsOrScript() {
        assertThat(GUARD.namesIn("ZO\u00cbL, zoe\u0308l and \u05e0\u05d5\u05e2\u05d4 came; Anouk stayed"))
                .containsExactly("ZO\u00cbL", "zoe\u0308l", "\u05e0\u05d5\u05e2\u05d4");
    }

    @Test
    void readsInOneGoWhatItFindsOneAfterTheOther() {
        String text = "Bram and Brammy carried it; Mary watched.";

        NameGuard.Reading reading = GUARD.read(text);

        assertThat(reading.names()).containsExactly("Bram", "Mary").isEqualTo(GUARD.namesIn(text));
        assertThat(reading.near())
                .extracting(NameGuard.Near::words)
                .containsExactly("Brammy")
                .isEqualTo(GUARD.near(text).stream().map(NameGuard.Near::words).toList());
    }

    @Test
    void leavesNoNameBehind() {
        String text = "Wren, Bram and Mary Ann met Bram. Wren's turn!";

        assertThat(GUARD.namesIn(GUARD.withoutNames(text))).isEmpty();
    }

    @Test
    void neverTakesTheChildsOwnName() {
        assertThat(GUARD.namesIn("Anouk's parcel, anouk!")).isEmpty();
    }

    @Test
    void livesWithAChildOfTheSameNameAndAnEmptyName() {
        NameGuard guard = NameGuard.forChild("Bram", List.of("bram", "", "\ud83d\ude80"));

        assertThat(guard.withoutNames("Bram \ud83d\ude80 <b>ran</b>")).isEqualTo("Bram \ud83d\ude80 <b>ran</b>");
    }

    @Test
    void writesAnotherNameWhereOneStoodPossessivesIncluded() {
        NameGuard guard = NameGuard.forChild(List.of(), List.of("Ottilie"));

        assertThat(guard.renamed("Ottilie ran. It was OTTILIE's parcel, not Bram's; ottilies hat.", "Oda"))
                .isEqualTo("Oda ran. It was Oda's parcel, not Bram's; Oda's hat.");
        assertThat(guard.renamed("Nobody ran.", "Oda")).isEqualTo("Nobody ran.");
    }
}
