package app.carder.core.card;

import app.carder.core.proposal.AdultLoad;
import app.carder.core.safety.Finding;
import app.carder.core.safety.Level;
import app.carder.core.said.Said;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Whether a card may be set out: the one gate, for every way of doing so. It never clears anything; it says what still holds.
 *
 * @param findings of the check for the children of that day and session
 */
public record SetOutGate(List<Finding> findings) {

    /** The least that a reason has: ten letters. */
    public static final int SHORTEST_REASON = 10;

    /** Keeps its own copy. */
    public SetOutGate {
        findings = List.copyOf(findings);
    }

    /** What still holds it. */
    public enum Fault {
        /** A finding says never: nobody overrules it. */
        NEVER,
        /** A finding wants a named adult within reach. */
        ADULT_MISSING,
        /** A finding stops or cannot be judged, and nobody said why it is right all the same. */
        REASON_SHORT
    }

    /** Whether it may not be set out at all. */
    public boolean isForbidden() {
        return has(Level.NEVER);
    }

    /** Whether it may be set out only with a reason that is kept. */
    public boolean needsReason() {
        return findings.stream().anyMatch(finding -> finding.holds() && finding.level() != Level.NEVER);
    }

    /** Whether a named adult stays with it. */
    public boolean needsAdult() {
        return has(Level.STAY_WITH);
    }

    /** What the card takes of an adult: as planned, but no card runs by itself where an adult has to stay with it. */
    public AdultLoad load(AdultLoad planned) {
        return needsAdult() && planned == AdultLoad.RUNS_BY_ITSELF ? AdultLoad.NEAR : planned;
    }

    /** Whether nothing holds it: no never, no stop, nothing that cannot be judged. */
    public boolean isOpen() {
        return findings.stream().noneMatch(Finding::holds);
    }

    /** What holds it and is not a never: what a reason overrules. */
    public List<Finding> overruled() {
        return findings.stream()
                .filter(finding -> finding.holds() && finding.level() != Level.NEVER)
                .toList();
    }

    /** What holds it, in one line: the gravest finding, for whom, and how many more; empty where nothing does. */
    public String held() {
        return held(true);
    }

    /** The same for what is printed or passed on: no child is named. */
    public String heldNamingNobody() {
        return held(false);
    }

    /** Why an adult stays within reach, in one line: the first finding and how many more; empty where nobody has to. It names no child. */
    public String stays() {
        List<Said> titles = findings.stream()
                .filter(finding -> finding.level() == Level.STAY_WITH)
                .map(finding -> finding.words().title())
                .distinct()
                .toList();
        if (titles.isEmpty()) {
            return "";
        }
        return Said.of("gate.line", Level.STAY_WITH.said(), titles.get(0), "", titles.size() - 1)
                .words();
    }

    private String held(boolean naming) {
        List<Finding> holding = findings.stream().filter(Finding::holds).toList();
        if (holding.isEmpty()) {
            return "";
        }
        Finding gravest = Collections.min(holding, Comparator.comparing(Finding::level));
        return Said.of(
                        "gate.line",
                        gravest.level().said(),
                        gravest.words().title(),
                        naming && !gravest.children().isEmpty()
                                ? Said.of("gate.whom", Said.oneAfterTheOther(gravest.children()))
                                : "",
                        holding.size() - 1)
                .words();
    }

    /** What still holds it, with this adult and this reason; empty where it may be set out. */
    public List<Fault> faults(Optional<?> adult, String reason) {
        return List.of(Fault.values()).stream()
                .filter(fault -> switch (fault) {
                    case NEVER -> isForbidden();
                    case ADULT_MISSING -> needsAdult() && adult.isEmpty();
                    case REASON_SHORT -> needsReason() && reason.strip().length() < SHORTEST_REASON;
                })
                .toList();
    }

    private boolean has(Level level) {
        return findings.stream().anyMatch(finding -> finding.level() == level);
    }
}
