/**
 * The setting's cupboard: what there is, how it is bought, how much is left, and what can stand in for what. Start at
 * {@link app.carder.core.cupboard.Stocked}.
 */
@NullMarked
package app.carder.core.cupboard;

import org.jspecify.annotations.NullMarked;
