package app.carder.web.frame;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.web.page.Required;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Every pair of colours that words or lines stand in, light and dark, with usual and with more contrast; WCAG 2.2, 1.4.3 and 1.4.11. */
class ThemeTest {

    private static final Path STYLES = Path.of("assets/css");
    private static final Pattern COLOUR = Pattern.compile("--color-([a-z-]+): (#[0-9A-F]{6});");

    private static final Map<String, List<String>> WORDS_ON = Map.ofEntries(
            Map.entry(
                    "ink",
                    List.of(
                            "desk",
                            "paper",
                            "buff",
                            "slate",
                            "sage",
                            "salmon",
                            "margin",
                            "tab",
                            "buff-tint",
                            "slate-tint",
                            "sage-tint",
                            "action-tint",
                            "alert-tint",
                            "note-tint",
                            "plum-tint",
                            "know-tint",
                            "water",
                            "quiet",
                            "garden")),
            Map.entry("faint", List.of("desk", "paper", "margin")),
            Map.entry("faint-on-card", List.of("buff", "slate", "sage", "buff-tint", "paper")),
            Map.entry("faint-on-ink", List.of("ink")),
            Map.entry(
                    "action",
                    List.of(
                            "desk",
                            "paper",
                            "margin",
                            "buff",
                            "slate",
                            "sage",
                            "buff-tint",
                            "slate-tint",
                            "action-tint")),
            Map.entry("on-action", List.of("action", "action-strong", "note")),
            Map.entry("alert", List.of("desk", "paper", "margin", "alert-tint")),
            Map.entry("alert-strong", List.of("salmon", "buff", "buff-tint", "paper")),
            Map.entry("ok", List.of("paper", "margin")),
            Map.entry("note", List.of("paper", "margin")),
            Map.entry("plum", List.of("plum-tint")),
            Map.entry("paper", List.of("ink")));

    private static final List<String> BEHIND_LINES = List.of("desk", "paper", "margin");

    @Test
    void everyPairOfColoursCanBeRead() throws IOException {
        List<String> faults = new ArrayList<>();
        for (Map.Entry<String, Map<String, String>> theme : themes().entrySet()) {
            WORDS_ON.forEach((words, grounds) -> grounds.forEach(ground -> {
                double contrast = contrast(theme.getValue(), words, ground);
                if (contrast < 4.5) {
                    faults.add("%s: %s on %s is %.2f".formatted(theme.getKey(), words, ground, contrast));
                }
            }));
            for (String ground : BEHIND_LINES) {
                double contrast = contrast(theme.getValue(), "edge", ground);
                if (contrast < 3) {
                    faults.add("%s: edges on %s are %.2f".formatted(theme.getKey(), ground, contrast));
                }
            }
        }

        assertThat(faults).isEmpty();
    }

    @Test
    void whatTheSystemAsksForIsWhatCanBeChosen() throws IOException {
        String theme = Files.readString(STYLES.resolve("theme.css"));

        assertThat(rules(theme, "(prefers-color-scheme: dark) {\n    :root:not([data-theme=\"light\"]) {"))
                .isEqualTo(rules(theme, ":root[data-theme=\"dark\"] {"));
        assertThat(rules(theme, ":root:not([data-contrast=\"usual\"]) {"))
                .isEqualTo(rules(theme, ":root[data-contrast=\"more\"] {"));
        assertThat(rules(theme, ":root:not([data-theme=\"light\"], [data-contrast=\"usual\"]) {"))
                .isEqualTo(rules(theme, ":root[data-theme=\"dark\"][data-contrast=\"more\"] {"));
    }

    /** A colour by itself would stay light in the dark. */
    @Test
    void noOtherStyleHasAColourOfItsOwn() throws IOException {
        try (Stream<Path> files = Files.list(STYLES)) {
            for (Path file : files.filter(one -> !one.endsWith("theme.css")).toList()) {
                assertThat(Files.readString(file))
                        .as(file.toString())
                        .doesNotContainPattern("#[0-9a-fA-F]{3,8}\\b(?=[;, )])");
            }
        }
    }

    private static Map<String, Map<String, String>> themes() throws IOException {
        String theme = Files.readString(STYLES.resolve("theme.css"));
        Map<String, String> light = rules(theme, "@theme {");
        Map<String, String> dark = over(light, rules(theme, ":root[data-theme=\"dark\"] {"));
        return Map.of(
                "light",
                light,
                "dark",
                dark,
                "light, more contrast",
                over(light, rules(theme, ":root[data-contrast=\"more\"] {")),
                "dark, more contrast",
                over(dark, rules(theme, ":root[data-theme=\"dark\"][data-contrast=\"more\"] {")),
                "on paper",
                over(dark, rules(theme, ":root:root:root {")));
    }

    private static Map<String, String> rules(String theme, String beginning) {
        int from = theme.indexOf(beginning);
        assertThat(from).as(beginning).isNotNegative();
        Map<String, String> colours = new HashMap<>();
        int begins = from + beginning.length();
        Matcher found = COLOUR.matcher(theme.substring(begins, theme.indexOf('}', begins)));
        while (found.find()) {
            colours.put(found.group(1), found.group(2));
        }
        assertThat(colours).isNotEmpty();
        return colours;
    }

    private static Map<String, String> over(Map<String, String> below, Map<String, String> above) {
        Map<String, String> both = new HashMap<>(below);
        both.putAll(above);
        return both;
    }

    private static double contrast(Map<String, String> theme, String one, String other) {
        double first = luminance(Required.from(theme, one));
        double second = luminance(Required.from(theme, other));
        return (Math.max(first, second) + 0.05) / (Math.min(first, second) + 0.05);
    }

    /** Relative luminance, WCAG 2.2. */
    private static double luminance(String colour) {
        double[] parts = new double[3];
        for (int part = 0; part < 3; part++) {
            double value = Integer.parseInt(colour.substring(1 + 2 * part, 3 + 2 * part), 16) / 255.0;
            parts[part] = value <= 0.04045 ? value / 12.92 : Math.pow((value + 0.055) / 1.055, 2.4);
        }
        return 0.2126 * parts[0] + 0.7152 * parts[1] + 0.0722 * parts[2];
    }
}
