package app.carder.core.wording;

import static org.assertj.core.api.Assertions.assertThat;

import com.ibm.icu.text.SpoofChecker;
import com.ibm.icu.text.Transliterator;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Held against ICU4J 79.1, the reference library for Unicode's transliteration and confusables (UTS 39). */
class FoldingTest {

    private static final Transliterator LATIN_ASCII = Transliterator.getInstance("Latin-ASCII; Lower");
    private static final Transliterator ANY_LATIN = Transliterator.getInstance("Any-Latin; Latin-ASCII; Lower");

    /** Capitals whose small letters lie in other blocks, of languages that no nursery here has met; left as they are. */
    private static final String OUTSIDE = "\u0196\u023a\u023e";

    @Test
    void foldsEveryLatinLetterAsTheReferenceDoes() {
        List<String> different = new ArrayList<>();
        for (char letter = 0xC0; letter < 0x250; letter++) {
            if (OUTSIDE.indexOf(letter) >= 0) {
                continue;
            }
            String reference = LATIN_ASCII.transliterate(String.valueOf(letter));
            if (Character.isLetter(letter) && reference.matches("[a-z]+")) {
                String folded = Folding.folded(String.valueOf(letter));
                if (!folded.equals(reference)) {
                    different.add(letter + " " + folded + " " + reference);
                }
            }
        }

        assertThat(different).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "Łukasz, lukasz",
        "Bjørn, bjorn",
        "Đorđe, dorde",
        "Weiß, weiss",
        "Æsa, aesa",
        "Þór, thor",
        "Zoe\u0308, zoe",
        "Ｂｒａｍ, bram",
        "Bra\u00adm, bram",
        "B\u200bram, bram",
        "\u202eBram, bram"
    })
    void foldsWhatAccentsDoNotExplain(String written, String folded) {
        assertThat(Folding.folded(written)).isEqualTo(folded);
    }

    @Test
    void writesCyrillicAndGreekInLatinLettersAsTheReferenceDoes() {
        for (String name : List.of("Ольга", "Вера", "Νικος", "Павел")) {
            assertThat(Folding.inLatin(Folding.folded(name)))
                    .isEqualTo(ANY_LATIN.transliterate(name).replaceAll("[^a-z]", ""));
        }
    }

    /** "Аnna" with a Cyrillic А has the same skeleton as "Anna". */
    @Test
    void seesThroughLettersThatOnlyLookLatin() {
        SpoofChecker reference = new SpoofChecker.Builder().build();
        for (String hidden : List.of("\u0430nna", "br\u0430m", "l\u03bfla", "\u0435nzo")) {
            String plain = Folding.folded(hidden);

            assertThat(plain).matches("[a-z]+");
            assertThat(reference.getSkeleton(plain).toLowerCase(Locale.ROOT))
                    .isEqualTo(reference.getSkeleton(hidden).toLowerCase(Locale.ROOT));
        }
    }
}
