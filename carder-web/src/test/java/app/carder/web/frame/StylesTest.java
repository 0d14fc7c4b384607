package app.carder.web.frame;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class StylesTest {

    private static final Path STYLES = Path.of("assets/css");
    private static final int MOST_LINES = 250;

    private static final Pattern COMMENT = Pattern.compile("(?s)/\\*.*?\\*/");
    private static final Pattern QUOTED = Pattern.compile("\"[^\"]*\"|url\\([^)]*\\)");
    private static final Pattern DECLARATIONS = Pattern.compile("\\{[^{}]*}");
    private static final Pattern CLASS = Pattern.compile("\\.(-?[a-zA-Z_][\\w-]*)");
    private static final Pattern PLAIN_RULE = Pattern.compile("(?<=[{}])\\.([\\w-]+)\\{");
    private static final Pattern RULE = Pattern.compile("(?<=^|[{};])([^{}();]+)\\{[^{}]*}");
    private static final Pattern ONE_CLASS = Pattern.compile("\\.[\\w-]+");
    private static final Pattern CLASS_ATTRIBUTE = Pattern.compile("(?:class|th:class|th:classappend)=\"([^\"]*)\"");
    private static final Pattern GIVEN = Pattern.compile("class(?:Name)?: \"([^\"]+)\"");
    private static final Pattern WORD = Pattern.compile("[\\w-]+");
    private static final Pattern FACE = Pattern.compile("@font-face \\{[^}]*font-family: \"([^\"]+)\"[^}]*}");
    private static final Pattern WEIGHTS = Pattern.compile("font-weight: ([\\d ]+);");

    @Test
    void noStyleSheetIsLong() throws IOException {
        for (Path style : files(STYLES, ".css")) {
            assertThat(Files.readAllLines(style)).as(style.toString()).hasSizeLessThanOrEqualTo(MOST_LINES);
        }
    }

    /** Where one script of a family reached further, a weight that only it has would leave the other scripts to a font of the device. */
    @Test
    void theScriptsOfAFamilyOfLettersHaveTheSameWeights() throws IOException {
        Map<String, Set<String>> weights = new TreeMap<>();
        for (Path style : files(STYLES, ".css")) {
            FACE.matcher(read(style))
                    .results()
                    .forEach(face -> weights.computeIfAbsent(face.group(1), family -> new TreeSet<>())
                            .add(WEIGHTS.matcher(face.group())
                                    .results()
                                    .map(found -> found.group(1))
                                    .collect(Collectors.joining())));
        }

        assertThat(weights).containsKeys("Next", "Literata");
        assertThat(weights.values()).allSatisfy(ofOne -> assertThat(ofOne).hasSize(1));
    }

    /** A style that no page, no script and no drawing names is taken out. */
    @Test
    void everyClassIsNamedSomewhere() throws IOException {
        String sources = pages() + scriptsAndDrawings();
        Set<String> words =
                WORD.matcher(sources).results().map(MatchResult::group).collect(Collectors.toSet());
        Set<String> unused = new TreeSet<>();
        for (Path style : files(STYLES, ".css")) {
            classes(read(style)).stream()
                    .filter(name -> !words.contains(name) && !isGlued(name, sources))
                    .forEach(unused::add);
        }

        assertThat(unused).isEmpty();
    }

    /** A page that lays something out with a utility must not get the look of a part of the same name along with it. */
    @Test
    void noPartIsNamedLikeAUtilityThatPagesUse() throws IOException {
        String built = read(Path.of("target/classes/static/shipped/app.css"));
        int utilities = built.indexOf("@layer utilities{");
        assertThat(utilities).as("the layer of utilities").isPositive();

        Set<String> named = PLAIN_RULE
                .matcher(built.substring(utilities, endOfBlock(built, built.indexOf('{', utilities))))
                .results()
                .map(found -> found.group(1))
                .collect(Collectors.toSet());
        assertThat(named).contains("flex", "block");
        for (Path style : files(STYLES, ".css")) {
            assertThat(classes(read(style))).as(style.toString()).doesNotContainAnyElementsOf(named);
        }
    }

    /** What one place alone looks like is said at that place; a style sheet is for what several places share, or what scripts and drawings make. */
    @Test
    void whatOnePlaceLooksLikeIsSaidThere() throws IOException {
        String pages = pages();
        String elsewhere = scriptsAndDrawings();
        Map<String, Integer> rules = new TreeMap<>();
        Set<String> alone = new TreeSet<>();
        for (Path style : files(STYLES, ".css")) {
            for (MatchResult rule : RULE.matcher(COMMENT.matcher(read(style)).replaceAll(""))
                    .results()
                    .toList()) {
                for (String selector : rule.group(1).split(",")) {
                    classes(selector + "{}").forEach(name -> rules.merge(name, 1, Integer::sum));
                    if (ONE_CLASS.matcher(selector.strip()).matches()) {
                        alone.add(selector.strip().substring(1));
                    }
                }
            }
        }

        assertThat(alone)
                .filteredOn(name -> rules.get(name) == 1)
                .filteredOn(name -> !isNamed(name, elsewhere) && places(name, pages) == 1)
                .isEmpty();
    }

    private static String pages() throws IOException {
        return all(files(Path.of("src/main/resources/templates"), ".html"));
    }

    private static String scriptsAndDrawings() throws IOException {
        return all(files(Path.of("assets/js"), ".mjs"))
                + all(files(Path.of("src/main/java"), ".java"))
                + all(files(Path.of("../carder-core/src/main/java"), ".java"));
    }

    private static String all(List<Path> files) {
        return files.stream().map(StylesTest::read).collect(Collectors.joining("\n", "", "\n"));
    }

    /** A part that only scripts make looks like nothing once its style is gone, and no page tells. */
    @Test
    void everyClassThatAScriptGivesHasAStyle() throws IOException {
        Set<String> styled = new TreeSet<>();
        for (Path style : files(STYLES, ".css")) {
            styled.addAll(classes(read(style)));
        }

        List<String> given = GIVEN.matcher(all(files(Path.of("assets/js"), ".mjs")))
                .results()
                .flatMap(found -> Stream.of(found.group(1).split(" ")))
                .toList();

        assertThat(given).contains("hand-who").isSubsetOf(styled);
    }

    private static long places(String name, String pages) {
        return Pattern.compile("(?<![\\w-])" + Pattern.quote(name) + "(?![\\w-])")
                .matcher(CLASS_ATTRIBUTE
                        .matcher(pages)
                        .results()
                        .map(found -> found.group(1))
                        .collect(Collectors.joining("\n")))
                .results()
                .count();
    }

    private static boolean isNamed(String name, String sources) {
        return Pattern.compile("[\"'` .]" + Pattern.quote(name) + "[\"'` .]")
                .matcher(sources)
                .find();
    }

    private static Set<String> classes(String style) {
        return CLASS.matcher(DECLARATIONS
                        .matcher(QUOTED.matcher(COMMENT.matcher(style).replaceAll(""))
                                .replaceAll(""))
                        .replaceAll("{}"))
                .results()
                .map(found -> found.group(1))
                .collect(Collectors.toSet());
    }

    private static int endOfBlock(String style, int start) {
        int depth = 0;
        for (int at = start; at < style.length(); at++) {
            depth += style.charAt(at) == '{' ? 1 : style.charAt(at) == '}' ? -1 : 0;
            if (depth == 0) {
                return at;
            }
        }
        throw new IllegalStateException("The layer does not end.");
    }

    /** Named by a beginning and a constant, as in {@code 'level-' + finding.level}, or by the constant alone. */
    private static boolean isGlued(String name, String sources) {
        return IntStream.range(1, name.length())
                        .filter(at -> name.charAt(at - 1) == '-')
                        .mapToObj(at -> name.substring(0, at))
                        .anyMatch(beginning -> sources.contains("'" + beginning + "'")
                                || sources.contains("\"" + beginning + "\"")
                                || sources.contains(" " + beginning + "'"))
                || sources.contains(name.toUpperCase(Locale.ROOT));
    }

    private static String read(Path file) {
        try {
            return Files.readString(file);
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    private static List<Path> files(Path folder, String kind) throws IOException {
        try (Stream<Path> all = Files.walk(folder)) {
            return all.filter(path -> path.toString().endsWith(kind)).toList();
        }
    }
}
