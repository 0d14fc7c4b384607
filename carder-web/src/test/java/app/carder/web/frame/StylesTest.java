package app.carder.web.frame;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Set;
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
    private static final Pattern WORD = Pattern.compile("[\\w-]+");

    @Test
    void noStyleSheetIsLong() throws IOException {
        for (Path style : files(STYLES, ".css")) {
            assertThat(Files.readAllLines(style)).as(style.toString()).hasSizeLessThanOrEqualTo(MOST_LINES);
        }
    }

    /** A style that no page, no script and no drawing names is taken out. */
    @Test
    void everyClassIsNamedSomewhere() throws IOException {
        String sources = Stream.of(
                        files(Path.of("src/main/resources/templates"), ".html"),
                        files(Path.of("assets/js"), ".mjs"),
                        files(Path.of("src/main/java"), ".java"),
                        files(Path.of("../carder-core/src/main/java"), ".java"))
                .flatMap(List::stream)
                .map(StylesTest::read)
                .collect(Collectors.joining("\n"));
        Set<String> words =
                WORD.matcher(sources).results().map(MatchResult::group).collect(Collectors.toSet());
        Set<String> unused = new TreeSet<>();
        for (Path style : files(STYLES, ".css")) {
            String selectors = DECLARATIONS
                    .matcher(QUOTED.matcher(COMMENT.matcher(read(style)).replaceAll(""))
                            .replaceAll(""))
                    .replaceAll("{}");
            CLASS.matcher(selectors)
                    .results()
                    .map(found -> found.group(1))
                    .filter(name -> !words.contains(name) && !isGlued(name, sources))
                    .forEach(unused::add);
        }

        assertThat(unused).isEmpty();
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
