/** Tables of rules and figures that ship beside the code that uses them. Start at {@link app.carder.core.table.ShippedTable}. */
@NullMarked
package app.carder.core.table;

import org.jspecify.annotations.NullMarked;
