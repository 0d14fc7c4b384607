package app.carder.web.card;

import app.carder.core.framework.Sense;
import java.time.LocalDate;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;

/**
 * A card seen edge-on.
 *
 * @param id its own
 * @param roomId the room
 * @param title in a few words
 * @param intention what it invites children to do
 * @param areas codes of the framework's areas
 * @param senses that it speaks to
 * @param difficulty from 1, easy, to 5, hard; absent where nobody said
 * @param weekOf Monday of the week that it is planned for
 */
public record CardSummary(
        UUID id,
        UUID roomId,
        String title,
        String intention,
        Set<String> areas,
        Set<Sense> senses,
        Optional<Integer> difficulty,
        Optional<LocalDate> weekOf) {

    /** Whether its edge has a notch for an area or a sense. */
    public boolean hasNotch(String code) {
        return areas.contains(code)
                || senses.stream().anyMatch(sense -> sense.name().equals(code));
    }
}
