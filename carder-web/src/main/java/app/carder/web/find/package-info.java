/** Finds children, cards, things, pages and observations by a part of their name or words. */
@NullMarked
package app.carder.web.find;

import org.jspecify.annotations.NullMarked;
