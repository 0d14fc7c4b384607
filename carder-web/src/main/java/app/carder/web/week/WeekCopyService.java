package app.carder.web.week;

import app.carder.core.week.OpenDays;
import app.carder.core.week.Rotation.Novelty;
import app.carder.web.account.Viewer;
import app.carder.web.room.RoomView;
import app.carder.web.roomplan.RoomPlanService;
import app.carder.web.roomplan.RoomPlanService.ZonePlaces;
import app.carder.web.setting.OccasionService;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Copies days and weeks on the board. */
@Service
class WeekCopyService {

    private final WeekService weeks;
    private final RoomPlanService plans;
    private final OccasionService occasions;

    WeekCopyService(WeekService weeks, RoomPlanService plans, OccasionService occasions) {
        this.weeks = weeks;
        this.plans = plans;
        this.occasions = occasions;
    }

    /** Copies a day to others of its week that are open; what stood there makes way, unless it is pinned. */
    @Transactional
    public void copyDay(Viewer viewer, RoomView room, LocalDate from, List<LocalDate> to) {
        List<PlannedBlock> day = weeks.ofDays(viewer.settingId(), room.id(), from, from);
        copy(viewer, room, day, to, Set.of());
    }

    /**
     * Copies the week before: all of it, or only what has not stood its days and what children still choose; the rest is left for
     * something else.
     */
    @Transactional
    public void copyLastWeek(Viewer viewer, RoomView room, LocalDate monday, Copying copying) {
        Set<UUID> leaving = new HashSet<>();
        if (copying == Copying.STILL_CHOSEN) {
            weeks.advised(viewer.settingId(), room, monday).forEach((card, advised) -> {
                if (advised.turn() != Novelty.STAYS && advised.turn() != Novelty.STILL_CHOSEN) {
                    leaving.add(card);
                }
            });
        }
        weeks.clear(viewer.settingId(), room.id(), monday);
        for (LocalDate on : occasions.openDays(viewer.settingId()).usualOfWeek(monday)) {
            copy(
                    viewer,
                    room,
                    weeks.ofDays(viewer.settingId(), room.id(), on.minusWeeks(1), on.minusWeeks(1)),
                    List.of(on),
                    leaving);
        }
    }

    /** How much of a week is copied. */
    public enum Copying {
        /** Everything. */
        ALL,
        /** What has not stood its days, and what children still choose. */
        STILL_CHOSEN
    }

    private void copy(Viewer viewer, RoomView room, List<PlannedBlock> day, List<LocalDate> to, Set<UUID> leaving) {
        OpenDays open = occasions.openDays(viewer.settingId());
        Map<UUID, ZonePlaces> places = plans.places(viewer.settingId(), room);
        for (LocalDate on : to) {
            Set<BlockPlace> there = WeekService.playOn(room, on).stream()
                    .flatMap(session -> WeekService.placesIn(room, session, on, places).stream())
                    .collect(Collectors.toSet());
            Map<BlockPlace, UUID> pinned = weeks.pinned(viewer.settingId(), room.id(), on, on);
            for (PlannedBlock block : day) {
                BlockPlace at = new BlockPlace(
                        on,
                        block.at().sessionId(),
                        block.at().zoneId(),
                        block.at().place());
                boolean free = open.isOpen(on) && there.contains(at) && !pinned.containsKey(at);
                if (free && !leaving.contains(block.cardId())) {
                    weeks.stand(viewer, room.id(), at, block.cardId(), false);
                }
            }
        }
    }
}
