/** Who may sign in, and as what. Start at {@link app.carder.web.account.Viewer}. */
@NullMarked
package app.carder.web.account;

import org.jspecify.annotations.NullMarked;
