package app.carder.web.account;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TotpTest {

    private static final byte[] SECRET = "12345678901234567890".getBytes(StandardCharsets.US_ASCII);

    /** RFC 6238, appendix B, the rows for SHA-1. */
    @ParameterizedTest(name = "at {0} s: {1}")
    @CsvSource({
        "59, 94287082",
        "1111111109, 07081804",
        "1111111111, 14050471",
        "1234567890, 89005924",
        "2000000000, 69279037",
        "20000000000, 65353130"
    })
    void makesTheCodesOfTheStandard(long second, String code) {
        assertThat(Totp.code(SECRET, Totp.step(Instant.ofEpochSecond(second)), 8))
                .isEqualTo(code);
    }

    /** RFC 4648, section 10, without the padding. */
    @ParameterizedTest
    @CsvSource({"f, MY", "fo, MZXQ", "foo, MZXW6", "foob, MZXW6YQ", "fooba, MZXW6YTB", "foobar, MZXW6YTBOI"})
    void writesSecretsAsTheStandardSays(String bytes, String letters) {
        assertThat(Totp.base32(bytes.getBytes(StandardCharsets.US_ASCII))).isEqualTo(letters);
    }

    @Test
    void takesACodeOnceAndOneStepBeforeOrAfter() {
        Instant now = Instant.ofEpochSecond(1_234_567_890);
        long step = Totp.step(now);

        for (long near = step - 1; near <= step + 1; near++) {
            assertThat(Totp.accepted(SECRET, Totp.code(SECRET, near, 6), now, 0))
                    .hasValue(near);
        }
        for (long far : new long[] {step - 2, step + 2}) {
            assertThat(Totp.accepted(SECRET, Totp.code(SECRET, far, 6), now, 0)).isEmpty();
        }
        assertThat(Totp.accepted(SECRET, Totp.code(SECRET, step, 6), now, step)).isEmpty();
        assertThat(Totp.accepted(SECRET, Totp.code(SECRET, step - 1, 6), now, step))
                .isEmpty();
        for (String odd : new String[] {"", "1", "abcdef", "０１２３４５"}) {
            assertThat(Totp.accepted(SECRET, odd, now, 0)).isEmpty();
        }
    }
}
