package app.carder.web.firstrun;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import app.carder.web.kit.StandIns;
import app.carder.web.kit.TestDatabase;
import java.util.Map;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.boot.webmvc.test.autoconfigure.MockMvcPrint;
import org.springframework.context.annotation.Import;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.annotation.DirtiesContext;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** The start without demo data, on a database of its own. */
@SpringBootTest(properties = "carder.demo=false")
@AutoConfigureMockMvc(print = MockMvcPrint.NONE)
@Import(StandIns.class)
@DirtiesContext
class FirstRunTest {

    private static final Map<String, String> DATABASE = TestDatabase.fresh("carder_first_run");

    @Autowired
    private MockMvcTester mvc;

    @Autowired
    private FirstRunCode code;

    @DynamicPropertySource
    static void settings(DynamicPropertyRegistry registry) {
        DATABASE.forEach((name, value) -> registry.add(name, () -> value));
    }

    @Test
    void makesTheSettingItsRoomAndItsManagerOnceWithTheCodeOfTheConsole() throws Exception {
        assertThat(perform(MockMvcRequestBuilders.get("/sign-in")).getRedirectedUrl())
                .isEqualTo("/first-run");

        assertThat(perform(MockMvcRequestBuilders.get("/first-run/fits")
                                .param("country", "WALES")
                                .param("kind", "CHILDMINDER")
                                .header("HX-Request-Type", "partial"))
                        .getContentAsString())
                .contains("Europe/London", "GBP", "Wales, childminder")
                .doesNotContain("<html");

        var wrong = perform(form("0000-0000x", "short"));
        assertThat(wrong.getStatus()).isEqualTo(422);
        var page = Jsoup.parse(wrong.getContentAsString());
        assertThat(page.select("#fault-password").text()).contains("12 characters");
        assertThat(page.select("#settingName").val()).isEqualTo("Quillmere Nursery");
        assertThat(perform(form("0000-0000x", "a long password")).getContentAsString())
                .contains("That is not the code on the console");

        assertThat(perform(form(code.code(), "a long password")).getRedirectedUrl())
                .isEqualTo("/sign-in?made");

        assertThat(perform(MockMvcRequestBuilders.get("/first-run")).getStatus())
                .isEqualTo(404);
        assertThat(perform(form(code.code(), "a long password")).getStatus()).isEqualTo(404);
        var signedIn = perform(MockMvcRequestBuilders.post("/sign-in")
                .param("username", "imelda")
                .param("password", "a long password")
                .with(csrf()));
        var rooms = page("/rooms", signedIn);
        assertThat(rooms.select("main").text()).contains("Loft", "Tray table, Garden");
        String room = rooms.select("form[action$=framework]").attr("action").replace("/framework", "");

        var settings = page("/settings", signedIn);
        assertThat(settings.select("#timeZone").val()).isEqualTo("Europe/Dublin");
        assertThat(settings.select("#currency").val()).isEqualTo("EUR");
        assertThat(settings.select("[name=openOn][checked]").eachAttr("value"))
                .containsExactly("TUESDAY", "WEDNESDAY", "SATURDAY");
        var sessions = page(room + "/sessions", signedIn);
        assertThat(sessions.select("#ratio option[selected]").val()).isEqualTo("IRELAND_SESSIONAL");
        assertThat(sessions.select("[name^=from-]").eachAttr("value")).startsWith("09:00", "09:15", "11:30");
        assertThat(sessions.select("[name=days-0][checked]").eachAttr("value"))
                .containsExactly("TUESDAY", "WEDNESDAY", "SATURDAY");
        assertThat(page(room + "/week", signedIn).select("main").text())
                .contains("Sat")
                .doesNotContain("Mon ");
    }

    private Document page(String path, MockHttpServletResponse signedIn) throws Exception {
        return Jsoup.parse(perform(MockMvcRequestBuilders.get(path).cookie(signedIn.getCookies()))
                .getContentAsString());
    }

    private static MockHttpServletRequestBuilder form(String code, String password) {
        return MockMvcRequestBuilders.post("/first-run")
                .param("code", code)
                .param("settingName", "Quillmere Nursery")
                .param("kind", "PRE_SCHOOL")
                .param("country", "IRELAND")
                .param("openOn", "TUESDAY", "WEDNESDAY", "SATURDAY")
                .param("opens", "09:00")
                .param("closes", "12:00")
                .param("style", "FREE_FLOW")
                .param("roomName", "Loft")
                .param("zones", "Tray table, Garden")
                .param("managerName", "Imelda Farrow")
                .param("username", "Imelda")
                .param("password", password)
                .with(csrf());
    }

    private MockHttpServletResponse perform(MockHttpServletRequestBuilder request) {
        return mvc.perform(request).getMvcResult().getResponse();
    }
}
