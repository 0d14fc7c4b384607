package app.carder.web.device;

import app.carder.core.watch.DeviceClock;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.DeviceSecurityLog;
import app.carder.web.account.SessionStarter;
import app.carder.web.account.Viewer;
import app.carder.web.page.Typed;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;

/** Sign-ins on devices, and what only the one who wrote it may read there. */
@Controller
@AllowedTo(Audience.STAFF)
class UnlockController {

    private final DeviceService devices;
    private final DeviceSignInService signIns;
    private final RefusedItems refused;
    private final SessionStarter sessions;
    private final DeviceSecurityLog log;

    UnlockController(
            DeviceService devices,
            DeviceSignInService signIns,
            RefusedItems refused,
            SessionStarter sessions,
            DeviceSecurityLog log) {
        this.devices = devices;
        this.signIns = signIns;
        this.refused = refused;
        this.sessions = sessions;
        this.log = log;
    }

    /**
     * A device that somebody signs in on.
     *
     * @param device its own id
     * @param name what kind of device it is
     */
    record Asking(UUID device, String name) {
        /** Makes sure that all is there. */
        Asking {
            Objects.requireNonNull(device);
            name = Typed.oneLine(name);
        }
    }

    /**
     * What it keeps of that.
     *
     * @param id of the sign-in, to ask by whether it still holds
     * @param token to keep where only its owner can read it
     * @param endsAt until when it holds at the latest
     * @param name of its owner, for people
     */
    record Unlocked(UUID id, String token, Instant endsAt, String name) {}

    /**
     * A device that is opened.
     *
     * @param token as it was given
     */
    record Opening(String token) {
        /** Makes sure that it is there. */
        Opening {
            Objects.requireNonNull(token);
        }
    }

    @PostMapping("/watch/sign-ins")
    ResponseEntity<Unlocked> begin(
            @AuthenticationPrincipal Viewer viewer, HttpSession session, @RequestBody Asking asking) {
        if (devices.met(viewer, asking.device(), asking.name(), 0, DeviceClock.UNKNOWN)) {
            return ResponseEntity.status(HttpStatus.GONE).build();
        }
        log.signedIn(viewer, asking.name());
        var begun = signIns.begin(viewer, asking.device(), sessions.left(session));
        return ResponseEntity.ok(new Unlocked(begun.id(), begun.token(), begun.endsAt(), viewer.name()));
    }

    /** Whoever has opened their store on a device is signed in with what lay in it: for watching only. */
    @PostMapping("/watch/unlock")
    @AllowedTo(Audience.EVERYONE)
    ResponseEntity<Void> unlock(
            @RequestBody Opening opening, HttpServletRequest request, HttpServletResponse response) {
        return signIns.open(opening.token())
                .map(opened -> {
                    sessions.startInTheHand(opened.viewer(), opened.left(), request, response);
                    log.unlocked(opened.viewer(), "");
                    return ResponseEntity.noContent().<Void>build();
                })
                .orElseGet(() -> ResponseEntity.status(HttpStatus.UNAUTHORIZED).build());
    }

    @GetMapping("/watch/refused")
    ResponseEntity<List<RefusedView>> refused(@AuthenticationPrincipal Viewer viewer) {
        return ResponseEntity.ok(refused.of(viewer));
    }

    @PostMapping("/watch/refused/seen")
    ResponseEntity<Void> seen(@AuthenticationPrincipal Viewer viewer) {
        refused.seen(viewer);
        return ResponseEntity.noContent().build();
    }
}
