/** Tables as CSV (RFC 4180). Start at {@link app.carder.exchange.table.CsvTable}. */
@NullMarked
package app.carder.exchange.table;

import org.jspecify.annotations.NullMarked;
