package app.carder.core.wording;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** The guard on 3,500 first names of 26 languages in 12 scripts, in every form that is listed, with text around them. */
class NameGuardMeasureTest {

    private static final Path FOLDER = Path.of("src/test/resources/app/carder/core/wording");
    private static final List<String> NAMES = lines("names.tsv").stream()
            .map(line -> line.substring(line.indexOf('\t') + 1))
            .distinct()
            .toList();

    private static List<String> lines(String file) {
        try {
            return Files.readAllLines(FOLDER.resolve(file)).stream()
                    .filter(line -> !line.startsWith("#") && !line.isBlank())
                    .toList();
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    private static List<String> forms(String name) {
        List<String> forms = new ArrayList<>(List.of(
                name,
                name.toUpperCase(Locale.ROOT),
                name.toLowerCase(Locale.ROOT),
                name + "'s",
                name + "’s",
                name.replace(' ', '-'),
                name.replace(" ", ""),
                name.replace('-', ' '),
                "“" + name + "”",
                "(" + name + ")"));
        if (name.length() > 2) {
            forms.add(name.charAt(0) + "\u00ad" + name.substring(1));
            forms.add(name.charAt(0) + "\u200b" + name.substring(1));
        }
        if (name.matches("\\p{IsLatin}{3,}")) {
            forms.add(name + "s");
            forms.add(java.text.Normalizer.normalize(name, java.text.Normalizer.Form.NFD));
        }
        return forms;
    }

    @Test
    void missesNoListedFormOfAnyName() {
        List<String> missed = new ArrayList<>();
        int tried = 0;
        for (String name : NAMES) {
            NameGuard guard = NameGuard.forChild("Own-child", List.of(name));
            for (String form : forms(name)) {
                tried++;
                String text = "Today " + form + " poured the rice, and then " + form + ".";
                String kept = guard.withoutNames(text);
                if (guard.places(text).size() != 2 || !guard.namesIn(kept).isEmpty()) {
                    missed.add(name + " as " + form + ": " + kept);
                }
            }
        }

        assertThat(NAMES).hasSizeGreaterThan(2000);
        assertThat(tried).isGreaterThan(30_000);
        assertThat(missed).isEmpty();
    }

    /** A name inside a sentence of a script without spaces. */
    @Test
    void findsNamesWhereNothingStandsAroundThem() {
        for (String name : List.of("小明", "さくら", "지우", "มาลี")) {
            NameGuard guard = NameGuard.forChild("Own-child", List.of(name));

            assertThat(guard.namesIn("今天" + name + "倒了米")).containsExactly(name);
        }
    }

    /** A nursery of thirty-six names on the sentences of the wording tests, which hold no names: how many words are taken for one. */
    @Test
    void takesFewOtherWordsForNames() {
        List<String> nursery = List.of(
                "Anouk",
                "Bram",
                "Cosima",
                "Dara",
                "Eskil",
                "Farida",
                "Goran",
                "Hana",
                "Idris",
                "Juno",
                "Kofi",
                "Lumi",
                "Nadia",
                "Odhran",
                "Priya",
                "Quentin",
                "Rosalind",
                "Soren",
                "Tamsin",
                "Ulla",
                "Viggo",
                "Wren",
                "Xanthe",
                "Yusuf",
                "Zofia",
                "Benedikt",
                "Chidi",
                "Delphine",
                "Esperanza",
                "Florian",
                "Ines",
                "Jarek",
                "Leilani",
                "Nils",
                "Ottilie",
                "Rafe");
        NameGuard guard = NameGuard.forChild("Own-child", nursery);
        String text = lines("sentences.tsv").stream()
                .map(line -> line.substring(line.indexOf('\t') + 1))
                .collect(Collectors.joining("\n"));
        int words = text.split("\\s+").length;

        assertThat(words).isGreaterThan(2000);
        assertThat(1000.0 * guard.places(text).size() / words).isLessThanOrEqualTo(1.0);
        assertThat(1000.0 * guard.near(text).size() / words).isLessThanOrEqualTo(10.0);
    }

    @Test
    void showsWhatOnlyComesNearAName() {
        NameGuard guard = NameGuard.forChild("Anouk", List.of("Rosalind", "Yusuf", "Ольга", "Bram"));

        assertThat(guard.near("Rosalynd and Rosa met Jusuf, Brammy and Olga; Anouks turn."))
                .extracting(NameGuard.Near::words)
                .contains("Rosalynd", "Rosa", "Brammy", "Olga")
                .doesNotContain("Anouks");
    }
}
