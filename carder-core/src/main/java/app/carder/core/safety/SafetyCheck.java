package app.carder.core.safety;

import app.carder.core.calculation.Source;
import app.carder.core.calculation.Source.Basis;
import app.carder.core.material.Material;
import app.carder.core.material.MaterialKind;
import app.carder.core.material.Trait;
import app.carder.core.safety.Setup.Item;
import app.carder.core.said.Said;
import app.carder.core.table.ShippedTable;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Checks what is put out against the children who will be there. It informs a risk assessment; it never says that
 * something is safe.
 *
 * <p>Rules are a table; the geometry that they call on is a {@link Gauge}. Every fact is known or missing. A rule that a missing fact
 * could make speak becomes a question at the level of the gravest such rule: what is not known is never read as "no".
 */
public final class SafetyCheck {

    private static final int MOST_DANGERS_NAMED = 4;

    private final List<Rule> rules;
    private final List<RuleReader> readers;
    private final List<Pet> pets;

    private SafetyCheck(List<Rule> rules, List<Pet> pets) {
        this.rules = List.copyOf(rules);
        this.readers = rules.stream().map(RuleReader::of).toList();
        this.pets = List.copyOf(pets);
    }

    /** The rules that ship with the application. */
    public static SafetyCheck withShippedRules() {
        return new SafetyCheck(
                ShippedTable.rows(SafetyCheck.class, "rules.csv").stream()
                        .map(row -> new Rule(
                                row.get("code"),
                                Level.valueOf(row.get("level")),
                                new Rule.Condition(row.get("when"), row.get("who")),
                                Finding.Words.of("rule." + row.get("code"), "{allergens}"),
                                new Finding.Authority(
                                        new Source(Said.typed(row.get("source")), Basis.valueOf(row.get("basis"))),
                                        row.get("jurisdiction")),
                                new Rule.Checked(
                                        Said.of("checked." + row.get("checked").replace(' ', '-')),
                                        Optional.of(LocalDate.parse(row.get("look_again_on"))))))
                        .toList(),
                List.of());
    }

    /** These rules and a room's own. */
    public SafetyCheck with(List<Rule> local) {
        return new SafetyCheck(Stream.concat(rules.stream(), local.stream()).toList(), pets);
    }

    /** The same where these animals live. */
    public SafetyCheck besides(List<Pet> animals) {
        return new SafetyCheck(rules, animals);
    }

    /** The rules, in the order in which they are looked at. */
    public List<Rule> rules() {
        return rules;
    }

    /**
     * All findings, the gravest first; of one level, in the order of what is put out.
     *
     * @param setup what is put out, and what is done with it
     * @param present who will be there; where nobody is written down, whoever may come is taken as not known
     */
    public List<Finding> check(Setup setup, List<ChildPresent> present) {
        List<ChildPresent> children = present.isEmpty() ? List.of(ChildPresent.WHOEVER_COMES) : present;
        Setup looked = withCardWords(setup);
        List<Finding> findings = new ArrayList<>();
        Map<Gap, List<Rule>> open = new LinkedHashMap<>();
        for (RuleReader reader : readers) {
            RuleReader.Outcome said = reader.of(looked, children);
            findings.addAll(said.findings());
            said.gaps()
                    .forEach(gap ->
                            open.computeIfAbsent(gap, key -> new ArrayList<>()).add(reader.rule()));
        }
        CareCheck care = new CareCheck(looked);
        findings.addAll(care.findings(children));
        findings.addAll(Pet.findings(looked, pets));
        // Without an answer to these nothing can be judged, whatever a rule would make of the same question.
        Set<Gap> holding = new LinkedHashSet<>(care.gaps(children));
        holding.addAll(missingAmounts(looked));
        holding.forEach(gap -> open.computeIfAbsent(gap, key -> new ArrayList<>()));
        open.forEach((gap, could) -> findings.add(question(gap, could, holding.contains(gap))));
        List<String> order =
                looked.items().stream().map(item -> item.material().name()).toList();
        return findings.stream()
                .distinct()
                .sorted(Comparator.comparing(Finding::level).thenComparing(finding -> order.indexOf(finding.subject())))
                .toList();
    }

    /** As {@link #check(Setup, List)}, of materials alone. */
    public List<Finding> check(List<Material> materials, List<ChildPresent> children) {
        return check(Setup.of(materials), children);
    }

    /** A danger that only the card's words name is asked about as if it stood among the things. */
    private static Setup withCardWords(Setup setup) {
        Set<Trait> carried = setup.items().stream()
                .flatMap(item -> item.material().traits().stream())
                .collect(Collectors.toSet());
        List<Item> named = DangerNames.in(setup.words()).stream()
                .filter(hit -> !carried.contains(hit.trait()))
                .map(hit -> hit.said().toLowerCase(Locale.ROOT))
                .distinct()
                .map(said -> new Item(
                        "words " + said,
                        new Material(
                                said,
                                MaterialKind.PIECES,
                                Optional.empty(),
                                Optional.empty(),
                                Optional.empty(),
                                Set.of(),
                                Set.of(Trait.FINE, Trait.LOOKED_THROUGH),
                                Source.entered(Said.of("source.the-card"))),
                        Optional.empty(),
                        Setup.Amount.KNOWN,
                        Optional.empty()))
                .toList();
        return named.isEmpty()
                ? setup
                : new Setup(
                        Stream.concat(setup.items().stream(), named.stream()).toList(),
                        setup.features(),
                        setup.words(),
                        setup.answers());
    }

    private static Set<Gap> missingAmounts(Setup setup) {
        return setup.items().stream()
                .filter(item -> item.amount() == Setup.Amount.MISSING)
                .map(item -> new Gap(Fact.AMOUNT, item.key(), item.material().name(), ""))
                .filter(gap -> Trigger.answered(setup, gap).isUnknown())
                .collect(Collectors.toCollection(() -> new TreeSet<>(Comparator.comparing(Gap::key))));
    }

    /** At the level of the gravest rule that it could make speak. */
    private static Finding question(Gap gap, List<Rule> could, boolean holds) {
        Level gravest =
                could.stream().map(Rule::level).min(Comparator.naturalOrder()).orElse(Level.CANNOT_BE_JUDGED);
        List<Said> dangers = could.stream()
                .filter(rule -> rule.level() == gravest || rule.level().holds())
                .map(rule -> rule.words().title().inSmallLetters())
                .distinct()
                .toList();
        int named = Math.min(MOST_DANGERS_NAMED, dangers.size());
        return new Finding(
                "NOT_KNOWN_" + gap.fact(),
                holds || gravest.holds() ? Level.CANNOT_BE_JUDGED : gravest,
                new Finding.Words(
                        gap.saidTitle(),
                        dangers.isEmpty()
                                ? gap.saidQuestion()
                                : Said.of(
                                        "gap.could-be",
                                        gap.saidQuestion(),
                                        Said.oneAfterTheOther(dangers.subList(0, named)),
                                        dangers.size() - named),
                        Said.of("fact." + gap.fact() + ".remedy")),
                new Finding.About(gap.subject(), List.of()),
                new Finding.Authority(Source.derived(Said.of("source.a-check-that-could-not-run")), ""),
                Optional.of(gap));
    }
}
