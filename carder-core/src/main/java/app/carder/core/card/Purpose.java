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
 * @param alongside what is said beside it
 * @param place where it is set out
 */
public record Purpose(
        String title,
        String intention,
        String adultRole,
        AdultLoad load,
        Optional<Integer> difficulty,
        Alongside alongside,
        String place) {

    /**
     * What is said beside a card.
     *
     * @param words to use with children
     * @param mightSee what an adult might see, in words that describe
     * @param atHome what a family can try at home
     */
    public record Alongside(String words, String mightSee, String atHome) {}

    /** Words to use with children. */
    public String words() {
        return alongside.words();
    }

    /** What an adult might see. */
    public String mightSee() {
        return alongside.mightSee();
    }

    /** What a family can try at home. */
    public String atHome() {
        return alongside.atHome();
    }
}
