/** How long records are usually kept. */
@NullMarked
package app.carder.core.retention;

import org.jspecify.annotations.NullMarked;
