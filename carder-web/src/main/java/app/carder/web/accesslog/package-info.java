/** The log of who opened which record, in sentences, for the manager. */
@NullMarked
package app.carder.web.accesslog;

import org.jspecify.annotations.NullMarked;
