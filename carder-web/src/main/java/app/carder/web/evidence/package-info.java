/** A child's page: the deck of observations and what it covers. Start at {@link app.carder.web.evidence.ChildRecordService}. */
@NullMarked
package app.carder.web.evidence;

import org.jspecify.annotations.NullMarked;
