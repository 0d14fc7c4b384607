/** Books that an e-reader opens. Start at {@link app.carder.exchange.epub.Epub}. */
@NullMarked
package app.carder.exchange.epub;

import org.jspecify.annotations.NullMarked;
