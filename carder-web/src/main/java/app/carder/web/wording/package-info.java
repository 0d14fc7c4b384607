/** Rules for words that describe, for whoever writes at a desk. */
@NullMarked
package app.carder.web.wording;

import org.jspecify.annotations.NullMarked;
