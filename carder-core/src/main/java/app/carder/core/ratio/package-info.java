/**
 * How many adults and how much floor so many children of so many ages need, by jurisdiction. Start at
 * {@link app.carder.core.ratio.RatioRule}. The tables are prompts: the law in force and the setting's registration decide.
 */
@NullMarked
package app.carder.core.ratio;

import org.jspecify.annotations.NullMarked;
