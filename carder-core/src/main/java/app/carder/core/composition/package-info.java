/**
 * How the elements of a learning journal become pages: nothing is cut, a heading never stands alone at the foot, and what belongs together
 * stays together. Start at {@link app.carder.core.composition.Composition}.
 */
@NullMarked
package app.carder.core.composition;

import org.jspecify.annotations.NullMarked;
