/** The setting's staff: who has an account, and in which role. */
@NullMarked
package app.carder.web.staff;

import org.jspecify.annotations.NullMarked;
