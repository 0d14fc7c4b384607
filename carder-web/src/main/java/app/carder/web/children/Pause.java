package app.carder.web.children;

import java.time.LocalDate;
import java.util.Optional;

/**
 * No journal is made for a family and nothing is sent to it for a while.
 *
 * @param until the last day; absent until somebody ends it
 * @param reason in words
 * @param by who said so
 */
public record Pause(Optional<LocalDate> until, String reason, String by) {}
