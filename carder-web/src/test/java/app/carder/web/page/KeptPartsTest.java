package app.carder.web.page;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.web.kit.WebTest;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.junit.jupiter.api.Test;

class KeptPartsTest extends WebTest {

    private static final Path TEMPLATES = Path.of("src/main/resources/templates");
    private static final Pattern KEPT = Pattern.compile("carder:kept=\"(\\S+) :: (\\w+)\" carder:shows=\"([^\"]*)\"");
    private static final Pattern READS = Pattern.compile("[$*]\\{[^}]*");
    private static final Pattern NAME = Pattern.compile("(?<![\\w.'#@-])([a-z]\\w*)(?![\\w(]|\\s*=[^=])");
    private static final Pattern DECLARED = Pattern.compile("th:(?:each|with)=\"([^\"]*)\"");
    private static final Set<String> OF_THE_LANGUAGE =
            Set.of("and", "or", "not", "null", "true", "false", "eq", "ne", "gt", "lt", "size");

    @Test
    void everyPartOfAPageIsAnsweredWithTheTokenOfWhoeverAsks() {
        String board = "/rooms/" + room("Loft") + "/week";
        Set<String> seen = new HashSet<>();

        for (String person : List.of("imelda", "tobias", "imelda")) {
            Document page = get(person, board).page();
            String own = page.select("meta[name=csrf]").attr("content");
            List<String> tokens = page.select("#board input[name=_csrf], header input[name=_csrf]")
                    .eachAttr("value");

            assertThat(tokens).hasSizeGreaterThan(20).containsOnly(own);
            assertThat(seen.add(own)).isTrue();
        }
    }

    @Test
    void nobodyIsGivenThePageOfSomebodyElse() {
        for (String person : List.of("imelda", "tobias", "hamish", "imelda")) {
            Document page = get(person, "/children/" + child("Bram")).page();

            assertThat(page.select(".who span").text()).startsWithIgnoringCase(person);
            assertThat(page.select("a[href=/staff]").isEmpty()).isEqualTo(!person.equals("imelda"));
            assertThat(page.select("a[href$=/carers]").isEmpty()).isEqualTo(person.equals("hamish"));
        }
    }

    @Test
    void whatSomebodyChangedStandsOnTheNextPage() {
        String child = "/children/" + child("Bram");
        Element first = get("tobias", child).page().select(".deck .observation").first();
        assertThat(first).isNotNull();
        String observation = first.select("th a").attr("href");

        database.update(
                "update observation set note = 'Counted eleven stamps' where id = ?::uuid",
                observation.substring(observation.lastIndexOf('/') + 1));

        assertThat(get("tobias", child).page().select(".deck").text()).contains("Counted eleven stamps");
    }

    /** What is not given to a part is absent in it, whatever the page has by that name. */
    @Test
    void everyPartIsGivenAllThatItReads() throws IOException {
        List<String> parts = new ArrayList<>();
        List<String> missing = new ArrayList<>();
        for (Path file : templates()) {
            for (MatchResult kept :
                    KEPT.matcher(Files.readString(file)).results().toList()) {
                String part = part(kept.group(1), kept.group(2));
                Set<String> known = new HashSet<>(OF_THE_LANGUAGE);
                known.addAll(names(kept.group(3)));
                DECLARED.matcher(part).results().forEach(declared -> known.addAll(names(declared.group(1))));
                parts.add(kept.group(2));
                READS.matcher(part)
                        .results()
                        .map(MatchResult::group)
                        .map(read -> read.substring(2).replaceAll("'[^']*'", "''"))
                        .flatMap(read -> NAME.matcher(read).results())
                        .map(name -> name.group(1))
                        .filter(name -> !known.contains(name))
                        .forEach(name -> missing.add(kept.group(1) + " :: " + kept.group(2) + " reads " + name));
            }
        }

        assertThat(parts).hasSizeGreaterThan(4);
        assertThat(missing).isEmpty();
    }

    private static Set<String> names(String assignments) {
        return Pattern.compile("(?:^|,)\\s*(\\w+)(?:\\s*,\\s*(\\w+))?\\s*[=:]")
                .matcher(assignments)
                .results()
                .flatMap(found -> Stream.of(found.group(1), found.group(2) == null ? "" : found.group(2)))
                .collect(Collectors.toSet());
    }

    private static String part(String template, String fragment) throws IOException {
        String whole = Files.readString(TEMPLATES.resolve(template + ".html"));
        int from = whole.indexOf("th:fragment=\"" + fragment + "\"");
        assertThat(from).as(template + " :: " + fragment).isPositive();
        int next = whole.indexOf("th:fragment=", from + 1);
        return whole.substring(from, next < 0 ? whole.length() : next);
    }

    private static List<Path> templates() throws IOException {
        try (Stream<Path> files = Files.walk(TEMPLATES)) {
            return files.filter(file -> file.toString().endsWith(".html")).toList();
        }
    }
}
