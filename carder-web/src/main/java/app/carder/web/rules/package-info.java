/** Safety rules that a room adds to those that ship. Start at {@link app.carder.web.rules.RuleService}. */
@NullMarked
package app.carder.web.rules;

import org.jspecify.annotations.NullMarked;
