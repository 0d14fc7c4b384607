package app.carder.web.device;

import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.request.AbstractMockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** What a device sends. */
final class Deliveries {

    private Deliveries() {}

    /** Some items, from a device whose clock is off by so much. */
    static Map<String, Object> of(UUID device, long clockOffsetMs, List<?> items) {
        return new HashMap<>(Map.of(
                "device",
                device,
                "name",
                "Tablet",
                "clockOffsetMs",
                clockOffsetMs,
                "clockUncertaintyMs",
                50,
                "unsent",
                0,
                "items",
                items));
    }

    /** The request that brings them. */
    static AbstractMockHttpServletRequestBuilder<?> request(String body) {
        return request(body.getBytes(StandardCharsets.UTF_8));
    }

    /** The same, whatever its bytes are. */
    static AbstractMockHttpServletRequestBuilder<?> request(byte[] body) {
        return MockMvcRequestBuilders.post("/watch/sync")
                .with(csrf())
                .contentType(MediaType.APPLICATION_JSON)
                .content(body);
    }
}
