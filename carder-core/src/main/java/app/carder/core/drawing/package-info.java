/** Drawings to scale as values: the same goes to the screen and to paper. Start at {@link app.carder.core.drawing.Sketch}. */
@NullMarked
package app.carder.core.drawing;

import org.jspecify.annotations.NullMarked;
