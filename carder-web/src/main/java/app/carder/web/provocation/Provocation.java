package app.carder.web.provocation;

import app.carder.core.framework.Sense;
import app.carder.core.measure.Length;
import app.carder.core.vessel.Vessel;
import app.carder.core.vessel.VesselShape;
import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** An invitation to play. */
@Entity
class Provocation extends ScopedRecord {

    @Version
    private int version;

    private UUID roomId;
    private String title;
    private String intention;
    private String adultRole;
    private String[] areas;
    private String[] statements;
    private String[] senses;

    @Enumerated(EnumType.STRING)
    private @Nullable VesselShape vesselShape;

    @Column(name = "vessel_first_um")
    private @Nullable Long vesselFirstUm;

    @Column(name = "vessel_second_um")
    private @Nullable Long vesselSecondUm;

    @Column(name = "vessel_depth_um")
    private @Nullable Long vesselDepthUm;

    private String changedBy;
    private Instant changedAt;

    protected Provocation() {}

    Provocation(UUID id, SettingId settingId, UUID roomId, CardDetails details, String changedBy, Instant changedAt) {
        super(id, settingId);
        this.roomId = roomId;
        rewrite(details, changedBy, changedAt);
    }

    final void rewrite(CardDetails details, String changedBy, Instant changedAt) {
        title = details.title();
        intention = details.intention();
        adultRole = details.adultRole();
        areas = details.areas().stream().sorted().toArray(String[]::new);
        statements = details.statements().stream().sorted().toArray(String[]::new);
        senses = details.senses().stream().sorted().map(Enum::name).toArray(String[]::new);
        stand(details.vessel().orElse(null));
        this.changedBy = changedBy;
        this.changedAt = changedAt;
    }

    private void stand(@Nullable Vessel vessel) {
        vesselShape = vessel == null ? null : vessel.shape();
        vesselFirstUm = vessel == null ? null : VesselMeasures.first(vessel).micrometres();
        vesselSecondUm = vessel == null
                ? null
                : VesselMeasures.second(vessel).map(Length::micrometres).orElse(null);
        vesselDepthUm = vessel == null ? null : vessel.depth().micrometres();
    }

    UUID roomId() {
        return roomId;
    }

    int version() {
        return version;
    }

    String changedBy() {
        return changedBy;
    }

    Instant changedAt() {
        return changedAt;
    }

    CardDetails details(List<CardDetails.Line> lines) {
        return new CardDetails(
                title,
                intention,
                adultRole,
                areas(),
                new LinkedHashSet<>(Arrays.asList(statements)),
                senses(),
                vessel(),
                lines);
    }

    CardSummary summary() {
        return new CardSummary(getId(), roomId, title, intention, areas(), senses());
    }

    private Set<String> areas() {
        return new LinkedHashSet<>(Arrays.asList(areas));
    }

    private Set<Sense> senses() {
        return Arrays.stream(senses).map(Sense::valueOf).collect(Collectors.toCollection(LinkedHashSet::new));
    }

    private Optional<Vessel> vessel() {
        VesselShape shape = vesselShape;
        Long first = vesselFirstUm;
        Long depth = vesselDepthUm;
        if (shape == null || first == null || depth == null) {
            return Optional.empty();
        }
        Long second = vesselSecondUm;
        return Optional.of(shape.of(
                Length.ofMicrometres(first),
                second == null ? Length.ZERO : Length.ofMicrometres(second),
                Length.ofMicrometres(depth)));
    }
}
