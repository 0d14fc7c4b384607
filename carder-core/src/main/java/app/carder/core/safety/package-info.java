/**
 * What to look out for when these materials meet these children. Start at {@link app.carder.core.safety.SafetyCheck}.
 */
@NullMarked
package app.carder.core.safety;

import org.jspecify.annotations.NullMarked;
