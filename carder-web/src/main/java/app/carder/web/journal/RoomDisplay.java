package app.carder.web.journal;

import java.util.List;
import java.util.UUID;

/**
 * What hangs in a room for everybody to see. No child's name stands in it, and a photo is in it only where the families of all children in that
 * photo allow a display.
 *
 * @param sheet of it
 * @param entries that were picked, in order
 */
public record RoomDisplay(JournalSheet sheet, List<Entry> entries) {

    /** Keeps its own copy. */
    public RoomDisplay {
        entries = List.copyOf(entries);
    }

    /**
     * One record.
     *
     * @param id of the record
     * @param words without names
     * @param near words that come near a child's name; it is shown once somebody said that they mean none
     * @param isShown whether it hangs
     * @param isWithheld whether it has a photo that may not hang
     */
    public record Entry(UUID id, String words, List<String> near, boolean isShown, boolean isWithheld) {}
}
