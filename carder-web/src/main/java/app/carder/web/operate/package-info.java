/** What whoever runs this server has to know: whether it can be relied on, and when it was last backed up. Nothing here is about children. */
@NullMarked
package app.carder.web.operate;

import org.jspecify.annotations.NullMarked;
