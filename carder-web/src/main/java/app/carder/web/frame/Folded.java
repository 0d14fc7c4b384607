package app.carder.web.frame;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * The pages whose purpose somebody has folded away. It is kept in a cookie: whoever takes another device has that page new before them.
 *
 * @param places of which nothing is told
 */
public record Folded(Set<Place> places) {

    /** The name of the cookie. */
    static final String COOKIE = "carder-folded";

    /** Nothing was folded away. */
    static final Folded NONE = new Folded(Set.of());

    /** Keeps its own copy. */
    public Folded {
        places = Set.copyOf(places);
    }

    static Folded of(HttpServletRequest request) {
        return new Folded(Optional.ofNullable(request.getCookies()).stream()
                .flatMap(Arrays::stream)
                .filter(cookie -> cookie.getName().equals(COOKIE))
                .map(Cookie::getValue)
                .flatMap(value -> Stream.of(value.split("\\.")))
                .flatMap(name -> Arrays.stream(Place.values())
                        .filter(place -> place.name().equals(name)))
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(Place.class))));
    }

    boolean has(Place place) {
        return places.contains(place);
    }

    Folded with(Place place) {
        Set<Place> more = EnumSet.of(place);
        more.addAll(places);
        return new Folded(more);
    }

    String cookie() {
        return places.stream().sorted().map(Place::name).collect(Collectors.joining("."));
    }
}
