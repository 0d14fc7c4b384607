package app.carder.web.page;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.web.kit.WebTest;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.List;
import java.util.stream.Stream;
import java.util.zip.GZIPInputStream;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

class ShippedFilesTest extends WebTest {

    @Test
    void whatAPageNamesIsKeptByTheBrowserForAYearAndSentWithoutASession() {
        List<String> named = Stream.of("link[rel=stylesheet]", "link[rel=icon]", "script[src]")
                .flatMap(what -> get("hamish", "/").page().select("head " + what).stream())
                .map(element -> element.hasAttr("src") ? element.attr("src") : element.attr("href"))
                .toList();

        assertThat(named).hasSizeGreaterThan(3).allSatisfy(file -> {
            var response = send(MockMvcRequestBuilders.get(file)).response();
            assertThat(response.getStatus()).isEqualTo(200);
            assertThat(response.getHeader("Cache-Control")).isEqualTo("max-age=31536000, public, immutable");
            assertThat(response.getHeader("X-Content-Type-Options")).isEqualTo("nosniff");
            assertThat(response.getHeader("Set-Cookie")).isNull();
        });
    }

    @Test
    void whatIsNamedWithoutTheStampOfABuildIsAskedAboutEachTime() {
        var answer = send(MockMvcRequestBuilders.get("/shipped/app.css"));

        assertThat(answer.response().getHeader("Cache-Control")).isEqualTo("no-cache");
    }

    @Test
    void isSentCompressedAndTheSameForWhoCanReadIt() throws IOException {
        String style =
                get("hamish", "/").page().select("head link[rel=stylesheet]").attr("href");
        byte[] plain = send(MockMvcRequestBuilders.get(style)).response().getContentAsByteArray();
        var compressed = send(MockMvcRequestBuilders.get(style).header("Accept-Encoding", "gzip, br"))
                .response();

        assertThat(compressed.getHeader("Content-Encoding")).isEqualTo("gzip");
        assertThat(compressed.getContentAsByteArray().length).isLessThan(plain.length / 3);
        assertThat(new GZIPInputStream(new ByteArrayInputStream(compressed.getContentAsByteArray())).readAllBytes())
                .isEqualTo(plain);
        assertThat(compressed.getContentType()).startsWith("text/css");
    }

    @Test
    void anotherStampIsNoAddress() {
        var answer = send(MockMvcRequestBuilders.get("/shipped/0123456789abcdef/app.css"));

        assertThat(answer.status()).isEqualTo(404);
    }
}
