/** Practice styles: what a room's way of working sets as a default, and which advice speaks. Start at {@link app.carder.core.practice.PracticeStyle}. */
@NullMarked
package app.carder.core.practice;

import org.jspecify.annotations.NullMarked;
