package app.carder.web.watch;

import app.carder.core.framework.Framework;
import app.carder.core.watch.Involvement;
import app.carder.core.watch.Schema;
import app.carder.core.watch.WellBeing;
import app.carder.web.account.Viewer;
import app.carder.web.setting.ScopedRecord;
import jakarta.persistence.Entity;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Something that was seen a child, or several, do. */
@Entity
class Observation extends ScopedRecord {

    @Version
    private int version;

    private UUID roomId;
    private @Nullable UUID cardId;
    private UUID authorId;
    private String authorName;
    private String note;
    private @Nullable Integer involvement;
    private @Nullable Integer wellBeing;
    private String[] areas;
    private String[] statements;
    private String[] schemas;
    private String nextStep;
    private UUID[] inPhoto;
    private @Nullable UUID snapshotId;
    private String frameworkCode;
    private String frameworkVersion;
    private Instant observedAt;
    private Instant receivedAt;
    private @Nullable String broughtInFrom;

    protected Observation() {}

    Observation(
            UUID id,
            UUID snapshotId,
            Viewer author,
            UUID roomId,
            Framework framework,
            ObservationDetails details,
            Instant receivedAt) {
        super(id, author.settingId());
        this.roomId = roomId;
        this.frameworkCode = framework.code();
        this.frameworkVersion = framework.version();
        this.cardId = details.cardId().orElse(null);
        this.authorId = author.personId();
        this.authorName = author.name();
        this.observedAt = details.observedAt();
        this.receivedAt = receivedAt;
        this.inPhoto = details.inPhoto().stream().sorted().toArray(UUID[]::new);
        this.snapshotId = snapshotId;
        reword(details.words());
    }

    /** It was written before, by somebody else or on paper. */
    void bringIn(String from) {
        broughtInFrom = from;
    }

    /** Who wrote it before it was brought in, empty where nobody is named; absent where it was written here. */
    Optional<String> broughtInFrom() {
        return Optional.ofNullable(broughtInFrom);
    }

    /** Takes over new words; whoever calls keeps what was said before. */
    final void reword(ObservationWords words) {
        note = words.note();
        involvement = words.involvement().map(Involvement::level).orElse(null);
        wellBeing = words.wellBeing().map(WellBeing::level).orElse(null);
        areas = words.areas().stream().sorted().toArray(String[]::new);
        statements = words.statements().stream().sorted().toArray(String[]::new);
        schemas = words.schemas().stream().sorted().map(Schema::name).toArray(String[]::new);
        nextStep = words.nextStep();
    }

    /** The fields that can be reworded, to compare before and after. */
    Map<String, String> said() {
        Map<String, String> said = new LinkedHashMap<>();
        said.put("note", note);
        said.put("involvement", involvement == null ? "" : involvement.toString());
        said.put("well-being", wellBeing == null ? "" : wellBeing.toString());
        said.put("areas", String.join(", ", areas));
        said.put("statements", String.join(", ", statements));
        said.put("schemas", String.join(", ", schemas));
        said.put("next step", nextStep);
        return said;
    }

    String frameworkCode() {
        return frameworkCode;
    }

    String frameworkVersion() {
        return frameworkVersion;
    }

    UUID roomId() {
        return roomId;
    }

    @Nullable
    UUID cardId() {
        return cardId;
    }

    String authorName() {
        return authorName;
    }

    ObservationWords words() {
        return new ObservationWords(
                note,
                Optional.ofNullable(involvement).map(Involvement::ofLevel),
                Optional.ofNullable(wellBeing).map(WellBeing::ofLevel),
                Set.of(areas),
                Set.of(statements),
                Arrays.stream(schemas).map(Schema::valueOf).collect(Collectors.toSet()),
                nextStep);
    }

    List<UUID> inPhoto() {
        return List.of(inPhoto);
    }

    Instant observedAt() {
        return observedAt;
    }

    int version() {
        return version;
    }
}
