package app.carder.web.media;

/**
 * A photo after cleaning: two JPEG pictures that hold nothing but pixels.
 *
 * @param large for reading and print
 * @param small for lists
 * @param width of the large one, in pixels
 * @param height of the large one, in pixels
 */
@SuppressWarnings("ArrayRecordComponent") // handed from the cleaner to the store, never compared
record CleanPhoto(byte[] large, byte[] small, int width, int height) {}
