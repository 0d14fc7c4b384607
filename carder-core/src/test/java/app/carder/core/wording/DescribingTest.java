package app.carder.core.wording;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.carder.core.wording.Describing.Mark;
import app.carder.core.wording.LanguageRules.Ease;
import app.carder.core.wording.ReadingEase.Band;
import java.util.List;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DescribingTest {

    private static final Describing ENGLISH = new Describing(LanguageRules.shipped("en"));

    private static List<String> marked(String text) {
        return ENGLISH.marks(text).stream().map(Mark::words).toList();
    }

    @ParameterizedTest
    @CsvSource({
        "Anouk was lazy today, lazy",
        "He was NAUGHTY, NAUGHTY",
        "A clever boy tied it, clever",
        "She is shy with adults, shy",
        "She enjoyed the ramp, enjoyed",
        "He was happy at the desk, happy",
        "She wanted to post it, wanted to",
        "It rolled a lot, a lot",
        "He is ahead of the others, ahead of the others",
        "She quickly wrapped it, quickly"
    })
    void marksWhatACameraCouldNotShow(String text, String word) {
        assertThat(marked(text)).contains(word);
    }

    @Test
    void theLongerOfTwoMarksStands() {
        assertThat(marked("Good girl, Anouk")).containsExactly("Good girl");
    }

    @Test
    void offersAWayToDescribe() {
        assertThat(ENGLISH.marks("He was lazy.").get(0).instead()).isEqualTo("sat for 6 min with hands in lap");
        assertThat(ENGLISH.marks("He was lazy.").get(0).reason()).isEqualTo("says what the child is, not what it did");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Said “I am happy” and posted it",
                "Said \"you are naughty\" to the doll",
                "Tied the string round three times and held it up",
                "Goodness, the welly fell off the shyest shelf",
                "Was happy: smiled and hummed at the scale"
            })
    void leavesQuotesDescriptionsAndShownFeelingsAlone(String text) {
        assertThat(marked(text)).isEmpty();
    }

    @Test
    void aSignInAnotherSentenceShowsNothing() {
        assertThat(marked("She smiled at the door. At the desk she was sad.")).containsExactly("sad");
    }

    @Test
    void marksNamesOfOtherChildrenAndNotTheOwn() {
        assertThat(ENGLISH.marks("Anouk gave Bram’s letter to Anouk", "Anouk", List.of("Anouk", "Bram", "Cosima")))
                .extracting(Mark::words)
                .containsExactly("Bram");
    }

    @Test
    void placesAreThoseOfTheText() {
        String text = "İt was “good”. A good lid.";

        assertThat(ENGLISH.marks(text))
                .allSatisfy(mark ->
                        assertThat(text.substring(mark.start(), mark.end())).isEqualTo(mark.words()));
        assertThat(ENGLISH.marks(text)).hasSize(1);
    }

    @Test
    void anotherLanguageIsAnotherTable() {
        Describing german = new Describing(LanguageRules.shipped("de"));

        assertThat(german.marks("Sie war schüchtern und oft traurig."))
                .extracting(Mark::words)
                .containsExactly("schüchtern", "oft", "traurig");
        assertThat(german.marks("Sie war traurig, weinte und rief „immer ich“."))
                .isEmpty();
        assertThatThrownBy(() -> LanguageRules.shipped("xx")).hasMessageContaining("got xx");
    }

    @Nested
    class EaseOfReading {

        private final Ease flesch = LanguageRules.shipped("en").ease();
        private final Ease amstad = LanguageRules.shipped("de").ease();

        @ParameterizedTest
        @CsvSource({
            // words, sentences, syllables, score: worked examples of the formula (Flesch 1948, from memory)
            "6, 1, 6, 116.145",
            "16, 1, 23, 68.9825",
            "13, 1, 24, 37.4554",
            "20, 3, 21, 111.2383",
            "100, 5, 140, 68.0950"
        })
        void followsTheFormulaOnCounts(int words, int sentences, int syllables, double score) {
            assertThat(ReadingEase.ofCounts(words, sentences, syllables, flesch).score())
                    .isCloseTo(score, within(5e-5));
        }

        @Test
        void germanHasConstantsOfItsOwn() {
            // 180 − 100/10 − 58.5·170/100 = 70.55
            assertThat(ReadingEase.ofCounts(100, 10, 170, amstad).score()).isCloseTo(70.55, within(1e-9));
        }

        @Test
        void countsWordsSentencesAndSyllables() {
            ReadingEase ease = ReadingEase.of("The cat sat on the mat. “More,” said Anouk!", flesch);

            assertThat(ease.words()).isEqualTo(9);
            assertThat(ease.sentences()).isEqualTo(2);
            assertThat(ease.syllables()).isEqualTo(10);
        }

        @ParameterizedTest
        @CsvSource({"table, 2", "scale, 1", "the, 1", "parcel, 2", "envelope, 3", "hmm, 1"})
        void countsSyllablesByRule(String word, int expected) {
            assertThat(ReadingEase.syllables(word, flesch)).isEqualTo(expected);
        }

        @Test
        void tellsBands() {
            assertThat(ReadingEase.of("She took the string. She tied it round the box. Then she did it again.", flesch)
                            .band())
                    .isEqualTo(Band.VERY_EASY);
            assertThat(ReadingEase.of(
                                    "Demonstrating considerable perseverance, individual investigations of gravitational acceleration progressed independently.",
                                    flesch)
                            .band())
                    .isEqualTo(Band.VERY_HARD);
            assertThat(ReadingEase.of("Too short.", flesch).band()).isEqualTo(Band.TOO_SHORT);
        }
    }
}
