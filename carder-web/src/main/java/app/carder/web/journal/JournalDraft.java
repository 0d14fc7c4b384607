package app.carder.web.journal;

import app.carder.web.children.ChildView;
import app.carder.web.watch.ObservationView;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;

/**
 * A journal on the practitioner's desk.
 *
 * @param id its own
 * @param child whose
 * @param startsOn first day
 * @param endsOn last day
 * @param greeting opening words
 * @param atHome something to try at home
 * @param compiledBy who compiled it
 * @param approvedBy who approved it; empty while it is a draft
 * @param version of the record
 * @param heldBackBy words in an approved journal that have become a child's name since, so that the family does not see their texts
 * @param entries in order
 */
public record JournalDraft(
        UUID id,
        ChildView child,
        LocalDate startsOn,
        LocalDate endsOn,
        String greeting,
        String atHome,
        String compiledBy,
        String approvedBy,
        int version,
        List<String> heldBackBy,
        List<Entry> entries) {

    /** Keeps its own copies. */
    public JournalDraft {
        heldBackBy = List.copyOf(heldBackBy);
        entries = List.copyOf(entries);
    }

    /**
     * One entry.
     *
     * @param id its own
     * @param observation what was seen
     * @param words for the family
     * @param photo whether the photo is shown, could be, or may not be
     * @param because why it was chosen
     * @param namesLeft other children's names that still stand in the words
     * @param near words that come near a name, for whoever approves to decide
     */
    public record Entry(
            UUID id,
            ObservationView observation,
            String words,
            PhotoState photo,
            String because,
            List<String> namesLeft,
            List<String> near) {}

    /** What becomes of an entry's photo. */
    public enum PhotoState {
        /** There is none. */
        NONE,
        /** A consent is missing. */
        NOT_ALLOWED,
        /** It could be shown. */
        LEFT_OUT,
        /** It is shown. */
        SHOWN;

        /** Whether somebody may choose. */
        public boolean isChoosable() {
            return this == SHOWN || this == LEFT_OUT;
        }

        /** Whether it stays out for want of a consent. */
        public boolean isWithheld() {
            return this == NOT_ALLOWED;
        }
    }

    /** Whether the room lead has approved it. */
    public boolean isApproved() {
        return !approvedBy.isEmpty();
    }
}
