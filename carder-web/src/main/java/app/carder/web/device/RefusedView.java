package app.carder.web.device;

import java.util.UUID;

/**
 * What was not taken, for its author.
 *
 * @param id of the item
 * @param kind of it
 * @param why in words
 * @param words that somebody wrote in it
 */
record RefusedView(UUID id, String kind, String why, String words) {}
