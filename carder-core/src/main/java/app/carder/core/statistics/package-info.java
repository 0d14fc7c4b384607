/**
 * Statistics that say little with little data and are not thrown off by one odd day. Start at
 * {@link app.carder.core.statistics.TheilSen}.
 */
@NullMarked
package app.carder.core.statistics;

import org.jspecify.annotations.NullMarked;
