package app.carder.web.watch;

import app.carder.web.setting.SettingId;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Limit;
import org.springframework.data.domain.Pageable;
import org.springframework.data.domain.Slice;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;
import org.springframework.data.repository.query.Param;

interface ObservationRepository extends Repository<Observation, UUID> {

    void save(Observation observation);

    Optional<Observation> findByIdAndSettingId(UUID id, SettingId settingId);

    List<Observation> findBySettingIdAndIdIn(SettingId settingId, Collection<UUID> ids);

    List<Observation> findBySettingIdAndRoomIdOrderByObservedAtDescIdDesc(
            SettingId settingId, UUID roomId, Limit limit);

    @Query("select o from ObservationChild c join Observation o on o.id = c.observationId"
            + " where c.settingId = :settingId and c.childId = :childId"
            + " order by c.observedAt desc, c.observationId desc")
    Slice<Observation> ofChild(@Param("settingId") SettingId settingId, @Param("childId") UUID childId, Pageable page);

    @Query("select o from ObservationChild c join Observation o on o.id = c.observationId"
            + " where c.settingId = :settingId and c.childId = :childId and array_contains(o.areas, :notch)"
            + " order by c.observedAt desc, c.observationId desc")
    Slice<Observation> ofChildWithNotch(
            @Param("settingId") SettingId settingId,
            @Param("childId") UUID childId,
            @Param("notch") String notch,
            Pageable page);

    @Query(
            "select o from Observation o where o.settingId = :settingId and o.id in (select c.observationId from ObservationChild c"
                    + " where c.settingId = :settingId and c.childId in :childIds and c.observedAt >= :from and c.observedAt < :to)"
                    + " order by o.observedAt desc, o.id desc")
    List<Observation> ofChildrenBetween(
            @Param("settingId") SettingId settingId,
            @Param("childIds") Collection<UUID> childIds,
            @Param("from") Instant from,
            @Param("to") Instant to,
            Limit limit);

    @Query("select o from ObservationChild c join Observation o on o.id = c.observationId"
            + " where c.settingId = :settingId and c.childId = :childId"
            + " and c.observedAt >= :from and c.observedAt < :to"
            + " order by c.observedAt desc, c.observationId desc")
    List<Observation> ofChildBetween(
            @Param("settingId") SettingId settingId,
            @Param("childId") UUID childId,
            @Param("from") Instant from,
            @Param("to") Instant to,
            Limit limit);

    @Query("select c.observedAt as observedAt, o.areas as areas from ObservationChild c"
            + " join Observation o on o.id = c.observationId"
            + " where c.settingId = :settingId and c.childId = :childId and c.observedAt >= :from"
            + " order by c.observedAt desc, c.observationId desc")
    List<AreasSeen> areasOf(
            @Param("settingId") SettingId settingId,
            @Param("childId") UUID childId,
            @Param("from") Instant from,
            Limit limit);

    /** Of each child the newest alone is looked up: the database reads one line of an index for each. */
    @Query(
            nativeQuery = true,
            value = "select child.id as childId, newest.observed_at as lastAt from child, lateral (select c.observed_at"
                    + " from observation_child c where c.setting_id = :#{#settingId.value()} and c.child_id = child.id"
                    + " order by c.observed_at desc, c.observation_id desc limit 1) newest"
                    + " where child.setting_id = :#{#settingId.value()} and child.id in (:childIds)")
    List<LastSeen> lastSeen(@Param("settingId") SettingId settingId, @Param("childIds") Collection<UUID> childIds);

    @Query("select distinct o.cardId as cardId, c.childId as childId from ObservationChild c"
            + " join Observation o on o.id = c.observationId"
            + " where c.settingId = :settingId and o.roomId = :roomId and o.cardId is not null"
            + " and o.observedAt >= :from")
    List<SeenWith> seenWith(
            @Param("settingId") SettingId settingId, @Param("roomId") UUID roomId, @Param("from") Instant from);

    @Query("select c.childId as childId, o.areas as areas from ObservationChild c"
            + " join Observation o on o.id = c.observationId"
            + " where c.settingId = :settingId and c.childId in :childIds and c.observedAt >= :from")
    List<SeenAreas> areasSince(
            @Param("settingId") SettingId settingId,
            @Param("childIds") Collection<UUID> childIds,
            @Param("from") Instant from);

    @Query("select o.cardId as cardId, c.childId as childId, o.observedAt as observedAt, o.involvement as involvement"
            + " from ObservationChild c join Observation o on o.id = c.observationId"
            + " where c.settingId = :settingId and o.cardId in :cardIds order by o.observedAt desc, o.id desc")
    List<SeenAt> seenAt(
            @Param("settingId") SettingId settingId, @Param("cardIds") Collection<UUID> cardIds, Limit limit);

    /** A child at a card, and how deep. */
    interface SeenAt {
        UUID getCardId();

        UUID getChildId();

        Instant getObservedAt();

        @Nullable
        Integer getInvolvement();
    }

    /** The areas of an observation of a child. */
    interface SeenAreas {
        UUID getChildId();

        String[] getAreas();
    }

    /** The areas of an observation, and when it was made. */
    interface AreasSeen {
        Instant getObservedAt();

        String[] getAreas();
    }

    /** A child who was seen with a card. */
    interface SeenWith {
        UUID getCardId();

        UUID getChildId();
    }

    /** The newest observation of a child. */
    interface LastSeen {
        UUID getChildId();

        Instant getLastAt();
    }
}
