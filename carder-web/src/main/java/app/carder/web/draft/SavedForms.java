package app.carder.web.draft;

import app.carder.web.account.Viewer;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpMethod;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.HandlerInterceptor;

/** Ends a draft once its form was taken: every form answers what it took with a redirect, and what it did not take with a fault. */
@Component
class SavedForms implements HandlerInterceptor {

    private final DraftService drafts;

    SavedForms(DraftService drafts) {
        this.drafts = drafts;
    }

    @Override
    public void afterCompletion(
            HttpServletRequest request, HttpServletResponse response, Object handler, @Nullable Exception failure) {
        Authentication signedIn = SecurityContextHolder.getContext().getAuthentication();
        if (HttpMethod.POST.matches(request.getMethod())
                && response.getStatus() == HttpServletResponse.SC_FOUND
                && signedIn != null
                && signedIn.getPrincipal() instanceof Viewer viewer) {
            drafts.saved(viewer, request.getRequestURI());
        }
    }
}
