package app.carder.web.rota;

import app.carder.web.account.AccountService;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.page.FormErrors;
import app.carder.web.page.NotFound;
import app.carder.web.page.Typed;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import app.carder.web.setting.OccasionService;
import app.carder.web.setting.SettingService;
import app.carder.web.undo.CanBeUndone;
import app.carder.web.undo.Deed;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.temporal.TemporalAdjusters;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** Who is there when, whether that is enough, and who leads what. */
@Controller
@AllowedTo(Audience.LEADS)
class RotaController {

    private final RotaService rota;
    private final LeadService leads;
    private final RoomService rooms;
    private final AccountService accounts;
    private final OccasionService occasions;
    private final SettingService settings;

    RotaController(
            RotaService rota,
            LeadService leads,
            RoomService rooms,
            AccountService accounts,
            OccasionService occasions,
            SettingService settings) {
        this.rota = rota;
        this.leads = leads;
        this.rooms = rooms;
        this.accounts = accounts;
        this.occasions = occasions;
        this.settings = settings;
    }

    @GetMapping("/rooms/{roomId}/rota")
    ModelAndView open(@AuthenticationPrincipal Viewer viewer, @PathVariable("roomId") UUID roomId) {
        return page(viewer, rooms.get(viewer.settingId(), roomId), usual(viewer), new FormErrors());
    }

    private Typed usual(Viewer viewer) {
        LocalDate today = settings.today(viewer.settingId());
        return Typed.nothing()
                .with("weeks", 6)
                .with("firstMonday", today.with(TemporalAdjusters.nextOrSame(DayOfWeek.MONDAY)))
                .with("awayFrom", today)
                .with("awayUntil", today)
                .with(
                        "days",
                        occasions.weekdays(viewer.settingId()).stream()
                                .map(Enum::name)
                                .toList());
    }

    @PostMapping("/rooms/{roomId}/rota/shifts")
    ModelAndView addShift(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam MultiValueMap<String, String> parameters) {
        RoomView room = rooms.get(viewer.settingId(), roomId);
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        Optional<UUID> adult = adult(viewer, typed, "adult", errors);
        Optional<LocalTime> from = typed.time("fromTime", errors);
        Optional<LocalTime> until = typed.time("untilTime", errors);
        List<DayOfWeek> days = occasions.weekdays(viewer.settingId()).stream()
                .filter(day -> typed.has("days", day.name()))
                .toList();
        if (days.isEmpty()) {
            errors.add("days", "rota.days.missing");
        }
        checkOrder(from, until, errors);
        if (!errors.any()) {
            checkElsewhere(
                    rota.clashes(
                            viewer.settingId(),
                            roomId,
                            adult.orElseThrow(),
                            days,
                            from.orElseThrow(),
                            until.orElseThrow()),
                    errors);
        }
        if (errors.any()) {
            return page(viewer, room, typed, errors);
        }
        rota.addShifts(viewer.settingId(), roomId, adult.orElseThrow(), days, from.orElseThrow(), until.orElseThrow());
        return back(roomId);
    }

    @PostMapping("/rooms/{roomId}/rota/shifts/{shiftId}")
    @CanBeUndone(Deed.SHIFT_CHANGED)
    ModelAndView changeShift(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @PathVariable("shiftId") UUID shiftId,
            @RequestParam MultiValueMap<String, String> parameters) {
        RoomView room = rooms.get(viewer.settingId(), roomId);
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        Optional<LocalTime> from = typed.time("fromTime", errors);
        Optional<LocalTime> until = typed.time("untilTime", errors);
        checkOrder(from, until, errors);
        if (!errors.any()) {
            checkElsewhere(
                    rota.changeShift(viewer.settingId(), roomId, shiftId, from.orElseThrow(), until.orElseThrow()),
                    errors);
        }
        return errors.any() ? page(viewer, room, usual(viewer), errors) : back(roomId);
    }

    private static void checkOrder(Optional<LocalTime> from, Optional<LocalTime> until, FormErrors errors) {
        if (from.isPresent() && until.isPresent() && !until.get().isAfter(from.get())) {
            errors.add("untilTime", "rota.ends.early", from.get(), until.get());
        }
    }

    private static void checkElsewhere(List<String> rooms, FormErrors errors) {
        if (!rooms.isEmpty()) {
            errors.add("adult", "rota.elsewhere", String.join(", ", rooms));
        }
    }

    @PostMapping("/rooms/{roomId}/rota/shifts/{shiftId}/remove")
    @CanBeUndone(Deed.SHIFT_REMOVED)
    ModelAndView removeShift(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @PathVariable("shiftId") UUID shiftId) {
        rota.removeShift(viewer.settingId(), roomId, shiftId);
        return back(roomId);
    }

    @PostMapping("/rooms/{roomId}/rota/absences")
    ModelAndView addAbsence(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam MultiValueMap<String, String> parameters) {
        RoomView room = rooms.get(viewer.settingId(), roomId);
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        Optional<UUID> adult = adult(viewer, typed, "absent", errors);
        Optional<LocalDate> from = typed.day("awayFrom", errors);
        Optional<LocalDate> until = typed.day("awayUntil", errors);
        if (from.isPresent() && until.isPresent() && until.get().isBefore(from.get())) {
            errors.add("awayUntil", "rota.away.early");
        }
        if (errors.any()) {
            return page(viewer, room, typed, errors);
        }
        rota.addAbsence(viewer.settingId(), adult.orElseThrow(), from.orElseThrow(), until.orElseThrow());
        return back(roomId);
    }

    @PostMapping("/rooms/{roomId}/rota/absences/{absenceId}/remove")
    @CanBeUndone(Deed.ABSENCE_REMOVED)
    ModelAndView removeAbsence(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @PathVariable("absenceId") UUID absenceId) {
        UUID room = rooms.get(viewer.settingId(), roomId).id();
        rota.removeAbsence(viewer.settingId(), absenceId);
        return back(room);
    }

    @PostMapping("/rooms/{roomId}/rota/leads")
    @CanBeUndone(Deed.LEADS_MADE)
    ModelAndView makeLeads(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam MultiValueMap<String, String> parameters) {
        RoomView room = rooms.get(viewer.settingId(), roomId);
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        Optional<Integer> weeks = Typed.whole("weeks", typed.text("weeks"), 1, 26, errors);
        Optional<LocalDate> first = typed.day("firstMonday", errors);
        if (leads.adults(viewer.settingId(), roomId).isEmpty()) {
            errors.add("weeks", "rota.nobody");
        }
        if (errors.any()) {
            return page(viewer, room, typed, errors);
        }
        leads.make(
                viewer,
                room,
                first.orElseThrow().with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY)),
                weeks.orElseThrow());
        return back(roomId);
    }

    @PostMapping("/rooms/{roomId}/rota/skills")
    @CanBeUndone(Deed.LEADING_CHANGED)
    ModelAndView keepSkills(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam MultiValueMap<String, String> parameters) {
        RoomView room = rooms.get(viewer.settingId(), roomId);
        leads.keepUnable(
                viewer.settingId(), room, new HashSet<>(Typed.of(parameters).all("cannot")));
        return back(roomId);
    }

    @PostMapping("/lead-rotas/{rotaId}/again")
    @CanBeUndone(Deed.LEADS_MADE)
    ModelAndView again(@AuthenticationPrincipal Viewer viewer, @PathVariable("rotaId") UUID rotaId) {
        return back(leads.again(viewer, rotaId));
    }

    @PostMapping("/lead-turns/{turnId}")
    @CanBeUndone(Deed.TURN_HANDED)
    ModelAndView hand(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("turnId") UUID turnId,
            @RequestParam MultiValueMap<String, String> parameters) {
        return back(leads.hand(
                viewer.settingId(), turnId, Typed.of(parameters).id("adult").orElseThrow(NotFound::new)));
    }

    private Optional<UUID> adult(Viewer viewer, Typed typed, String name, FormErrors errors) {
        Optional<UUID> adult = typed.id(name)
                .filter(id -> accounts.staff(viewer.settingId()).stream()
                        .anyMatch(one -> one.id().equals(id)));
        if (adult.isEmpty()) {
            errors.add(name, "rota.adult.missing");
        }
        return adult;
    }

    private static ModelAndView back(UUID roomId) {
        return new ModelAndView("redirect:/rooms/" + roomId + "/rota");
    }

    private ModelAndView page(Viewer viewer, RoomView room, Typed typed, FormErrors errors) {
        LocalDate today = settings.today(viewer.settingId());
        List<LocalDate> week = occasions.openDays(viewer.settingId()).ofWeek(today);
        ModelAndView page = new ModelAndView("rota/rota");
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        page.addObject("room", room);
        page.addObject("rooms", rooms.all(viewer.settingId()));
        page.addObject("days", occasions.weekdays(viewer.settingId()));
        page.addObject("staff", accounts.staff(viewer.settingId()));
        page.addObject("shifts", rota.shifts(viewer.settingId(), room.id()));
        page.addObject("absences", rota.absences(viewer.settingId(), today));
        page.addObject("staffing", rota.staffing(viewer.settingId(), room, week));
        page.addObject("adults", leads.adults(viewer.settingId(), room.id()));
        page.addObject("cannot", leads.unable(viewer.settingId(), room));
        page.addObject("lead", leads.newest(viewer.settingId(), room).orElse(null));
        page.addObject("typed", typed);
        page.addObject("errors", errors);
        return page;
    }
}
