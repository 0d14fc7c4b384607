package app.carder.web.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;

/** Something that happens whenever somebody has signed in, by whatever way, before their first page. */
public interface AtSignIn {

    /** The session has begun; nothing was answered yet. */
    void signedIn(Viewer viewer, HttpServletRequest request, HttpServletResponse response);
}
