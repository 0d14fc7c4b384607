/**
 * Watching in the hand: the app that runs without a connection, what it carries, how it sends, and how a device is
 * wiped. Start at {@link app.carder.web.device.SyncService}.
 */
@NullMarked
package app.carder.web.device;

import org.jspecify.annotations.NullMarked;
