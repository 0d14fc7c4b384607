/**
 * What the core has to say, as codes with arguments, and the one catalogue with the words. Start at {@link app.carder.core.said.Said}.
 */
@NullMarked
package app.carder.core.said;

import org.jspecify.annotations.NullMarked;
