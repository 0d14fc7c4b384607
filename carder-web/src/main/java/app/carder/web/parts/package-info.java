/** Shows every part that pages repeat on one page, for whoever builds pages; off unless {@code carder.parts} is set. */
@NullMarked
package app.carder.web.parts;

import org.jspecify.annotations.NullMarked;
