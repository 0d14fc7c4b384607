package app.carder.web.media;

import java.time.LocalDate;
import java.util.UUID;

/**
 * A photo of a card as it was really set out.
 *
 * @param id its own
 * @param onDay the day that it shows
 * @param by who added it
 * @param width of the large picture, in pixels
 * @param height of the large picture, in pixels
 */
public record SetOutPhoto(UUID id, LocalDate onDay, String by, int width, int height) {}
