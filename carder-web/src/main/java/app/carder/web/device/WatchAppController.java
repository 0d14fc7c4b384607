package app.carder.web.device;

import app.carder.core.watch.Attempts.Prompt;
import app.carder.core.watch.Involvement;
import app.carder.core.watch.PlayKind;
import app.carder.core.watch.Schema;
import app.carder.core.watch.TimeSample.Activity;
import app.carder.core.watch.TimeSample.Company;
import app.carder.core.watch.WellBeing;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.BrowserWords;
import app.carder.web.account.SessionStarter;
import app.carder.web.account.Viewer;
import app.carder.web.audit.AccessLog;
import jakarta.servlet.http.HttpSession;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** The app for the hand: a page without any record in it, what it carries, and the way back. */
@Controller
@AllowedTo(Audience.STAFF)
class WatchAppController {

    private final BundleService bundles;
    private final SyncService sync;
    private final ShellFiles files;
    private final SessionStarter sessions;
    private final HoldingService holdings;
    private final AccessLog accessLog;

    WatchAppController(
            BundleService bundles,
            SyncService sync,
            ShellFiles files,
            SessionStarter sessions,
            HoldingService holdings,
            AccessLog accessLog) {
        this.bundles = bundles;
        this.sync = sync;
        this.files = files;
        this.sessions = sessions;
        this.holdings = holdings;
        this.accessLog = accessLog;
    }

    @GetMapping("/watch")
    String home() {
        return "redirect:/watch/";
    }

    /** The same for everybody: it is kept on the device, so nothing in it may tell who is signed in. */
    @GetMapping("/watch/")
    ModelAndView app() {
        return new ModelAndView("device/app")
                .addObject("kinds", PlayKind.values())
                .addObject("levels", Involvement.values())
                .addObject("ease", WellBeing.values())
                .addObject("schemas", Schema.values())
                .addObject("activities", Activity.values())
                .addObject("company", Company.values())
                .addObject("prompts", Prompt.values());
    }

    /** The service worker, with the stamp of the files that it keeps: another build is another worker. */
    @GetMapping("/watch/worker.js")
    @AllowedTo(Audience.EVERYONE)
    ResponseEntity<String> worker() {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("text/javascript;charset=UTF-8"))
                .cacheControl(CacheControl.noCache())
                .body(files.worker());
    }

    @GetMapping("/watch/bundle")
    ResponseEntity<BundleView> bundle(
            @AuthenticationPrincipal Viewer viewer,
            HttpSession session,
            @RequestParam(name = "device") UUID device,
            @RequestParam(name = "room", required = false) @Nullable UUID room,
            @RequestHeader(name = HttpHeaders.USER_AGENT, defaultValue = "") String browser) {
        sessions.keepForTheDay(session);
        BundleView bundle = bundles.of(viewer, Optional.ofNullable(room));
        // Before it is sent: what may lie on a device must be known even if the device is never seen again.
        holdings.took(
                viewer,
                device,
                bundle.room().id(),
                bundle.children().stream().map(BundleView.Child::id).toList());
        accessLog.add(
                viewer, "GET", "/watch/bundle", bundle.room().id(), HttpStatus.OK.value(), BrowserWords.of(browser));
        return ResponseEntity.ok().cacheControl(CacheControl.noStore()).body(bundle);
    }

    @PostMapping("/watch/sync")
    ResponseEntity<SyncAnswer> sync(@AuthenticationPrincipal Viewer viewer, @RequestBody SyncRequest request) {
        return ResponseEntity.ok().body(sync.take(viewer, request));
    }
}
