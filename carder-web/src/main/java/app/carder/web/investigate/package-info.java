/**
 * Long investigations: when to look, what was read and drawn, what was expected. Start at
 * {@link app.carder.web.investigate.InvestigationService}.
 */
@NullMarked
package app.carder.web.investigate;

import org.jspecify.annotations.NullMarked;
