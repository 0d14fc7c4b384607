package app.carder.core.safety;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Words that sort people or belongings by gender or family type, each with a kinder way to set it up. A prompt to think, not a
 * verdict: whole words, in any case, English. Common practice.
 *
 * @param found the words on the card
 * @param kinder what to do instead
 */
record Stereotype(String found, String kinder) {

    private record Prompt(Pattern pattern, String kinder) {}

    private static final List<Prompt> PROMPTS = read();

    private static final Memo<String, Optional<Stereotype>> SAID = new Memo<>(Stereotype::find);

    /** The first of them in a text. */
    static Optional<Stereotype> in(String text) {
        return SAID.of(text);
    }

    private static Optional<Stereotype> find(String text) {
        for (Prompt prompt : PROMPTS) {
            Matcher matcher = prompt.pattern().matcher(text);
            if (matcher.find()) {
                return Optional.of(new Stereotype(matcher.group(), prompt.kinder()));
            }
        }
        return Optional.empty();
    }

    private static List<Prompt> read() {
        try (BufferedReader lines = new BufferedReader(new InputStreamReader(
                Objects.requireNonNull(Stereotype.class.getResourceAsStream("stereotypes.txt")),
                StandardCharsets.UTF_8))) {
            return lines.lines()
                    .filter(line -> !line.startsWith("#") && !line.isBlank())
                    .map(line -> line.split(" => ", 2))
                    .map(parts -> new Prompt(
                            Pattern.compile(
                                    "(?<![\\p{L}\\p{N}])(?:" + parts[0] + ")(?![\\p{L}\\p{N}])",
                                    Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE),
                            parts[1]))
                    .toList();
        } catch (IOException broken) {
            throw new UncheckedIOException("Impossible state: the prompts cannot be read.", broken);
        }
    }
}
