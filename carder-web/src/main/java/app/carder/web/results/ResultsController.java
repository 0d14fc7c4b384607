package app.carder.web.results;

import app.carder.exchange.json.WatchFile;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.page.Days;
import app.carder.web.page.Download;
import app.carder.web.page.NotFound;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.servlet.ModelAndView;

/** What watching comes to, on a page and as files. */
@Controller
@AllowedTo(Audience.STAFF)
class ResultsController {

    private final ResultsService results;
    private final WatchExport export;

    ResultsController(ResultsService results, WatchExport export) {
        this.results = results;
        this.export = export;
    }

    @GetMapping("/children/{childId}/play")
    ModelAndView child(@AuthenticationPrincipal Viewer viewer, @PathVariable("childId") UUID childId) {
        return new ModelAndView("results/child").addObject("play", results.ofChild(viewer.settingId(), childId));
    }

    @GetMapping("/cards/{cardId}/play")
    ModelAndView card(@AuthenticationPrincipal Viewer viewer, @PathVariable("cardId") UUID cardId) {
        return new ModelAndView("results/card").addObject("play", results.ofCard(viewer.settingId(), cardId));
    }

    @GetMapping("/rooms/{roomId}/watched.csv")
    ResponseEntity<byte[]> events(
            @AuthenticationPrincipal Viewer viewer, @PathVariable("roomId") UUID roomId, Since since) {
        return Download.table(
                "watched.csv",
                WatchFile.EVENT_COLUMNS,
                rows(export.of(viewer.settingId(), roomId, since.day()).events(), WatchFile.Event::cells));
    }

    @GetMapping("/rooms/{roomId}/episodes.csv")
    ResponseEntity<byte[]> episodes(
            @AuthenticationPrincipal Viewer viewer, @PathVariable("roomId") UUID roomId, Since since) {
        return Download.table(
                "episodes.csv",
                WatchFile.EPISODE_COLUMNS,
                rows(export.of(viewer.settingId(), roomId, since.day()).episodes(), WatchFile.Episode::cells));
    }

    @GetMapping("/rooms/{roomId}/watched.json")
    ResponseEntity<byte[]> json(
            @AuthenticationPrincipal Viewer viewer, @PathVariable("roomId") UUID roomId, Since since) {
        return Download.of(
                "watched.json",
                "application/json",
                WatchFile.write(export.of(viewer.settingId(), roomId, since.day())));
    }

    /**
     * From which day on.
     *
     * @param since first day; none for the last weeks
     */
    record Since(@Nullable String since) {
        Optional<LocalDate> day() {
            return since == null || since.isEmpty()
                    ? Optional.empty()
                    : Optional.of(Days.read(since).orElseThrow(NotFound::new));
        }
    }

    private static <T> List<List<String>> rows(List<T> items, java.util.function.Function<T, List<String>> cells) {
        return items.stream().map(cells).toList();
    }
}
