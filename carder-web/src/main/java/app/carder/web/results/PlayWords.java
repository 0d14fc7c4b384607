package app.carder.web.results;

import app.carder.core.said.Said;
import app.carder.core.watch.PlaySummary;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Component;

/** Figures of play in words, for lists and beside drawings. */
@Component("playWords")
class PlayWords {

    /** Such as {@code 12 min 05 s}. */
    public static String length(Duration length) {
        return length.toMinutes() == 0
                ? "%d s".formatted(length.toSeconds())
                : "%d min %02d s".formatted(length.toMinutes(), length.toSecondsPart());
    }

    /** Such as {@code Longest 12 min 05 s or more, 20 min 00 s in all. An adult broke in once; came back after 40 s.} */
    public static String of(PlaySummary summary) {
        List<String> parts = new ArrayList<>();
        parts.add(Said.say(
                "results.longest-in-all",
                length(summary.longestStretch()),
                summary.longestIsLowerBound() ? "yes" : "no",
                length(summary.engaged())));
        int broken = summary.interruptionsByAdults() + summary.interruptionsByChildren();
        if (broken > 0) {
            parts.add(Said.say(
                    "results.adults-broke-in-children-came-back",
                    summary.interruptionsByAdults(),
                    summary.interruptionsByChildren(),
                    summary.returned(),
                    summary.medianReturn().map(PlayWords::length).orElse("none")));
        }
        if (summary.repeats() > 0) {
            parts.add(Said.say("results.repeated", summary.repeats()));
        }
        return String.join(" ", parts);
    }

    /** Whole per cent. */
    public static String percent(double share) {
        return "%.0f %%".formatted(share * 100);
    }
}
