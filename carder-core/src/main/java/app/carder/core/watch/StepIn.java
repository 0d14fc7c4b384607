package app.carder.core.watch;

import app.carder.core.practice.PracticeStyle;
import app.carder.core.said.Said;
import app.carder.core.table.ShippedTable;
import java.util.Arrays;
import java.util.List;
import org.apache.commons.csv.CSVRecord;

/**
 * Answers "should I step in?" for what is happening now. Common practice; a setting's own policy goes first, and hurt or
 * danger before everything.
 *
 * @param situation what is happening
 * @param urgency how soon
 * @param action what to do
 * @param say words that fit the practice style; empty where none are better
 */
public record StepIn(Situation situation, Urgency urgency, String action, String say) {

    private static final List<CSVRecord> TABLE = ShippedTable.rows(StepIn.class, "step-in.csv");

    /** What an adult sees, the most urgent first. */
    public enum Situation {
        HURT_OR_DANGER,
        MATERIAL_DAMAGED,
        FRIEND_DISTURBED,
        EXPLORING_OTHERWISE,
        FINISHED_LOOKED_UP,
        FIRST_SUCCESS,
        OVERSHOT_LINE;

        /** For people. */
        public String words() {
            return Said.say("situation." + name());
        }
    }

    /** How soon. */
    public enum Urgency {
        NOW,
        GENTLY,
        WAIT,
        ACKNOWLEDGE,
        INVITE,
        LATER;

        /** The answer in a few words. */
        public String words() {
            return Said.say("stepping-in." + name());
        }
    }

    /** The answers for a room's style, the most urgent first. */
    public static List<StepIn> in(PracticeStyle style) {
        return Arrays.stream(Situation.values())
                .map(situation -> answer(situation, style))
                .toList();
    }

    private static StepIn answer(Situation situation, PracticeStyle style) {
        CSVRecord row = TABLE.stream()
                .filter(one -> one.get("situation").equals(situation.name()))
                .filter(one -> one.get("style").equals(style.name()))
                .findFirst()
                .or(() -> TABLE.stream()
                        .filter(one -> one.get("situation").equals(situation.name()))
                        .filter(one -> one.get("style").equals("*"))
                        .findFirst())
                .orElseThrow(
                        () -> new IllegalStateException("Impossible state: no answer for %s.".formatted(situation)));
        return new StepIn(situation, Urgency.valueOf(row.get("urgency")), row.get("do"), row.get("say"));
    }
}
