/**
 * The application, sliced by feature. A feature's public types are its service and the views and events that it hands
 * out; everything else is package-private.
 */
@NullMarked
package app.carder.web;

import org.jspecify.annotations.NullMarked;
