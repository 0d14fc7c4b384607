package app.carder.web.page;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import app.carder.web.kit.Limits;
import app.carder.web.kit.WebTest;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletResponse;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.URI;
import java.util.concurrent.atomic.AtomicLong;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.http.MediaType;
import org.springframework.mock.web.DelegatingServletInputStream;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** Hostile bodies, addresses and names, and the clear answer to each. */
class LimitTest extends WebTest {

    private static final int MEGABYTE = 1024 * 1024;

    @Test
    void aBodyThatSaysItIsTooLongIsRefusedUnread() {
        Answer answer = sync("{\"items\": \"" + "x".repeat(MEGABYTE) + "\"}");

        assertThat(answer.status()).isEqualTo(413);
    }

    @Test
    void aBodyThatDoesNotSayHowLongItIsIsReadNoFurtherThanIsTaken() {
        AtomicLong read = new AtomicLong();
        MockHttpServletRequest endless = endless(read);
        HttpServletResponse response = new MockHttpServletResponse();

        assertThatThrownBy(() -> new BodyLimit(Limits.usual(), "/watch/uploads")
                        .doFilter(
                                endless,
                                response,
                                (request, answer) ->
                                        request.getInputStream().transferTo(OutputStream.nullOutputStream())))
                .isInstanceOf(TooLarge.class);
        assertThat(read.get()).isLessThan(3L * MEGABYTE);
    }

    @Test
    void jsonThatIsNestedTooDeeplyOrIsNoneIsABadRequest() {
        assertThat(sync("{\"items\":" + "[".repeat(100_000)).status()).isEqualTo(400);
        assertThat(sync("{\"items\":").status()).isEqualTo(400);
        assertThat(sync("").status()).isEqualTo(400);
    }

    @Test
    void partsWithoutATokenInHeaderOrAddressAreRefusedBeforeTheyAreRead() {
        byte[] file = new byte[] {1};

        assertThat(send(
                                "hamish",
                                MockMvcRequestBuilders.multipart("/materials/import")
                                        .file("file", file)
                                        .with(csrf()))
                        .status())
                .as("a token among the fields is not looked for")
                .isEqualTo(403);
        assertThat(send(MockMvcRequestBuilders.multipart("/materials/import")
                                .file("file", file)
                                .with(csrf().asHeader()))
                        .status())
                .as("nobody is signed in")
                .isEqualTo(403);
        assertThat(send(MockMvcRequestBuilders.multipart("/sign-in").file("username", file))
                        .status())
                .isEqualTo(403);
    }

    @Test
    void everyFormWithAFileHasItsTokenInItsAddress() {
        assertThat(get("imelda", "/materials/import")
                        .page()
                        .select("form[enctype]")
                        .attr("action"))
                .contains("?_csrf=");
    }

    @ParameterizedTest
    @ValueSource(strings = {"/materials?q=%00", "/children/%00", "/?room=%00"})
    void aNullCharacterIsABadRequest(String address) {
        assertThat(get("imelda", URI.create(address)).status()).isEqualTo(400);
    }

    @ParameterizedTest
    @ValueSource(strings = {"evil.example", "carder.example.evil", "127.0.0.2"})
    void anUnknownHostIsRefused(String host) {
        Answer answer = send(MockMvcRequestBuilders.get("/sign-in").with(request -> {
            request.setServerName(host);
            request.addHeader("Host", host);
            return request;
        }));

        assertThat(answer.status()).isEqualTo(400);
    }

    @Test
    void aNameIsOneLineWhateverAProgramSends() {
        post("tobias", "/rooms", "roomName", "Attic\nroom", "framework", "sme", "style", "FREE_FLOW");

        assertThat(id("select id from room where name = 'Attic room'")).isNotNull();
    }

    @Test
    void anAddressThatIsNoneIsToldAtOnceHoweverLongItIs() {
        Answer answer = post(
                "tobias",
                "/children/" + child("Anouk") + "/carers",
                "carerName",
                "Anouk's aunt",
                "email",
                "a@" + "a.".repeat(400_000));

        assertThat(answer.status()).isEqualTo(422);
    }

    /** A body of blanks without an end, which counts what is taken of it. */
    private static MockHttpServletRequest endless(AtomicLong read) {
        MockHttpServletRequest request = new MockHttpServletRequest("POST", "/watch/sync") {
            @Override
            public ServletInputStream getInputStream() {
                return new DelegatingServletInputStream(new InputStream() {
                    @Override
                    public int read() {
                        read.incrementAndGet();
                        return ' ';
                    }
                });
            }
        };
        request.setContentType(MediaType.APPLICATION_JSON_VALUE);
        return request;
    }

    private Answer get(String username, URI address) {
        return send(username, MockMvcRequestBuilders.get(address));
    }

    private Answer sync(String body) {
        return send(
                "hamish",
                MockMvcRequestBuilders.post("/watch/sync")
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(body)
                        .with(csrf().asHeader()));
    }
}
