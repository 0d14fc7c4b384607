package app.carder.core.look;

/**
 * One stroke of a picture.
 *
 * @param ink what it is drawn with
 * @param path where
 */
public record Stroke(Ink ink, Path path) {}
