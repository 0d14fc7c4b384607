/**
 * A child's records as a whole, for those whose records they are: handed over as an archive ({@link app.carder.web.rights.ChildArchive}), or
 * erased with proof ({@link app.carder.web.rights.ErasureService}). Where anything about a child is kept stands in one place, {@code
 * ChildTables}.
 */
@NullMarked
package app.carder.web.rights;

import org.jspecify.annotations.NullMarked;
