package app.carder.web.page;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import app.carder.web.kit.WebTest;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** Every route that reads a body or a file, found by asking the router: hostile ones are refused in the usual way. A new route is among them. */
class EveryReaderTest extends WebTest {

    private static final int MEGABYTE = 1024 * 1024;

    @Autowired
    @Qualifier("requestMappingHandlerMapping")
    private RequestMappingHandlerMapping router;

    private record Reader(String path, HandlerMethod method) {}

    private Stream<Reader> readers(java.util.function.Predicate<java.lang.reflect.Parameter> reads) {
        return router.getHandlerMethods().entrySet().stream()
                .filter(route -> Arrays.stream(route.getValue().getMethod().getParameters())
                        .anyMatch(reads))
                .map(route -> new Reader(
                        String.join("", route.getKey().getPatternValues())
                                .replace("{roomId}", room("Loft").toString())
                                .replaceAll("\\{\\w+}", UUID.randomUUID().toString()),
                        route.getValue()));
    }

    @TestFactory
    Stream<DynamicTest> bodies() {
        return readers(parameter -> parameter.isAnnotationPresent(RequestBody.class))
                .map(reader -> DynamicTest.dynamicTest(reader.path(), () -> {
                    for (String hostile : hostile()) {
                        assertThat(status(reader.path(), hostile))
                                .as("%.60s to %s", hostile, reader.path())
                                .isIn(400, 401, 404, 413, 415, 422);
                    }
                    assertThat(status(reader.path(), "\"" + "x".repeat(MEGABYTE) + "\""))
                            .isEqualTo(413);
                }));
    }

    private static List<String> hostile() {
        return List.of(
                "",
                "null",
                "{}",
                "[]",
                "7",
                "\"words\"",
                "{\"items\":" + "[".repeat(50_000),
                "{\"device\":null,\"name\":null,\"token\":null,\"place\":null,\"fields\":null,\"items\":null}",
                "{\"device\":\"x\",\"name\":{},\"token\":[],\"place\":{},\"fields\":[[{}]],\"items\":[1]}",
                "{\"device\":1e999,\"token\":99999999999999999999,\"place\":true,\"fields\":{}}",
                "<svg xmlns=\"http://www.w3.org/2000/svg\"><!DOCTYPE a [<!ENTITY b SYSTEM \"file:///etc/passwd\">]>&b;</svg>",
                "<?xml version=\"1.0\"?><!DOCTYPE a [<!ENTITY b \"bbbbbbbb\"><!ENTITY c \"&b;&b;&b;&b;\">]><svg>&c;</svg>");
    }

    private int status(String path, String body) {
        boolean plan = path.contains("/plan");
        return send(
                        "imelda",
                        MockMvcRequestBuilders.post(path)
                                .with(csrf())
                                .contentType(plan ? "image/svg+xml" : "application/json")
                                .content(body.getBytes(StandardCharsets.UTF_8)))
                .status();
    }

    @TestFactory
    Stream<DynamicTest> files() {
        Random random = new Random(20_260_506);
        return readers(parameter -> parameter.getType().equals(MultipartFile.class)
                        && parameter.isAnnotationPresent(RequestParam.class))
                .map(reader -> DynamicTest.dynamicTest(reader.path(), () -> {
                    String name = Arrays.stream(reader.method().getMethod().getParameters())
                            .filter(parameter -> parameter.getType().equals(MultipartFile.class))
                            .map(parameter ->
                                    parameter.getAnnotation(RequestParam.class).name())
                            .findFirst()
                            .orElseThrow();
                    byte[] noise = new byte[5000];
                    random.nextBytes(noise);
                    for (byte[] hostile : List.of(
                            new byte[0],
                            noise,
                            "[".repeat(50_000).getBytes(StandardCharsets.UTF_8),
                            "BEGIN:VCALENDAR\nRRULE:FREQ=SECONDLY".getBytes(StandardCharsets.UTF_8),
                            "<svg>&x;".getBytes(StandardCharsets.UTF_8))) {
                        assertThat(send(
                                                reader.path().startsWith("/family") ? "anouk.grandfather" : "imelda",
                                                MockMvcRequestBuilders.multipart(reader.path())
                                                        .file(new MockMultipartFile(
                                                                name,
                                                                "../../x.bin",
                                                                "application/octet-stream",
                                                                hostile))
                                                        .with(csrf().asHeader()))
                                        .status())
                                .as("%d bytes to %s", hostile.length, reader.path())
                                .isIn(200, 302, 400, 404, 413, 422);
                    }
                }));
    }
}
