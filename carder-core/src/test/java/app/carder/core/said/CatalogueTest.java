package app.carder.core.said;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.assertThatIllegalStateException;

import app.carder.core.material.Allergen;
import app.carder.core.room.FurnitureKind;
import app.carder.core.safety.SafetyCheck;
import com.ibm.icu.text.MessageFormat;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class CatalogueTest {

    /** What may be a code in the sources; one that ends in a dot goes on with the name of a constant. */
    private static final Pattern CODE = Pattern.compile("\"([a-z][a-z-]*\\.[a-zA-Z0-9.-]*)\"");

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
                .isEqualTo("Rester à côté: It has not been out yet. [Stay with it: It has not been out yet.]");
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
    void whoeverIsAnsweredIsSpokenToInTheirLanguage() {
        try (Catalogue.Spoken german = Catalogue.of(Locale.GERMAN).speak()) {
            assertThat(FurnitureKind.SOFA.words()).isEqualTo("Sofa");
            assertThat(FurnitureKind.RUG.words()).isEqualTo("Teppich");
            try (Catalogue.Spoken english = Catalogue.ENGLISH.speak()) {
                assertThat(Allergen.TREE_NUTS.words()).isEqualTo("tree nuts");
            }
            assertThat(Dates.dayOfWeek(LocalDate.of(2026, 5, 4))).isEqualTo("Montag, 4. Mai");
        }
        assertThat(Allergen.TREE_NUTS.words()).isEqualTo("tree nuts");
        assertThat(Dates.dayOfWeek(LocalDate.of(2026, 5, 4))).isEqualTo("Monday 4 May");
        assertThat(Dates.moment(LocalDateTime.of(2026, 5, 4, 9, 5))).isEqualTo("Mon 4 May, 09:05");
    }

    /** Nobody who speaks German has checked what it says about safety: nobody is hurt by a word that is wrong. */
    @Test
    void wordsAboutSafetyThatNobodyCheckedStandInEnglishBeside() {
        Catalogue german = Catalogue.of(Locale.GERMAN);

        assertThat(german.isToBeDoubted()).isTrue();
        assertThat(german.say(Allergen.TREE_NUTS.said())).isEqualTo("Schalenfrüchte (Nüsse) [tree nuts]");
        assertThat(german.say(Said.of("gate.line", Said.of("level.STOP_FOR"), "Wasser", "", 0)))
                .endsWith(": Wasser [Stop for: Wasser]");
        assertThat(german.say(Said.oneAfterTheOther(List.of(Allergen.MILK.said(), Allergen.EGGS.said()))))
                .isEqualTo("Milch, Eier [milk, eggs]");
        assertThat(Catalogue.ENGLISH.isToBeDoubted()).isFalse();
    }

    /** What is chosen and counted works as in English; what is said is marked from end to end. */
    @Test
    void aLanguageThatNobodySpeaksIsLongerAndMarked() {
        Catalogue pseudo = Catalogue.ENGLISH.pseudo();

        assertThat(pseudo.say("level.NEVER")).isEqualTo("⟦Ñévér~~⟧");
        assertThat(pseudo.say("watch.days-ago", 1)).matches("⟦šééñ 1 dáý ágó[~ ]+⟧");
        assertThat(pseudo.say("fact.ALLERGIES.remedy"))
                .startsWith("⟦Ášk thé fámílý")
                .hasSizeGreaterThan(
                        Catalogue.ENGLISH.say("fact.ALLERGIES.remedy").length() * 13 / 10);
    }

    @Test
    void everyLanguageHasAllWordsOfTheCoreAndTellsTheSameThings() {
        Catalogue german = Catalogue.of(Locale.GERMAN);

        assertThat(Catalogue.ENGLISH.codes())
                .allSatisfy(code -> assertThat(new MessageFormat(german.pattern(code), Locale.UK).getArgumentNames())
                        .as(code)
                        .isEqualTo(new MessageFormat(Catalogue.ENGLISH.pattern(code), Locale.UK).getArgumentNames()));
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
        Set<String> there = Catalogue.ENGLISH.codes();
        Set<String> beginnings = there.stream()
                .map(code -> code.substring(0, code.indexOf('.') + 1))
                .collect(Collectors.toSet());
        Set<String> said = new HashSet<>();
        for (Map.Entry<String, Pattern> module : Map.of(
                        "carder-core", CODE, "carder-exchange", CODE, "carder-web", SAID)
                .entrySet()) {
            try (Stream<Path> sources = Files.walk(Path.of("..", module.getKey(), "src/main/java"))) {
                for (Path source : sources.filter(path -> path.toString().endsWith(".java"))
                        .toList()) {
                    Matcher code = module.getValue().matcher(Files.readString(source));
                    while (code.find()) {
                        if (beginnings.stream().anyMatch(code.group(1)::startsWith)) {
                            said.add(code.group(1));
                        }
                    }
                }
            }
        }
        assertThat(said)
                .hasSizeGreaterThan(60)
                .allSatisfy(code -> assertThat(there)
                        .anyMatch(one -> one.equals(code) || one.startsWith(code.endsWith(".") ? code : code + ".")));
        assertThat(there)
                .allSatisfy(one -> assertThat(said)
                        .anyMatch(code -> one.equals(code) || one.startsWith(code.endsWith(".") ? code : code + ".")));
    }
}
