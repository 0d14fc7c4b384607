/** The outbox: the stand-in for mail. Start at {@link app.carder.web.outbox.OutboxService}. */
@NullMarked
package app.carder.web.outbox;

import org.jspecify.annotations.NullMarked;
