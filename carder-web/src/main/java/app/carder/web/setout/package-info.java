/** What is out today, in which zone, and the day strip. Start at {@link app.carder.web.setout.SetOutService}. */
@NullMarked
package app.carder.web.setout;

import org.jspecify.annotations.NullMarked;
