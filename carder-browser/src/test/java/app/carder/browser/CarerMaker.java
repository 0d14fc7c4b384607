package app.carder.browser;

import app.carder.web.children.ChildService;
import app.carder.web.children.ChildView;
import app.carder.web.setting.SettingId;
import java.util.UUID;
import org.springframework.context.ApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;

/** Writes down a carer of a demo child who has none. */
final class CarerMaker {

    private CarerMaker() {}

    static void add(ApplicationContext application, String childName) {
        JdbcTemplate database = application.getBean(JdbcTemplate.class);
        SettingId setting = new SettingId(
                database.queryForObject("select id from setting where name like 'Quillmere%'", UUID.class));
        ChildService children = application.getBean(ChildService.class);
        ChildView child = children.all(setting).stream()
                .filter(found -> found.name().equals(childName))
                .findFirst()
                .orElseThrow();
        children.addCarer(setting, child.id(), childName + "'s mother", childName + "@family.example", null);
    }
}
