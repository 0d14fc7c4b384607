package app.carder.web.undo;

import java.time.LocalDateTime;
import java.util.Optional;
import java.util.UUID;

/**
 * Something that was done, in words.
 *
 * @param id of it
 * @param at when, in the setting's zone
 * @param person who did it
 * @param sentence what was done, without who
 * @param mayUndo whether the viewer may take it back
 * @param undone who took it back, and when
 */
public record DoneView(
        UUID id, LocalDateTime at, String person, String sentence, boolean mayUndo, Optional<Undone> undone) {

    /**
     * It was taken back.
     *
     * @param by who did
     * @param at when, in the setting's zone
     */
    public record Undone(String by, LocalDateTime at) {}
}
