package app.carder.web.accesslog;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.web.kit.WebTest;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

class AccessLogTest extends WebTest {

    @Autowired
    @Qualifier("requestMappingHandlerMapping")
    private RequestMappingHandlerMapping routes;

    @Test
    void saysInASentenceWhoOpenedWhoseRecordFromWhichDevice() {
        // Other tests put their clock ahead: what they opened would stay the newest.
        database.update("delete from access_entry");
        send(
                "hamish",
                MockMvcRequestBuilders.get("/children/" + child("Anouk"))
                        .header(
                                "User-Agent",
                                "Mozilla/5.0 (X11; Linux x86_64; rv:140.0) Gecko/20100101 Firefox/140.0"));
        get("hamish", "/cards/" + card("Rice by the kilo"));
        get("sunniva", "/children/" + child("Anouk"));

        assertThat(lines().subList(0, 3))
                .containsExactly(
                        "Sunniva Dahl, practitioner, was not let into Anouk’s record.",
                        "Hamish Vale, practitioner, opened the card “Rice by the kilo”.",
                        "Hamish Vale, practitioner, opened Anouk’s record, in Firefox, Linux.");
    }

    @Test
    void hasAWordForEveryAddressOfRecords() {
        Set<String> without = new java.util.TreeSet<>();
        routes.getHandlerMethods().forEach((info, method) -> {
            if (method.getBeanType().getPackageName().startsWith("app.carder")) {
                info.getPatternValues().stream()
                        .filter(route -> !route.equals("/") && Opened.of(route).isEmpty())
                        .forEach(without::add);
            }
        });

        assertThat(without).isEmpty();
    }

    private List<String> lines() {
        return get("imelda", "/access-log").page().select(".log-lines li span").eachText().stream()
                .filter(line -> !line.startsWith("Imelda"))
                .toList();
    }
}
