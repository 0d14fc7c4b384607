/**
 * The core on the device: translated into a script module, so that what is worked out without a connection is worked out by
 * the same code as on the server. Start at {@link app.carder.device.DeviceCore}; {@code Script} carries values across.
 */
@NullMarked
package app.carder.device;

import org.jspecify.annotations.NullMarked;
