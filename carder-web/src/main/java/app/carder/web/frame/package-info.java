/** What stands around every page of staff: name, room, tabs, the places of a tab, the menu, the day strip. */
@NullMarked
package app.carder.web.frame;

import org.jspecify.annotations.NullMarked;
