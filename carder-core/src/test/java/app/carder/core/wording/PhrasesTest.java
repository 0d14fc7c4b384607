package app.carder.core.wording;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.wording.LanguageRules.WordRule;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.FieldSource;

class PhrasesTest {

    static final List<String> LANGUAGES = LanguageRules.SHIPPED;

    private static List<String> in(String text, String... phrases) {
        return new Phrases<>(List.of(phrases), phrase -> phrase)
                .in(text).stream()
                        .map(place -> text.substring(place.start(), place.end()))
                        .toList();
    }

    @Test
    void areFoundAsWholeWordsWithAnyBlankBetweenThem() {
        assertThat(in("a well, the well-worn wellington", "well")).containsExactly("well", "well");
        assertThat(in("good  girl and\ngood", "good girl")).containsExactly("good  girl");
        assertThat(in("beautifully and unbeautiful", "beautiful*")).containsExactly("beautifully");
        assertThat(in("doesn't share, doesn'", "doesn't")).containsExactly("doesn't");
        assertThat(in("kept trying hard", "try*", "trying hard")).containsExactly("trying", "trying hard");
    }

    /** A regular expression for each phrase: slow, and plainly right. */
    @ParameterizedTest
    @FieldSource("LANGUAGES")
    void areWhereRegularExpressionsFindThem(String code) {
        LanguageRules rules = LanguageRules.shipped(code);
        List<String> patterns = rules.watched().stream().map(WordRule::pattern).toList();
        Phrases<String> phrases = new Phrases<>(patterns, pattern -> pattern);
        Random random = new Random(3);
        for (int round = 0; round < 40; round++) {
            StringBuilder text = new StringBuilder();
            for (int word = 0; word < 40; word++) {
                String pattern = patterns.get(random.nextInt(patterns.size()));
                text.append(pattern.replace("*", random.nextBoolean() ? "en" : ""))
                        .append(List.of(" ", "  ", "-", ". ", "", "\n").get(random.nextInt(6)));
            }
            List<String> expected = new ArrayList<>();
            for (String pattern : patterns) {
                Matcher matcher = regex(pattern).matcher(text);
                while (matcher.find()) {
                    expected.add(matcher.start() + " " + matcher.end() + " " + pattern);
                }
            }
            assertThat(phrases.in(text.toString()).stream()
                            .map(place -> place.start() + " " + place.end() + " " + place.what()))
                    .containsExactlyInAnyOrderElementsOf(expected);
        }
    }

    private static Pattern regex(String phrase) {
        boolean open = phrase.endsWith("*");
        String stem = open ? phrase.substring(0, phrase.length() - 1) : phrase;
        return Pattern.compile("(?<!\\p{L})" + Pattern.quote(stem).replace(" ", "\\E\\s+\\Q") + (open ? "\\p{L}*" : "")
                + "(?!\\p{L})");
    }
}
