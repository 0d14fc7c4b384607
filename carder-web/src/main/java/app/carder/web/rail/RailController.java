package app.carder.web.rail;

import app.carder.core.journal.Purpose;
import app.carder.core.journal.Rhythm;
import app.carder.exchange.pdf.JoinedPdf;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.children.ChildService;
import app.carder.web.family.FamilyService;
import app.carder.web.family.SendingRound;
import app.carder.web.journal.JournalDraft;
import app.carder.web.journal.JournalFiles;
import app.carder.web.journal.JournalFormat;
import app.carder.web.journal.JournalPages;
import app.carder.web.journal.JournalRequest;
import app.carder.web.journal.JournalService;
import app.carder.web.journal.JournalSheet;
import app.carder.web.page.FormErrors;
import app.carder.web.page.Printer;
import app.carder.web.page.Typed;
import app.carder.web.rail.Rail.Peg;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** The rail of a room's journals: all made, read one after the other, sent and printed at once. */
@Controller
@AllowedTo(Audience.STAFF)
class RailController {

    private static final int MOST_PAGES = 20;
    private static final int LONGEST_REMARK = 1000;
    /** Choices for how often journals are due; 0 for once. */
    private static final List<Integer> WEEKS = List.of(0, 1, 2, 4, 6, 8, 12, 26);

    private final RailService rail;
    private final RhythmService rhythms;
    private final JournalService journals;
    private final JournalFiles files;
    private final FamilyService family;
    private final ChildService children;
    private final RoomService rooms;
    private final SettingService settings;
    private final Printer printer;

    RailController(
            RailService rail,
            RhythmService rhythms,
            JournalService journals,
            JournalFiles files,
            FamilyService family,
            ChildService children,
            RoomService rooms,
            SettingService settings,
            Printer printer) {
        this.rail = rail;
        this.rhythms = rhythms;
        this.journals = journals;
        this.files = files;
        this.family = family;
        this.children = children;
        this.rooms = rooms;
        this.settings = settings;
        this.printer = printer;
    }

    @GetMapping("/rooms/{roomId}/journals")
    ModelAndView open(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam(name = "purpose", defaultValue = "TERM") Purpose purpose) {
        return page(viewer, roomId, usual(viewer, purpose), new FormErrors());
    }

    private Typed usual(Viewer viewer, Purpose purpose) {
        LocalDate today = settings.today(viewer.settingId());
        return Typed.nothing()
                .with("purpose", purpose)
                .with("startsOn", today.minusDays(purpose.days() - 1L))
                .with("endsOn", today)
                .with("pages", purpose.pages());
    }

    /** Has all journals of the room made. */
    @PostMapping("/rooms/{roomId}/journals")
    ModelAndView make(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam MultiValueMap<String, String> parameters) {
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        Optional<LocalDate> startsOn = typed.day("startsOn", errors);
        Optional<LocalDate> endsOn = typed.day("endsOn", errors);
        if (startsOn.isPresent() && endsOn.isPresent() && endsOn.get().isBefore(startsOn.get())) {
            errors.add("endsOn", "journal.endsOn.before");
        }
        Optional<Integer> pages = Typed.whole("pages", typed.text("pages"), 1, MOST_PAGES, errors);
        if (errors.any()) {
            return page(viewer, roomId, typed, errors);
        }
        rail.make(
                viewer,
                rooms.get(viewer.settingId(), roomId).id(),
                new JournalRequest(
                        roomId, startsOn.orElseThrow(), endsOn.orElseThrow(), purpose(typed), pages.orElseThrow(), ""));
        return new ModelAndView("redirect:/rooms/" + roomId + "/journals");
    }

    private static Purpose purpose(Typed typed) {
        return Purpose.ofAChild().stream()
                .filter(one -> typed.has("purpose", one.name()))
                .filter(one -> !one.isAboutOneThing())
                .findFirst()
                .orElse(Purpose.TERM);
    }

    @PostMapping("/rooms/{roomId}/journals/stop")
    String stop(@AuthenticationPrincipal Viewer viewer, @PathVariable("roomId") UUID roomId) {
        rail.stop(viewer.settingId(), rooms.get(viewer.settingId(), roomId).id());
        return "redirect:/rooms/" + roomId + "/journals";
    }

    @PostMapping("/rooms/{roomId}/journals/resume")
    String resume(@AuthenticationPrincipal Viewer viewer, @PathVariable("roomId") UUID roomId) {
        rail.resume(viewer.settingId(), rooms.get(viewer.settingId(), roomId).id());
        return "redirect:/rooms/" + roomId + "/journals";
    }

    /** When the journals of the room are due. */
    @PostMapping("/rooms/{roomId}/journals/rhythm")
    @AllowedTo(Audience.LEADS)
    ModelAndView rhythm(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam MultiValueMap<String, String> parameters) {
        SettingId settingId = viewer.settingId();
        RoomView room = rooms.get(settingId, roomId);
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        Optional<Rhythm> rhythm = Optional.empty();
        if (!typed.ticked("none")) {
            Optional<LocalDate> firstOn = typed.day("firstOn", errors);
            firstOn.filter(day -> day.isBefore(settings.today(settingId)))
                    .ifPresent(past -> errors.add("firstOn", "journal.firstOn.past"));
            int weeks = WEEKS.stream()
                    .filter(one -> typed.has("weeks", one.toString()))
                    .findFirst()
                    .orElse(0);
            rhythm = firstOn.map(day -> new Rhythm(day, weeks));
        }
        if (errors.any()) {
            return page(viewer, roomId, usual(viewer, Purpose.TERM).with("firstOn", typed.text("firstOn")), errors);
        }
        rhythms.set(settingId, room.id(), rhythm);
        return new ModelAndView("redirect:/rooms/" + roomId + "/journals");
    }

    private ModelAndView page(Viewer viewer, UUID roomId, Typed typed, FormErrors errors) {
        ModelAndView page = new ModelAndView("rail/rail");
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        RoomView room = rooms.get(viewer.settingId(), roomId);
        Optional<RhythmService.Due> due = rhythms.of(viewer.settingId(), roomId);
        if (typed.raw("firstOn").isEmpty()) {
            due.flatMap(RhythmService.Due::on).ifPresent(on -> typed.with("firstOn", on));
        }
        page.addObject("room", room);
        page.addObject("due", due.orElse(null));
        page.addObject("weeks", WEEKS);
        page.addObject(
                "lacksSince",
                due.map(one -> one.rhythm()
                                .startsOn(one.on().orElse(one.rhythm().firstOn())))
                        .orElse(null));
        page.addObject("lacks", due.map(one -> rhythms.lacks(viewer, room, one)).orElse(List.of()));
        page.addObject("rooms", rooms.all(viewer.settingId()));
        page.addObject("rail", rail.of(viewer.settingId(), roomId));
        page.addObject(
                "purposes",
                Purpose.ofAChild().stream()
                        .filter(one -> !one.isAboutOneThing())
                        .toList());
        page.addObject("typed", typed);
        page.addObject("errors", errors);
        return page;
    }

    /** The drafts of the room one after the other. */
    @GetMapping("/rooms/{roomId}/journals/reading")
    ModelAndView reading(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("roomId") UUID roomId,
            @RequestParam(name = "journal", required = false) @Nullable UUID journal) {
        return reading(viewer, roomId, Optional.ofNullable(journal), new FormErrors());
    }

    private ModelAndView reading(Viewer viewer, UUID roomId, Optional<UUID> at, FormErrors errors) {
        SettingId settingId = viewer.settingId();
        RoomView room = rooms.get(settingId, roomId);
        List<Peg> toRead = rail.of(settingId, roomId).toRead();
        List<UUID> ids =
                toRead.stream().flatMap(peg -> peg.journalId().stream()).toList();
        if (ids.isEmpty()) {
            return new ModelAndView("redirect:/rooms/" + roomId + "/journals");
        }
        UUID now = at.filter(ids::contains).orElse(ids.get(0));
        int place = ids.indexOf(now);
        ModelAndView page = new ModelAndView("rail/reading");
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        page.addObject("room", room);
        page.addObject("pegs", toRead);
        page.addObject("at", place);
        page.addObject("before", place > 0 ? ids.get(place - 1) : null);
        page.addObject("after", place + 1 < ids.size() ? ids.get(place + 1) : null);
        page.addObject("draft", journals.draft(settingId, now));
        page.addObject(
                "pages",
                JournalPages.onScreen(journals.sheet(settingId, now), photo -> "/photos/" + photo + "?size=large"));
        page.addObject("errors", errors);
        return page;
    }

    /** What whoever reads a draft says of it: that it was read, a remark for its author, or that it is approved. */
    @PostMapping("/journals/{journalId}/read")
    ModelAndView read(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("journalId") UUID journalId,
            @RequestParam MultiValueMap<String, String> parameters) {
        SettingId settingId = viewer.settingId();
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        JournalDraft draft = journals.draft(settingId, journalId);
        if (draft.isApproved()) {
            return new ModelAndView("redirect:/journals/" + journalId);
        }
        UUID roomId = children.get(settingId, draft.child().id()).roomId();
        String remark = typed.passage("remark", LONGEST_REMARK, errors);
        if (!errors.any()) {
            journals.remark(viewer, journalId, remark);
        }
        boolean wholly = isWhollyRead(journals.sheet(settingId, journalId), draft, typed, errors);
        boolean approves = typed.has("then", "approve");
        if (!approves) {
            errors = new FormErrors();
        } else if (!viewer.role().isLead()) {
            errors.add("shown", "rail.approve.lead");
        }
        if (wholly) {
            journals.read(viewer, journalId, draft.near());
        }
        if (approves && !errors.any()) {
            List<String> names = journals.approve(viewer, journalId);
            if (!names.isEmpty()) {
                errors.add("shown", "journal.names", String.join(", ", names));
            }
        }
        if (errors.any()) {
            return reading(viewer, roomId, Optional.of(journalId), errors);
        }
        String next = typed.id("after").map(id -> "?journal=" + id).orElse("");
        return new ModelAndView(
                "redirect:/rooms/" + roomId + "/journals" + (next.isEmpty() && !approves ? "" : "/reading" + next));
    }

    /** Whether every part was shown and every word near a name answered. */
    private static boolean isWhollyRead(JournalSheet sheet, JournalDraft draft, Typed typed, FormErrors errors) {
        Set<String> parts = Stream.concat(
                        Stream.of("GREETING"),
                        sheet.sections().stream().map(section -> section.part().name()))
                .collect(Collectors.toSet());
        if (!Set.copyOf(typed.all("shown")).containsAll(parts)) {
            errors.add("shown", "rail.shown.missing");
        }
        if (!Set.copyOf(typed.all("near")).containsAll(draft.near())) {
            errors.add("near", "rail.near.missing");
        }
        return !errors.any();
    }

    /** Sends what is approved and was not sent yet, to everybody who may read it by mail. */
    @PostMapping("/rooms/{roomId}/journals/send")
    @AllowedTo(Audience.LEADS)
    ModelAndView send(@AuthenticationPrincipal Viewer viewer, @PathVariable("roomId") UUID roomId) {
        // Not a redirect: the codes are in this answer and nowhere else.
        SendingRound sent = family.inviteAll(
                viewer.settingId(),
                rail.of(viewer.settingId(), roomId).at(Stage.APPROVED).stream()
                        .flatMap(peg -> peg.journalId().stream())
                        .toList());
        ModelAndView page = new ModelAndView("rail/sent");
        page.addObject("room", rooms.get(viewer.settingId(), roomId));
        page.addObject("sent", sent);
        return page;
    }

    /** All approved journals of the room in the order of its pegs, to be printed. */
    @GetMapping("/rooms/{roomId}/journals/print")
    Object print(@AuthenticationPrincipal Viewer viewer, @PathVariable("roomId") UUID roomId) {
        SettingId settingId = viewer.settingId();
        List<byte[]> all = rail.of(settingId, rooms.get(settingId, roomId).id()).approved().stream()
                .map(id -> files.of(settingId, journals.sheet(settingId, id), JournalFormat.PDF))
                .toList();
        return all.isEmpty()
                ? "redirect:/rooms/" + roomId + "/journals"
                : printer.download("learning-journals.pdf", JoinedPdf.of(all));
    }
}
