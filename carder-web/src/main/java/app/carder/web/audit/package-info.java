/**
 * Who may open a route, who opened it, and what a record said before. Start at {@link
 * app.carder.web.audit.AccessInterceptor} and {@link app.carder.web.audit.HistoryLog}.
 */
@NullMarked
package app.carder.web.audit;

import org.jspecify.annotations.NullMarked;
