package app.carder.web.family;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import app.carder.core.said.Catalogue;
import app.carder.web.kit.WebTest;
import com.ibm.icu.text.MessageFormat;
import jakarta.servlet.http.Cookie;
import java.io.IOException;
import java.io.Reader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Properties;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

class LanguagesAtHomeTest extends WebTest {

    private static final String CARER = "anouk.grandfather";
    private static final Path MESSAGES = Path.of("src/main/resources/messages");
    private static final Path CORE = Path.of("../carder-core/src/main/resources/app/carder/core/said");
    private static final Pattern SAID = Pattern.compile("#\\{([a-zA-Z0-9._-]+)");

    /** What is the same in every language, or is said to staff too in the same file. */
    private static final Set<String> NOT_SAID_AT_HOME = Set.of("common.carder", "display.foot");

    /** What a family chooses is kept for whoever writes to it. */
    @AfterEach
    void asSent() {
        database.update("update carer set reads_in = '' where name = 'Anouk''s grandfather'");
    }

    @ParameterizedTest
    @ValueSource(strings = {"ar", "cy", "es", "fr", "ga", "pl", "ro", "tr", "uk", "ur"})
    void everythingThatAFamilyReadsHasWordsThatTellTheSameThings(String language) throws IOException {
        Map<String, String> words = words(language);
        Map<String, String> english = words("");

        assertThat(words.keySet()).containsAll(saidAtHome()).isSubsetOf(english.keySet());
        words.forEach((code, pattern) -> {
            if (!code.equals("language.checked-by")) {
                assertThat(pattern).as(code).isNotBlank();
                assertThat(names(pattern, language)).as(code).isEqualTo(names(english.get(code), "en"));
            }
        });
        assertThat(words.keySet()).isEqualTo(words("pl").keySet());
        assertThat(Catalogue.of(Locale.forLanguageTag(language)).isToBeDoubted())
                .isTrue();
    }

    @Test
    void aFamilyChoosesItsLanguageAndReadsFromRightToLeftWhereThatIsHowItIsWritten() {
        Cookie arabic = chosen("ar");
        String journal = get(CARER, "/family")
                .page()
                .select("a[href^=/family/journals/]")
                .attr("href");

        Document home = in(arabic, "/family");
        Document page = in(arabic, journal);
        Document polish = in(chosen("pl"), journal);

        assertThat(home.select("html").attr("dir")).isEqualTo("rtl");
        assertThat(home.select("html").attr("lang")).isEqualTo("ar");
        assertThat(home.select("h1").text()).isEqualTo("دفاتر التعلّم");
        assertThat(page.select("h1").text()).isEqualTo("Anouk: دفتر التعلّم");
        assertThat(polish.select("html").attr("dir")).isEmpty();
        assertThat(polish.select("h1").text()).isEqualTo("Anouk: dziennik rozwoju");
        assertThat(polish.select(".reading h2").text()).contains("Zajęcia i zabawy");
    }

    @Test
    void languagesForFamiliesAreSpokenOnTheirPagesAlone() {
        var english = send("hamish", MockMvcRequestBuilders.get("/journals").header("Accept-Language", "pl"));
        var atHome = send(CARER, MockMvcRequestBuilders.get("/family").header("Accept-Language", "pl, en;q=0.5"));

        assertThat(english.page().select("h1").text()).isEqualTo("Learning journals");
        assertThat(english.page().select("html").attr("lang")).isEqualTo("en");
        assertThat(atHome.page().select("h1").text()).isEqualTo("Dzienniki rozwoju");
        assertThat(post(
                                "hamish",
                                "/look",
                                "theme",
                                "dark",
                                "text",
                                "usual",
                                "contrast",
                                "usual",
                                "thumb",
                                "either",
                                "keys",
                                "usual",
                                "language",
                                "pl")
                        .status())
                .isEqualTo(404);
        assertThat(post(CARER, "/family/language", "language", "xx").status()).isEqualTo(404);
    }

    @Test
    void wordsOfConsentStandWithTheEnglishBesideThemUntilASpeakerHasCheckedThem() {
        Document page = in(chosen("pl"), "/family/consents");

        assertThat(page.select("p[lang=en]").text()).startsWith("You decide what photos of your child may be used for");
        assertThat(page.text())
                .contains("Nikt, kto mówi tym językiem, nie sprawdził")
                .contains("Czy zdjęcia Twojego dziecka mogą być w jego własnym dzienniku?")
                .contains("[May photos of your child be shown in their own learning journal?]");
        assertThat(in(chosen("en"), "/family/consents").select("p[lang=en]")).isEmpty();
    }

    private Document in(Cookie language, String path) {
        return send(CARER, MockMvcRequestBuilders.get(path).cookie(language)).page();
    }

    private Cookie chosen(String language) {
        return send(
                        CARER,
                        MockMvcRequestBuilders.post("/family/language")
                                .param("language", language)
                                .with(csrf()))
                .response()
                .getCookie("carder-look");
    }

    private static Set<String> saidAtHome() throws IOException {
        Set<String> said = new TreeSet<>();
        Path templates = Path.of("src/main/resources/templates");
        for (String name : List.of(
                "family/home",
                "family/journal",
                "family/journals",
                "family/language",
                "family/open",
                "family/letter",
                "homecard/print",
                "family/consents",
                "homecard/at-home",
                "homecard/card",
                "homecard/not-yet",
                "journal/sheet",
                "journal/flow",
                "journal/print")) {
            SAID.matcher(Files.readString(templates.resolve(name + ".html")))
                    .results()
                    .forEach(found -> said.add(found.group(1)));
        }
        said.removeAll(NOT_SAID_AT_HOME);
        return said;
    }

    /** All words of a language, by code; those of English for no language. */
    private static Map<String, String> words(String language) throws IOException {
        Map<String, String> words = new TreeMap<>();
        for (Path folder : List.of(MESSAGES, CORE)) {
            try (Stream<Path> files = Files.list(folder)) {
                for (Path file : files.filter(one -> one.getFileName()
                                .toString()
                                .matches(
                                        language.isEmpty()
                                                ? "[a-z]+\\.properties"
                                                : "[a-z]+_" + language + "\\.properties"))
                        .toList()) {
                    Properties read = new Properties();
                    try (Reader reader = Files.newBufferedReader(file)) {
                        read.load(reader);
                    }
                    read.forEach((code, pattern) -> words.put(code.toString(), pattern.toString()));
                }
            }
        }
        return words;
    }

    private static Set<String> names(String pattern, String language) {
        return new TreeSet<>(new MessageFormat(pattern, Locale.forLanguageTag(language)).getArgumentNames());
    }
}
