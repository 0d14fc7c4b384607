package app.carder.web.card;

import app.carder.core.card.Arrangement;
import app.carder.core.card.Card;
import app.carder.core.card.Contents;
import app.carder.core.card.Coverage;
import app.carder.core.card.Portion;
import app.carder.core.card.PreparationStep;
import app.carder.core.card.Purpose;
import app.carder.core.card.SettingOut;
import app.carder.core.card.Usage;
import app.carder.core.card.WrittenStep;
import app.carder.core.framework.Sense;
import app.carder.core.proposal.AdultLoad;
import app.carder.core.safety.Answer;
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
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** An invitation to play. */
@Entity
@Table(name = "card")
class StoredCard extends ScopedRecord {

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
    private String mightSee;
    private String atHome;
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
    private Usage.Units units;

    private int vessels;
    private int spillPercent;
    private int children;
    private int sessionsPerFill;
    private int sessionsPerYear;
    private @Nullable LocalDate weekOf;
    private @Nullable UUID kitId;

    @Enumerated(EnumType.STRING)
    private @Nullable Arrangement arrangement;

    @Enumerated(EnumType.STRING)
    private SettingOut.Hand hand;

    @JdbcTypeCode(SqlTypes.JSON)
    private List<SettingOut.Place> places;

    private String changedBy;
    private Instant changedAt;

    protected StoredCard() {}

    StoredCard(UUID id, SettingId settingId, UUID roomId, Card card, Change change) {
        super(id, settingId);
        this.roomId = roomId;
        rewrite(card, change);
    }

    /**
     * Who writes a card, when, and for which week it is planned.
     *
     * @param weekOf Monday of the week, where it is planned
     * @param by who writes
     * @param at when
     */
    record Change(Optional<LocalDate> weekOf, String by, Instant at) {}

    /** Takes over purpose, coverage, vessel, usage and kit; what has tables of its own is written there. */
    final void rewrite(Card card, Change change) {
        title = card.purpose().title();
        intention = card.purpose().intention();
        adultRole = card.purpose().adultRole();
        adultLoad = card.purpose().load();
        difficulty = card.purpose().difficulty().orElse(null);
        words = card.purpose().words();
        mightSee = card.purpose().mightSee();
        atHome = card.purpose().atHome();
        place = card.purpose().place();
        areas = card.coverage().areas().stream().sorted().toArray(String[]::new);
        statements = card.coverage().statements().stream().sorted().toArray(String[]::new);
        senses = card.coverage().senses().stream().sorted().map(Enum::name).toArray(String[]::new);
        features = card.contents().features().stream().sorted().map(Enum::name).toArray(String[]::new);
        Vessel stands = card.contents().vessel().orElse(null);
        vessel = new VesselColumns(stands instanceof Between between ? between.outer() : stands);
        inner = new VesselColumns(stands instanceof Between between ? between.inner() : null);
        units = card.usage().units();
        FillPlan.Use term = card.usage().term();
        vessels = term.vessels();
        spillPercent = term.spillPercent();
        children = term.children();
        sessionsPerFill = term.sessionsPerFill();
        sessionsPerYear = term.sessionsPerYear();
        kitId = card.contents().kit().map(kit -> UUID.fromString(kit.kit())).orElse(null);
        arrangement = card.settingOut().arrangement().orElse(null);
        hand = card.settingOut().hand();
        places = card.settingOut().places();
        weekOf = change.weekOf().orElse(null);
        changedBy = change.by();
        changedAt = change.at();
    }

    /** Lays the card out in another way. */
    void layOut(SettingOut settingOut, String by, Instant at) {
        arrangement = settingOut.arrangement().orElse(null);
        hand = settingOut.hand();
        places = settingOut.places();
        changedBy = by;
        changedAt = at;
    }

    private SettingOut settingOut() {
        return new SettingOut(Optional.ofNullable(arrangement), hand, places);
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

    /** What is kept of a card in tables of its own. */
    record Parts(
            List<Portion> lines,
            List<WrittenStep> ladder,
            List<PreparationStep> steps,
            List<Portion.Kept> kept,
            Map<String, Answer> answers) {}

    Card card(Parts parts) {
        Contents contents = new Contents(
                        vessel(),
                        parts.lines(),
                        Arrays.stream(features).map(Feature::valueOf).collect(Collectors.toSet()),
                        parts.answers())
                .plus(Optional.ofNullable(kitId)
                        .map(kit -> new Portion.KitThings(kit.toString(), "", Optional.empty()))
                        .map(List::of)
                        .orElse(List.of()))
                .plus(parts.kept());
        return new Card(
                new Purpose(
                        title,
                        intention,
                        adultRole,
                        adultLoad,
                        Optional.ofNullable(difficulty),
                        new Purpose.Alongside(words, mightSee, atHome),
                        place),
                new Coverage(areas(), new LinkedHashSet<>(Arrays.asList(statements)), senses()),
                contents,
                new Usage(new FillPlan.Use(vessels, spillPercent, children, sessionsPerFill, sessionsPerYear), units),
                parts.ladder(),
                parts.steps(),
                settingOut());
    }

    Optional<LocalDate> weekOf() {
        return Optional.ofNullable(weekOf);
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
