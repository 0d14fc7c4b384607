/** What is to be prepared, set out and bought for the week board, with ticks. Start at {@link app.carder.web.lists.ListService}. */
@NullMarked
package app.carder.web.lists;

import org.jspecify.annotations.NullMarked;
