package app.carder.web.device;

import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
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
    private final DeviceSignInService signIns;
    private final DevicePolicyService policies;
    private final SealKeys keys;
    private final Clock clock;

    ContactController(
            DeviceService devices,
            DeviceSignInService signIns,
            DevicePolicyService policies,
            SealKeys keys,
            Clock clock) {
        this.devices = devices;
        this.signIns = signIns;
        this.policies = policies;
        this.keys = keys;
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
     * @param name of whoever is signed in, for people; empty otherwise
     * @param holds whether the sign-in that was asked about holds; true where none was
     * @param seal what to seal records with
     * @param accepts the secrets that the setting accepts to open the device with; none where nobody is signed in
     * @param locksAfterSeconds without a touch
     */
    record Contact(
            Instant serverAt,
            @Nullable UUID person,
            @Nullable UUID setting,
            String token,
            String tokenHeader,
            boolean revoked,
            String name,
            boolean holds,
            SealKeys.Handed seal,
            List<String> accepts,
            long locksAfterSeconds) {}

    @GetMapping("/watch/contact")
    ResponseEntity<Contact> contact(
            @AuthenticationPrincipal @Nullable Viewer viewer,
            @RequestParam(name = "device", required = false) @Nullable UUID device,
            @RequestParam(name = "signIn", required = false) @Nullable UUID signIn,
            CsrfToken csrf) {
        Optional<DevicePolicy> policy =
                Optional.ofNullable(viewer).map(Viewer::settingId).map(policies::of);
        return ResponseEntity.ok()
                .cacheControl(CacheControl.noStore())
                .body(new Contact(
                        clock.instant(),
                        viewer == null ? null : viewer.personId(),
                        viewer == null ? null : viewer.settingId().value(),
                        csrf.getToken(),
                        csrf.getHeaderName(),
                        device != null && devices.isRevoked(device),
                        viewer == null ? "" : viewer.name(),
                        signIn == null || signIns.holds(signIn),
                        keys.current(),
                        policy.stream()
                                .flatMap(one -> one.accepted().stream())
                                .map(DeviceSecret::key)
                                .toList(),
                        Duration.ofMinutes(policy.map(DevicePolicy::locksAfterMinutes)
                                        .orElse(DevicePolicy.USUAL))
                                .toSeconds()));
    }

    @PostMapping("/watch/wiped")
    ResponseEntity<Void> wiped(@RequestParam(name = "device", required = false) @Nullable UUID device) {
        if (device != null) {
            devices.wiped(device);
        }
        return ResponseEntity.ok().build();
    }
}
