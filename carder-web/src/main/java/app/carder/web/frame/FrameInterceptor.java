package app.carder.web.frame;

import app.carder.web.account.Viewer;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
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
    private final RoomService rooms;
    private final SettingService settings;

    FrameInterceptor(DayFrame days, RoomService rooms, SettingService settings) {
        this.days = days;
        this.rooms = rooms;
        this.settings = settings;
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
                    SettingId settingId = viewer.settingId();
                    Optional<DayFrame.Frame> day = RoomService.home(viewer, rooms.all(settingId))
                            .map(home -> days.of(settingId, home, settings.minute(settingId)));
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
