/**
 * Room plans as SVG that any program can show, and that carries every measure in {@code data-} attributes, so that reading what was
 * written gives the same plan (docs/plan-file.md). Start at {@link app.carder.exchange.plan.PlanSvg}.
 */
@NullMarked
package app.carder.exchange.plan;

import org.jspecify.annotations.NullMarked;
