package app.carder.web.journal;

import app.carder.core.journal.EntrySelection;
import app.carder.core.journal.Purpose;
import java.time.LocalDate;
import java.util.UUID;

/**
 * What somebody asks a journal to be.
 *
 * @param childId whose
 * @param startsOn first day
 * @param endsOn last day
 * @param purpose what for
 * @param pages of records, at most
 * @param about the card of a project or the area of a skill; empty for everything
 */
public record JournalRequest(
        UUID childId, LocalDate startsOn, LocalDate endsOn, Purpose purpose, int pages, String about) {

    /** Quarters of a page in a page. */
    static final int QUARTERS = 4;

    /** How its records are chosen. */
    EntrySelection selection() {
        return selection(pages);
    }

    /** The same for another number of pages. */
    EntrySelection selection(int other) {
        return EntrySelection.over(startsOn, endsOn, other * QUARTERS);
    }
}
