package app.carder.web.page;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import java.util.zip.GZIPOutputStream;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.core.io.Resource;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.MediaTypeFactory;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Sends what pages name below the stamp of this build from memory, compressed once, before anything else of a request is looked at. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
@ConditionalOnProperty(name = "carder.dev", havingValue = "false", matchIfMissing = true)
final class ShippedFromMemory extends OncePerRequestFilter {

    private static final String FOR_EVER = "max-age=31536000, public, immutable";

    private final Map<String, Shipped> files = new HashMap<>();

    private record Shipped(String type, byte[] bytes, byte[] compressed) {}

    ShippedFromMemory(ShippedFiles shipped) {
        shipped.matching("*.css", "*.svg", "*.webmanifest", "js/*", "fonts/*").forEach(file -> {
            String name = Objects.requireNonNull(file.getFilename());
            String folder = name.endsWith("js") ? "js/" : name.endsWith(".woff2") ? "fonts/" : "";
            files.put(shipped.address() + folder + name, read(file, name));
        });
    }

    private static Shipped read(Resource file, String name) {
        try {
            byte[] bytes = file.getContentAsByteArray();
            ByteArrayOutputStream compressed = new ByteArrayOutputStream();
            try (GZIPOutputStream gzip = new GZIPOutputStream(compressed)) {
                gzip.write(bytes);
            }
            return new Shipped(type(name), bytes, compressed.toByteArray());
        } catch (IOException missing) {
            throw new UncheckedIOException("Impossible state: %s is missing.".formatted(name), missing);
        }
    }

    private static String type(String name) {
        if (name.endsWith("js")) {
            return "text/javascript;charset=UTF-8";
        }
        return MediaTypeFactory.getMediaType(name)
                .map(MediaType::toString)
                .orElse(MediaType.APPLICATION_OCTET_STREAM_VALUE);
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Shipped file = "GET".equals(request.getMethod()) ? files.get(request.getRequestURI()) : null;
        if (file == null) {
            chain.doFilter(request, response);
            return;
        }
        boolean compress = file.compressed().length < file.bytes().length
                && String.valueOf(request.getHeader(HttpHeaders.ACCEPT_ENCODING))
                        .contains("gzip");
        byte[] sent = compress ? file.compressed() : file.bytes();
        response.setContentType(file.type());
        response.setContentLength(sent.length);
        response.setHeader(HttpHeaders.CACHE_CONTROL, FOR_EVER);
        response.setHeader(HttpHeaders.VARY, HttpHeaders.ACCEPT_ENCODING);
        response.setHeader("X-Content-Type-Options", "nosniff");
        if (compress) {
            response.setHeader(HttpHeaders.CONTENT_ENCODING, "gzip");
        }
        response.getOutputStream().write(sent);
    }
}
