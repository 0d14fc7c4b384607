package app.carder.web.account;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.util.Arrays;
import java.util.List;
import java.util.Properties;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class PasswordPolicyTest {

    private static final PasswordPolicy POLICY = new PasswordPolicy();
    private static final List<String> NAMES = List.of("hamish", "Hamish Vale", "Quillmere Nursery");

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "eleven char | SHORT",
                "aaaaaaaaaaaaaaaa | REPEATED",
                "password2026! | COMMON",
                "PASSWORD1234 | COMMON",
                "1qaz2wsx3edc | COMMON",
                "123456789012 | COMMON",
                "987654321098 | COMMON",
                "hamish likes tea | NAME",
                "my Quillmere morning | NAME",
                "down the vale we go | NAME"
            })
    void refusesWhatIsGuessedFirst(String password, PasswordFault fault) {
        assertThat(POLICY.fault(password, NAMES)).contains(fault);
    }

    @Test
    void refusesWhatWouldBeCutOff() {
        assertThat(POLICY.fault("é".repeat(36) + "x", NAMES)).contains(PasswordFault.LONG);
        assertThat(POLICY.fault("é".repeat(35) + "xy", NAMES)).isEmpty();
    }

    @Test
    void everyFaultAndEveryEventOfTheSecurityLogHasWordsAndNoWordsAreLeftOver() throws IOException {
        Properties messages = new Properties();
        try (InputStream file = PasswordPolicyTest.class.getResourceAsStream("/messages/faults.properties")) {
            messages.load(file);
        }

        assertThat(messages.stringPropertyNames().stream()
                        .filter(name -> name.startsWith("password.") || name.startsWith("security.")))
                .containsExactlyInAnyOrderElementsOf(Stream.concat(
                                Arrays.stream(PasswordFault.values()).map(PasswordFault::code),
                                Arrays.stream(SecurityEvent.values()).map(SecurityEvent::code))
                        .toList());
    }

    @ParameterizedTest
    @ValueSource(strings = {"parcels-and-post", "three blue buckets", "пошта і листи", "            x"})
    void takesAnySentenceWithoutRulesAboutCapitalsOrDigits(String password) {
        assertThat(POLICY.fault(password, NAMES)).isEmpty();
    }
}
