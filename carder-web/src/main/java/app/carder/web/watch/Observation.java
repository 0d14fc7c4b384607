package app.carder.web.watch;

import app.carder.core.watch.Involvement;
import app.carder.web.account.Viewer;
import app.carder.web.setting.ScopedRecord;
import jakarta.persistence.Entity;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Something that was seen a child, or several, do. */
@Entity
class Observation extends ScopedRecord {

    @Version
    private int version;

    private UUID roomId;
    private @Nullable UUID provocationId;
    private UUID authorId;
    private String authorName;
    private String note;
    private @Nullable Integer involvement;
    private String[] areas;
    private String[] statements;
    private Instant observedAt;
    private Instant receivedAt;

    protected Observation() {}

    Observation(UUID id, Viewer author, UUID roomId, ObservationDetails details, Instant receivedAt) {
        super(id, author.settingId());
        this.roomId = roomId;
        this.provocationId = details.provocationId().orElse(null);
        this.authorId = author.personId();
        this.authorName = author.name();
        this.observedAt = details.observedAt();
        this.receivedAt = receivedAt;
        reword(details.note(), details.involvement(), details.areas(), details.statements());
    }

    /** Takes over new words; whoever calls keeps what was said before. */
    final void reword(String note, Optional<Involvement> involvement, Set<String> areas, Set<String> statements) {
        this.note = note;
        this.involvement = involvement.map(Involvement::level).orElse(null);
        this.areas = areas.stream().sorted().toArray(String[]::new);
        this.statements = statements.stream().sorted().toArray(String[]::new);
    }

    /** The fields that can be reworded, to compare before and after. */
    Map<String, String> said() {
        Map<String, String> said = new LinkedHashMap<>();
        said.put("note", note);
        said.put("involvement", involvement == null ? "" : involvement.toString());
        said.put("areas", String.join(", ", areas));
        said.put("statements", String.join(", ", statements));
        return said;
    }

    UUID roomId() {
        return roomId;
    }

    @Nullable
    UUID provocationId() {
        return provocationId;
    }

    String authorName() {
        return authorName;
    }

    String note() {
        return note;
    }

    Optional<Involvement> involvement() {
        return Optional.ofNullable(involvement).map(Involvement::ofLevel);
    }

    Set<String> areas() {
        return new LinkedHashSet<>(Arrays.asList(areas));
    }

    Set<String> statements() {
        return new LinkedHashSet<>(Arrays.asList(statements));
    }

    Instant observedAt() {
        return observedAt;
    }

    int version() {
        return version;
    }
}
