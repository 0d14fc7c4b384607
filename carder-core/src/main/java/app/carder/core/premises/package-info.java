/** What kind of place a setting is, where it lies and when it is open. Start at {@link app.carder.core.premises.Premises}. */
@NullMarked
package app.carder.core.premises;

import org.jspecify.annotations.NullMarked;
