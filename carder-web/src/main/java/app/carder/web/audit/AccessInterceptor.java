package app.carder.web.audit;

import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.BrowserWords;
import app.carder.web.account.OtherRoom;
import app.carder.web.account.RecordRooms;
import app.carder.web.account.Role;
import app.carder.web.account.RoomBorder;
import app.carder.web.account.Viewer;
import app.carder.web.page.Required;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.core.annotation.AnnotatedElementUtils;
import org.springframework.http.HttpHeaders;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.HandlerMapping;

/** Holds every route to its {@link AllowedTo} and to the borders between rooms, and writes down who opened what. */
@Component
class AccessInterceptor implements HandlerInterceptor {

    private static final String ROOM = "roomId";
    private static final String ROOM_PARAMETER = "room";

    private final AccessLog accessLog;
    private final RoomBorder border;
    private final Map<String, RecordRooms> rooms;

    AccessInterceptor(AccessLog accessLog, RoomBorder border, List<RecordRooms> rooms) {
        this.accessLog = accessLog;
        this.border = border;
        this.rooms = rooms.stream().collect(Collectors.toUnmodifiableMap(RecordRooms::variable, Function.identity()));
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        if (handler instanceof HandlerMethod method && !isOpen(method)) {
            // After a refusal here nobody calls back, so it is written down at once.
            viewer().ifPresent(viewer -> log(viewer, request, HttpServletResponse.SC_FORBIDDEN));
            throw new AccessDeniedException("Not open to this role.");
        }
        if (handler instanceof HandlerMethod method) {
            viewer().filter(viewer -> viewer.role().isStaff() && !isForAnyRoom(method))
                    .flatMap(viewer -> otherRoom(viewer, request).map(room -> Map.entry(viewer, room)))
                    .ifPresent(refused -> {
                        log(refused.getKey(), request, HttpServletResponse.SC_FORBIDDEN);
                        throw new OtherRoom(refused.getKey(), refused.getValue());
                    });
            viewer().filter(viewer -> viewer.role() == Role.PRACTITIONER && isSetAside(viewer, request))
                    .ifPresent(viewer -> {
                        log(viewer, request, HttpServletResponse.SC_FORBIDDEN);
                        throw new AccessDeniedException("Set aside.");
                    });
        }
        return true;
    }

    /** The room of a record that the request names and this person does not work in; absent where there is none. */
    private Optional<UUID> otherRoom(Viewer viewer, HttpServletRequest request) {
        return named(request)
                .map(named -> Required.from(rooms, named.getKey()).of(viewer.settingId(), named.getValue()))
                .filter(found -> !found.isEmpty() && !border.mayEnter(viewer, found))
                .flatMap(Set::stream)
                .findFirst();
    }

    /** Whether the request names a record that practitioners have nothing to do with any more, such as that of a child that has left. */
    private boolean isSetAside(Viewer viewer, HttpServletRequest request) {
        return named(request)
                .anyMatch(
                        named -> Required.from(rooms, named.getKey()).isSetAside(viewer.settingId(), named.getValue()));
    }

    /** What the route names of records that lie in rooms, and the room that a link asks for. */
    private Stream<Map.Entry<String, UUID>> named(HttpServletRequest request) {
        Map<?, ?> variables =
                request.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE) instanceof Map<?, ?> found
                        ? found
                        : Map.of();
        return Stream.concat(
                        variables.entrySet().stream()
                                .map(variable -> Map.entry(
                                        String.valueOf(variable.getKey()), String.valueOf(variable.getValue()))),
                        Stream.ofNullable(request.getParameter(ROOM_PARAMETER)).map(value -> Map.entry(ROOM, value)))
                .filter(one -> rooms.containsKey(one.getKey()))
                .flatMap(one -> id(one.getValue()).map(id -> Map.entry(one.getKey(), id)).stream());
    }

    private static boolean isForAnyRoom(HandlerMethod method) {
        AllowedTo allowed = allowedTo(method);
        return allowed != null && allowed.anyRoom();
    }

    @Override
    public void afterCompletion(
            HttpServletRequest request, HttpServletResponse response, Object handler, @Nullable Exception failure) {
        if (handler instanceof HandlerMethod method && !isFurniture(method) && isLogged(method)) {
            viewer().ifPresent(viewer -> log(viewer, request, response.getStatus()));
        }
    }

    private static boolean isLogged(HandlerMethod method) {
        AllowedTo allowed = allowedTo(method);
        return allowed == null || allowed.logged();
    }

    private void log(Viewer viewer, HttpServletRequest request, int status) {
        accessLog.add(
                viewer,
                request.getMethod(),
                String.valueOf(request.getAttribute(HandlerMapping.BEST_MATCHING_PATTERN_ATTRIBUTE)),
                request.getAttribute(AccessLog.GONE) == null ? subject(request) : null,
                status,
                BrowserWords.of(request.getHeader(HttpHeaders.USER_AGENT)));
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
                last = id(String.valueOf(value)).orElse(last);
            }
        }
        return last;
    }

    private static Optional<UUID> id(String text) {
        try {
            return Optional.of(UUID.fromString(text));
        } catch (IllegalArgumentException notAnId) {
            return Optional.empty();
        }
    }
}
