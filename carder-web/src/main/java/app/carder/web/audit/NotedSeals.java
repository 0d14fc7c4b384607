package app.carder.web.audit;

import app.carder.core.chain.Seal;
import app.carder.web.setting.SettingId;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * A file outside the database to which the seals of logs are added from time to time, a line each: when, of which setting, the number, the
 * code. Whoever can write to the database alone cannot write a log anew without being found out by it.
 */
@Component
public class NotedSeals {

    /** When, of which setting, and the seal. */
    private static final int FIELDS = 3;

    private final Path file;
    private final Duration every;
    private final Clock clock;
    private final Map<SettingId, Instant> last = new ConcurrentHashMap<>();

    NotedSeals(
            @Value("${carder.log.noted}") Path file, @Value("${carder.log.note-every}") Duration every, Clock clock) {
        this.file = file;
        this.every = every;
        this.clock = clock;
    }

    /**
     * What stands in the file about a setting.
     *
     * @param seals the earliest first
     * @param unreadable lines of the file, of whatever setting, that cannot be read
     */
    public record Noted(List<Seal> seals, int unreadable) {}

    /** Adds a seal, unless one of the setting was added a short while ago. */
    void note(SettingId settingId, Seal seal) {
        Instant now = clock.instant();
        Instant before = last.get(settingId);
        if (before != null && now.isBefore(before.plus(every))) {
            return;
        }
        try {
            Files.createDirectories(file.toAbsolutePath().getParent());
            Files.writeString(
                    file,
                    "%s %s %s%n".formatted(now.truncatedTo(ChronoUnit.SECONDS), settingId, seal.forPeople()),
                    StandardCharsets.UTF_8,
                    StandardOpenOption.CREATE,
                    StandardOpenOption.APPEND);
        } catch (IOException full) {
            throw new UncheckedIOException(full);
        }
        last.put(settingId, now);
    }

    /** What stands in the file about a setting; nothing where there is no file. */
    public Noted of(SettingId settingId) {
        if (!Files.exists(file)) {
            return new Noted(List.of(), 0);
        }
        List<Seal> seals = new ArrayList<>();
        int unreadable = 0;
        try (Stream<String> lines = Files.lines(file, StandardCharsets.UTF_8)) {
            for (String line : (Iterable<String>) lines::iterator) {
                String[] fields = line.split(" ", FIELDS);
                Optional<Seal> seal = fields.length == FIELDS ? Seal.read(fields[2]) : Optional.empty();
                if (seal.isEmpty()) {
                    unreadable++;
                } else if (fields[1].equals(settingId.toString())) {
                    seals.add(seal.get());
                }
            }
        } catch (IOException | UncheckedIOException unreadableFile) {
            unreadable++;
        }
        return new Noted(seals, unreadable);
    }
}
