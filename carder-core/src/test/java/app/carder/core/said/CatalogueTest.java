package app.carder.core.said;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.assertThatIllegalStateException;

import app.carder.core.safety.SafetyCheck;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class CatalogueTest {

    /** A code in the sources; one that ends in a dot goes on with the name of a constant. */
    private static final Pattern CODE = Pattern.compile(
            "\"((?:level|fact|gap|finding|gate|care|pet|adult|room|take-up|ladder|rotation|journal|focus"
                    + "|watch|placed|given-up|breach|rule|refused)\\.[a-zA-Z0-9.-]*)\"");

    /** The pages have words of their own under like names. */
    private static final Pattern SAID = Pattern.compile("(?:Said\\.of|Refused\\.because)\\(\\s*\"([^\"]+)\"");

    @Test
    void saysWhatItIsAboutInWords() {
        assertThat(Said.of("rotation.change", 12, 1).words())
                .isEqualTo("It has been out for 12 open days and one child has chosen it lately.");
        assertThat(Said.of("gate.line", Said.of("level.STOP_FOR"), "Water", "", 2)
                        .words())
                .isEqualTo("Stop for: Water. And 2 more");
        assertThat(Said.of("gate.line", Said.of("level.STOP_FOR"), "Water", "", 0)
                        .words())
                .isEqualTo("Stop for: Water");
    }

    @Test
    void whatSomebodyTypedStaysAsItIs() {
        assertThat(Said.typed("Our {0} rule's words").about("peanuts").words()).isEqualTo("Our {0} rule's words");
        assertThat(Said.of("placed.rare", Said.oneAfterTheOther(List.of("{a}", "it's")))
                        .words())
                .isEqualTo("little else this week brings {a}, it's");
    }

    @Test
    void anotherLanguageIsAnotherFileAndWhatItLacksIsSaidInEnglish() {
        Catalogue french = Catalogue.of(Locale.FRENCH);

        assertThat(french.say(Said.of("gate.line", Said.of("level.STAY_WITH"), Said.of("rotation.new"), "", 0)))
                .isEqualTo("Rester à côté: It has not been out yet.");
        assertThat(Said.of("level.STAY_WITH").words()).isEqualTo("Stay with it");
    }

    @Test
    void eachLanguageHasItsOwnPlurals() {
        Said twoDays = Said.of("watch.days-ago", 2);

        assertThat(twoDays.words()).isEqualTo("seen 2 days ago");
        assertThat(Catalogue.of(Locale.GERMAN).say(twoDays)).isEqualTo("gesehen vor 2 Tagen");
        assertThat(Catalogue.of(Locale.GERMAN).say("watch.days-ago", 1)).isEqualTo("gesehen vor 1 Tag");
    }

    @Test
    void wordsForOneCodeStandInOneFile() {
        assertThatIllegalStateException()
                .isThrownBy(() -> Catalogue.of(Locale.UK, List.of(Catalogue.CORE, Catalogue.CORE)))
                .withMessageContaining("must stand in one file");
    }

    @Test
    void everyRuleHasItsWords() {
        assertThat(SafetyCheck.withShippedRules().rules())
                .hasSizeGreaterThan(130)
                .allSatisfy(rule -> assertThat(Stream.of(
                                        rule.words().title(),
                                        rule.words().reason(),
                                        rule.words().caution())
                                .map(Said::words))
                        .allSatisfy(words -> assertThat(words).isNotBlank()));
    }

    @Test
    void aCodeWithoutWordsIsRefused() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Said.of("nothing.of.the.kind").words())
                .withMessage("Catalogue must have the words for nothing.of.the.kind.");
    }

    /** Both ways: what is said has words, and there are no words that nobody says. */
    @Test
    void everyCodeOfTheSourcesStandsInTheCatalogueAndNoOther() throws IOException {
        Set<String> said = new HashSet<>();
        for (Map.Entry<String, Pattern> module : Map.of(
                        "carder-core", CODE, "carder-exchange", CODE, "carder-web", SAID)
                .entrySet()) {
            try (Stream<Path> sources = Files.walk(Path.of("..", module.getKey(), "src/main/java"))) {
                for (Path source : sources.filter(path -> path.toString().endsWith(".java"))
                        .toList()) {
                    Matcher code = module.getValue().matcher(Files.readString(source));
                    while (code.find()) {
                        said.add(code.group(1));
                    }
                }
            }
        }
        Set<String> there = Catalogue.ENGLISH.codes();

        assertThat(said)
                .hasSizeGreaterThan(60)
                .allSatisfy(code -> assertThat(there)
                        .anyMatch(one -> one.equals(code) || one.startsWith(code.endsWith(".") ? code : code + ".")));
        assertThat(there)
                .allSatisfy(one -> assertThat(said)
                        .anyMatch(code -> one.equals(code) || one.startsWith(code.endsWith(".") ? code : code + ".")));
    }
}
