/** The first run without demo data. Start at {@link app.carder.web.firstrun.FirstRunController}. */
@NullMarked
package app.carder.web.firstrun;

import org.jspecify.annotations.NullMarked;
