/** What is mixed, dyed, frozen or squeezed: amounts for so many children. Start at {@link app.carder.core.batch.Batch}. */
@NullMarked
package app.carder.core.batch;

import org.jspecify.annotations.NullMarked;
