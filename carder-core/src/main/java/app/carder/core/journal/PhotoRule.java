package app.carder.core.journal;

import java.util.Collection;

/**
 * Whether a photo may be shown in one child's journal: if the child is in it, the family must allow photos in its own
 * journal; every other child in it must be allowed in other children's journals. A photo of things alone needs no
 * consent. Common practice.
 */
public final class PhotoRule {

    private PhotoRule() {}

    /**
     * A child who can be seen in the photo.
     *
     * @param whose whether it is the journal's own child
     * @param ownJournal consent to photos in the child's own journal
     * @param othersJournals consent to photos in other children's journals
     */
    public record Shown(Whose whose, Consent ownJournal, Consent othersJournals) {}

    /** Whose picture it is. */
    public enum Whose {
        THE_CHILD,
        ANOTHER
    }

    /** What the family said. */
    public enum Consent {
        GIVEN,
        NOT_GIVEN
    }

    /** Whether a photo may hang where everybody sees it: every child in it has to be allowed that. Common practice. */
    public static boolean allowsDisplay(Collection<Consent> ofEach) {
        return ofEach.stream().allMatch(Consent.GIVEN::equals);
    }

    /** Whether the family may see it. */
    public static boolean allows(Collection<Shown> children) {
        return children.stream()
                .allMatch(child -> (child.whose() == Whose.THE_CHILD ? child.ownJournal() : child.othersJournals())
                        == Consent.GIVEN);
    }
}
