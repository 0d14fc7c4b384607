/** The first page: what is out, who is here, who has not been written about lately. */
@NullMarked
package app.carder.web.today;

import org.jspecify.annotations.NullMarked;
