package app.carder.web.journal;

import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.children.ChildService;
import app.carder.web.children.ChildView;
import app.carder.web.children.HoldService;
import app.carder.web.journal.JournalService.Direction;
import app.carder.web.page.FormErrors;
import app.carder.web.page.NotFound;
import app.carder.web.page.Paging;
import app.carder.web.page.Typed;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import app.carder.web.undo.CanBeUndone;
import app.carder.web.undo.Deed;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
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
    private static final int MOST_ENTRIES = 30;
    private static final int USUAL_ENTRIES = 6;
    private static final int USUAL_WEEKS = 6;

    private final JournalService journals;
    private final JournalPdf pdf;
    private final ChildService children;
    private final SettingService settings;
    private final HoldService holds;

    JournalController(
            JournalService journals,
            JournalPdf pdf,
            ChildService children,
            SettingService settings,
            HoldService holds) {
        this.holds = holds;
        this.journals = journals;
        this.pdf = pdf;
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
            @RequestParam(name = "child", required = false) @Nullable UUID child) {
        LocalDate today = settings.today(viewer.settingId());
        Typed typed = Typed.nothing()
                .with("startsOn", today.minusWeeks(USUAL_WEEKS))
                .with("endsOn", today)
                .with("size", USUAL_ENTRIES);
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
        Optional<Integer> size = Typed.whole("size", typed.text("size"), 1, MOST_ENTRIES, errors);
        if (errors.any()) {
            return compileForm(viewer, typed, errors);
        }
        UUID journal = journals.compile(
                viewer, child.orElseThrow(), startsOn.orElseThrow(), endsOn.orElseThrow(), size.orElseThrow());
        return new ModelAndView("redirect:/journals/" + journal);
    }

    @GetMapping("/journals/{journalId}")
    ModelAndView open(@AuthenticationPrincipal Viewer viewer, @PathVariable("journalId") UUID journalId) {
        JournalDraft draft = journals.draft(viewer.settingId(), journalId);
        return desk(draft, typed(draft), new FormErrors());
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
            return desk(draft, typed, errors);
        }
        String next = switch (typed.text("then")) {
            case "preview" -> "/preview";
            case "pdf" -> "/pdf";
            default -> "?saved";
        };
        return rearrange(viewer.settingId(), journalId, typed)
                .map(entry -> new ModelAndView("redirect:/journals/" + journalId + "#entry-" + entry))
                .orElseGet(() -> new ModelAndView("redirect:/journals/" + journalId + next));
    }

    /** Keeps what stands on the desk, or says why not. */
    private void keepWords(Viewer viewer, JournalDraft draft, Typed typed, FormErrors errors) {
        String greeting = typed.passage("greeting", LONGEST_WORDS, errors);
        String atHome = typed.passage("atHome", LONGEST_WORDS, errors);
        Map<UUID, String> words = new LinkedHashMap<>();
        for (JournalDraft.Entry entry : draft.entries()) {
            words.put(entry.id(), typed.passage("words-" + entry.id(), LONGEST_WORDS, errors));
        }
        if (!words.keySet().containsAll(typed.ids("photo"))) {
            throw new NotFound();
        }
        if (!errors.any()
                && !journals.word(viewer, draft.id(), typed.version(), greeting, atHome, words, typed.ids("photo"))) {
            errors.add("version", "form.changedMeanwhile");
            typed.with("version", draft.version());
        }
    }

    /** The buttons beside an entry; the words were kept before, so that moving loses nothing. */
    private Optional<UUID> rearrange(SettingId settingId, UUID journalId, Typed typed) {
        Optional<UUID> up = typed.id("up");
        Optional<UUID> down = typed.id("down");
        up.ifPresent(entry -> journals.move(settingId, journalId, entry, Direction.UP));
        down.ifPresent(entry -> journals.move(settingId, journalId, entry, Direction.DOWN));
        typed.id("leaveOut").ifPresent(entry -> journals.leaveOut(settingId, journalId, entry));
        return up.or(() -> down);
    }

    @GetMapping("/journals/{journalId}/preview")
    String preview(@AuthenticationPrincipal Viewer viewer, @PathVariable("journalId") UUID journalId, Model model) {
        model.addAttribute("sheet", journals.sheet(viewer.settingId(), journalId));
        return "journal/preview";
    }

    @GetMapping("/journals/{journalId}/pdf")
    ResponseEntity<byte[]> print(@AuthenticationPrincipal Viewer viewer, @PathVariable("journalId") UUID journalId) {
        return pdf.download(viewer.settingId(), journals.sheet(viewer.settingId(), journalId));
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
                return desk(asTyped, typed, errors);
            }
        }
        List<String> names = journals.approve(viewer, journalId);
        if (names.isEmpty()) {
            return new ModelAndView("redirect:/journals/" + journalId + "?approved");
        }
        JournalDraft draft = journals.draft(viewer.settingId(), journalId);
        errors.add("names", "journal.names", names.stream().collect(Collectors.joining(", ")));
        return desk(draft, typed(draft), errors);
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
                .with("greeting", draft.greeting())
                .with("atHome", draft.atHome())
                .with(
                        "photo",
                        draft.entries().stream()
                                .filter(entry -> entry.photo() == JournalDraft.PhotoState.SHOWN)
                                .map(entry -> entry.id().toString())
                                .toList());
        draft.entries().forEach(entry -> typed.with("words-" + entry.id(), entry.words()));
        return typed;
    }

    private static ModelAndView desk(JournalDraft draft, Typed typed, FormErrors errors) {
        ModelAndView page = new ModelAndView("journal/desk");
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        page.addObject("draft", draft);
        page.addObject("typed", typed);
        page.addObject("errors", errors);
        return page;
    }

    private ModelAndView compileForm(Viewer viewer, Typed typed, FormErrors errors) {
        ModelAndView page = new ModelAndView("journal/compile");
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        page.addObject("children", children.inReach(viewer));
        page.addObject("typed", typed);
        page.addObject("errors", errors);
        return page;
    }
}
