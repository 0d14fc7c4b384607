/** How things look: their outline from above, colour and grain. Start at {@link app.carder.core.look.Look}. */
@NullMarked
package app.carder.core.look;

import org.jspecify.annotations.NullMarked;
