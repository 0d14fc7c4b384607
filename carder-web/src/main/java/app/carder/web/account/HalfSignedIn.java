package app.carder.web.account;

import java.io.Serializable;
import java.security.Principal;

/**
 * Somebody whose password was right and whose second step is still to come. It is no {@link Viewer}, so that every page is as closed to them
 * as to a stranger.
 *
 * @param viewer whom they will be
 */
record HalfSignedIn(Viewer viewer) implements Principal, Serializable {

    @Override
    public String getName() {
        return viewer.getName();
    }
}
