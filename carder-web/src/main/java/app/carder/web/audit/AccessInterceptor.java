package app.carder.web.audit;

import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.core.annotation.AnnotatedElementUtils;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.HandlerMapping;

/** Holds every route to its {@link AllowedTo}, and writes down who opened what. */
@Component
class AccessInterceptor implements HandlerInterceptor {

    private final AccessLog accessLog;

    AccessInterceptor(AccessLog accessLog) {
        this.accessLog = accessLog;
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        if (handler instanceof HandlerMethod method && !isOpen(method)) {
            // After a refusal here nobody calls back, so it is written down at once.
            viewer().ifPresent(viewer -> log(viewer, request, HttpServletResponse.SC_FORBIDDEN));
            throw new AccessDeniedException("Not open to this role.");
        }
        return true;
    }

    @Override
    public void afterCompletion(
            HttpServletRequest request, HttpServletResponse response, Object handler, @Nullable Exception failure) {
        if (handler instanceof HandlerMethod method && !isFurniture(method)) {
            viewer().ifPresent(viewer -> log(viewer, request, response.getStatus()));
        }
    }

    private void log(Viewer viewer, HttpServletRequest request, int status) {
        accessLog.add(
                viewer,
                request.getMethod(),
                String.valueOf(request.getAttribute(HandlerMapping.BEST_MATCHING_PATTERN_ATTRIBUTE)),
                subject(request),
                status);
    }

    private static boolean isOpen(HandlerMethod method) {
        AllowedTo allowed = allowedTo(method);
        if (allowed == null) {
            return isFurniture(method);
        }
        return allowed.value() == Audience.EVERYONE
                || viewer().filter(viewer -> allowed.value().includes(viewer.role()))
                        .isPresent();
    }

    private static @Nullable AllowedTo allowedTo(HandlerMethod method) {
        AllowedTo onMethod = AnnotatedElementUtils.findMergedAnnotation(method.getMethod(), AllowedTo.class);
        return onMethod != null
                ? onMethod
                : AnnotatedElementUtils.findMergedAnnotation(method.getBeanType(), AllowedTo.class);
    }

    /** The framework's own handlers, such as the error page, hold no records. */
    private static boolean isFurniture(HandlerMethod method) {
        return !method.getBeanType().getPackageName().startsWith("app.carder");
    }

    private static Optional<Viewer> viewer() {
        Authentication authentication = SecurityContextHolder.getContext().getAuthentication();
        return authentication != null && authentication.getPrincipal() instanceof Viewer viewer
                ? Optional.of(viewer)
                : Optional.empty();
    }

    /** The id that the route names last: the child, the card, the journal. */
    private static @Nullable UUID subject(HttpServletRequest request) {
        UUID last = null;
        if (request.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE) instanceof Map<?, ?> variables) {
            for (Object value : variables.values()) {
                try {
                    last = UUID.fromString(String.valueOf(value));
                } catch (IllegalArgumentException notAnId) {
                    continue;
                }
            }
        }
        return last;
    }
}
