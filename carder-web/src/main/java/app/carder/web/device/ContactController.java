package app.carder.web.device;

import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import java.time.Clock;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The first word between a device and the server. It tells no record, so that a device without a sign-in can be wiped. */
@Controller
@AllowedTo(Audience.EVERYONE)
class ContactController {

    private final DeviceService devices;
    private final DeviceProperties properties;
    private final Clock clock;

    ContactController(DeviceService devices, DeviceProperties properties, Clock clock) {
        this.devices = devices;
        this.properties = properties;
        this.clock = clock;
    }

    /**
     * An answer.
     *
     * @param serverAt the server's time, to measure the device's clock by
     * @param person id of whoever is signed in; none otherwise
     * @param setting that this person belongs to; none otherwise
     * @param token against forged requests
     * @param tokenHeader the header that it goes into
     * @param revoked whether everything on the device is to be wiped
     * @param keepsSeconds after so many seconds without contact a device wipes itself
     */
    record Contact(
            Instant serverAt,
            @Nullable UUID person,
            @Nullable UUID setting,
            String token,
            String tokenHeader,
            boolean revoked,
            long keepsSeconds) {}

    @GetMapping("/watch/contact")
    ResponseEntity<Contact> contact(
            @AuthenticationPrincipal @Nullable Viewer viewer,
            @RequestParam(name = "device", required = false) @Nullable UUID device,
            CsrfToken csrf) {
        return ResponseEntity.ok()
                .cacheControl(CacheControl.noStore())
                .body(new Contact(
                        clock.instant(),
                        viewer == null ? null : viewer.personId(),
                        viewer == null ? null : viewer.settingId().value(),
                        csrf.getToken(),
                        csrf.getHeaderName(),
                        device != null && devices.isRevoked(device),
                        properties.keepsWithoutContact().toSeconds()));
    }

    @PostMapping("/watch/wiped")
    ResponseEntity<Void> wiped(@RequestParam(name = "device", required = false) @Nullable UUID device) {
        if (device != null) {
            devices.wiped(device);
        }
        return ResponseEntity.ok().build();
    }
}
