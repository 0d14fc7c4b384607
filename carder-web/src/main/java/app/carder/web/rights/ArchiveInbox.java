package app.carder.web.rights;

import app.carder.web.account.Viewer;
import com.github.kagkarlsson.scheduler.task.helper.RecurringTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import com.github.kagkarlsson.scheduler.task.schedule.FixedDelay;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Clock;
import java.time.Duration;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.stereotype.Component;
import org.springframework.web.multipart.MultipartFile;

/** Archives between the look at them and the taking in: each is its uploader's alone, and gone after an hour. */
@Component
class ArchiveInbox {

    private static final Duration LASTS = Duration.ofHours(1);

    private final Path folder;
    private final Clock clock;

    ArchiveInbox(@Value("${carder.archive.inbox}") Path folder, Clock clock) {
        this.folder = folder;
        this.clock = clock;
    }

    /**
     * Keeps one.
     *
     * @return under which key
     */
    UUID keep(Viewer viewer, MultipartFile file) throws IOException {
        Files.createDirectories(folder);
        UUID key = UUID.randomUUID();
        file.transferTo(path(viewer, key));
        return key;
    }

    /** One that is there; absent where it is gone, or somebody else's. */
    Optional<Path> get(Viewer viewer, UUID key) {
        return Optional.of(path(viewer, key)).filter(Files::exists);
    }

    void forget(Viewer viewer, UUID key) throws IOException {
        Files.deleteIfExists(path(viewer, key));
    }

    private Path path(Viewer viewer, UUID key) {
        return folder.resolve(viewer.settingId() + "-" + viewer.personId() + "-" + key + ".zip");
    }

    /** Tells the scheduler when to look. */
    @Configuration(proxyBeanMethods = false)
    static class Registration {
        @Bean
        RecurringTask<Void> emptyArchiveInbox(ArchiveInbox inbox) {
            return Tasks.recurring("archive-inbox", FixedDelay.of(Duration.ofMinutes(10)))
                    .execute((instance, context) -> inbox.forgetOld());
        }
    }

    /** Throws away what nobody took in within an hour. */
    void forgetOld() {
        if (!Files.exists(folder)) {
            return;
        }
        FileTime oldest = FileTime.from(clock.instant().minus(LASTS));
        try (Stream<Path> all = Files.list(folder)) {
            for (Path file : (Iterable<Path>) all::iterator) {
                if (Files.getLastModifiedTime(file).compareTo(oldest) < 0) {
                    Files.deleteIfExists(file);
                }
            }
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }
}
