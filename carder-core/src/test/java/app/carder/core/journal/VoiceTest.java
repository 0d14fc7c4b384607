package app.carder.core.journal;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class VoiceTest {

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            She said “all gone” and laughed.        | SPOKEN
            "Again!" he called.                     | SPOKEN
            Sagte „noch mal“ und zeigte auf den Krug. | SPOKEN, POINTED
            Signed for more and pointed at the jug. | SIGNED, POINTED
            He pointed to the shelf.                | POINTED
            Designed a ramp beside the road signs.  | ''
            The 'O' of the ring, pourer’s jug.      | ''
            She wrote "3" on it.                    | ''
            """)
    void isHeardInWhatARecordSays(String text, String voices) {
        assertThat(String.join(", ", Voice.in(text).stream().map(Enum::name).toList()))
                .isEqualTo(voices.equals("''") ? "" : voices);
    }

    @Test
    void isQuotedWithoutItsMarks() {
        assertThat(Voice.quotes("“It is raining”, she said. Then: ‘More rain!’ and “ ”."))
                .containsExactly("It is raining", "More rain!");
    }
}
