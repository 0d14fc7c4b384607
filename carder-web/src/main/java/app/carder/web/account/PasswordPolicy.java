package app.carder.web.account;

import com.nulabinc.zxcvbn.StandardDictionaries;
import com.nulabinc.zxcvbn.matchers.Dictionary;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/**
 * Which passwords are fit: long, not among those that everybody tries, nothing that stands on the door. No rules about capitals or
 * digits, and none that end by themselves (NIST SP 800-63B, from memory).
 */
@Component
public class PasswordPolicy {

    /** Characters, at least. */
    public static final int SHORTEST = 12;

    /** What bcrypt takes into account: 72 bytes. */
    public static final int LONGEST_BYTES = 72;

    /** Shorter parts of a name stand in too many words to be looked for. */
    private static final int SHORTEST_NAME = 4;

    private final Set<String> common;

    PasswordPolicy() {
        try {
            Dictionary shipped = StandardDictionaries.PASSWORDS_LOADER.load();
            this.common = new HashSet<>(shipped.getFrequencies());
        } catch (IOException missing) {
            throw new UncheckedIOException(missing);
        }
    }

    /**
     * What is wrong with a password; absent where nothing is.
     *
     * @param password as typed
     * @param names of the person and the setting, the sign-in name included
     */
    public Optional<PasswordFault> fault(String password, List<String> names) {
        if (password.codePointCount(0, password.length()) < SHORTEST) {
            return Optional.of(PasswordFault.SHORT);
        }
        if (password.getBytes(StandardCharsets.UTF_8).length > LONGEST_BYTES) {
            return Optional.of(PasswordFault.LONG);
        }
        String lower = password.toLowerCase(Locale.ROOT);
        if (lower.codePoints().distinct().count() == 1) {
            return Optional.of(PasswordFault.REPEATED);
        }
        // "password2026!" is "password" to whoever guesses.
        String core = lower.replaceAll("^[^\\p{L}]+|[^\\p{L}]+$", "");
        if (common.contains(lower) || common.contains(core) || core.isEmpty() && isCounted(lower)) {
            return Optional.of(PasswordFault.COMMON);
        }
        boolean named = names.stream()
                .flatMap(PasswordPolicy::words)
                .filter(word -> word.length() >= SHORTEST_NAME)
                .anyMatch(lower::contains);
        return named ? Optional.of(PasswordFault.NAME) : Optional.empty();
    }

    private static Stream<String> words(String name) {
        String lower = name.toLowerCase(Locale.ROOT);
        return Stream.concat(Stream.of(lower), Arrays.stream(lower.split("[^\\p{L}\\p{N}]+")));
    }

    /** Digits alone, each one more or one less than the one before, round the ten. */
    private static boolean isCounted(String text) {
        int[] digits = text.chars().filter(Character::isDigit).toArray();
        if (digits.length != text.length()) {
            return false;
        }
        int step = Math.floorMod(digits[1] - digits[0], 10);
        for (int i = 1; i < digits.length; i++) {
            if (Math.floorMod(digits[i] - digits[i - 1], 10) != step) {
                return false;
            }
        }
        return true;
    }
}
