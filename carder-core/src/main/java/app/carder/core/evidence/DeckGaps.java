package app.carder.core.evidence;

import app.carder.core.framework.Framework;
import app.carder.core.framework.Sense;
import app.carder.core.said.Said;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Set;

/**
 * What a deck of cards leaves out, in words. It speaks of the cards, never of children.
 *
 * @param missingAreas names of areas that no card covers
 * @param thinAreas names of areas that one card covers, where the deck has four cards or more
 * @param missingSenses words of senses that no card speaks to
 */
public record DeckGaps(List<String> missingAreas, List<String> thinAreas, List<String> missingSenses) {

    private static final int THIN_FROM = 4;

    /** Keeps its own copies. */
    public DeckGaps {
        missingAreas = List.copyOf(missingAreas);
        thinAreas = List.copyOf(thinAreas);
        missingSenses = List.copyOf(missingSenses);
    }

    /**
     * What one card covers.
     *
     * @param areas codes of areas
     * @param senses that it speaks to
     */
    public record Covered(Set<String> areas, Set<Sense> senses) {}

    /** Looks a deck over. */
    public static DeckGaps of(Framework framework, Collection<Covered> deck) {
        List<String> missing = new ArrayList<>();
        List<String> thin = new ArrayList<>();
        for (Framework.Area area : framework.areas()) {
            long cards = deck.stream()
                    .filter(card -> card.areas().contains(area.code()))
                    .count();
            if (cards == 0) {
                missing.add(area.name());
            } else if (cards == 1 && deck.size() >= THIN_FROM) {
                thin.add(area.name());
            }
        }
        List<String> senses = Arrays.stream(Sense.values())
                .filter(sense -> deck.stream().noneMatch(card -> card.senses().contains(sense)))
                .map(Sense::words)
                .toList();
        return new DeckGaps(missing, thin, senses);
    }

    /** Whether nothing is left out. */
    public boolean isNone() {
        return missingAreas.isEmpty() && thinAreas.isEmpty() && missingSenses.isEmpty();
    }

    /** In sentences; empty where nothing is left out. */
    public String words() {
        List<String> sentences = new ArrayList<>();
        if (!missingAreas.isEmpty()) {
            sentences.add(Said.say("working.no-card-for", Said.oneAfterTheOther(missingAreas)));
        }
        if (!thinAreas.isEmpty()) {
            sentences.add(Said.say("working.only-one-card-for", Said.oneAfterTheOther(thinAreas)));
        }
        if (!missingSenses.isEmpty()) {
            sentences.add(Said.say("working.no-card-for-these-senses", Said.oneAfterTheOther(missingSenses)));
        }
        return String.join(" ", sentences);
    }
}
