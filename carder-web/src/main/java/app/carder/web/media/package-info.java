/** Photos: checked, turned, stripped, resized, stored. Start at {@link app.carder.web.media.PhotoService}. */
@NullMarked
package app.carder.web.media;

import org.jspecify.annotations.NullMarked;
