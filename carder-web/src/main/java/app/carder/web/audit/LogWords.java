package app.carder.web.audit;

import app.carder.core.chain.LogCheck;
import app.carder.core.chain.LogCheck.Finding;
import app.carder.core.chain.Seal;
import app.carder.core.said.Said;
import java.util.ArrayList;
import java.util.List;

/** What a check of the log found, in sentences. */
public final class LogWords {

    private LogWords() {}

    /** All of it in one sentence. */
    public static String outcome(LogCheck.Report report) {
        if (report.entries() == 0 && report.isWhole()) {
            return Said.say("accesslog.check.empty");
        }
        return report.isWhole()
                ? Said.say("accesslog.check.whole", report.entries())
                : Said.say("accesslog.check.changed", report.faults());
    }

    /** One sentence for each thing that is wrong, and then what the check knows from outside. */
    public static List<String> lines(LogCheck.Report report, NotedSeals.Noted file) {
        List<String> lines = new ArrayList<>(
                report.findings().stream().map(LogWords::finding).toList());
        if (report.faults() > report.findings().size()) {
            lines.add(Said.say(
                    "accesslog.check.more", report.faults() - report.findings().size()));
        }
        if (report.erasedParts() > 0) {
            lines.add(Said.say("accesslog.check.erased", report.erasedParts()));
        }
        lines.add(
                file.seals().isEmpty()
                        ? Said.say("accesslog.check.nothing-noted")
                        : Said.say(
                                "accesslog.check.confirmed",
                                report.confirmed().size(),
                                file.seals().size()));
        if (file.unreadable() > 0) {
            lines.add(Said.say("accesslog.check.unreadable", file.unreadable()));
        }
        report.head().map(Seal::forPeople).ifPresent(seal -> lines.add(Said.say("accesslog.check.seal", seal)));
        return lines;
    }

    private static String finding(Finding finding) {
        return finding.part()
                .map(part -> Said.say(
                        "accesslog.fault." + finding.fault().name(),
                        finding.number(),
                        Said.say("accesslog.part." + part.name())))
                .orElseGet(() -> Said.say("accesslog.fault." + finding.fault().name(), finding.number(), ""));
    }
}
