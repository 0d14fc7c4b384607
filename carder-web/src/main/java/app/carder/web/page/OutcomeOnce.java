package app.carder.web.page;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.util.UriComponentsBuilder;

/**
 * "Saved" is said once, after something was saved. A form that did its work leads to a page whose address says so; opened by a bookmark,
 * a link or a reload, that address would say it again, so it leads on to the page without.
 */
final class OutcomeOnce implements HandlerInterceptor {

    private static final String PROMISED = OutcomeOnce.class.getName();
    private static final String REDIRECT = "redirect:";
    private static final Set<String> SAID = Set.of(
            "saved",
            "kept",
            "added",
            "imported",
            "sent",
            "changed",
            "ended",
            "removed",
            "revoked",
            "closed",
            "opened",
            "approved",
            "answered");

    @Override
    public void postHandle(
            HttpServletRequest request, HttpServletResponse response, Object handler, @Nullable ModelAndView page) {
        String view = page == null ? null : page.getViewName();
        HttpSession session = request.getSession(false);
        if (view != null && session != null && view.startsWith(REDIRECT) && says(address(view))) {
            session.setAttribute(PROMISED, plain(address(view)));
        }
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler)
            throws IOException {
        String asked =
                request.getRequestURI() + (request.getQueryString() == null ? "" : "?" + request.getQueryString());
        if (!request.getMethod().equals("GET") || request.getRequestURI().equals("/sign-in") || !says(asked)) {
            return true;
        }
        HttpSession session = request.getSession(false);
        if (session != null && plain(asked).equals(session.getAttribute(PROMISED))) {
            session.removeAttribute(PROMISED);
            return true;
        }
        UriComponentsBuilder without = UriComponentsBuilder.fromUriString(asked);
        SAID.forEach(without::replaceQueryParam);
        response.sendRedirect(without.build().toUriString());
        return false;
    }

    private static String address(String view) {
        return view.substring(REDIRECT.length());
    }

    /** Without a place on the page; browsers and proxies may write a name without a value either way. */
    private static String plain(String address) {
        return address.replaceAll("#.*", "").replaceAll("=(?=&|$)", "");
    }

    private static boolean says(String address) {
        return SAID.stream()
                .anyMatch(UriComponentsBuilder.fromUriString(address).build().getQueryParams()::containsKey);
    }
}
