package app.carder.web.parts;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.web.kit.WebTest;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;

class PartsTest extends WebTest {

    private static final Path TEMPLATES = Path.of("src/main/resources/templates");
    private static final Path PARTS = TEMPLATES.resolve("page/parts.html");
    private static final Pattern FRAGMENT = Pattern.compile("th:fragment=\"(\\w+)\\(([^)]*)\\)\"");
    private static final Pattern TOLD = Pattern.compile("<!--/\\* (\\w+)\\(([^)]*)\\): [A-Z][^\\n]+ \\*/-->\\n<");

    @Test
    void everyPartTellsOfWhichTypeItsParametersAreAndStandsOnThePage() throws IOException {
        Map<String, String> told = new LinkedHashMap<>();
        TOLD.matcher(Files.readString(PARTS)).results().forEach(part -> told.put(part.group(1), part.group(2)));
        Document page = get("tobias", "/parts").page();
        List<String> shown = page.select("[data-part]").stream()
                .flatMap(part -> Arrays.stream(part.attr("data-part").split(" ")))
                .toList();

        assertThat(FRAGMENT.matcher(Files.readString(PARTS)).results())
                .hasSizeGreaterThan(15)
                .allSatisfy(part -> {
                    assertThat(told).containsKey(part.group(1));
                    assertThat(names(told.get(part.group(1)))).isEqualTo(names(part.group(2)));
                    assertThat(shown).contains(part.group(1));
                });
        assertThat(page.select("[data-part]"))
                .allSatisfy(part ->
                        assertThat(part.children()).as(part.attr("data-part")).isNotEmpty());
    }

    @Test
    void everyTypeThatIsToldOfIsThere() throws IOException {
        List<String> types = Stream.of(Path.of("src/main/java"), Path.of("../carder-core/src/main/java"))
                .flatMap(PartsTest::files)
                .map(file -> file.getFileName().toString().replace(".java", ""))
                .collect(Collectors.toList());
        types.addAll(List.of("String", "Integer", "List", "Set", "UUID"));

        assertThat(TOLD.matcher(Files.readString(PARTS))
                        .results()
                        .flatMap(part -> Arrays.stream(part.group(2).split(", ")))
                        .map(parameter -> parameter.replaceAll(".*: |\\?", "")))
                .isNotEmpty()
                .isSubsetOf(types);
    }

    private static List<String> names(String parameters) {
        return Arrays.stream(parameters.split(","))
                .map(parameter -> parameter.split(":")[0].strip())
                .toList();
    }

    private static Stream<Path> files(Path folder) {
        try (Stream<Path> files = Files.walk(folder)) {
            return files.filter(file -> file.toString().endsWith(".java")).toList().stream();
        } catch (IOException unreadable) {
            throw new IllegalStateException(unreadable);
        }
    }
}
