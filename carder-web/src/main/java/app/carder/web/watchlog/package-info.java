/**
 * The log of what was tapped while watching: it only grows. Start at {@link app.carder.web.watchlog.WatchLogService}.
 */
@NullMarked
package app.carder.web.watchlog;

import org.jspecify.annotations.NullMarked;
