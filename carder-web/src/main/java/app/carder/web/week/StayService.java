package app.carder.web.week;

import app.carder.web.account.Viewer;
import app.carder.web.page.NotFound;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import app.carder.web.setting.SettingId;
import app.carder.web.week.WeekService.Moving;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is done to a card over all the days that it stays in one place. */
@Service
class StayService {

    private final WeekService weeks;
    private final RoomService rooms;

    StayService(WeekService weeks, RoomService rooms) {
        this.weeks = weeks;
        this.rooms = rooms;
    }

    /**
     * Moves a stay to another place, or to other days; what stands there changes places with it where it can. Copies it instead, where
     * asked. Days of it that would fall out of the week, or on which the session does not take place, are left off.
     *
     * @param held the day by which it was taken: that one comes to lie on the place's day
     */
    @Transactional
    public void move(Viewer viewer, UUID blockId, LocalDate held, BlockPlace to, Moving moving) {
        RoomView room = room(viewer.settingId(), blockId);
        List<PlannedBlock> stay = stay(viewer.settingId(), blockId);
        long later = ChronoUnit.DAYS.between(held, to.onDay());
        List<BlockPlace> targets = stay.stream()
                .map(block -> new BlockPlace(block.onDay().plusDays(later), to.sessionId(), to.zoneId(), to.place()))
                .filter(at -> weeks.isPlace(viewer.settingId(), room, at))
                .toList();
        if (targets.isEmpty()) {
            throw new NotFound();
        }
        UUID card = stay.get(0).cardId();
        if (moving == Moving.MOVE) {
            makeWay(viewer, room, stay, targets);
        }
        targets.forEach(target -> weeks.stand(viewer, room.id(), target, card, false));
    }

    /** What stands where a stay comes to lie goes where the stay came from, day by day; what is left of the stay's old places is free. */
    private void makeWay(Viewer viewer, RoomView room, List<PlannedBlock> stay, List<BlockPlace> targets) {
        LocalDate monday = WeekService.mondayOf(targets.get(0).onDay());
        Map<BlockPlace, UUID> there = weeks.planned(viewer.settingId(), room.id(), monday, monday.plusDays(6));
        List<UUID> others = targets.stream()
                .flatMap(target -> Optional.ofNullable(there.get(target)).stream())
                .filter(card -> !card.equals(stay.get(0).cardId()))
                .toList();
        List<PlannedBlock> left =
                stay.stream().filter(block -> !targets.contains(block.at())).toList();
        for (int at = 0; at < left.size(); at++) {
            if (at < others.size()) {
                weeks.stand(viewer, room.id(), left.get(at).at(), others.get(at), false);
            } else {
                weeks.remove(viewer.settingId(), left.get(at).getId());
            }
        }
    }

    /** Lets a stay end on another day: days are added in the same place, or taken off it. */
    @Transactional
    public void keepUntil(Viewer viewer, UUID blockId, LocalDate last) {
        RoomView room = room(viewer.settingId(), blockId);
        List<PlannedBlock> stay = stay(viewer.settingId(), blockId);
        PlannedBlock first = stay.get(0);
        stay.stream()
                .filter(block -> block.onDay().isAfter(last) && block != first)
                .forEach(block -> weeks.remove(viewer.settingId(), block.getId()));
        LocalDate sunday = WeekService.mondayOf(first.onDay()).plusDays(6);
        for (LocalDate day = first.onDay().plusDays(1);
                !day.isAfter(last) && !day.isAfter(sunday);
                day = day.plusDays(1)) {
            BlockPlace at = new BlockPlace(
                    day, first.at().sessionId(), first.at().zoneId(), first.at().place());
            if (weeks.isPlace(viewer.settingId(), room, at)) {
                weeks.stand(viewer, room.id(), at, first.cardId(), first.isPinned());
            }
        }
    }

    /** Pins all of a stay, or lets all of it go where all of it is pinned. */
    @Transactional
    public void pin(SettingId settingId, UUID blockId) {
        List<PlannedBlock> stay = stay(settingId, blockId);
        boolean all = stay.stream().allMatch(PlannedBlock::isPinned);
        stay.forEach(block -> block.pin(!all));
    }

    /** Takes all of a stay off the board. */
    @Transactional
    public void remove(SettingId settingId, UUID blockId) {
        stay(settingId, blockId).forEach(block -> weeks.remove(settingId, block.getId()));
    }

    private RoomView room(SettingId settingId, UUID blockId) {
        return rooms.get(settingId, weeks.home(settingId, blockId).roomId());
    }

    /** The same card in the same place on the days around, as far as they follow each other; the first day first. */
    private List<PlannedBlock> stay(SettingId settingId, UUID blockId) {
        PlannedBlock one = weeks.block(settingId, blockId);
        RoomView room = rooms.get(settingId, one.roomId());
        LocalDate monday = WeekService.mondayOf(one.onDay());
        Map<LocalDate, PlannedBlock> inPlace =
                weeks.ofDays(settingId, one.roomId(), monday, monday.plusDays(6)).stream()
                        .filter(block -> block.cardId().equals(one.cardId())
                                && block.at().sessionId().equals(one.at().sessionId())
                                && block.at().zoneId().equals(one.at().zoneId())
                                && block.at().place() == one.at().place())
                        .collect(Collectors.toMap(PlannedBlock::onDay, block -> block, (first, same) -> first));
        List<PlannedBlock> stay = new ArrayList<>(List.of(one));
        for (int step : new int[] {-1, 1}) {
            for (LocalDate day = one.onDay().plusDays(step);
                    WeekService.mondayOf(day).equals(monday);
                    day = day.plusDays(step)) {
                PlannedBlock next = inPlace.get(day);
                if (next != null) {
                    stay.add(next);
                } else if (weeks.isPlace(
                        settingId,
                        room,
                        new BlockPlace(
                                day,
                                one.at().sessionId(),
                                one.at().zoneId(),
                                one.at().place()))) {
                    break;
                }
            }
        }
        stay.sort(Comparator.comparing(PlannedBlock::onDay));
        return stay;
    }
}
