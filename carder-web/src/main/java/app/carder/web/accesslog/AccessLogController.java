package app.carder.web.accesslog;

import app.carder.core.chain.LogCheck;
import app.carder.core.chain.Seal;
import app.carder.web.account.AccountService;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Role;
import app.carder.web.account.Viewer;
import app.carder.web.audit.AccessLog;
import app.carder.web.audit.AccessView;
import app.carder.web.audit.LogChain;
import app.carder.web.audit.LogWords;
import app.carder.web.audit.NotedSeals;
import app.carder.web.card.CardService;
import app.carder.web.children.ChildService;
import app.carder.web.children.ChildView;
import app.carder.web.journal.JournalService;
import app.carder.web.page.FormErrors;
import app.carder.web.page.Paging;
import app.carder.web.page.Places;
import app.carder.web.page.Typed;
import app.carder.web.room.RoomService;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import app.carder.web.watch.ObservationService;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.context.MessageSource;
import org.springframework.context.i18n.LocaleContextHolder;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

@Controller
@AllowedTo(Audience.MANAGERS)
class AccessLogController {

    private static final int FORBIDDEN = 403;
    private static final int FAILED = 400;

    private final AccessLog log;
    private final ChildService children;
    private final CardService cards;
    private final JournalService journals;
    private final ObservationService observations;
    private final RoomService rooms;
    private final AccountService accounts;
    private final SettingService settings;
    private final MessageSource words;
    private final LogChain chain;
    private final NotedSeals noted;
    private final Places places;

    AccessLogController(
            AccessLog log,
            ChildService children,
            CardService cards,
            JournalService journals,
            ObservationService observations,
            RoomService rooms,
            AccountService accounts,
            SettingService settings,
            MessageSource words,
            LogChain chain,
            NotedSeals noted,
            Places places) {
        this.log = log;
        this.children = children;
        this.cards = cards;
        this.journals = journals;
        this.observations = observations;
        this.rooms = rooms;
        this.accounts = accounts;
        this.settings = settings;
        this.words = words;
        this.chain = chain;
        this.noted = noted;
        this.places = places;
    }

    /**
     * Sentences of one day.
     *
     * @param on the day
     * @param lines the newest first
     */
    record Day(LocalDate on, List<LogSentence> lines) {}

    /**
     * What somebody did.
     *
     * @param at when, in the setting's zone
     * @param sentence who did what, from which device
     * @param isRefused whether it was not allowed
     */
    record LogSentence(LocalDateTime at, String sentence, boolean isRefused) {}

    @GetMapping("/access-log")
    String list(
            @AuthenticationPrincipal Viewer viewer,
            @RequestParam(name = "page", defaultValue = "0") int page,
            Model model) {
        Paging<AccessView> found = log.page(viewer.settingId(), page);
        Map<UUID, String> names = names(
                viewer.settingId(),
                found.rows().stream().flatMap(row -> row.subject().stream()).collect(Collectors.toSet()));
        List<Day> days = new ArrayList<>();
        for (AccessView row : found.rows()) {
            LocalDateTime at = settings.local(viewer.settingId(), row.at());
            if (days.isEmpty() || !days.get(days.size() - 1).on().equals(at.toLocalDate())) {
                days.add(new Day(at.toLocalDate(), new ArrayList<>()));
            }
            days.get(days.size() - 1).lines().add(new LogSentence(at, sentence(row, names), row.status() == FORBIDDEN));
        }
        model.addAttribute("days", days);
        model.addAttribute("log", found);
        chain.head(viewer.settingId()).ifPresent(seal -> model.addAttribute("seal", seal.forPeople()));
        return "accesslog/access-log";
    }

    /** Reads the whole log and says whether it was changed. */
    @GetMapping("/access-log/check")
    String check(
            @AuthenticationPrincipal Viewer viewer,
            @RequestParam(name = "seal", defaultValue = "") String typed,
            Model model) {
        FormErrors errors = new FormErrors();
        Optional<Seal> known = Seal.read(typed);
        if (known.isEmpty() && !typed.isBlank()) {
            errors.add("seal", "accesslog.check.not-a-seal");
        }
        NotedSeals.Noted file = noted.of(viewer.settingId());
        List<Seal> seals = new ArrayList<>(file.seals());
        known.ifPresent(seals::add);
        LogCheck.Report report = places.with(() -> chain.check(viewer.settingId(), seals));
        model.addAttribute("errors", errors);
        model.addAttribute("typed", Typed.nothing().with("seal", typed));
        model.addAttribute("report", report);
        model.addAttribute("outcome", LogWords.outcome(report));
        model.addAttribute("lines", LogWords.lines(report, new NotedSeals.Noted(seals, file.unreadable())));
        model.addAttribute("waiting", chain.waiting(viewer.settingId()));
        return "accesslog/check";
    }

    private String sentence(AccessView row, Map<UUID, String> names) {
        String name = row.subject().map(names::get).orElse("");
        String what = Opened.of(row.route()).map(one -> say(one.code(), name)).orElseGet(() -> say("today.today"));
        return say(
                "accesslog.did",
                row.person(),
                Role.valueOf(row.role()).words(),
                deed(row),
                what,
                row.browser().isEmpty() ? "empty" : row.browser());
    }

    private static String deed(AccessView row) {
        if (row.status() == FORBIDDEN) {
            return "refused";
        }
        if (row.status() >= FAILED) {
            return "failed";
        }
        return row.isRead() ? "opened" : "changed";
    }

    private String say(String code, Object... arguments) {
        return words.getMessage(code, arguments, LocaleContextHolder.getLocale());
    }

    /** What records are called; those that are gone, or of another kind, are left out. */
    private Map<UUID, String> names(SettingId settingId, Collection<UUID> ids) {
        Map<UUID, String> names = new HashMap<>(accounts.names(settingId));
        rooms.all(settingId).forEach(room -> names.put(room.id(), room.name()));
        children.byId(settingId, ids).forEach((id, child) -> names.put(id, child.name()));
        cards.byId(settingId, ids).forEach((id, card) -> names.put(id, card.title()));
        journals.byId(settingId, ids).forEach((id, journal) -> names.put(id, journal.childName()));
        Map<UUID, List<UUID>> seen = new HashMap<>();
        observations.byId(settingId, ids).forEach((id, observation) -> seen.put(id, observation.childIds()));
        Map<UUID, ChildView> whose = children.byId(
                settingId, seen.values().stream().flatMap(List::stream).collect(Collectors.toSet()));
        seen.forEach((id, some) -> names.put(
                id,
                some.stream()
                        .map(whose::get)
                        .filter(Objects::nonNull)
                        .map(ChildView::name)
                        .collect(Collectors.joining(", "))));
        return names;
    }
}
