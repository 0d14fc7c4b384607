/**
 * Who leads what, and which children are drawn aside when. Start at {@link app.carder.core.rota.RotaSolver} and
 * {@link app.carder.core.rota.FocusGroups}.
 */
@NullMarked
package app.carder.core.rota;

import org.jspecify.annotations.NullMarked;
