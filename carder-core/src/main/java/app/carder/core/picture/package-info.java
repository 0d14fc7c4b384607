/**
 * How a card looks set out, drawn to scale from what is on it. Start at {@link app.carder.core.picture.SetUpPicture}.
 */
@NullMarked
package app.carder.core.picture;

import org.jspecify.annotations.NullMarked;
