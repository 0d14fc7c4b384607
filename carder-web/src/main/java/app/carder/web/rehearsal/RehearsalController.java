package app.carder.web.rehearsal;

import app.carder.core.week.OpenDays;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Role;
import app.carder.web.account.Viewer;
import app.carder.web.card.CardPictures;
import app.carder.web.page.Days;
import app.carder.web.page.FormErrors;
import app.carder.web.page.Typed;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import app.carder.web.rota.FocusService;
import app.carder.web.rota.RotaService;
import app.carder.web.setting.OccasionService;
import app.carder.web.setting.SettingService;
import app.carder.web.undo.CanBeUndone;
import app.carder.web.undo.Deed;
import app.carder.web.week.BlockPlace;
import app.carder.web.week.WeekService;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** A room's day played through minute by minute. */
@Controller
@AllowedTo(Audience.STAFF)
class RehearsalController {

    private static final int DAYS_AHEAD = 6;
    private static final int FARTHEST_BREAK = 120;
    private static final int LAST_MINUTE = 24 * 60 - 1;

    private final RehearsalService rehearsals;
    private final RotaService rota;
    private final FocusService focus;
    private final WeekService weeks;
    private final RoomService rooms;
    private final OccasionService occasions;
    private final SettingService settings;
    private final CardPictures pictures;

    RehearsalController(
            RehearsalService rehearsals,
            RotaService rota,
            FocusService focus,
            WeekService weeks,
            RoomService rooms,
            OccasionService occasions,
            SettingService settings,
            CardPictures pictures) {
        this.rehearsals = rehearsals;
        this.rota = rota;
        this.focus = focus;
        this.weeks = weeks;
        this.rooms = rooms;
        this.occasions = occasions;
        this.settings = settings;
        this.pictures = pictures;
    }

    /** A day, the next open one where none is named, at a minute of it. */
    @GetMapping("/rooms/{roomId}/rehearsal")
    ModelAndView open(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam(name = "day", defaultValue = "") String asked,
            @RequestParam(name = "at", defaultValue = "") String at,
            @RequestHeader(name = "HX-Request-Type", defaultValue = "full") String requestType) {
        RoomView room = rooms.get(viewer.settingId(), roomId);
        LocalDate day = Days.read(asked).orElseGet(() -> nextOpen(viewer));
        int minute = Typed.whole("at", at, 0, LAST_MINUTE, new FormErrors()).orElseGet(() -> firstPlay(room, day));
        return page(viewer, room, day, minute, requestType.equals("partial"));
    }

    private ModelAndView page(Viewer viewer, RoomView room, LocalDate day, int minute, boolean isPart) {
        OpenDays open = occasions.openDays(viewer.settingId());
        LocalDate today = settings.today(viewer.settingId());
        RehearsalView view = RehearsalView.of(
                rehearsals.of(viewer.settingId(), room, day),
                room,
                day,
                weeks.planned(viewer.settingId(), room.id(), day, day),
                rehearsals.indoors(viewer.settingId(), room),
                minute);
        ModelAndView page = new ModelAndView(
                isPart && view.now().isPresent() ? "rehearsal/rehearsal :: now" : "rehearsal/rehearsal");
        page.addObject("room", room);
        page.addObject("rooms", rooms.all(viewer.settingId()));
        page.addObject("day", day);
        page.addObject(
                "days",
                IntStream.rangeClosed(0, DAYS_AHEAD)
                        .mapToObj(ahead -> open.plus(today, ahead))
                        .distinct()
                        .toList());
        page.addObject("isOpen", open.isOpen(day));
        page.addObject("changedMeanwhile", false);
        page.addObject("mayMoveBreaks", viewer.role() == Role.MANAGER || viewer.role() == Role.ROOM_LEAD);
        page.addObject("pictures", pictures.edition(viewer.settingId()));
        page.addObject("view", view);
        return page;
    }

    private LocalDate nextOpen(Viewer viewer) {
        return occasions.openDays(viewer.settingId()).after(settings.today(viewer.settingId()));
    }

    private static int firstPlay(RoomView room, LocalDate day) {
        return WeekService.playOn(room, day).stream()
                .mapToInt(session -> session.session().startsAt().toSecondOfDay() / 60)
                .min()
                .orElse(0);
    }

    @PostMapping("/rooms/{roomId}/rehearsal/swap")
    @CanBeUndone(Deed.WEEK_CARD_MOVED)
    ModelAndView swap(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam MultiValueMap<String, String> parameters) {
        Typed typed = Typed.of(parameters);
        RoomView room = rooms.get(viewer.settingId(), roomId);
        Optional<BlockPlace> one = BlockPlace.read(typed.text("one"));
        Optional<BlockPlace> other = BlockPlace.read(typed.text("other"));
        return answer(
                viewer,
                room,
                typed,
                one.isPresent() && other.isPresent() && weeks.swap(viewer, room, one.get(), other.get()));
    }

    @PostMapping("/rooms/{roomId}/rehearsal/groups/{groupId}")
    @CanBeUndone(Deed.GROUP_MOVED)
    ModelAndView moveGroup(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @PathVariable("groupId") UUID groupId,
            @RequestParam MultiValueMap<String, String> parameters) {
        Typed typed = Typed.of(parameters);
        RoomView room = rooms.get(viewer.settingId(), roomId);
        Optional<LocalTime> startsAt = typed.time("startsAt", new FormErrors());
        return answer(
                viewer,
                room,
                typed,
                startsAt.isPresent() && focus.moveTo(viewer.settingId(), room, groupId, startsAt.get()));
    }

    /** Somebody's break on this day of every week. */
    @PostMapping("/rooms/{roomId}/rota/breaks")
    @AllowedTo(Audience.LEADS)
    @CanBeUndone(Deed.BREAK_MOVED)
    ModelAndView moveBreak(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam MultiValueMap<String, String> parameters) {
        Typed typed = Typed.of(parameters);
        RoomView room = rooms.get(viewer.settingId(), roomId);
        FormErrors errors = new FormErrors();
        Optional<UUID> adult = typed.id("adult");
        Optional<LocalDate> day = typed.day("day", errors);
        Optional<LocalTime> from = typed.time("fromTime", errors);
        Optional<LocalTime> until = typed.time("untilTime", errors);
        Optional<Integer> minutes =
                Typed.whole("minutes", typed.text("minutes"), -FARTHEST_BREAK, FARTHEST_BREAK, errors);
        return answer(
                viewer,
                room,
                typed,
                !errors.any()
                        && adult.isPresent()
                        && rota.shiftBreak(
                                viewer.settingId(),
                                roomId,
                                adult.get(),
                                day.orElseThrow().getDayOfWeek(),
                                from.orElseThrow(),
                                until.orElseThrow(),
                                minutes.orElseThrow()));
    }

    /** The day as it is now; where nothing was changed, with the reason. */
    private ModelAndView answer(Viewer viewer, RoomView room, Typed typed, boolean isDone) {
        LocalDate day = typed.day("day", new FormErrors()).orElseGet(() -> nextOpen(viewer));
        if (isDone) {
            return new ModelAndView("redirect:/rooms/" + room.id() + "/rehearsal?day=" + day);
        }
        ModelAndView page = page(viewer, room, day, firstPlay(room, day), false);
        page.setStatus(HttpStatus.CONFLICT);
        page.addObject("changedMeanwhile", true);
        return page;
    }
}
