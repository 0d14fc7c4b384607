package app.carder.web.frame;

import app.carder.web.account.Viewer;
import app.carder.web.room.RoomView;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.thymeleaf.context.LazyContextVariable;

/** Gives every page of staff its frame. A part of a page, which shows none, asks for none. */
@Component
class FrameInterceptor implements HandlerInterceptor, WebMvcConfigurer {

    private static final String FRAME = "frame";

    private final DayFrame days;

    FrameInterceptor(DayFrame days) {
        this.days = days;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this);
    }

    @Override
    public void postHandle(
            HttpServletRequest request, HttpServletResponse response, Object handler, @Nullable ModelAndView page) {
        var authentication = SecurityContextHolder.getContext().getAuthentication();
        if (page != null
                && authentication != null
                && authentication.getPrincipal() instanceof Viewer viewer
                && viewer.role().isStaff()) {
            Optional<RoomView> room =
                    page.getModel().get("room") instanceof RoomView own ? Optional.of(own) : Optional.empty();
            page.addObject(FRAME, new LazyContextVariable<FrameView>() {
                @Override
                protected FrameView loadValue() {
                    Optional<DayFrame.Frame> day = days.of(viewer);
                    return new FrameView(
                            viewer,
                            room.or(() -> day.map(DayFrame.Frame::room)),
                            day,
                            request.getRequestURI(),
                            Folded.of(request));
                }
            });
        }
    }
}
