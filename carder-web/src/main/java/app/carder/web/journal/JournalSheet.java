package app.carder.web.journal;

import app.carder.core.framework.Framework;
import app.carder.web.children.PegMark;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;

/**
 * A journal as the family reads it: no other child's name, no photo without consent. The same sheet goes to the preview,
 * the carer's page and the PDF.
 *
 * @param id of the journal
 * @param childId whose
 * @param childName whose, by first name
 * @param pegMark of the child
 * @param settingName the nursery
 * @param startsOn first day
 * @param endsOn last day
 * @param greeting opening words
 * @param entries in the order of the practitioner
 * @param atHome something to try at home
 * @param framework by which the card edge is drawn
 * @param approved whether the room lead has approved it
 * @param heldBack how many texts are held back since it was approved, because a word in them is now also a child's name
 */
public record JournalSheet(
        UUID id,
        UUID childId,
        String childName,
        PegMark pegMark,
        String settingName,
        LocalDate startsOn,
        LocalDate endsOn,
        String greeting,
        List<Entry> entries,
        String atHome,
        Framework framework,
        boolean approved,
        int heldBack) {

    /** Keeps its own copy. */
    public JournalSheet {
        entries = List.copyOf(entries);
    }

    /**
     * One entry.
     *
     * @param on the day
     * @param words for the family
     * @param photoId of the photo, where it may be shown
     * @param areas codes of the areas it touches
     * @param framework of the day, by which its card edge is drawn
     * @param areaNames the same for people
     */
    public record Entry(
            LocalDate on,
            String words,
            Optional<UUID> photoId,
            Set<String> areas,
            Framework framework,
            List<String> areaNames) {}

    /** Whether the family may open a photo. */
    public boolean shows(UUID photoId) {
        return entries.stream()
                .anyMatch(entry -> entry.photoId().filter(photoId::equals).isPresent());
    }

    /** Whether any entry touches an area. */
    public boolean covers(String areaCode) {
        return entries.stream().anyMatch(entry -> entry.areas().contains(areaCode));
    }
}
