package app.carder.web.journal;

import app.carder.core.composition.Layout;
import app.carder.core.journal.Part;
import app.carder.web.children.ChildView;
import app.carder.web.watch.ObservationView;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;

/**
 * A journal on the practitioner's desk.
 *
 * @param id its own
 * @param child whose
 * @param request what it was asked to be
 * @param parts in order
 * @param texts by the parts that are written as one text
 * @param talkedOverOn when what adults are concerned about was talked over with the family
 * @param compiledBy who compiled it
 * @param approvedBy who approved it; empty while it is a draft
 * @param version of the record
 * @param heldBackBy words in an approved journal that have become a child's name since, so that the family does not see their texts
 * @param nearInTexts words of the texts that come near a name
 * @param reading how far its reading is
 * @param entries that are told, in order
 * @param leftOut entries that are kept aside
 */
public record JournalDraft(
        UUID id,
        ChildView child,
        JournalRequest request,
        List<Part> parts,
        Map<Part, String> texts,
        Optional<LocalDate> talkedOverOn,
        String compiledBy,
        String approvedBy,
        int version,
        List<String> heldBackBy,
        List<String> nearInTexts,
        Reading reading,
        List<Entry> entries,
        List<Entry> leftOut) {

    /** Keeps its own copies. */
    public JournalDraft {
        parts = List.copyOf(parts);
        texts = Map.copyOf(texts);
        heldBackBy = List.copyOf(heldBackBy);
        nearInTexts = List.copyOf(nearInTexts);
        entries = List.copyOf(entries);
        leftOut = List.copyOf(leftOut);
    }

    /**
     * How far the reading is.
     *
     * @param remark what whoever read it wants its author to look at; empty for nothing
     * @param remarkBy who that was
     * @param answered words near a name that somebody said mean no child
     */
    public record Reading(String remark, String remarkBy, Set<String> answered) {}

    /** All words that come near a name, each once. */
    public List<String> near() {
        return Stream.concat(nearInTexts.stream(), entries.stream().flatMap(entry -> entry.near().stream()))
                .distinct()
                .toList();
    }

    /**
     * One entry.
     *
     * @param id its own
     * @param observation what was seen
     * @param part of the journal
     * @param words for the family
     * @param photo whether the photo is shown, could be, or may not be
     * @param because what it alone brings; empty where that is not asked
     * @param namesLeft other children's names that still stand in the words
     * @param near words that come near a name, for whoever approves to decide
     * @param layouts that it can stand in
     * @param layout that somebody chose
     * @param pinned whether it stays when entries are picked anew
     * @param translation the same in another language
     * @param simple the same in short sentences
     */
    public record Entry(
            UUID id,
            ObservationView observation,
            Part part,
            String words,
            PhotoState photo,
            String because,
            List<String> namesLeft,
            List<String> near,
            List<Layout> layouts,
            Optional<Layout> layout,
            boolean pinned,
            Translation translation,
            String simple) {

        /** Keeps its own copies. */
        public Entry {
            namesLeft = List.copyOf(namesLeft);
            near = List.copyOf(near);
            layouts = List.copyOf(layouts);
        }
    }

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

    /** The entries of one part, in order. */
    public List<Entry> of(Part part) {
        return entries.stream().filter(entry -> entry.part() == part).toList();
    }

    /** Whether the room lead has approved it. */
    public boolean isApproved() {
        return !approvedBy.isEmpty();
    }
}
