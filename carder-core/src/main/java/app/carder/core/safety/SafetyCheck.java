package app.carder.core.safety;

import app.carder.core.material.Material;
import app.carder.core.reckoning.Source;
import app.carder.core.reckoning.Source.Basis;
import app.carder.core.table.ShippedTable;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/**
 * Checks what is put out against the children who will be there. It informs a risk assessment; it never says that
 * something is safe.
 *
 * <p>Rules are a table; the geometry that they call on is a {@link Gauge}.
 */
public final class SafetyCheck {

    private final List<Rule> rules;

    private SafetyCheck(List<Rule> rules) {
        this.rules = List.copyOf(rules);
    }

    /** The rules that ship with the application. */
    public static SafetyCheck withShippedRules() {
        return new SafetyCheck(ShippedTable.rows(SafetyCheck.class, "rules.csv").stream()
                .map(row -> Rule.of(
                        row.get("code"),
                        Level.valueOf(row.get("level")),
                        row.get("title"),
                        row.get("when"),
                        row.get("who"),
                        row.get("reason"),
                        row.get("caution"),
                        new Source(row.get("source"), Basis.valueOf(row.get("basis"))),
                        row.get("jurisdiction")))
                .toList());
    }

    /** These rules and a room's own. */
    public SafetyCheck with(List<Rule> local) {
        return new SafetyCheck(Stream.concat(rules.stream(), local.stream()).toList());
    }

    /** The rules, in the order in which they are looked at. */
    public List<Rule> rules() {
        return rules;
    }

    /**
     * All findings, the gravest first; of one level, in the order of what is put out.
     *
     * @param setup what is put out, and what is done with it
     * @param children who will be there; where it is empty, only what holds for everyone speaks
     */
    public List<Finding> check(Setup setup, List<ChildPresent> children) {
        List<String> order =
                setup.items().stream().map(item -> item.material().name()).toList();
        return rules.stream()
                .flatMap(rule -> rule.findings(setup, children).stream())
                .sorted(Comparator.comparing(Finding::level).thenComparing(finding -> order.indexOf(finding.subject())))
                .toList();
    }

    /** As {@link #check(Setup, List)}, of materials alone. */
    public List<Finding> check(List<Material> materials, List<ChildPresent> children) {
        return check(Setup.of(materials), children);
    }
}
