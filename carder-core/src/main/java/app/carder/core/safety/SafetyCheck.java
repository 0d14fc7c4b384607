package app.carder.core.safety;

import app.carder.core.material.Material;
import app.carder.core.reckoning.Source;
import app.carder.core.reckoning.Source.Basis;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;

/**
 * Checks what is put out against the children who will be there. It informs a risk assessment; it never says that
 * something is safe.
 *
 * <p>Level, words and source of each rule are a table; when it speaks is a {@link Condition}.
 */
public final class SafetyCheck {

    private final List<Rule> rules;

    private SafetyCheck(List<Rule> rules) {
        this.rules = rules;
    }

    private record Rule(
            Condition condition, Level level, String title, String caution, Source source, String jurisdiction) {

        Finding finding(Material material, Condition.Hit hit) {
            return new Finding(
                    condition.name(),
                    level,
                    title,
                    material.name(),
                    hit.children(),
                    hit.reason(),
                    caution,
                    source,
                    jurisdiction);
        }
    }

    /** The rules that ship with the application. */
    public static SafetyCheck withShippedRules() {
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setCommentMarker('#')
                .get();
        try (Reader reader = new InputStreamReader(
                        Objects.requireNonNull(SafetyCheck.class.getResourceAsStream("rules.csv")),
                        StandardCharsets.UTF_8);
                CSVParser rows = format.parse(reader)) {
            return new SafetyCheck(rows.stream()
                    .map(row -> new Rule(
                            Condition.valueOf(row.get("code")),
                            Level.valueOf(row.get("level")),
                            row.get("title"),
                            row.get("caution"),
                            new Source(row.get("source"), Basis.valueOf(row.get("basis"))),
                            row.get("jurisdiction")))
                    .toList());
        } catch (IOException broken) {
            throw new UncheckedIOException("Impossible state: the safety rules cannot be read.", broken);
        }
    }

    /**
     * All findings, the gravest first.
     *
     * @param materials what is put out
     * @param children who will be there; where it is empty, only what holds for everyone speaks
     */
    public List<Finding> check(List<Material> materials, List<ChildPresent> children) {
        List<Finding> findings = new ArrayList<>();
        for (Material material : materials) {
            for (Rule rule : rules) {
                rule.condition()
                        .meets(material, children)
                        .map(hit -> rule.finding(material, hit))
                        .ifPresent(findings::add);
            }
        }
        findings.sort(Comparator.comparing(Finding::level));
        return findings;
    }
}
