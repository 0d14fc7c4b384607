package app.carder.core.framework;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;

/** The frameworks a room can choose from: those that ship, and those in a folder of the setting's own. */
public final class FrameworkLibrary {

    private static final List<String> SHIPPED = List.of("sensory-motor-exploration.csv", "england-early-years.csv");

    private final Map<String, Framework> frameworksByCode = new LinkedHashMap<>();

    private FrameworkLibrary() {}

    /** Those that ship with the application. */
    public static FrameworkLibrary shipped() {
        FrameworkLibrary library = new FrameworkLibrary();
        for (String file : SHIPPED) {
            try (Reader reader = new InputStreamReader(
                    Objects.requireNonNull(FrameworkLibrary.class.getResourceAsStream(file)), StandardCharsets.UTF_8)) {
                library.add(FrameworkReader.read(reader));
            } catch (IOException broken) {
                throw new UncheckedIOException("Impossible state: " + file + " cannot be read.", broken);
            }
        }
        return library;
    }

    /**
     * Adds every {@code .csv} file of a folder; a framework with the code of a shipped one replaces it.
     *
     * @throws UncheckedIOException if the folder or a file cannot be read
     * @throws IllegalArgumentException if a file is not a framework; the message names it
     */
    public FrameworkLibrary withFolder(Path folder) {
        try (Stream<Path> files = Files.list(folder)) {
            for (Path file : files.filter(path -> path.toString().endsWith(".csv"))
                    .sorted()
                    .toList()) {
                addFile(file);
            }
        } catch (IOException unreadable) {
            throw new UncheckedIOException("Framework folder cannot be read: " + folder, unreadable);
        }
        return this;
    }

    /** All of them. */
    public List<Framework> all() {
        return List.copyOf(frameworksByCode.values());
    }

    /**
     * One of them.
     *
     * @throws IllegalArgumentException if there is no such code
     */
    public Framework get(String code) {
        Framework framework = frameworksByCode.get(code);
        if (framework == null) {
            throw new IllegalArgumentException(
                    "Framework must be one of %s, got \"%s\".".formatted(frameworksByCode.keySet(), code));
        }
        return framework;
    }

    /** One of them; absent where there is none with this code any more. */
    public Optional<Framework> find(String code) {
        return Optional.ofNullable(frameworksByCode.get(code));
    }

    private void addFile(Path file) throws IOException {
        try (Reader reader = Files.newBufferedReader(file)) {
            add(FrameworkReader.read(reader));
        } catch (IllegalArgumentException wrong) {
            throw new IllegalArgumentException(file + ": " + wrong.getMessage(), wrong);
        }
    }

    private void add(Framework framework) {
        frameworksByCode.put(framework.code(), framework);
    }
}
