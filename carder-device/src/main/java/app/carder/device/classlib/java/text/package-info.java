/** Stands in for {@code java.text} in the translation, by what every browser has. */
@NullMarked
package app.carder.device.classlib.java.text;

import org.jspecify.annotations.NullMarked;
