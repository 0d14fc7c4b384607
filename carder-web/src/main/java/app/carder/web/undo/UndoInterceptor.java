package app.carder.web.undo;

import app.carder.web.account.Viewer;
import app.carder.web.setting.Ids;
import app.carder.web.setting.SettingService;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Tells the next page what was just done, so that it can be taken back there and then. */
@Component
class UndoInterceptor implements HandlerInterceptor, WebMvcConfigurer {

    private static final String JUST_DONE = "justDone";

    private final UndoService undo;
    private final DeedInHand inHand;
    private final SettingService settings;

    UndoInterceptor(UndoService undo, DeedInHand inHand, SettingService settings) {
        this.undo = undo;
        this.inHand = inHand;
        this.settings = settings;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this);
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        CanBeUndone can =
                handler instanceof HandlerMethod method ? method.getMethodAnnotation(CanBeUndone.class) : null;
        Optional<Viewer> viewer = can == null ? Optional.empty() : viewer();
        if (can != null && viewer.isPresent()) {
            inHand.begin(new DeedInHand.Begun(
                    Ids.next(),
                    viewer.get(),
                    can.value(),
                    settings.now(viewer.get().settingId())));
        }
        return true;
    }

    @Override
    public void postHandle(
            HttpServletRequest request, HttpServletResponse response, Object handler, @Nullable ModelAndView page) {
        HttpSession session = request.getSession(false);
        Optional<DeedInHand.Begun> done = inHand.begun();
        inHand.end();
        boolean leadsOn =
                page == null || page.getViewName() == null || page.getViewName().startsWith("redirect:");
        if (done.isPresent() && leadsOn && session != null) {
            session.setAttribute(JUST_DONE, done.get().id().toString());
        } else if (done.isPresent() && page != null) {
            show(page, done.get().viewer(), done.get().id(), request.getHeader("X-Page"));
            page.addObject("justDoneInPart", true);
        } else if (page != null
                && !leadsOn
                && session != null
                && session.getAttribute(JUST_DONE) instanceof String id) {
            session.removeAttribute(JUST_DONE);
            viewer().ifPresent(viewer -> show(page, viewer, UUID.fromString(id), address(request)));
        }
    }

    @Override
    public void afterCompletion(
            HttpServletRequest request, HttpServletResponse response, Object handler, @Nullable Exception failed) {
        inHand.end();
    }

    /** Where it was done is where one wants to be after it was taken back. */
    private void show(ModelAndView page, Viewer viewer, UUID doneId, @Nullable String address) {
        undo.find(viewer, doneId)
                .ifPresent(done -> page.addObject(JUST_DONE, done).addObject("justDoneBack", address));
    }

    private static String address(HttpServletRequest request) {
        return request.getRequestURI() + (request.getQueryString() == null ? "" : "?" + request.getQueryString());
    }

    private static Optional<Viewer> viewer() {
        var authentication = SecurityContextHolder.getContext().getAuthentication();
        return authentication != null && authentication.getPrincipal() instanceof Viewer viewer
                ? Optional.of(viewer)
                : Optional.empty();
    }
}
