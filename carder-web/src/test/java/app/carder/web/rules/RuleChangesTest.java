package app.carder.web.rules;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.safety.Finding;
import app.carder.core.safety.Level;
import app.carder.core.safety.Rule;
import app.carder.core.safety.SafetyCheck;
import app.carder.web.kit.WebTest;
import app.carder.web.rules.RuleChanges.Kind;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

class RuleChangesTest extends WebTest {

    private static final LocalDate UPDATE = LocalDate.of(2020, 3, 2);

    @Autowired
    private RuleChanges changes;

    @Autowired
    private SafetyCheck shipped;

    @AfterEach
    void asItShips() {
        database.update("delete from rule_seen");
        changes.compare(shipped.rules(), UPDATE);
    }

    @Test
    void theFirstStartChangesNothing() {
        assertThat(changes.lately(UPDATE)).isEmpty();
        assertThat(database.queryForObject("select count(*) from rule_seen", Integer.class))
                .isEqualTo(shipped.rules().size());
    }

    @Test
    void anUpdateTellsWhichRulesAreNewChangedAndGone() {
        Rule first = shipped.rules().get(0);
        Rule second = shipped.rules().get(1);
        Rule third = shipped.rules().get(2);
        List<Rule> before = new ArrayList<>(shipped.rules());
        before.remove(first);
        before.set(before.indexOf(second), withLevel(second, second.level() == Level.KNOW ? Level.NEVER : Level.KNOW));
        before.add(named(third, "BEFORE"));
        database.update("delete from rule_seen");
        changes.compare(before, UPDATE.minusDays(400));

        changes.compare(shipped.rules(), UPDATE);
        changes.compare(shipped.rules(), UPDATE.plusDays(1));

        assertThat(changes.lately(UPDATE.plusDays(10)))
                .containsExactlyInAnyOrder(
                        new RuleChanges.Change(first.code(), Kind.NEW, UPDATE),
                        new RuleChanges.Change(second.code(), Kind.CHANGED, UPDATE),
                        new RuleChanges.Change("BEFORE", Kind.GONE, UPDATE));
        assertThat(changes.lately(UPDATE.plusDays(61))).isEmpty();
    }

    @Test
    void thePageOfLimitsShowsThem() {
        Rule first = shipped.rules().get(0);
        List<Rule> before = new ArrayList<>(shipped.rules());
        before.remove(first);
        database.update("delete from rule_seen");
        changes.compare(before, today().minusDays(400));
        changes.compare(shipped.rules(), today());

        assertThat(get("hamish", "/what-carder-looks-at").page().select("main").text())
                .contains("Changed by recent updates")
                .contains(first.words().title().words() + " new, ");
    }

    private LocalDate today() {
        return clock.instant().atZone(java.time.ZoneOffset.UTC).toLocalDate();
    }

    private static Rule withLevel(Rule rule, Level level) {
        return new Rule(rule.code(), level, rule.condition(), rule.words(), rule.authority(), rule.checked());
    }

    private static Rule named(Rule rule, String code) {
        Finding.Words words = rule.words();
        return new Rule(code, rule.level(), rule.condition(), words, rule.authority(), rule.checked());
    }
}
