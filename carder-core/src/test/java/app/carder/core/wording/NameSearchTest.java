package app.carder.core.wording;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.wording.NameSearch.Fit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NameSearchTest {

    @ParameterizedTest
    @CsvSource({
        "rice by the kilo, Rice by the kilo, WHOLE",
        "RICE BY, Rice by the kilo, BEGINS",
        "kilo ric, Rice by the kilo, WORDS_BEGIN",
        "ilo, Rice by the kilo, INSIDE",
        "lukasz, Łukasz, WHOLE",
        "zoe, Zoë-Marie, BEGINS",
        "marie, Zoë-Marie, WORDS_BEGIN",
    })
    void findsNamesByTheirParts(String typed, String name, Fit fit) {
        assertThat(NameSearch.of(typed).fit(name)).contains(fit);
    }

    @ParameterizedTest
    @CsvSource({
        "rice water, Rice by the kilo",
        "kiloo, Rice by the kilo",
        "' ', Rice by the kilo",
        "-, Rice by the kilo"
    })
    void findsNothingElse(String typed, String name) {
        assertThat(NameSearch.of(typed).fit(name)).isEmpty();
    }

    @Test
    void knowsWhenNothingWasTyped() {
        assertThat(NameSearch.of(" – ").isEmpty()).isTrue();
        assertThat(NameSearch.of("a").isEmpty()).isFalse();
    }
}
