/**
 * The log of what is tapped while watching: entries as a sealed family, one codec between them and their flat form, and
 * records with what counts of them. Start at {@link app.carder.core.watchlog.Entry}.
 */
@NullMarked
package app.carder.core.watchlog;

import org.jspecify.annotations.NullMarked;
