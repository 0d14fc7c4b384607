package app.carder.web.media;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import org.springframework.stereotype.Component;

/** Pictures as files in one folder, two levels deep, named at random. */
@Component
class FolderPhotoStore implements PhotoStore {

    private final Path folder;

    FolderPhotoStore(MediaProperties properties) {
        this.folder = properties.folder().toAbsolutePath().normalize();
    }

    @Override
    public void put(String name, byte[] picture) {
        try {
            Files.createDirectories(path(name).getParent());
            Files.write(path(name), picture, StandardOpenOption.CREATE_NEW);
        } catch (IOException full) {
            throw new UncheckedIOException("Photo cannot be kept in " + folder + ".", full);
        }
    }

    @Override
    public void remove(String name) {
        try {
            Files.deleteIfExists(path(name));
        } catch (IOException held) {
            throw new UncheckedIOException("Photo cannot be removed from " + folder + ".", held);
        }
    }

    @Override
    public byte[] get(String name) {
        try {
            return Files.readAllBytes(path(name));
        } catch (IOException missing) {
            throw new UncheckedIOException("Photo is missing in " + folder + ".", missing);
        }
    }

    private Path path(String name) {
        return folder.resolve(name.substring(0, 2)).resolve(name);
    }
}
