/** What becomes of a message that is sent by mail: when it is tried again, when it is given up, and when nobody is to be disturbed. */
@NullMarked
package app.carder.core.sending;

import org.jspecify.annotations.NullMarked;
