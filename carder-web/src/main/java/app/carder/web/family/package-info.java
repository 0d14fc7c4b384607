/** What a carer sees and writes back. Start at {@link app.carder.web.family.FamilyService}. */
@NullMarked
package app.carder.web.family;

import org.jspecify.annotations.NullMarked;
