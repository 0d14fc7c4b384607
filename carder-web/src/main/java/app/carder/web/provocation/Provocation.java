package app.carder.web.provocation;

import app.carder.core.framework.Sense;
import app.carder.core.proposal.AdultLoad;
import app.carder.core.safety.Feature;
import app.carder.core.vessel.Between;
import app.carder.core.vessel.FillPlan;
import app.carder.core.vessel.Vessel;
import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.AttributeOverride;
import jakarta.persistence.Column;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDate;
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

    @Enumerated(EnumType.STRING)
    private AdultLoad adultLoad;

    private @Nullable Integer difficulty;

    private String[] areas;
    private String[] statements;
    private String[] senses;

    private String words;
    private String place;
    private String[] features;

    @Embedded
    @AttributeOverride(name = "shape", column = @Column(name = "vessel_shape"))
    @AttributeOverride(name = "firstUm", column = @Column(name = "vessel_first_um"))
    @AttributeOverride(name = "secondUm", column = @Column(name = "vessel_second_um"))
    @AttributeOverride(name = "depthUm", column = @Column(name = "vessel_depth_um"))
    @AttributeOverride(name = "volumeUl", column = @Column(name = "vessel_ul"))
    private @Nullable VesselColumns vessel;

    @Embedded
    @AttributeOverride(name = "shape", column = @Column(name = "inner_shape"))
    @AttributeOverride(name = "firstUm", column = @Column(name = "inner_first_um"))
    @AttributeOverride(name = "secondUm", column = @Column(name = "inner_second_um"))
    @AttributeOverride(name = "depthUm", column = @Column(name = "inner_depth_um"))
    @AttributeOverride(name = "volumeUl", column = @Column(name = "inner_ul"))
    private @Nullable VesselColumns inner;

    @Enumerated(EnumType.STRING)
    private CardDetails.Units units;

    private int vessels;
    private int spillPercent;
    private int children;
    private int sessionsPerFill;
    private int sessionsPerYear;
    private @Nullable LocalDate weekOf;
    private @Nullable UUID kitId;
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
        adultLoad = details.load();
        difficulty = details.difficulty().orElse(null);
        areas = details.areas().stream().sorted().toArray(String[]::new);
        statements = details.statements().stream().sorted().toArray(String[]::new);
        senses = details.senses().stream().sorted().map(Enum::name).toArray(String[]::new);
        words = details.words();
        place = details.place();
        features = details.features().stream().sorted().map(Enum::name).toArray(String[]::new);
        Vessel stands = details.vessel().orElse(null);
        vessel = new VesselColumns(stands instanceof Between between ? between.outer() : stands);
        inner = new VesselColumns(stands instanceof Between between ? between.inner() : null);
        units = details.units();
        vessels = details.use().vessels();
        spillPercent = details.use().spillPercent();
        children = details.use().children();
        sessionsPerFill = details.use().sessionsPerFill();
        sessionsPerYear = details.use().sessionsPerYear();
        weekOf = details.weekOf().orElse(null);
        kitId = details.kitId().orElse(null);
        this.changedBy = changedBy;
        this.changedAt = changedAt;
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
                adultLoad,
                Optional.ofNullable(difficulty),
                words,
                place,
                areas(),
                new LinkedHashSet<>(Arrays.asList(statements)),
                senses(),
                Arrays.stream(features).map(Feature::valueOf).collect(Collectors.toSet()),
                vessel(),
                lines,
                units,
                new FillPlan.Use(vessels, spillPercent, children, sessionsPerFill, sessionsPerYear),
                Optional.ofNullable(weekOf),
                Optional.ofNullable(kitId));
    }

    /** Plans the card for another week, or for none. */
    void planFor(@Nullable LocalDate monday, String changedBy, Instant changedAt) {
        this.weekOf = monday;
        this.changedBy = changedBy;
        this.changedAt = changedAt;
    }

    CardSummary summary() {
        return new CardSummary(
                getId(),
                roomId,
                title,
                intention,
                areas(),
                senses(),
                Optional.ofNullable(difficulty),
                Optional.ofNullable(weekOf));
    }

    private Set<String> areas() {
        return new LinkedHashSet<>(Arrays.asList(areas));
    }

    private Set<Sense> senses() {
        return Arrays.stream(senses).map(Sense::valueOf).collect(Collectors.toCollection(LinkedHashSet::new));
    }

    private Optional<Vessel> vessel() {
        Optional<Vessel> outer = Optional.ofNullable(vessel).flatMap(VesselColumns::vessel);
        Optional<Vessel> within = Optional.ofNullable(inner).flatMap(VesselColumns::vessel);
        return outer.map(around ->
                within.<Vessel>map(small -> new Between(around, small)).orElse(around));
    }
}
