package app.carder.web.children;

import app.carder.web.setting.SettingService;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Moves children up into their new rooms once their day has come, in each setting by its own time. */
@Component
class MovingUp {

    private final ChildService children;
    private final SettingService settings;

    MovingUp(ChildService children, SettingService settings) {
        this.children = children;
        this.settings = settings;
    }

    @Scheduled(fixedDelayString = "PT10M", initialDelayString = "PT1M")
    void moveUp() {
        settings.all().forEach(children::moveUp);
    }
}
