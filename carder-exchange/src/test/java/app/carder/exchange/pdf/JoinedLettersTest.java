package app.carder.exchange.pdf;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Locale;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Forms by the names that the Unicode Standard gives them; pictures are held against a browser's in the module of the browser. */
class JoinedLettersTest {

    private final JoinedLetters joined = new JoinedLetters();

    @ParameterizedTest(name = "{0}")
    @CsvSource({
        "ببب, FE91 FE92 FE90",
        "باب, FE91 FE8E FE8F",
        "دد, FEA9 FEA9",
        "چمچ, FB7C FEE4 FB7B",
        "ٹوپی, FB68 FEEE FB58 FBFD",
        "لا, FEFB",
        "سلام, FEB3 FEFC FEE1"
    })
    void eachLetterHasTheFormOfItsPlace(String word, String forms) {
        assertThat(hex(joined.shapeText(word))).isEqualTo(forms);
        assertThat(joined.deshapeText(joined.shapeText(word))).isEqualTo(word);
    }

    @Test
    void marksStayAsTheyAreAndDoNotPartLetters() {
        assertThat(hex(joined.shapeText("بَّب"))).isEqualTo("FE91 64E 651 FE90");
    }

    @Test
    void whatDoesNotJoinIsLeftAlone() {
        assertThat(joined.shapeText("Anouk 2026, שלום")).isEqualTo("Anouk 2026, שלום");
        assertThat(joined.reorderRTLTextToLTR("אב(")).isEqualTo(")בא");
    }

    private static String hex(String text) {
        return text.codePoints()
                .mapToObj(point -> Integer.toHexString(point).toUpperCase(Locale.ROOT))
                .collect(Collectors.joining(" "));
    }
}
