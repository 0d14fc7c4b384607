package app.carder.web.find;

import app.carder.web.account.AccountService;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.RoomBorder;
import app.carder.web.account.Viewer;
import app.carder.web.find.Found.Group;
import app.carder.web.find.Found.Hit;
import app.carder.web.page.FormErrors;
import app.carder.web.page.Typed;
import app.carder.web.room.RoomService;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

@Controller
@AllowedTo(Audience.STAFF)
class FindController {

    private static final int LONGEST = 200;
    private static final int NEAREST = 8;

    private final FindService find;
    private final RoomService rooms;
    private final AccountService accounts;
    private final RoomBorder border;

    FindController(FindService find, RoomService rooms, AccountService accounts, RoomBorder border) {
        this.find = find;
        this.rooms = rooms;
        this.accounts = accounts;
        this.border = border;
    }

    /** Names that fit what somebody types at the top of a page. */
    @GetMapping(path = "/find", params = "near")
    ModelAndView near(
            @AuthenticationPrincipal Viewer viewer, @RequestParam(name = "q", defaultValue = "") String query) {
        ModelAndView part = new ModelAndView("find/find :: near");
        part.addObject(
                "near",
                query.length() > LONGEST
                        ? List.of()
                        : hits(find.named(viewer, border.within(viewer), query))
                                .limit(NEAREST)
                                .toList());
        part.addObject("query", query);
        return part;
    }

    private static Stream<Hit> hits(List<Group> groups) {
        return groups.stream().flatMap(group -> group.hits().stream());
    }

    /** What fits; with "go", straight to the only thing of that name. */
    @GetMapping(path = "/find", params = "!near")
    ModelAndView find(
            @AuthenticationPrincipal Viewer viewer,
            @RequestParam MultiValueMap<String, String> parameters,
            @RequestHeader(name = "HX-Request-Type", defaultValue = "full") String requestType) {
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        String query = typed.optional("q", LONGEST, errors);
        Filters filters = new Filters(
                typed.raw("area"),
                typed.id("adult"),
                typed.id("card"),
                day(typed, "from", errors),
                day(typed, "until", errors));
        ModelAndView page = new ModelAndView(requestType.equals("partial") ? "find/find :: found" : "find/find");
        if (typed.has("go", "true") && !errors.any()) {
            List<Hit> hits =
                    hits(find.named(viewer, border.within(viewer), query)).toList();
            if (hits.size() == 1) {
                return new ModelAndView("redirect:" + hits.get(0).address());
            }
        }
        // Nothing stands below a day that could not be read: it would pass for what was found within it.
        Optional<Set<UUID>> open = border.within(viewer);
        page.addObject("found", errors.any() ? Found.nothing(query, filters) : find.find(viewer, open, query, filters));
        page.addObject("errors", errors);
        page.addObject("typed", typed);
        page.addObject("areas", areas(viewer));
        page.addObject("adults", accounts.names(viewer.settingId()));
        page.addObject("cards", find.cards(viewer, open));
        return page;
    }

    private static Optional<LocalDate> day(Typed typed, String name, FormErrors errors) {
        return typed.raw(name).isBlank() ? Optional.empty() : typed.day(name, errors);
    }

    /** Areas of the frameworks of all rooms, each once. */
    private Map<String, String> areas(Viewer viewer) {
        Map<String, String> areas = new LinkedHashMap<>();
        rooms.all(viewer.settingId()).stream()
                .flatMap(room -> room.framework().areas().stream())
                .forEach(area -> areas.putIfAbsent(area.code(), area.name()));
        return areas;
    }
}
