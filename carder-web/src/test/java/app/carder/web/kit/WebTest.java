package app.carder.web.kit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import app.carder.web.CarderApplication;
import app.carder.web.setting.Ids;
import jakarta.servlet.http.Cookie;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.AfterEach;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.boot.webmvc.test.autoconfigure.MockMvcPrint;
import org.springframework.context.annotation.Import;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.request.AbstractMockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** A test of the whole application with the demo data, on PostgreSQL. One application serves all of them. */
@SpringBootTest
@AutoConfigureMockMvc(print = MockMvcPrint.NONE)
@Import({StandIns.class, Statements.class})
public abstract class WebTest {

    private static final Map<String, String> DATABASE = TestDatabase.fresh("carder_web");
    private static final Map<String, Cookie> SESSIONS = new ConcurrentHashMap<>();
    private static final Path MEDIA = mediaFolder();

    @Autowired
    protected MockMvcTester mvc;

    @Autowired
    protected JdbcTemplate database;

    @Autowired
    protected SettableClock clock;

    @DynamicPropertySource
    static void settings(DynamicPropertyRegistry registry) {
        DATABASE.forEach((name, value) -> registry.add(name, () -> value));
        registry.add("carder.demo", () -> "true");
        registry.add("carder.media.folder", MEDIA::toString);
        registry.add("carder.pseudo-language", () -> "true");
        // Tests send mail themselves, to servers of their own.
        registry.add("carder.mail.shipped", () -> "false");
        registry.add("carder.parts", () -> "true");
        registry.add("spring.jpa.properties.hibernate.generate_statistics", () -> "true");
        registry.add("logging.level.org.hibernate.engine.internal.StatisticalLoggingSessionEventListener", () -> "off");
        registry.add("logging.level.org.hibernate.session.metrics", () -> "off");
    }

    @AfterEach
    void putClockBack() {
        clock.reset();
    }

    /** Everybody signs in again: for tests after which sessions may have ended. */
    protected static void forgetSessions() {
        SESSIONS.clear();
    }

    protected static Path media() {
        return MEDIA;
    }

    /** Opens a page as somebody. */
    protected Answer get(String username, String path) {
        return send(username, MockMvcRequestBuilders.get(path));
    }

    /** Sends a form as somebody; names and values in turn. */
    protected Answer post(String username, String path, String... fields) {
        return send(username, form(path, fields));
    }

    /** The same without a session. */
    protected Answer postAsNobody(String path, String... fields) {
        return send(form(path, fields));
    }

    private static AbstractMockHttpServletRequestBuilder<?> form(String path, String... fields) {
        var request = MockMvcRequestBuilders.post(path).with(csrf());
        for (int i = 0; i < fields.length; i += 2) {
            request.param(fields[i], fields[i + 1]);
        }
        return request;
    }

    /** Sends any request as somebody. */
    protected Answer send(String username, AbstractMockHttpServletRequestBuilder<?> request) {
        return new Answer(
                mvc.perform(request.cookie(session(username))).getMvcResult().getResponse());
    }

    /** Sends a request as nobody. */
    protected Answer send(AbstractMockHttpServletRequestBuilder<?> request) {
        return new Answer(mvc.perform(request).getMvcResult().getResponse());
    }

    /** The id of the only row, or of the first one in the order that is asked for; never of just any row, for tests share their data. */
    protected UUID id(String sql, Object... arguments) {
        List<UUID> rows = database.queryForList(sql, UUID.class, arguments);
        assertThat(rows.size())
                .as("rows for %s with %s", sql, List.of(arguments))
                .matches(sql.contains(" order by ") ? count -> count > 0 : count -> count == 1);
        return rows.get(0);
    }

    /** An account by the name that one signs in with: the names that are shown repeat. */
    protected UUID account(String username) {
        return id("select id from account where username = ?", username);
    }

    /** Where somebody's own device, which is signed in on, asks for what it carries of a room. */
    protected String bundle(String username, UUID roomId) {
        return bundle(username) + "&room=" + roomId;
    }

    /** The same of their own room. */
    protected String bundle(String username) {
        UUID device = UUID.nameUUIDFromBytes(username.getBytes(StandardCharsets.UTF_8));
        assertThat(send(username, signOn(device)).status()).isEqualTo(200);
        return "/watch/bundle?device=" + device;
    }

    /** A device that somebody signs in on. */
    protected static AbstractMockHttpServletRequestBuilder<?> signOn(UUID device) {
        return MockMvcRequestBuilders.post("/watch/sign-ins")
                .with(csrf())
                .contentType("application/json")
                .content("{\"device\": \"%s\", \"name\": \"Tablet\"}".formatted(device));
    }

    protected UUID child(String name) {
        return id("select id from child where given_name = ?", name);
    }

    protected UUID room(String name) {
        return id("select id from room where name = ?", name);
    }

    /** The card of the scenario, or the one that a test wrote, not a copy that another test took over into another room. */
    protected UUID card(String title) {
        return demoTitles().stream()
                .filter(card -> card.title.equals(title))
                .findFirst()
                .map(this::card)
                .orElseGet(() -> id("select id from card where title = ?", title));
    }

    /** The cards of the three rooms, as the scenario's file names them; not those that other tests wrote. */
    protected List<UUID> demoCards() {
        return demoTitles().stream()
                .filter(card -> List.of("Burrow", "Nook", "Loft").contains(card.room))
                .map(this::card)
                .toList();
    }

    private UUID card(DemoCard card) {
        return id(
                "select p.id from card p join room r on r.id = p.room_id where r.name = ? and p.title = ?"
                        + " order by p.id",
                card.room,
                card.title);
    }

    private static List<DemoCard> demoTitles() {
        try (InputStream cards = CarderApplication.class.getResourceAsStream("demo/cards.txt")) {
            return new String(Objects.requireNonNull(cards).readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(line -> line.startsWith("card "))
                    .map(line -> line.substring("card ".length()).split(": ", 2))
                    .map(card -> new DemoCard(card[0], card[1]))
                    .toList();
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    private record DemoCard(String room, String title) {}

    /** Somebody of the Loft for one test alone, to close, rename or sign out; with the password of all of the scenario. */
    protected UUID practitioner(String username) {
        UUID account = Ids.next();
        database.update(
                "insert into account (id, setting_id, username, display_name, password_hash, role, room_id, digest_address)"
                        + " select ?, setting_id, ?, 'Ravi Menon', password_hash, role, room_id, '' from account where username = 'hamish'",
                account,
                username);
        database.update("insert into account_room select id, room_id from account where id = ?", account);
        return account;
    }

    protected UUID material(String code) {
        return id(
                "select m.id from material m join setting s on s.id = m.setting_id where s.name like 'Quillmere%' and code = ?",
                code);
    }

    private Cookie session(String username) {
        return SESSIONS.computeIfAbsent(username, name -> {
            MockHttpServletResponse response = mvc.perform(MockMvcRequestBuilders.post("/sign-in")
                            .param("username", name)
                            .param("password", "parcels-and-post")
                            .with(csrf()))
                    .getMvcResult()
                    .getResponse();
            Cookie cookie = response.getCookie("SESSION");
            assertThat(cookie).as("session of " + name).isNotNull();
            return cookie;
        });
    }

    private static Path mediaFolder() {
        try {
            return Files.createTempDirectory("carder-media");
        } catch (IOException full) {
            throw new IllegalStateException(full);
        }
    }

    /** What came back. */
    public record Answer(MockHttpServletResponse response) {

        public int status() {
            return response.getStatus();
        }

        public String text() {
            return new String(response.getContentAsByteArray(), java.nio.charset.StandardCharsets.UTF_8);
        }

        public Document page() {
            return Jsoup.parse(text());
        }

        public String location() {
            return String.valueOf(response.getRedirectedUrl());
        }
    }

    /** A child that was not there before, enrolled as a manager would: it comes on Monday and Wednesday. */
    protected UUID enrolled(String room, String name, String bornOn, String... more) {
        String form = "/rooms/" + room(room) + "/children";
        Document blank = get("imelda", form + "/new").page();
        List<String> fields = new ArrayList<>(List.of(
                "givenName",
                name,
                "bornOn",
                bornOn,
                "allergiesAsked",
                "on",
                "days",
                "MONDAY",
                "days",
                "WEDNESDAY",
                "pegMark",
                blank.select("[name=pegMark][checked]").val()));
        fields.addAll(List.of(more));
        Answer answer = post("imelda", form, fields.toArray(String[]::new));
        assertThat(answer.location()).as(answer.text()).startsWith("/children/");
        return UUID.fromString(answer.location().substring("/children/".length()));
    }

    /** The same child, gone for good. */
    protected void erased(UUID child, String name) {
        post(
                "imelda",
                "/children/" + child + "/erase",
                "reason",
                "Made up for a test that is over.",
                "kept",
                "yes",
                "name",
                name);
    }
}
