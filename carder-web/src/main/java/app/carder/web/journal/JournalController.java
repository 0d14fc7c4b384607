package app.carder.web.journal;

import app.carder.core.composition.Layout;
import app.carder.core.framework.Framework;
import app.carder.core.journal.Part;
import app.carder.core.journal.Purpose;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.card.CardService;
import app.carder.web.card.CardSummary;
import app.carder.web.children.ChildService;
import app.carder.web.children.ChildView;
import app.carder.web.children.HoldService;
import app.carder.web.investigate.InvestigationService;
import app.carder.web.investigate.InvestigationView;
import app.carder.web.journal.JournalService.Direction;
import app.carder.web.page.FormErrors;
import app.carder.web.page.NotFound;
import app.carder.web.page.Paging;
import app.carder.web.page.Typed;
import app.carder.web.page.Words;
import app.carder.web.room.RoomService;
import app.carder.web.room.RoomView;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import app.carder.web.undo.CanBeUndone;
import app.carder.web.undo.Deed;
import java.time.LocalDate;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** The desk on which a journal is compiled, worded, looked at and approved. */
@Controller
@AllowedTo(Audience.STAFF)
class JournalController {

    private static final int LONGEST_WORDS = 3000;
    private static final int MOST_PAGES = 20;
    private static final int MOST_FOUND = 40;

    private final JournalService journals;
    private final JournalCompiler compiler;
    private final CardService cards;
    private final InvestigationService investigations;
    private final Words words;
    private final RoomService rooms;
    private final JournalFiles files;
    private final ChildService children;
    private final SettingService settings;
    private final HoldService holds;

    JournalController(
            JournalService journals,
            JournalCompiler compiler,
            CardService cards,
            InvestigationService investigations,
            Words words,
            RoomService rooms,
            JournalFiles files,
            ChildService children,
            SettingService settings,
            HoldService holds) {
        this.compiler = compiler;
        this.cards = cards;
        this.investigations = investigations;
        this.words = words;
        this.rooms = rooms;
        this.holds = holds;
        this.journals = journals;
        this.files = files;
        this.children = children;
        this.settings = settings;
    }

    @GetMapping("/journals")
    String list(
            @AuthenticationPrincipal Viewer viewer,
            @RequestParam(name = "page", defaultValue = "0") int page,
            Model model) {
        Paging<JournalSummary> found = journals.page(viewer, page);
        model.addAttribute("journals", found);
        model.addAttribute("heldBack", journals.heldBack(viewer.settingId(), found.rows()));
        return "journal/journals";
    }

    @GetMapping("/journals/new")
    ModelAndView blank(
            @AuthenticationPrincipal Viewer viewer,
            @RequestParam(name = "child", required = false) @Nullable UUID child,
            @RequestParam(name = "purpose", defaultValue = "TERM") Purpose purpose) {
        LocalDate today = settings.today(viewer.settingId());
        Typed typed = Typed.nothing()
                .with("purpose", purpose)
                .with("startsOn", today.minusDays(purpose.days() - 1L))
                .with("endsOn", today)
                .with("pages", purpose.pages());
        return compileForm(viewer, child == null ? typed : typed.with("child", child), new FormErrors());
    }

    @PostMapping("/journals")
    ModelAndView compile(
            @AuthenticationPrincipal Viewer viewer, @RequestParam MultiValueMap<String, String> parameters) {
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        List<ChildView> all = children.inReach(viewer);
        Optional<UUID> child = typed.id("child")
                .filter(id -> all.stream().anyMatch(found -> found.id().equals(id)));
        if (child.isEmpty()) {
            errors.add("child", "journal.child.missing");
        } else if (holds.isRestricted(viewer.settingId(), child.get())) {
            errors.add("child", "hold.restricted");
        }
        Optional<LocalDate> startsOn = typed.day("startsOn", errors);
        Optional<LocalDate> endsOn = typed.day("endsOn", errors);
        if (startsOn.isPresent() && endsOn.isPresent() && endsOn.get().isBefore(startsOn.get())) {
            errors.add("endsOn", "journal.endsOn.before");
        }
        Optional<Integer> pages = Typed.whole("pages", typed.text("pages"), 1, MOST_PAGES, errors);
        Purpose purpose = purpose(typed);
        String about = about(viewer, purpose, typed, errors);
        if (errors.any()) {
            return compileForm(viewer, typed, errors);
        }
        UUID journal = compiler.compile(
                viewer,
                new JournalRequest(
                        child.orElseThrow(),
                        startsOn.orElseThrow(),
                        endsOn.orElseThrow(),
                        purpose,
                        pages.orElseThrow(),
                        about));
        return new ModelAndView("redirect:/journals/" + journal);
    }

    private static Purpose purpose(Typed typed) {
        return Purpose.ofAChild().stream()
                .filter(one -> one.name().equals(typed.text("purpose")))
                .findFirst()
                .orElse(Purpose.TERM);
    }

    /** What a project or a skill is about: it has to be said. */
    private String about(Viewer viewer, Purpose purpose, Typed typed, FormErrors errors) {
        if (!purpose.isAboutOneThing()) {
            return "";
        }
        boolean isKnown = purpose == Purpose.PROJECT
                ? Stream.concat(
                                cardsOf(viewer).stream().map(CardSummary::id),
                                investigationsOf(viewer).stream().map(InvestigationView::id))
                        .anyMatch(id -> typed.has("about", id.toString()))
                : areasOf(viewer).stream().anyMatch(area -> typed.has("about", area.code()));
        if (!isKnown) {
            errors.add("about", purpose == Purpose.PROJECT ? "journal.about.PROJECT" : "journal.about.SKILL");
        }
        return typed.text("about");
    }

    private List<CardSummary> cardsOf(Viewer viewer) {
        return roomsOf(viewer)
                .flatMap(room -> cards.inRoom(viewer.settingId(), room.id()).stream())
                .toList();
    }

    private List<InvestigationView> investigationsOf(Viewer viewer) {
        return roomsOf(viewer)
                .flatMap(room -> investigations.ofRoom(viewer.settingId(), room.id()).stream())
                .toList();
    }

    private List<Framework.Area> areasOf(Viewer viewer) {
        return roomsOf(viewer)
                .flatMap(room -> room.framework().areas().stream())
                .distinct()
                .toList();
    }

    /** The rooms of the children whose records somebody may open. */
    private Stream<RoomView> roomsOf(Viewer viewer) {
        Set<UUID> ids = children.inReach(viewer).stream().map(ChildView::roomId).collect(Collectors.toSet());
        return rooms.all(viewer.settingId()).stream().filter(room -> ids.contains(room.id()));
    }

    @GetMapping("/journals/{journalId}")
    ModelAndView open(@AuthenticationPrincipal Viewer viewer, @PathVariable("journalId") UUID journalId) {
        JournalDraft draft = journals.draft(viewer.settingId(), journalId);
        return desk(viewer, draft, typed(draft), new FormErrors());
    }

    @PostMapping("/journals/{journalId}")
    @CanBeUndone(Deed.JOURNAL_CHANGED)
    ModelAndView word(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("journalId") UUID journalId,
            @RequestParam MultiValueMap<String, String> parameters) {
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        JournalDraft draft = journals.draft(viewer.settingId(), journalId);
        keepWords(viewer, draft, typed, errors);
        if (errors.any()) {
            return desk(viewer, draft, typed, errors);
        }
        String next = switch (typed.text("then")) {
            case "preview" -> "/preview";
            case "pdf" -> "/pdf";
            case "change" -> "/change?pages=" + draft.request().pages();
            case "records" -> "/records";
            default -> "?saved";
        };
        return rearrange(viewer.settingId(), journalId, typed)
                .map(entry -> new ModelAndView("redirect:/journals/" + journalId + "#entry-" + entry))
                .orElseGet(() -> new ModelAndView("redirect:/journals/" + journalId + next));
    }

    /** An entry in another language, beside itself; an unknown language keeps nothing. */
    @PostMapping("/journals/{journalId}/entries/{entryId}/translation")
    @CanBeUndone(Deed.JOURNAL_CHANGED)
    ModelAndView translate(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("journalId") UUID journalId,
            @PathVariable("entryId") UUID entryId,
            @RequestParam MultiValueMap<String, String> parameters) {
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        JournalDraft draft = journals.draft(viewer.settingId(), journalId);
        if (draft.isApproved()) {
            return new ModelAndView("redirect:/journals/" + journalId);
        }
        if (typed.ticked("version")) {
            keepWords(viewer, draft, typed, errors);
        }
        String other = typed.passage("other-" + entryId, LONGEST_WORDS, errors);
        String language = typed.text("into-" + entryId);
        if (!other.isBlank() && !words.atHome().contains(language)) {
            errors.add("into-" + entryId, "journal.into.missing");
        }
        if (errors.any()) {
            return desk(viewer, draft, typed(draft).with("other-" + entryId, other), errors);
        }
        journals.translate(viewer, journalId, entryId, language, other, typed.ticked("speaks-" + entryId));
        return new ModelAndView("redirect:/journals/" + journalId + "#entry-" + entryId);
    }

    /** Keeps what stands on the desk, or says why not. */
    private void keepWords(Viewer viewer, JournalDraft draft, Typed typed, FormErrors errors) {
        Map<Part, String> texts = new EnumMap<>(Part.class);
        for (Part part : draft.texts().keySet()) {
            texts.put(part, typed.passage(field(part), LONGEST_WORDS, errors));
        }
        Optional<LocalDate> talkedOverOn =
                typed.text("talkedOverOn").isEmpty() ? Optional.empty() : typed.day("talkedOverOn", errors);
        Map<UUID, String> words = new LinkedHashMap<>();
        Map<UUID, String> simple = new HashMap<>();
        Map<UUID, Layout> layouts = new HashMap<>();
        for (JournalDraft.Entry entry : draft.entries()) {
            words.put(entry.id(), typed.passage("words-" + entry.id(), LONGEST_WORDS, errors));
            simple.put(entry.id(), typed.passage("simple-" + entry.id(), LONGEST_WORDS, errors));
            entry.layouts().stream()
                    .filter(layout -> typed.has("layout-" + entry.id(), layout.name()))
                    .findFirst()
                    .ifPresent(layout -> layouts.put(entry.id(), layout));
        }
        if (!words.keySet().containsAll(typed.ids("photo"))) {
            throw new NotFound();
        }
        if (!errors.any()
                && !journals.word(
                        viewer,
                        draft.id(),
                        new JournalService.Wording(
                                typed.version(), texts, talkedOverOn, words, simple, typed.ids("photo"), layouts))) {
            errors.add("version", "form.changedMeanwhile");
            typed.with("version", draft.version());
        }
    }

    /** The name of the field for the text of a part. */
    private static String field(Part part) {
        return part.name().toLowerCase(Locale.ROOT);
    }

    /** The buttons beside an entry; the words were kept before, so that moving loses nothing. */
    private Optional<UUID> rearrange(SettingId settingId, UUID journalId, Typed typed) {
        Optional<UUID> up = typed.id("up");
        Optional<UUID> down = typed.id("down");
        Optional<UUID> back = typed.id("bringBack");
        Optional<UUID> pin = typed.id("pin");
        Optional<UUID> unpin = typed.id("unpin");
        Optional<UUID> dragged = typed.id("dragged");
        dragged.ifPresent(
                entry -> typed.id("onto").ifPresent(onto -> journals.moveOnto(settingId, journalId, entry, onto)));
        up.ifPresent(entry -> journals.move(settingId, journalId, entry, Direction.UP));
        down.ifPresent(entry -> journals.move(settingId, journalId, entry, Direction.DOWN));
        typed.id("leaveOut").ifPresent(entry -> journals.leaveOut(settingId, journalId, entry));
        back.ifPresent(entry -> journals.bringBack(settingId, journalId, entry));
        pin.ifPresent(entry -> journals.pin(settingId, journalId, entry, true));
        unpin.ifPresent(entry -> journals.pin(settingId, journalId, entry, false));
        return Stream.of(up, down, back, pin, unpin, dragged)
                .flatMap(Optional::stream)
                .findFirst();
    }

    /** What would change if the entries were picked anew for so many pages. */
    @GetMapping("/journals/{journalId}/change")
    ModelAndView change(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("journalId") UUID journalId,
            @RequestParam(name = "pages", defaultValue = "") String pages) {
        JournalDraft draft = journals.draft(viewer.settingId(), journalId);
        FormErrors errors = new FormErrors();
        Optional<Integer> asked = Typed.whole("pages", pages, 1, MOST_PAGES, errors);
        ModelAndView page = new ModelAndView("journal/change");
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        page.addObject("draft", draft);
        page.addObject("errors", errors);
        page.addObject("pages", asked.orElse(draft.request().pages()));
        page.addObject(
                "change",
                asked.map(some -> compiler.change(viewer.settingId(), journalId, some))
                        .orElse(null));
        return page;
    }

    @PostMapping("/journals/{journalId}/change")
    @CanBeUndone(Deed.JOURNAL_CHANGED)
    ModelAndView pick(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("journalId") UUID journalId,
            @RequestParam(name = "pages", defaultValue = "") String pages) {
        FormErrors errors = new FormErrors();
        Optional<Integer> asked = Typed.whole("pages", pages, 1, MOST_PAGES, errors);
        if (asked.isEmpty()) {
            return change(viewer, journalId, pages);
        }
        compiler.pickAgain(viewer.settingId(), journalId, asked.get());
        return new ModelAndView("redirect:/journals/" + journalId + "?saved");
    }

    /** All records of the child that are not in the draft, to be added by hand. */
    @GetMapping("/journals/{journalId}/records")
    String records(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("journalId") UUID journalId,
            @RequestParam(name = "words", defaultValue = "") String words,
            Model model) {
        model.addAttribute("draft", journals.draft(viewer.settingId(), journalId));
        model.addAttribute("words", Typed.oneLine(words));
        model.addAttribute("found", compiler.open(viewer.settingId(), journalId, Typed.oneLine(words), MOST_FOUND));
        return "journal/records";
    }

    @PostMapping("/journals/{journalId}/records")
    @CanBeUndone(Deed.JOURNAL_CHANGED)
    String add(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("journalId") UUID journalId,
            @RequestParam(name = "observation", required = false) @Nullable UUID observation) {
        if (observation == null) {
            journals.draft(viewer.settingId(), journalId);
            return "redirect:/journals/" + journalId + "/records";
        }
        compiler.add(viewer.settingId(), journalId, observation);
        return "redirect:/journals/" + journalId + "?saved";
    }

    @GetMapping("/journals/{journalId}/preview")
    String preview(@AuthenticationPrincipal Viewer viewer, @PathVariable("journalId") UUID journalId, Model model) {
        model.addAttribute(
                "pages",
                JournalPages.onScreen(
                        journals.sheet(viewer.settingId(), journalId), photo -> "/photos/" + photo + "?size=large"));
        model.addAttribute("formats", JournalFormat.values());
        return "journal/preview";
    }

    @GetMapping("/journals/{journalId}/pdf")
    ResponseEntity<byte[]> print(@AuthenticationPrincipal Viewer viewer, @PathVariable("journalId") UUID journalId) {
        return files.download(viewer.settingId(), journals.sheet(viewer.settingId(), journalId), JournalFormat.PDF);
    }

    /** The journal as a file of another kind, as its family may have it. */
    @GetMapping("/journals/{journalId}/file")
    ResponseEntity<byte[]> file(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("journalId") UUID journalId,
            @RequestParam(name = "as", defaultValue = "PDF") JournalFormat format) {
        return files.download(viewer.settingId(), journals.sheet(viewer.settingId(), journalId), format);
    }

    /** Approves what stands on the desk: words that were typed and not kept yet are kept first. */
    @PostMapping("/journals/{journalId}/approve")
    @AllowedTo(Audience.LEADS)
    ModelAndView approve(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("journalId") UUID journalId,
            @RequestParam MultiValueMap<String, String> parameters) {
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        if (typed.ticked("version")) {
            JournalDraft asTyped = journals.draft(viewer.settingId(), journalId);
            keepWords(viewer, asTyped, typed, errors);
            if (errors.any()) {
                return desk(viewer, asTyped, typed, errors);
            }
        }
        JournalDraft draft = journals.draft(viewer.settingId(), journalId);
        if (!draft.texts().getOrDefault(Part.TALKED_OVER, "").isBlank()
                && draft.talkedOverOn().isEmpty()) {
            errors.add("talkedOverOn", "journal.talkedOverOn.missing");
            return desk(viewer, draft, typed(draft), errors);
        }
        List<String> names = journals.approve(viewer, journalId);
        if (names.isEmpty()) {
            return new ModelAndView("redirect:/journals/" + journalId + "?approved");
        }
        errors.add("names", "journal.names", names.stream().collect(Collectors.joining(", ")));
        return desk(viewer, draft, typed(draft), errors);
    }

    @PostMapping("/journals/{journalId}/settle")
    @AllowedTo(Audience.LEADS)
    String settle(@AuthenticationPrincipal Viewer viewer, @PathVariable("journalId") UUID journalId) {
        journals.settle(viewer, journalId);
        return "redirect:/journals/" + journalId;
    }

    @PostMapping("/journals/{journalId}/take-back")
    @AllowedTo(Audience.LEADS)
    String takeBack(@AuthenticationPrincipal Viewer viewer, @PathVariable("journalId") UUID journalId) {
        journals.takeBack(viewer.settingId(), journalId);
        return "redirect:/journals/" + journalId;
    }

    private static Typed typed(JournalDraft draft) {
        Typed typed = Typed.nothing()
                .with("version", draft.version())
                .with(
                        "photo",
                        draft.entries().stream()
                                .filter(entry -> entry.photo() == JournalDraft.PhotoState.SHOWN)
                                .map(entry -> entry.id().toString())
                                .toList());
        draft.texts().forEach((part, words) -> typed.with(field(part), words));
        draft.talkedOverOn().ifPresent(day -> typed.with("talkedOverOn", day));
        draft.entries().forEach(entry -> {
            typed.with("words-" + entry.id(), entry.words());
            typed.with("other-" + entry.id(), entry.translation().words());
            typed.with("simple-" + entry.id(), entry.simple());
            entry.layout().ifPresent(layout -> typed.with("layout-" + entry.id(), layout.name()));
        });
        return typed;
    }

    private ModelAndView desk(Viewer viewer, JournalDraft draft, Typed typed, FormErrors errors) {
        ModelAndView page = new ModelAndView("journal/desk");
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        page.addObject("draft", draft);
        page.addObject("languages", words.homeLanguages());
        page.addObject("map", PageMap.of(journals.sheet(viewer.settingId(), draft.id())));
        page.addObject("typed", typed);
        page.addObject("errors", errors);
        return page;
    }

    private ModelAndView compileForm(Viewer viewer, Typed typed, FormErrors errors) {
        ModelAndView page = new ModelAndView("journal/compile");
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        Purpose purpose = purpose(typed);
        page.addObject("children", children.inReach(viewer));
        page.addObject("purpose", purpose);
        page.addObject("purposes", Purpose.ofAChild());
        page.addObject("cards", purpose == Purpose.PROJECT ? cardsOf(viewer) : List.of());
        page.addObject("investigations", purpose == Purpose.PROJECT ? investigationsOf(viewer) : List.of());
        page.addObject("areas", purpose == Purpose.SKILL ? areasOf(viewer) : List.of());
        page.addObject("typed", typed);
        page.addObject("errors", errors);
        return page;
    }
}
