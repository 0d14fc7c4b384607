package app.carder.web.media;

import java.util.UUID;

/**
 * A photo, as other features see it.
 *
 * @param id its own
 * @param observationId what it shows
 * @param width of the large picture, in pixels
 * @param height of the large picture, in pixels
 */
public record PhotoView(UUID id, UUID observationId, int width, int height) {}
