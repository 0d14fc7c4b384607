/** What a family can try at home, and what has to be thought of for one child. Start at {@link app.carder.core.home.HomeCard}. */
@NullMarked
package app.carder.core.home;

import org.jspecify.annotations.NullMarked;
