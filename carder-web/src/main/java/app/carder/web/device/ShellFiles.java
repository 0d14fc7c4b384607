package app.carder.web.device;

import app.carder.core.said.Catalogue;
import app.carder.web.page.ShippedFiles;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.stereotype.Component;

/** The files of the app that a device keeps: page, styles, fonts and scripts. None of them holds a record. */
@Component
class ShellFiles {

    private final String worker;

    ShellFiles(ShippedFiles shipped) {
        List<Resource> resources =
                shipped.matching("app.css", "js/*.mjs", "js/tus.min.js", "fonts/*", "icon.svg", "app.webmanifest");
        List<String> paths =
                resources.stream().map(ShellFiles::path).distinct().sorted().toList();
        List<Resource> stamped = Stream.concat(
                        resources.stream(), Stream.of(new ClassPathResource("templates/device/app.html")))
                .toList();
        try {
            worker = new ClassPathResource("app/carder/web/device/worker.js")
                    .getContentAsString(StandardCharsets.UTF_8)
                    .replace("STAMP", ShippedFiles.stamp(stamped))
                    .replace(
                            "FILES",
                            paths.stream().map(path -> '"' + path + '"').collect(Collectors.joining(", ")));
        } catch (IOException missing) {
            throw new UncheckedIOException("Impossible state: the worker is missing.", missing);
        }
    }

    /** The page is kept in the language that it was asked for in. */
    String worker() {
        return worker.replace("LANGUAGE", Catalogue.spoken().locale().toLanguageTag());
    }

    private static String path(Resource resource) {
        try {
            String url = resource.getURL().toString();
            return url.substring(url.lastIndexOf("/shipped/"));
        } catch (IOException missing) {
            throw new UncheckedIOException(missing);
        }
    }
}
