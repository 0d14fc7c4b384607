package app.carder.web.week;

import app.carder.core.said.Refused;
import app.carder.core.week.OpenDays;
import app.carder.exchange.calendar.CalendarFile;
import app.carder.exchange.calendar.CalendarFile.Occasion;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Role;
import app.carder.web.account.Viewer;
import app.carder.web.page.Days;
import app.carder.web.page.Download;
import app.carder.web.page.FormErrors;
import app.carder.web.page.NotFound;
import app.carder.web.page.PublicAddress;
import app.carder.web.page.Typed;
import app.carder.web.room.RoomService;
import app.carder.web.setting.OccasionDetails;
import app.carder.web.setting.OccasionService;
import app.carder.web.setting.OccasionView;
import app.carder.web.setting.SettingService;
import app.carder.web.undo.CanBeUndone;
import app.carder.web.undo.Deed;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;
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

/** Closed days and visits; weeks as calendars, calendars as closed days. */
@Controller
@AllowedTo(Audience.STAFF)
class CalendarController {

    private static final String FILE = "week.ics";
    private static final String CALENDAR = "text/calendar";
    private static final int MONTHS_READ = 15;
    private static final int MOST_ROWS = 200;
    private static final int MONTHS_SHOWN = 6;
    /** Of years that a nursery plans. */
    private static final Pattern MONTH = Pattern.compile("20\\d\\d-(0[1-9]|1[0-2])");

    private final CalendarService calendars;
    private final OccasionService occasions;
    private final RoomService rooms;
    private final SettingService settings;
    private final PublicAddress address;

    CalendarController(
            CalendarService calendars,
            OccasionService occasions,
            RoomService rooms,
            SettingService settings,
            PublicAddress address) {
        this.calendars = calendars;
        this.occasions = occasions;
        this.rooms = rooms;
        this.settings = settings;
        this.address = address;
    }

    /**
     * What a calendar says, to be chosen from.
     *
     * @param occasion as read
     * @param closes whether its words sound like a closed day
     */
    record Row(Occasion occasion, boolean closes) {}

    @GetMapping("/calendar")
    ModelAndView open(@AuthenticationPrincipal Viewer viewer, @RequestParam MultiValueMap<String, String> parameters) {
        return page(viewer, Typed.of(parameters), new FormErrors());
    }

    @PostMapping("/calendar/occasions")
    @AllowedTo(Audience.LEADS)
    ModelAndView add(@AuthenticationPrincipal Viewer viewer, @RequestParam MultiValueMap<String, String> parameters) {
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        String summary = typed.optional("summary", OccasionDetails.LONGEST_SUMMARY, errors);
        if (summary.isEmpty()) {
            errors.add("summary", "calendar.summary.missing");
        }
        Optional<LocalDate> from = typed.day("fromDay", errors);
        Optional<LocalDate> until = typed.text("untilDay").isEmpty() ? from : typed.day("untilDay", errors);
        if (from.isPresent() && until.isPresent() && until.get().isBefore(from.get())) {
            errors.add("untilDay", "calendar.until.early");
        }
        if (errors.any()) {
            return page(viewer, typed, errors);
        }
        occasions.add(
                viewer.settingId(),
                List.of(new OccasionDetails(from.orElseThrow(), until.orElseThrow(), summary, typed.ticked("closes"))));
        return new ModelAndView("redirect:/calendar?month=" + YearMonth.from(from.orElseThrow()));
    }

    @PostMapping("/calendar/occasions/{occasionId}/remove")
    @CanBeUndone(Deed.OCCASION_REMOVED)
    @AllowedTo(Audience.LEADS)
    String remove(@AuthenticationPrincipal Viewer viewer, @PathVariable("occasionId") UUID occasionId) {
        occasions.remove(viewer.settingId(), occasionId);
        return "redirect:/calendar";
    }

    /** Reads a calendar and offers what it says for choosing. */
    @PostMapping("/calendar/import")
    @AllowedTo(Audience.LEADS)
    ModelAndView read(
            @AuthenticationPrincipal Viewer viewer, @RequestParam(name = "file", required = false) MultipartFile file)
            throws IOException {
        FormErrors errors = new FormErrors();
        if (file == null || file.isEmpty()) {
            errors.add("file", "calendar.file.missing");
            return page(viewer, Typed.nothing(), errors);
        }
        LocalDate today = settings.today(viewer.settingId());
        try {
            List<Row> rows = CalendarFile.read(
                            new String(file.getBytes(), StandardCharsets.UTF_8),
                            today,
                            today.plusMonths(MONTHS_READ),
                            settings.get(viewer.settingId()).zone())
                    .stream()
                    .filter(occasion -> !occasion.summary().isBlank())
                    .limit(MOST_ROWS)
                    .map(occasion -> new Row(occasion, closes(occasion)))
                    .toList();
            ModelAndView page = page(viewer, Typed.nothing(), errors);
            page.addObject("rows", rows);
            return page;
        } catch (IllegalArgumentException refused) {
            errors.add("file", "calendar.file.refused", Refused.why(refused).words());
            return page(viewer, Typed.nothing(), errors);
        }
    }

    private static boolean closes(Occasion occasion) {
        String words = occasion.summary().toLowerCase(Locale.ROOT);
        return occasion.allDay()
                && Stream.of("closed", "holiday", "training", "inset", "bank").anyMatch(words::contains);
    }

    /** Takes over what was chosen: day, last day, closing or not, and the words. */
    @PostMapping("/calendar/rows")
    @AllowedTo(Audience.LEADS)
    String take(@AuthenticationPrincipal Viewer viewer, @RequestParam MultiValueMap<String, String> parameters) {
        Typed typed = Typed.of(parameters);
        List<OccasionDetails> chosen = new ArrayList<>();
        for (String row : typed.first("take", MOST_ROWS)) {
            occasion(typed, row).ifPresent(chosen::add);
        }
        occasions.add(viewer.settingId(), chosen);
        return "redirect:/calendar";
    }

    private static Optional<OccasionDetails> occasion(Typed typed, String row) {
        LocalDate from = Days.read(typed.text("from-" + row)).orElseThrow(NotFound::new);
        LocalDate until = Days.read(typed.text("until-" + row)).orElseThrow(NotFound::new);
        String summary = typed.text("summary-" + row);
        boolean possible = !summary.isEmpty() && !until.isBefore(from);
        return possible
                ? Optional.of(new OccasionDetails(from, until, summary, typed.has("closing", row)))
                : Optional.empty();
    }

    /** Makes an address for one's calendar program; it is shown once. */
    @PostMapping("/calendar/feeds")
    ModelAndView makeFeed(
            @AuthenticationPrincipal Viewer viewer, @RequestParam MultiValueMap<String, String> parameters) {
        UUID room = Typed.of(parameters)
                .id("room")
                .orElseGet(() -> rooms.home(viewer).id());
        String token = calendars.make(viewer, room, Typed.of(parameters).ticked("names"));
        ModelAndView page = page(viewer, Typed.nothing(), new FormErrors());
        page.addObject("address", address.of("/calendar/feed/" + token));
        return page;
    }

    @PostMapping("/calendar/feeds/{feedId}/revoke")
    String revokeFeed(@AuthenticationPrincipal Viewer viewer, @PathVariable("feedId") UUID feedId) {
        calendars.revoke(viewer, feedId);
        return "redirect:/calendar";
    }

    @GetMapping("/calendar/feed/{token}")
    @AllowedTo(Audience.EVERYONE)
    ResponseEntity<byte[]> feed(@PathVariable("token") String token) {
        return Download.of(FILE, CALENDAR, calendars.feed(token));
    }

    @GetMapping("/rooms/{roomId}/week.ics")
    ResponseEntity<byte[]> week(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam(name = "of", defaultValue = "") String of) {
        LocalDate monday = WeekService.mondayOf(of, settings.today(viewer.settingId()));
        return Download.of(
                FILE, CALENDAR, calendars.week(viewer.settingId(), rooms.get(viewer.settingId(), roomId), monday));
    }

    /** A month that can be shown; absent where a text names none. */
    private static Optional<YearMonth> month(String text) {
        return MONTH.matcher(text).matches() ? Optional.of(YearMonth.parse(text)) : Optional.empty();
    }

    private ModelAndView page(Viewer viewer, Typed typed, FormErrors errors) {
        LocalDate today = settings.today(viewer.settingId());
        ModelAndView page = new ModelAndView("week/calendar");
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        YearMonth first = month(typed.raw("month")).orElseGet(() -> YearMonth.from(today));
        Optional<CalendarMonth.Days> writing = Days.read(typed.raw("fromDay"))
                .map(from -> new CalendarMonth.Days(
                        from, Days.read(typed.raw("untilDay")).filter(until -> until.isAfter(from))));
        OpenDays open = occasions.openDays(viewer.settingId());
        List<OccasionView> there = occasions.between(
                viewer.settingId(),
                first.atDay(1),
                first.plusMonths(MONTHS_SHOWN - 1).atEndOfMonth());
        page.addObject("first", first);
        page.addObject("following", first.plusMonths(MONTHS_SHOWN));
        page.addObject("earlier", first.minusMonths(MONTHS_SHOWN));
        page.addObject("today", today);
        page.addObject("weekdays", DayOfWeek.values());
        page.addObject(
                "months",
                IntStream.range(0, MONTHS_SHOWN)
                        .mapToObj(at -> CalendarMonth.of(first.plusMonths(at), open, there, writing))
                        .toList());
        page.addObject("feeds", calendars.open(viewer));
        page.addObject("rooms", rooms.all(viewer.settingId()));
        page.addObject("mayEdit", viewer.role() != Role.PRACTITIONER);
        page.addObject("typed", typed);
        page.addObject("errors", errors);
        return page;
    }
}
