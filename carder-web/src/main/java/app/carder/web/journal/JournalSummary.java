package app.carder.web.journal;

import java.time.LocalDate;
import java.util.UUID;

/**
 * A journal in a list.
 *
 * @param id its own
 * @param childId whose
 * @param childName whose, by first name
 * @param startsOn first day
 * @param endsOn last day
 * @param approved whether the room lead has approved it
 */
public record JournalSummary(
        UUID id, UUID childId, String childName, LocalDate startsOn, LocalDate endsOn, boolean approved) {}
