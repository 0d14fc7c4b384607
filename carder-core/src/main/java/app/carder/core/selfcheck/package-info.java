/**
 * Control of error: set-ups in which a child sees a mistake alone, and what is left over or short. Start at
 * {@link app.carder.core.selfcheck.SelfCheck}.
 */
@NullMarked
package app.carder.core.selfcheck;

import org.jspecify.annotations.NullMarked;
