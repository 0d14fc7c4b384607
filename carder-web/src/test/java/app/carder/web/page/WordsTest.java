package app.carder.web.page;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.said.Catalogue;
import com.ibm.icu.text.MessageFormat;
import java.io.IOException;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Properties;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Attribute;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.TextNode;
import org.jsoup.parser.Parser;
import org.junit.jupiter.api.Test;

/** Words stand in the files of words, each under a code that something says. */
class WordsTest {

    private static final Path TEMPLATES = Path.of("src/main/resources/templates");
    private static final Path SOURCES = Path.of("src/main/java");
    private static final Path FILES = Path.of("src/main/resources/messages");

    private static final Path SCRIPTS = Path.of("assets/js");

    private static final Pattern COMMENT = Pattern.compile("(?s)/\\*.*?\\*/|(?m)(?<=^|\\s)//.*$");
    private static final Pattern SCRIPT_TEXT = Pattern.compile("[\"`]([^\"`\\n]*)[\"`]");
    private static final Pattern SENTENCE = Pattern.compile("^[A-Z][a-z]+($| [a-z])|[a-z]{2} [a-z]{2,}[.?!:]$");
    private static final Pattern OF_THE_BROWSER = Pattern.compile(
            "^(Arrow|Page|Home|End|Enter|Escape|Delete|Backspace|Tab|Shift|Mon|Tue|Wed|Thu|Fri|Sat|Sun|Android|Device|English)|[=<>{]");

    private static final Pattern LETTERS = Pattern.compile("\\p{L}{2,}");
    private static final Pattern NUMBERED = Pattern.compile("<(\\d)/?>");
    private static final Pattern SAID = Pattern.compile("#\\{([a-zA-Z0-9._-]+)");
    private static final Pattern FROM_ADDRESS = Pattern.compile("#\\{([a-zA-Z0-9._-]+)\\([^#]*\\$\\{param\\.");
    private static final Pattern BEGINNING = Pattern.compile("#messages\\.msg\\('([a-zA-Z.]+)' \\+");

    /** Attributes that people read or hear. */
    private static final Set<String> READ = Set.of("title", "alt", "placeholder", "aria-label", "label", "text");

    /** What a script shows. */
    private static final Pattern FOR_SCRIPTS = Pattern.compile("data-(words|starter).*");

    /** What is the same in every language. */
    private static final Set<String> NO_WORDS = Set.of("kbd", "style", "script");

    /** A text in an expression, other than what a function is told or something is compared with. */
    private static final Pattern TEXT = Pattern.compile("'((?:[^']|'')*)'");

    private static final Pattern NOT_SAID =
            Pattern.compile("\\w\\([^()]*(?:\\([^()]*\\)[^()]*)*\\)|[!=]= *'[^']*'|\\['[^']*'\\]");

    private final Catalogue words = words();

    private static Catalogue words() {
        try {
            return new Words(false).in(Locale.UK);
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    @Test
    void noTemplateHasAWordOfItsOwn() throws IOException {
        List<String> found = new ArrayList<>();
        for (Path template : files(TEMPLATES, ".html")) {
            var page = Jsoup.parse(Files.readString(template), "", Parser.xmlParser());
            for (Element element : page.getAllElements()) {
                if (NO_WORDS.contains(element.tagName())) {
                    continue;
                }
                for (TextNode text : element.textNodes()) {
                    if (LETTERS.matcher(text.text()).find()) {
                        found.add(template + ": " + text.text().strip());
                    }
                }
                // What a reader of a printed page is told of it.
                if (element.tagName().equals("meta") && element.attr("name").equals("description")) {
                    literal("title", element.attr("content")).forEach(text -> found.add(template + ": " + text));
                }
                for (Attribute attribute : element.attributes()) {
                    literal(attribute.getKey(), attribute.getValue())
                            .forEach(text -> found.add(template + ": " + text));
                }
            }
        }

        assertThat(found).isEmpty();
    }

    /** The words of its own that an attribute has. */
    private static List<String> literal(String name, String value) {
        if (name.equals("th:attr")) {
            return Stream.of(value.split(",(?=[a-z-]+=)"))
                    .map(one -> one.split("=", 2))
                    .flatMap(one -> literal("th:" + one[0], one[1]).stream())
                    .toList();
        }
        if (READ.contains(name) || FOR_SCRIPTS.matcher(name).matches()) {
            return LETTERS.matcher(value).find() ? List.of(value) : List.of();
        }
        if (name.equals("th:replace") || name.equals("th:insert")) {
            // What is named there is no word; what somebody reads is glued to something, or has a space.
            return TEXT.matcher(value)
                    .results()
                    .map(text -> text.group(1))
                    .filter(text -> text.strip().contains(" ")
                            || text.endsWith(" ") && LETTERS.matcher(text).find())
                    .toList();
        }
        if (!name.startsWith("th:") || !READ.contains(name.substring(3))) {
            return List.of();
        }
        String said = value;
        for (String before = ""; !before.equals(said); ) {
            before = said;
            said = NOT_SAID.matcher(said).replaceAll("");
        }
        return TEXT.matcher(said)
                .results()
                .map(text -> text.group(1))
                .filter(text -> LETTERS.matcher(text).find())
                .toList();
    }

    /** They take them from the page: a sentence, or a word with a capital letter that is no name of a key or of the browser's. */
    @Test
    void noScriptHasAWordOfItsOwn() throws IOException {
        List<String> found = new ArrayList<>();
        for (Path script : files(SCRIPTS, ".mjs")) {
            String code = COMMENT.matcher(Files.readString(script)).replaceAll(" ");
            for (String text : matches(SCRIPT_TEXT, code)) {
                if (SENTENCE.matcher(text).find()
                        && !OF_THE_BROWSER.matcher(text).find()) {
                    found.add(script + ": " + text);
                }
            }
        }

        assertThat(found).isEmpty();
    }

    @Test
    void everyFileOfWordsStandsInTheList() throws IOException {
        assertThat(Catalogue.files().stream().filter(file -> file.startsWith("messages.")))
                .containsExactlyInAnyOrderElementsOf(files(FILES, ".properties").stream()
                        .map(file -> file.getFileName().toString().replace(".properties", ""))
                        .filter(file -> !file.contains("_"))
                        .map("messages."::concat)
                        .toList());
    }

    @Test
    void whatIsSaidHasWords() throws IOException {
        Set<String> without = new TreeSet<>(saidInTemplates());
        without.removeAll(words.codes());

        assertThat(without).isEmpty();
    }

    @Test
    void allWordsAreSaid() throws IOException {
        Set<String> said = saidInTemplates();
        Set<String> beginnings = new HashSet<>();
        for (Path template : files(TEMPLATES, ".html")) {
            matches(BEGINNING, Files.readString(template)).forEach(beginnings::add);
        }
        StringBuilder sources = new StringBuilder();
        for (Path source : files(SOURCES, ".java")) {
            sources.append(Files.readString(source));
        }
        Matcher text = Pattern.compile("\"([a-zA-Z0-9._-]+)\"").matcher(sources);
        while (text.find()) {
            if (text.group(1).endsWith(".")) {
                beginnings.add(text.group(1));
            } else {
                said.add(text.group(1));
            }
        }
        Set<String> silent = new TreeSet<>(words.codes());
        silent.removeAll(Catalogue.of(
                        Locale.UK,
                        Catalogue.files().stream()
                                .filter(file -> file.startsWith("app.carder.core"))
                                .toList())
                .codes());
        silent.removeAll(said);
        silent.removeIf(code -> beginnings.stream().anyMatch(code::startsWith));

        assertThat(silent).isEmpty();
    }

    @Test
    void germanHasAllWordsAndTellsTheSameThings() throws IOException {
        Set<String> missing = new TreeSet<>();
        for (Path english : files(FILES, ".properties")) {
            if (english.toString().matches(".*_[a-z]{2}\\.properties")) {
                continue;
            }
            Properties words = read(english);
            Properties german = read(Path.of(english.toString().replace(".properties", "_de.properties")));
            assertThat(german.keySet()).as(english.toString()).isEqualTo(words.keySet());
            for (String code : words.stringPropertyNames()) {
                if (!places(words.getProperty(code)).equals(places(german.getProperty(code)))) {
                    missing.add(code + ": " + german.getProperty(code));
                }
            }
        }

        assertThat(missing).isEmpty();
    }

    /** What words are about: arguments, and places that a script fills. */
    private static Set<String> places(String words) {
        Set<String> places = new TreeSet<>(new MessageFormat(words, Locale.UK).getArgumentNames());
        places.addAll(matches(Pattern.compile("'\\{'(\\w+)'}'"), words));
        return places;
    }

    private static Properties read(Path file) throws IOException {
        Properties words = new Properties();
        try (Reader reader = Files.newBufferedReader(file)) {
            words.load(reader);
        }
        return words;
    }

    /** One thing or several: each language says for itself how, in its words. */
    @Test
    void noTemplateGluesAPlural() throws IOException {
        for (Path template : files(TEMPLATES, ".html")) {
            assertThat(Files.readString(template)).as(template.toString()).doesNotContainPattern("== 1 \\? ' ?\\p{L}");
        }
    }

    /** What a value means, its type says; what a page shows, its view brings. Beans are those that put something into words or shapes. */
    @Test
    void noTemplateComparesACodeOrAsksAService() throws IOException {
        for (Path template : files(TEMPLATES, ".html")) {
            assertThat(Files.readString(template))
                    .as(template.toString())
                    .doesNotContainPattern("\\.name(\\(\\))? *(==|!=|eq|ne) *'")
                    .doesNotContainPattern("capitalize\\(#strings")
                    .doesNotContainPattern("@(?!dates|ink|playWords|coreWords|shippedFiles)[a-z]\\w*\\.[a-z]");
        }
    }

    /** Each language puts links and strong words where it needs them, and leaves none of them out. */
    @Test
    void everySentenceNamesTheElementsInIt() throws IOException {
        List<Catalogue> languages = List.of(words, new Words(false).in(Locale.GERMAN));
        int sentences = 0;
        for (Path template : files(TEMPLATES, ".html")) {
            var page = Jsoup.parse(Files.readString(template), "", Parser.xmlParser());
            for (Element element : page.getElementsByAttribute("carder:sentence")) {
                String code = matches(SAID, element.attr("carder:sentence"))
                        .iterator()
                        .next();
                sentences++;
                for (Catalogue language : languages) {
                    assertThat(NUMBERED.matcher(language.pattern(code))
                                    .results()
                                    .map(found -> found.group(1))
                                    .sorted())
                            .as("%s in %s", code, language.locale())
                            .containsExactlyElementsOf(IntStream.rangeClosed(1, element.childrenSize())
                                    .mapToObj(Integer::toString)
                                    .toList());
                }
            }
        }
        assertThat(sentences).isGreaterThan(20);
    }

    /** An editor would take it away unseen. */
    @Test
    void noLineOfWordsEndsInASpaceThatCannotBeSeen() throws IOException {
        for (Path file : files(FILES, ".properties")) {
            assertThat(Files.readAllLines(file)).as(file.toString()).noneMatch(line -> line.endsWith(" "));
        }
    }

    /** Nobody in a nursery says "it" of a child. */
    @Test
    void aChildIsNotAnIt() {
        for (String code : words.codes()) {
            assertThat(words.pattern(code))
                    .as(code)
                    .doesNotContainPattern(
                            "(?i)\\bits (?:name|family|carers?|mother|father|parents?|key person|own learning)\\b");
        }
    }

    /** Whoever writes an address by hand could break a page that counts with it. */
    @Test
    void noPluralCountsWhatStandsInTheAddress() throws IOException {
        Set<String> counted = new HashSet<>();
        words.codes().stream()
                .filter(code -> words.pattern(code).contains(",plural,"))
                .forEach(counted::add);
        for (Path template : files(TEMPLATES, ".html")) {
            assertThat(matches(FROM_ADDRESS, Files.readString(template)))
                    .as(template.toString())
                    .doesNotContainAnyElementsOf(counted);
        }
    }

    private static Set<String> saidInTemplates() throws IOException {
        Set<String> said = new HashSet<>();
        for (Path template : files(TEMPLATES, ".html")) {
            said.addAll(matches(SAID, Files.readString(template)));
        }
        return said;
    }

    private static List<String> matches(Pattern pattern, String text) {
        return pattern.matcher(text).results().map(found -> found.group(1)).toList();
    }

    private static List<Path> files(Path folder, String kind) throws IOException {
        try (Stream<Path> all = Files.walk(folder)) {
            return all.filter(path -> path.toString().endsWith(kind)).sorted().toList();
        }
    }
}
