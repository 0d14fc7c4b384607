/** What runs in the background: kept in the database, on whichever node has a place, taken up again where a node went away. */
@NullMarked
package app.carder.web.jobs;

import org.jspecify.annotations.NullMarked;
