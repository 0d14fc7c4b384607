/**
 * PDF that can be read by everyone: tagged, with its fonts inside. Start at {@link app.carder.exchange.pdf.AccessiblePdf}.
 */
@NullMarked
package app.carder.exchange.pdf;

import org.jspecify.annotations.NullMarked;
