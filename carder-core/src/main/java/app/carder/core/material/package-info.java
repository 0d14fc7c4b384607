/**
 * What is put out: fills, pieces and liquids, and the starter cupboard. Start at {@link app.carder.core.material.Material}.
 */
@NullMarked
package app.carder.core.material;

import org.jspecify.annotations.NullMarked;
