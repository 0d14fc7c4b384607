/** Learning journals: compiled, worded, approved, printed. Start at {@link app.carder.web.journal.JournalService}. */
@NullMarked
package app.carder.web.journal;

import org.jspecify.annotations.NullMarked;
