/**
 * Who is in which room when, whether that is enough, who leads what, and which children are drawn aside. Start at
 * {@link app.carder.web.rota.RotaService}.
 */
@NullMarked
package app.carder.web.rota;

import org.jspecify.annotations.NullMarked;
