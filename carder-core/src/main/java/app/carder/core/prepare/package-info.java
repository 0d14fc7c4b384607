/** Preparation, counted backwards from the moment it must be ready. Start at {@link app.carder.core.prepare.Preparation}. */
@NullMarked
package app.carder.core.prepare;

import org.jspecify.annotations.NullMarked;
