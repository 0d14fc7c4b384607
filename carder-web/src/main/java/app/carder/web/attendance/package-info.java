/** Who came, who was fetched, who does not come. Start at {@link app.carder.web.attendance.AttendanceService}. */
@NullMarked
package app.carder.web.attendance;

import org.jspecify.annotations.NullMarked;
