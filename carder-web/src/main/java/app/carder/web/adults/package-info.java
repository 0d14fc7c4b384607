/** What adults write down about themselves: first-aid certificates, what they should not handle. Start at {@link app.carder.web.adults.AdultService}. */
@NullMarked
package app.carder.web.adults;

import org.jspecify.annotations.NullMarked;
