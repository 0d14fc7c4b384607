package app.carder.core.watch;

import app.carder.core.said.Said;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * Attempts at a step: how many were managed, and with how much help. The order of prompts from least to most is common
 * practice.
 *
 * @param tries how many
 * @param hits how many were managed
 * @param hitsBy of these, how many with each prompt
 */
public record Attempts(int tries, int hits, Map<Prompt, Integer> hitsBy) {

    /** What an adult did before it was managed. */
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
     * One attempt.
     *
     * @param managed whether it did
     * @param prompt with what help
     */
    public record Attempt(boolean managed, Prompt prompt) {}

    /** Counts attempts. */
    public static Attempts of(Collection<Attempt> all) {
        Map<Prompt, Integer> hitsBy = new EnumMap<>(Prompt.class);
        for (Prompt prompt : Prompt.values()) {
            hitsBy.put(prompt, 0);
        }
        all.stream().filter(Attempt::managed).forEach(hit -> hitsBy.merge(hit.prompt(), 1, Integer::sum));
        int hits = hitsBy.values().stream().mapToInt(Integer::intValue).sum();
        return new Attempts(all.size(), hits, hitsBy);
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
