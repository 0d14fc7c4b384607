package app.carder.web.firstrun;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import app.carder.web.kit.StandIns;
import app.carder.web.kit.TestDatabase;
import java.util.Map;
import org.jsoup.Jsoup;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
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
@AutoConfigureMockMvc
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
        var rooms = perform(MockMvcRequestBuilders.get("/rooms").cookie(signedIn.getCookies()))
                .getContentAsString();
        assertThat(Jsoup.parse(rooms).select("main").text()).contains("Loft", "Tray table, Garden");
    }

    private static MockHttpServletRequestBuilder form(String code, String password) {
        return MockMvcRequestBuilders.post("/first-run")
                .param("code", code)
                .param("settingName", "Quillmere Nursery")
                .param("timeZone", "Europe/London")
                .param("currency", "GBP")
                .param("roomName", "Loft")
                .param("zones", "Tray table, Garden")
                .param("framework", "sme")
                .param("managerName", "Imelda Farrow")
                .param("username", "Imelda")
                .param("password", password)
                .with(csrf());
    }

    private MockHttpServletResponse perform(MockHttpServletRequestBuilder request) {
        return mvc.perform(request).getMvcResult().getResponse();
    }
}
