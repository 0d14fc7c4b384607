package app.carder.web.account;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.stereotype.Component;

/** Small files that nobody but whoever runs Carder may read. */
@Component
public class KeyFolder {

    private final Path folder;

    @Autowired
    KeyFolder(KeyProperties properties) {
        this(properties.folder());
    }

    /** The files of a folder, which is made when it is needed. */
    public KeyFolder(Path folder) {
        this.folder = folder.toAbsolutePath().normalize();
    }

    /** Writes a file whole or not at all. */
    public void write(String name, String text) {
        try {
            Files.createDirectories(folder);
            Path begun = Files.createTempFile(
                    folder,
                    name,
                    ".part",
                    PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")));
            Files.writeString(begun, text);
            Files.move(begun, folder.resolve(name), StandardCopyOption.ATOMIC_MOVE);
        } catch (IOException full) {
            throw new UncheckedIOException("The folder of the keys cannot be written: " + folder, full);
        }
    }

    /**
     * Reads a file; absent where there is none.
     *
     * @throws IllegalStateException if it is there and cannot be read: going on without it would lose what it opens
     */
    public Optional<String> read(String name) {
        try {
            Path file = folder.resolve(name);
            return Files.exists(file) ? Optional.of(Files.readString(file)) : Optional.empty();
        } catch (IOException unreadable) {
            throw new IllegalStateException(
                    "A key in " + folder + " cannot be read; without it data is lost.", unreadable);
        }
    }

    /** Names of the files that end so. */
    public List<String> names(String suffix) {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder)) {
            return files.map(file -> file.getFileName().toString())
                    .filter(name -> name.endsWith(suffix))
                    .sorted()
                    .toList();
        } catch (IOException unreadable) {
            throw new IllegalStateException("The keys in " + folder + " cannot be read.", unreadable);
        }
    }

    public void delete(String name) {
        try {
            Files.deleteIfExists(folder.resolve(name));
        } catch (IOException left) {
            throw new UncheckedIOException("A key cannot be thrown away in " + folder, left);
        }
    }
}
