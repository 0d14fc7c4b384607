/**
 * What watching comes to: a child compared with the same child earlier, a card by how it was taken up; and all of it as
 * files. Start at {@link app.carder.web.results.ResultsService}.
 */
@NullMarked
package app.carder.web.results;

import org.jspecify.annotations.NullMarked;
