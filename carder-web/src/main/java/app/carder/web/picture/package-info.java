/** Pictures of cards and things, as SVG. Start at {@link app.carder.web.picture.PictureSvg}. */
@NullMarked
package app.carder.web.picture;

import org.jspecify.annotations.NullMarked;
