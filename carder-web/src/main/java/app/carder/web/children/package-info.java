/** The children of a room and their carers. Start at {@link app.carder.web.children.ChildService}. */
@NullMarked
package app.carder.web.children;

import org.jspecify.annotations.NullMarked;
