package app.carder.web.page;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpServletResponseWrapper;
import java.io.IOException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Redirects name the page only. The server would put the host in front that the request called, for requests of HTTP/1.0 even where it is told
 * not to, and web servers in front of it speak that.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class OwnRedirects extends OncePerRequestFilter {

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        chain.doFilter(request, new HttpServletResponseWrapper(response) {
            @Override
            public void sendRedirect(String location) throws IOException {
                if (location.startsWith("/") && !location.startsWith("//")) {
                    resetBuffer();
                    setStatus(SC_FOUND);
                    setHeader(HttpHeaders.LOCATION, location);
                } else {
                    super.sendRedirect(location);
                }
            }
        });
    }
}
