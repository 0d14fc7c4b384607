package app.carder.core.wording;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import app.carder.core.wording.Describing.Mark;
import app.carder.core.wording.LanguageRules.Reason;
import app.carder.core.wording.LanguageRules.WordRule;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class WordsForFamiliesTest {

    private static final LanguageRules ENGLISH = LanguageRules.forFamilies("en");

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Used a pincer grip to lift the peas.        | pincer grip   | holding with thumb and finger
            We set up provocations in the garden.       | provocations  | something set out to try
            Her proprioception is growing.              | proprioception | feeling where arms and legs are
            A lovely bit of mark-making.                | mark-making   | drawing, dots and lines
            """)
    void wordsOfTheTradeAreMarkedWithPlainOnesBeside(String text, String word, String plain) {
        assertThat(new Describing(ENGLISH).marks(text))
                .filteredOn(mark -> mark.reason().equals(Reason.TRADE.words()))
                .extracting(Mark::words, Mark::instead)
                .containsExactly(tuple(word, plain));
    }

    @Test
    void thereAreTwoHundredOfThemInEnglishEachOnceAndNoneIsItsOwnPlainWord() {
        List<WordRule> trade = ENGLISH.watched().stream()
                .filter(rule -> rule.reason() == Reason.TRADE)
                .toList();

        assertThat(trade)
                .hasSizeGreaterThanOrEqualTo(200)
                .extracting(WordRule::pattern)
                .doesNotHaveDuplicates();
        assertThat(trade)
                .allSatisfy(rule -> assertThat(rule.instead()).isNotBlank().isNotEqualToIgnoringCase(rule.pattern()));
    }

    /** The plain words are plain: nothing in them is a word of the trade in its turn. */
    @ParameterizedTest
    @ValueSource(strings = {"en", "de"})
    void noPlainWordIsOneOfTheTrade(String code) {
        LanguageRules rules = LanguageRules.forFamilies(code);
        Describing describing = new Describing(rules);

        assertThat(rules.watched())
                .filteredOn(rule -> rule.reason() == Reason.TRADE)
                .allSatisfy(rule -> assertThat(describing.marks(rule.instead()))
                        .as(rule.pattern())
                        .noneMatch(mark -> mark.reason().equals(Reason.TRADE.words())));
    }

    @Test
    void adultsAmongThemselvesMayUseThem() {
        assertThat(new Describing(LanguageRules.shipped("en")).marks("A schema of enveloping."))
                .isEmpty();
    }

    @Test
    void longAndHardSentencesAreNamed() {
        String easy = "She poured the rice. It ran over the edge. “Again!” she said.";
        String longOne =
                "Then she carried the jug, and the cup, and the spoon, and the bowl, and the lid, and the funnel, and the"
                        + " string over to the tray and put them all in a row.";
        String hard =
                "Consequently investigating gravitational characteristics necessitated considerable experimentation involving"
                        + " alternative containers.";

        assertThat(ReadingEase.hardSentences(easy + " " + longOne + " " + hard, ENGLISH.ease()))
                .containsExactly(longOne, hard);
        assertThat(ReadingEase.hardSentences("", ENGLISH.ease())).isEmpty();
    }

    @Test
    void aTextIsItsSentencesOneByOne() {
        assertThat(ReadingEase.sentences("Poured it. Stopped! Was it full?\nYes"))
                .containsExactly("Poured it.", "Stopped!", "Was it full?", "Yes");
        assertThat(ReadingEase.sentences("Said \"sign here.\" Waited."))
                .containsExactly("Said \"sign here.\"", "Waited.");
        assertThat(ReadingEase.sentences("  ")).isEmpty();
    }
}
