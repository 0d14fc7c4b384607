/**
 * Which observations make a balanced learning journal. Start at {@link app.carder.core.journal.EntrySelection}.
 */
@NullMarked
package app.carder.core.journal;

import org.jspecify.annotations.NullMarked;
