/**
 * Kits: things kept together in one bucket or basket at a child's reach, fetched and put back by the child. Start at
 * {@link app.carder.web.kits.KitService}.
 */
@NullMarked
package app.carder.web.kits;

import org.jspecify.annotations.NullMarked;
