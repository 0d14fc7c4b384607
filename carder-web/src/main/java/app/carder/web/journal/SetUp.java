package app.carder.web.journal;

/**
 * How a card is set out, drawn: it stands in where an entry has no photo.
 *
 * @param viewBox of the drawing, as SVG has it
 * @param marks of it, as SVG
 * @param words the same in words
 */
public record SetUp(String viewBox, String marks, String words) {}
