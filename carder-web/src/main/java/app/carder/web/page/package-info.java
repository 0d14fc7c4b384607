/** Shared page furniture: forms, paging, errors. Start at {@link app.carder.web.page.Typed}. */
@NullMarked
package app.carder.web.page;

import org.jspecify.annotations.NullMarked;
