package app.carder.web.device;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.stereotype.Component;

/** The files of the app that a device keeps: page, styles, fonts and scripts. None of them holds a record. */
@Component
class ShellFiles {

    private static final String SHIPPED = "classpath*:static/shipped/";

    private final String worker;

    ShellFiles() {
        try {
            var resolver = new PathMatchingResourcePatternResolver();
            List<Resource> resources = Stream.of(
                            "app.css", "js/*.mjs", "js/tus.min.js", "fonts/*", "icon.svg", "app.webmanifest")
                    .flatMap(pattern -> resources(resolver, pattern))
                    .toList();
            List<String> paths =
                    resources.stream().map(ShellFiles::path).distinct().sorted().toList();
            worker = new ClassPathResource("app/carder/web/device/worker.js")
                    .getContentAsString(StandardCharsets.UTF_8)
                    .replace("STAMP", stamp(resources))
                    .replace(
                            "FILES",
                            paths.stream().map(path -> '"' + path + '"').collect(Collectors.joining(", ")));
        } catch (IOException missing) {
            throw new UncheckedIOException("Impossible state: the app's own files are missing.", missing);
        }
    }

    String worker() {
        return worker;
    }

    private static Stream<Resource> resources(PathMatchingResourcePatternResolver resolver, String pattern) {
        try {
            return Arrays.stream(resolver.getResources(SHIPPED + pattern));
        } catch (IOException missing) {
            throw new UncheckedIOException("Impossible state: %s is missing.".formatted(pattern), missing);
        }
    }

    private static String path(Resource resource) {
        try {
            String url = resource.getURL().toString();
            return url.substring(url.lastIndexOf("/shipped/"));
        } catch (IOException missing) {
            throw new UncheckedIOException(missing);
        }
    }

    private static String stamp(List<Resource> resources) throws IOException {
        try {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            for (Resource resource : resources) {
                digest.update(resource.getContentAsByteArray());
            }
            digest.update(new ClassPathResource("templates/device/app.html").getContentAsByteArray());
            return HexFormat.of().formatHex(digest.digest(), 0, 8);
        } catch (NoSuchAlgorithmException everyJavaHasIt) {
            throw new IllegalStateException("Impossible state: no SHA-256.", everyJavaHasIt);
        }
    }
}
