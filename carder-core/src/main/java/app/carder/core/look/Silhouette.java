package app.carder.core.look;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/**
 * What a thing looks like from above, or from its side where it lies, read from {@code silhouettes.txt}.
 *
 * @param name in capitals
 * @param lengthens how much longer it is than it was measured: walls, handles and spouts stick out of an inside measure
 * @param widens how much wider
 * @param whenPutDown what it does
 * @param strokes in a square of 100 that is stretched to the thing, from the back to the front
 */
public record Silhouette(String name, double lengthens, double widens, PutDown whenPutDown, List<Stroke> strokes) {

    /** The side of the square in which strokes are written. */
    public static final double SQUARE = 100;

    private static final Map<String, Silhouette> ALL = read();

    /** What a thing does when it is put down. */
    public enum PutDown {
        /** It lies as long as it is. */
        STAYS,
        /** It is coiled up. */
        COILS,
        /** It is folded to what a hand can take. */
        FOLDS
    }

    /** Keeps its own copy. */
    public Silhouette {
        strokes = List.copyOf(strokes);
    }

    /** All of them, by name. */
    public static List<Silhouette> all() {
        return List.copyOf(ALL.values());
    }

    /** By its name. */
    public static Optional<Silhouette> named(String name) {
        return Optional.ofNullable(ALL.get(name));
    }

    /** One that is there. */
    static Silhouette known(String name) {
        return named(name).orElseThrow(() -> new IllegalArgumentException("There is no silhouette " + name + "."));
    }

    private static Map<String, Silhouette> read() {
        Map<String, Silhouette> all = new LinkedHashMap<>();
        try (BufferedReader lines = new BufferedReader(new InputStreamReader(
                Objects.requireNonNull(Silhouette.class.getResourceAsStream("silhouettes.txt")),
                StandardCharsets.UTF_8))) {
            for (String line = lines.readLine(); line != null; line = lines.readLine()) {
                if (!line.startsWith("#")) {
                    Silhouette one = of(line.split("\\|"));
                    all.put(one.name(), one);
                }
            }
        } catch (IOException broken) {
            throw new UncheckedIOException("Impossible state: silhouettes.txt cannot be read.", broken);
        }
        return all;
    }

    private static Silhouette of(String[] cells) {
        String[] more = cells[1].strip().split(" ");
        return new Silhouette(
                cells[0].strip(),
                Double.parseDouble(more[0]),
                Double.parseDouble(more[1]),
                PutDown.valueOf(cells[2].strip()),
                Arrays.stream(cells[3].split(";"))
                        .map(String::strip)
                        .map(stroke -> new Stroke(Ink.of(stroke.charAt(0)), Path.parse(stroke.substring(1))))
                        .toList());
    }
}
