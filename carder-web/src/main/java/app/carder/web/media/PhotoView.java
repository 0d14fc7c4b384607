package app.carder.web.media;

import java.util.UUID;

/**
 * A photo, as other features see it.
 *
 * @param id its own
 * @param subjectId the observation or the reading that it goes with
 * @param width of the large picture, in pixels
 * @param height of the large picture, in pixels
 */
public record PhotoView(UUID id, UUID subjectId, int width, int height) {}
