/**
 * Control of error: set-ups in which a child sees a mistake alone, and what is left over or short. Start at
 * {@link app.carder.core.controloferror.ControlOfError}.
 */
@NullMarked
package app.carder.core.controloferror;

import org.jspecify.annotations.NullMarked;
