package app.carder.web.rules;

import app.carder.core.safety.Rule;
import app.carder.core.safety.SafetyCheck;
import app.carder.core.said.Said;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.annotation.Order;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * What an update changed in the rules that ship: at each start they are held against those of the start before, so that a setting that
 * has run for years is told. Rules of the first start are no change.
 */
@Component
@Order(0)
public class RuleChanges implements ApplicationRunner {

    private static final int TOLD_FOR_DAYS = 60;

    private final SafetyCheck shipped;
    private final JdbcClient database;
    private final Clock clock;

    RuleChanges(SafetyCheck shipped, JdbcClient database, Clock clock) {
        this.shipped = shipped;
        this.database = database;
        this.clock = clock;
    }

    /** What happened to a rule. */
    public enum Kind {
        /** It has been there from the first start on. */
        FIRST,
        /** It came with an update. */
        NEW,
        /** Its strictness, condition or words changed. */
        CHANGED,
        /** An update took it away. */
        GONE;

        /** For people. */
        public String words() {
            return Said.say("rule-change." + name());
        }
    }

    /**
     * A rule that an update touched.
     *
     * @param code of the rule
     * @param kind what happened
     * @param on when
     */
    public record Change(String code, Kind kind, LocalDate on) {}

    private record Seen(String code, String fingerprint, Kind kind) {}

    @Override
    @Transactional
    public void run(ApplicationArguments arguments) {
        compare(shipped.rules(), clock.instant().atZone(ZoneOffset.UTC).toLocalDate());
    }

    /** Holds rules against those that were seen last, and keeps what changed. */
    @Transactional
    public void compare(List<Rule> rules, LocalDate today) {
        Map<String, Seen> seen = database
                .sql("select code, fingerprint, change from rule_seen")
                .query((row, at) -> new Seen(
                        row.getString("code"), row.getString("fingerprint"), Kind.valueOf(row.getString("change"))))
                .list()
                .stream()
                .collect(Collectors.toMap(Seen::code, one -> one));
        boolean isFirstStart = seen.isEmpty();
        for (Rule rule : rules) {
            Seen before = seen.remove(rule.code());
            if (before == null || before.kind() == Kind.GONE) {
                save(rule.code(), fingerprint(rule), isFirstStart ? Kind.FIRST : Kind.NEW, today);
            } else if (!before.fingerprint().equals(fingerprint(rule))) {
                save(rule.code(), fingerprint(rule), Kind.CHANGED, today);
            }
        }
        seen.values().stream()
                .filter(one -> one.kind() != Kind.GONE)
                .forEach(one -> save(one.code(), one.fingerprint(), Kind.GONE, today));
    }

    private void save(String code, String fingerprint, Kind kind, LocalDate on) {
        database.sql(
                        "insert into rule_seen values (:code, :fingerprint, :change, :on)"
                                + " on conflict (code) do update set fingerprint = :fingerprint, change = :change, changed_on = :on")
                .param("code", code)
                .param("fingerprint", fingerprint)
                .param("change", kind.name())
                .param("on", on)
                .update();
    }

    /** Everything of a rule that decides or is said. */
    private static String fingerprint(Rule rule) {
        return String.join(
                "\n",
                rule.level().name(),
                rule.condition().when(),
                rule.condition().who(),
                rule.words().title().words(),
                rule.words().reason().words(),
                rule.words().caution().words());
    }

    /** What updates changed in the last weeks, the latest first. */
    @Transactional(readOnly = true)
    public List<Change> lately(LocalDate today) {
        return database.sql(
                        "select code, change, changed_on from rule_seen where change <> 'FIRST' and changed_on > :since"
                                + " order by changed_on desc, code")
                .param("since", today.minusDays(TOLD_FOR_DAYS))
                .query((row, at) -> new Change(
                        row.getString("code"),
                        Kind.valueOf(row.getString("change")),
                        row.getObject("changed_on", LocalDate.class)))
                .list();
    }
}
