/**
 * Developmental frameworks read from data files. Start at {@link app.carder.core.framework.FrameworkLibrary}.
 */
@NullMarked
package app.carder.core.framework;

import org.jspecify.annotations.NullMarked;
