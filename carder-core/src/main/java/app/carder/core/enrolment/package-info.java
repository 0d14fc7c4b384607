/** Children who come in from a table. Start at {@link app.carder.core.enrolment.Enrolment}. */
@NullMarked
package app.carder.core.enrolment;

import org.jspecify.annotations.NullMarked;
