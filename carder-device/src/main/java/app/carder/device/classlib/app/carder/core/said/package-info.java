/** Stands in for the catalogue in the translation: the words are those that the page carries. */
@NullMarked
package app.carder.device.classlib.app.carder.core.said;

import org.jspecify.annotations.NullMarked;
