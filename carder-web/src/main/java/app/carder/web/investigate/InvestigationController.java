package app.carder.web.investigate;

import app.carder.core.investigate.Expected;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.media.PhotoService;
import app.carder.web.media.PhotoService.Cleaned;
import app.carder.web.page.Download;
import app.carder.web.page.FormErrors;
import app.carder.web.page.NotFound;
import app.carder.web.page.Printer;
import app.carder.web.page.Typed;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import app.carder.web.setting.Ids;
import app.carder.web.setting.SettingService;
import app.carder.web.undo.CanBeUndone;
import app.carder.web.undo.Deed;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.ModelAndView;

/** Begins investigations and keeps their readings. */
@Controller
@AllowedTo(Audience.STAFF)
class InvestigationController {

    private static final int LONGEST_WORDS = 500;
    private static final int LONGEST_UNIT = 20;
    private static final BigDecimal MOST_MEASURED = BigDecimal.valueOf(1_000_000);

    private final InvestigationService investigations;
    private final RoomService rooms;
    private final PhotoService photos;
    private final SettingService settings;
    private final Printer printer;

    InvestigationController(
            InvestigationService investigations,
            RoomService rooms,
            PhotoService photos,
            SettingService settings,
            Printer printer) {
        this.investigations = investigations;
        this.rooms = rooms;
        this.photos = photos;
        this.settings = settings;
        this.printer = printer;
    }

    @GetMapping("/rooms/{roomId}/investigations")
    ModelAndView list(@AuthenticationPrincipal Viewer viewer, @PathVariable("roomId") UUID roomId) {
        Typed blank = Typed.nothing()
                .with("id", Ids.next())
                .with("begunOn", settings.today(viewer.settingId()))
                .with("everyDays", 2)
                .with("weeks", 3)
                .with("unit", "cm");
        return listed(viewer, rooms.get(viewer.settingId(), roomId), blank, new FormErrors());
    }

    @PostMapping("/rooms/{roomId}/investigations")
    ModelAndView begin(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam MultiValueMap<String, String> parameters) {
        RoomView room = rooms.get(viewer.settingId(), roomId);
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        String title = typed.line("watched", errors);
        String question = typed.passage("question", LONGEST_WORDS, errors);
        String unit = typed.optional("unit", LONGEST_UNIT, errors);
        String expected =
                Expected.byCode(typed.text("expected")).map(Expected::code).orElse("");
        Optional<LocalDate> begunOn = typed.day("begunOn", errors);
        Optional<Integer> every = Typed.whole("everyDays", typed.text("everyDays"), 1, 5, errors);
        Optional<Integer> weeks = Typed.whole("weeks", typed.text("weeks"), 1, 6, errors);
        if (errors.any()) {
            return listed(viewer, room, typed, errors);
        }
        UUID id = typed.id("id").orElseThrow(NotFound::new);
        investigations.begin(
                viewer,
                id,
                roomId,
                new InvestigationDetails(
                        title,
                        question,
                        expected,
                        unit,
                        begunOn.orElseThrow(),
                        every.orElseThrow(),
                        weeks.orElseThrow()));
        return new ModelAndView("redirect:/investigations/" + id);
    }

    @GetMapping("/investigations/{investigationId}")
    ModelAndView open(@AuthenticationPrincipal Viewer viewer, @PathVariable("investigationId") UUID investigationId) {
        Typed blank = Typed.nothing().with("id", Ids.next()).with("onDay", settings.today(viewer.settingId()));
        return page(viewer, investigations.get(viewer.settingId(), investigationId), blank, new FormErrors());
    }

    @PostMapping("/investigations/{investigationId}/readings")
    ModelAndView read(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("investigationId") UUID investigationId,
            @RequestParam MultiValueMap<String, String> parameters,
            @RequestParam(name = "drawing", required = false) @Nullable MultipartFile drawing) {
        InvestigationView investigation = investigations.get(viewer.settingId(), investigationId);
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        Optional<LocalDate> onDay = typed.day("onDay", errors);
        if (onDay.isPresent() && onDay.get().isAfter(settings.today(viewer.settingId()))) {
            errors.add("onDay", "investigation.day.ahead");
        }
        Optional<BigDecimal> measured =
                typed.text("measured").isEmpty() ? Optional.empty() : Typed.number(typed.text("measured"));
        if (!typed.text("measured").isEmpty()
                && measured.filter(number -> number.signum() >= 0 && number.compareTo(MOST_MEASURED) < 0)
                        .isEmpty()) {
            errors.add("measured", "investigation.measured", typed.text("measured"));
        }
        String note = typed.passage("note", LONGEST_WORDS, errors);
        Optional<Cleaned> cleaned =
                drawing == null || drawing.isEmpty() ? Optional.empty() : photos.clean(drawing, "drawing", errors);
        if (!errors.any() && measured.isEmpty() && note.isEmpty() && cleaned.isEmpty()) {
            errors.add("measured", "investigation.nothing");
        }
        if (errors.any()) {
            return page(viewer, investigation, typed, errors);
        }
        investigations.read(
                viewer,
                typed.id("id").orElseThrow(NotFound::new),
                investigationId,
                new ReadingDetails(onDay.orElseThrow(), measured, note),
                cleaned);
        return new ModelAndView("redirect:/investigations/" + investigationId);
    }

    @PostMapping("/investigations/{investigationId}/end")
    @CanBeUndone(Deed.INVESTIGATION_ENDED)
    String end(@AuthenticationPrincipal Viewer viewer, @PathVariable("investigationId") UUID investigationId) {
        return "redirect:/rooms/" + investigations.end(viewer.settingId(), investigationId) + "/investigations";
    }

    @GetMapping("/investigations/{investigationId}/chart.pdf")
    ResponseEntity<byte[]> print(
            @AuthenticationPrincipal Viewer viewer, @PathVariable("investigationId") UUID investigationId) {
        return printer.download(
                "observation-chart.pdf",
                printer.print(
                        "investigate/print",
                        Map.of("it", investigations.get(viewer.settingId(), investigationId)),
                        Map.of()));
    }

    @GetMapping("/investigations/{investigationId}/readings.csv")
    ResponseEntity<byte[]> table(
            @AuthenticationPrincipal Viewer viewer, @PathVariable("investigationId") UUID investigationId) {
        InvestigationView it = investigations.get(viewer.settingId(), investigationId);
        return Download.table(
                "readings.csv",
                List.of("day", it.unit().isEmpty() ? "measured" : "measured " + it.unit(), "note", "drawing", "by"),
                it.readings().stream()
                        .map(reading -> List.of(
                                reading.onDay().toString(),
                                reading.measured()
                                        .map(value -> value.stripTrailingZeros().toPlainString())
                                        .orElse(""),
                                reading.note(),
                                reading.drawing().isPresent() ? "yes" : "no",
                                reading.by()))
                        .toList());
    }

    private ModelAndView listed(Viewer viewer, RoomView room, Typed typed, FormErrors errors) {
        ModelAndView page = new ModelAndView("investigate/investigations");
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        page.addObject("room", room);
        page.addObject("rooms", rooms.all(viewer.settingId()));
        page.addObject("all", investigations.ofRoom(viewer.settingId(), room.id()));
        page.addObject("today", settings.today(viewer.settingId()));
        page.addObject("windows", Expected.shipped());
        page.addObject("source", Expected.SOURCE);
        page.addObject("typed", typed);
        page.addObject("errors", errors);
        return page;
    }

    private ModelAndView page(Viewer viewer, InvestigationView it, Typed typed, FormErrors errors) {
        ModelAndView page = new ModelAndView("investigate/investigation");
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        page.addObject("it", it);
        page.addObject("room", rooms.get(viewer.settingId(), it.roomId()));
        page.addObject("today", settings.today(viewer.settingId()));
        page.addObject("source", Expected.SOURCE);
        page.addObject("largestMegabytes", photos.largestMegabytes());
        page.addObject("typed", typed);
        page.addObject("errors", errors);
        return page;
    }
}
