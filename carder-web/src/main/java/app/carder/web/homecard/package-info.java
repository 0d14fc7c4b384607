/** Cards that go home, and what comes back on them. */
@NullMarked
package app.carder.web.homecard;

import org.jspecify.annotations.NullMarked;
