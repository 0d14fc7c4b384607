package app.carder.core.watch;

import app.carder.core.said.Said;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * Tries at a rung: how many came off, and with how much help. The order of prompts from least to most is common
 * practice.
 *
 * @param tries how many
 * @param hits how many came off
 * @param hitsBy of these, how many with each prompt
 */
public record Tries(int tries, int hits, Map<Prompt, Integer> hitsBy) {

    /** What an adult did before it came off. */
    public enum Prompt {
        ALONE,
        SHOWN_AGAIN,
        HELPED;

        /** For people. */
        public String words() {
            return Said.say("prompt." + name());
        }
    }

    /**
     * One try.
     *
     * @param cameOff whether it did
     * @param prompt with what help
     */
    public record Try(boolean cameOff, Prompt prompt) {}

    /** Counts tries. */
    public static Tries of(Collection<Try> all) {
        Map<Prompt, Integer> hitsBy = new EnumMap<>(Prompt.class);
        for (Prompt prompt : Prompt.values()) {
            hitsBy.put(prompt, 0);
        }
        all.stream().filter(Try::cameOff).forEach(hit -> hitsBy.merge(hit.prompt(), 1, Integer::sum));
        int hits = hitsBy.values().stream().mapToInt(Integer::intValue).sum();
        return new Tries(all.size(), hits, hitsBy);
    }

    /** Such as "4 of 6, 3 alone, 1 helped". */
    public String words() {
        List<Object> parts = new ArrayList<>(
                List.of(Said.of("working.hits-of-tries", Integer.toString(hits), Integer.toString(tries))));
        hitsBy.forEach((prompt, times) -> {
            if (times > 0) {
                parts.add(Said.of("working.hits-with", times.toString(), prompt.words()));
            }
        });
        return Said.oneAfterTheOther(parts).words();
    }
}
