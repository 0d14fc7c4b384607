package app.carder.web.page;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.Reader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Properties;
import java.util.TreeMap;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** One term for each thing: docs/glossary.csv says which, and docs/words.md is made from it. */
class GlossaryTest {

    private static final Path GLOSSARY = Path.of("../docs/glossary.csv");
    private static final Path MANUAL = Path.of("../docs/words.md");
    private static final Path PAGES = Path.of("src/main/resources/messages");
    private static final Path CORE = Path.of("../carder-core/src/main/resources/app/carder/core/said");

    private static final String ABOVE = """
            # Words on screens

            Plain British English, as people in a nursery say it: short, concrete, active; one term for one thing. A message says what is wrong and
            what to do. This page is made from glossary.csv, which the tests read too: a word of the second column in a file of words fails the
            build. After a change, `mvn -o -pl carder-web -am test -Dtest=GlossaryTest -Dsurefire.failIfNoSpecifiedTests=false -Dcarder.words=write`
            writes it anew.

            Words of pages stand in `carder-web/src/main/resources/messages`, one file for each feature; what the core says in its `said/`:
            findings and reasons, names of things, the working behind an answer. When they were moved there, each was read once: of about
            3,830 sentences and labels about 910 were said anew.

            | Say | instead of | about |
            |---|---|---|
            """;

    private static final Pattern OF_OLD = Pattern.compile(
            "[Pp]rovocation|[Rr]eckon|\\b[Rr]ungs?\\b|[a-z]Rungs?\\b|SelfCheck|selfCheck|BreakIn|breakIn|TakeUp|takeUp");

    private static final Pattern READ_STILL = Pattern.compile("@JsonAlias|[Oo]lder files|equals\\(\"rung\"\\)");

    /** What is not to be said; {@code =} before it means that it is all that is said. */
    private record Banned(String words, String better) {

        boolean isIn(String said) {
            String lower = said.toLowerCase(Locale.UK).strip();
            return words.startsWith("=")
                    ? lower.equals(words.substring(1))
                    : Pattern.compile("(?<![\\w-])" + Pattern.quote(words) + "(?!\\w)")
                            .matcher(lower)
                            .find();
        }
    }

    @Test
    void noFileOfWordsSaysWhatThereIsABetterTermFor() throws IOException {
        List<String> found = new ArrayList<>();
        List<Banned> banned = banned();
        words().forEach((code, said) -> banned.stream()
                .filter(one -> one.isIn(said))
                .forEach(one -> found.add("%s says \"%s\", better: %s".formatted(code, one.words(), one.better()))));

        assertThat(found).isEmpty();
    }

    /** What older files and devices still say is read, and named where it is read. */
    @Test
    void codeSaysWhatPeopleSay() throws IOException {
        List<String> found = new ArrayList<>();
        for (String module : List.of("core", "device", "exchange", "web")) {
            for (Path source : sources(Path.of("../carder-" + module + "/src/main"))) {
                for (String line : Files.readAllLines(source)) {
                    if (OF_OLD.matcher(line).find() && !READ_STILL.matcher(line).find()) {
                        found.add(source.getFileName() + ": " + line.strip());
                    }
                }
            }
        }

        assertThat(found).isEmpty();
    }

    private static List<Path> sources(Path folder) throws IOException {
        try (Stream<Path> files = Files.walk(folder)) {
            return files.filter(file -> file.toString().matches(".*\\.(java|html)"))
                    .toList();
        }
    }

    @ParameterizedTest
    @CsvSource({
        "Show the reckoning, true",
        "A reckoned week, true",
        "Keep it, true",
        "Keep it dry, false",
        "stir-rungs, false",
        "Which rung?, true"
    })
    void aTermIsFoundAsAWholeWord(String said, boolean isFound) throws IOException {
        assertThat(banned().stream().anyMatch(one -> one.isIn(said))).isEqualTo(isFound);
    }

    @Test
    void theManualIsMadeFromTheGlossary() throws IOException {
        StringBuilder manual = new StringBuilder(ABOVE);
        for (CSVRecord row : rows()) {
            manual.append("| %s | %s | %s |%n"
                    .formatted(
                            row.get("say"),
                            row.get("instead of").replace("=", "").replace("|", ", "),
                            row.get("what it is")));
        }
        if ("write".equals(System.getProperty("carder.words"))) {
            Files.writeString(MANUAL, manual);
        }

        assertThat(Files.readString(MANUAL)).isEqualTo(manual.toString());
    }

    private static List<Banned> banned() throws IOException {
        return rows().stream()
                .flatMap(row -> Stream.of(row.get("instead of").split("\\|"))
                        .map(words -> new Banned(words.strip(), row.get("say"))))
                .toList();
    }

    private static List<CSVRecord> rows() throws IOException {
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get();
        try (Reader reader = Files.newBufferedReader(GLOSSARY);
                CSVParser rows = format.parse(reader)) {
            return rows.getRecords();
        }
    }

    /** In English, by code. */
    private static TreeMap<String, String> words() throws IOException {
        TreeMap<String, String> words = new TreeMap<>();
        try (Stream<Path> pages = Files.list(PAGES);
                Stream<Path> core = Files.list(CORE)) {
            for (Path file : Stream.concat(pages, core)
                    .filter(path -> !path.toString().endsWith("_de.properties"))
                    .toList()) {
                Properties read = new Properties();
                try (Reader reader = Files.newBufferedReader(file)) {
                    read.load(reader);
                }
                read.stringPropertyNames().forEach(code -> words.put(code, read.getProperty(code)));
            }
        }
        return words;
    }
}
