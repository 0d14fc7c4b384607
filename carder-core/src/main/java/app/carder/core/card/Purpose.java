package app.carder.core.card;

import app.carder.core.proposal.AdultLoad;
import java.util.Optional;

/**
 * What a card invites to.
 *
 * @param title in a few words
 * @param intention what it invites children to do
 * @param adultRole what the adult does, or does not do
 * @param load on the adults while it is out
 * @param difficulty from 1, easy, to 5, hard; absent where nobody said
 * @param words to use with children
 * @param place where it is set out
 */
public record Purpose(
        String title,
        String intention,
        String adultRole,
        AdultLoad load,
        Optional<Integer> difficulty,
        String words,
        String place) {}
