/** The setting's cupboard of materials. Start at {@link app.carder.web.material.MaterialService}. */
@NullMarked
package app.carder.web.material;

import org.jspecify.annotations.NullMarked;
