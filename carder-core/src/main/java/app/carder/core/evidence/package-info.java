/**
 * What a child's record covers and where the adults have not looked. Start at {@link app.carder.core.evidence.Coverage}.
 */
@NullMarked
package app.carder.core.evidence;

import org.jspecify.annotations.NullMarked;
