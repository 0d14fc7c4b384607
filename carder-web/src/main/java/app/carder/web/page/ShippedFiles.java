package app.carder.web.page;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Duration;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.http.CacheControl;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * Styles, fonts and scripts that ship with the application. Pages name them below a stamp of this build, so that a browser
 * keeps them and never asks again; scripts and styles name each other by relative paths, which stay below the same stamp.
 * Templates reach it as {@code @shippedFiles}.
 */
@Component("shippedFiles")
public class ShippedFiles implements WebMvcConfigurer {

    private static final String FOLDER = "static/shipped/";

    private final boolean isBeingWorkedOn;
    private final PathMatchingResourcePatternResolver resolver = new PathMatchingResourcePatternResolver();
    private final String address = "/shipped/" + stamp(matching("app.css", "js/*", "fonts/*")) + "/";

    ShippedFiles(@Value("${carder.dev:false}") boolean isBeingWorkedOn) {
        this.isBeingWorkedOn = isBeingWorkedOn;
    }

    /** What the addresses of all files begin with, for as long as no other build is running. */
    public String address() {
        return address;
    }

    /** What matches the patterns, below the folder of all of them. */
    public List<Resource> matching(String... patterns) {
        return Stream.of(patterns)
                .flatMap(pattern -> {
                    try {
                        return Arrays.stream(resolver.getResources("classpath*:" + FOLDER + pattern));
                    } catch (IOException missing) {
                        throw new UncheckedIOException("Impossible state: %s is missing.".formatted(pattern), missing);
                    }
                })
                .toList();
    }

    /** Sixteen hexadecimal digits that are others when a byte is another. */
    public static String stamp(List<Resource> resources) {
        try {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            for (Resource resource : resources) {
                digest.update(resource.getContentAsByteArray());
            }
            return HexFormat.of().formatHex(digest.digest(), 0, 8);
        } catch (NoSuchAlgorithmException everyJavaHasIt) {
            throw new IllegalStateException("Impossible state: no SHA-256.", everyJavaHasIt);
        } catch (IOException missing) {
            throw new UncheckedIOException("Impossible state: the application's own files are missing.", missing);
        }
    }

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler(address + "**")
                .addResourceLocations("classpath:/" + FOLDER)
                .setCacheControl(
                        isBeingWorkedOn
                                ? CacheControl.noStore()
                                : CacheControl.maxAge(Duration.ofDays(365))
                                        .cachePublic()
                                        .immutable());
    }
}
