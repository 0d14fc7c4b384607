package app.carder.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ReadNumberTest {

    @ParameterizedTest
    @CsvSource({"40, 40", "40 cm, 40", "0.6 m, 60", "'0,6 m', 60", "85 mm, 8.5", "40cm, 40"})
    void readsCentimetres(String text, String centimetres) {
        assertThat(ReadNumber.centimetres(text).orElseThrow()).isEqualByComparingTo(centimetres);
    }

    @ParameterizedTest
    @CsvSource({"1 kg, 1000", "250, 250", "'1,5 kg', 1500", "'1,000,000', 1000000", "'0,250 kg', 250"})
    void readsGrams(String text, String grams) {
        assertThat(ReadNumber.grams(text).orElseThrow()).isEqualByComparingTo(grams);
    }

    /** A thousand to one person, one to another: never one gram in silence. */
    @ParameterizedTest
    @ValueSource(strings = {"1,000", "1,000 g", "12,500"})
    void asksAboutWhatCouldBeTwoNumbers(String text) {
        assertThat(ReadNumber.grams(text)).isEmpty();
        assertThat(ReadNumber.isAmbiguous(text)).isTrue();
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "forty", "4 inches", "1 kg 200", "4..5", "1e5"})
    void refusesWhatIsNoNumberOrHasAnotherUnit(String text) {
        assertThat(ReadNumber.centimetres(text)).isEmpty();
        assertThat(ReadNumber.grams(text)).isEmpty();
    }
}
