/**
 * Words for families: keeps other children's names out. Start at {@link app.carder.core.wording.NameGuard}.
 */
@NullMarked
package app.carder.core.wording;

import org.jspecify.annotations.NullMarked;
