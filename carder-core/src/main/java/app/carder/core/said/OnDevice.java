package app.carder.core.said;

import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

/** What the core says on a device, where there is no catalogue: the page carries these words in the language of who uses it. */
public final class OnDevice {

    /** Beginnings of codes. Their words name what they are about, {@code {0}}, or count it,
     * {@code {0,plural,one{# turn}other{# turns}}}: the page knows no other forms. */
    private static final Set<String> SAID = Set.of(
            "comparison.",
            "language-reason.",
            "prompt.",
            "reading-ease.",
            "working.compared",
            "working.counted",
            "working.hits-of-tries",
            "working.hits-with",
            "working.name-of-another-child",
            "working.turns-and-points");

    private OnDevice() {}

    /** Words by their codes, in the language that is spoken. */
    public static Map<String, String> words() {
        Catalogue spoken = Catalogue.spoken();
        Map<String, String> words = new TreeMap<>();
        spoken.codes().stream()
                .filter(code -> SAID.stream().anyMatch(code::startsWith))
                .forEach(code -> words.put(code, spoken.pattern(code)));
        return words;
    }
}
