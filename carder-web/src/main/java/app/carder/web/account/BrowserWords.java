package app.carder.web.account;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** A browser in the few words by which its owner knows it again, {@code Firefox, Windows}: kept as they are, and the same in every language. */
public final class BrowserWords {

    private record Sign(String said, String words) {}

    /** In this order: most browsers also name those that they are like. */
    private static final List<Sign> PROGRAMS = List.of(
            new Sign("Edg", "Edge"),
            new Sign("OPR/", "Opera"),
            new Sign("Firefox/", "Firefox"),
            new Sign("Chrome/", "Chrome"),
            new Sign("Safari/", "Safari"));

    private static final List<Sign> MACHINES = List.of(
            new Sign("iPad", "iPad"),
            new Sign("iPhone", "iPhone"),
            new Sign("Android", "Android"),
            new Sign("Windows", "Windows"),
            new Sign("Mac OS", "Mac"),
            new Sign("Linux", "Linux"));

    private BrowserWords() {}

    /** Empty where nothing is known of it. */
    public static String of(@Nullable String userAgent) {
        return Stream.of(PROGRAMS, MACHINES)
                .flatMap(signs -> first(signs, userAgent == null ? "" : userAgent).stream())
                .collect(Collectors.joining(", "));
    }

    private static Optional<String> first(List<Sign> signs, String userAgent) {
        return signs.stream()
                .filter(sign -> userAgent.contains(sign.said()))
                .map(Sign::words)
                .findFirst();
    }
}
