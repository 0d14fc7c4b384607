package app.carder.web.device;

import app.carder.web.account.AccountService;
import app.carder.web.account.LinkSecrets;
import app.carder.web.account.SignInsEnded;
import app.carder.web.account.SignedInSessions;
import app.carder.web.account.Viewer;
import app.carder.web.setting.SettingId;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Who is signed in on which device, and who wrote what was sealed there. */
@Service
class DeviceSignInService {

    private static final String SEPARATOR = "_";

    private final DeviceSignInRepository signIns;
    private final DeviceRepository devices;
    private final AccountService accounts;
    private final SignedInSessions sessions;
    private final Clock clock;

    DeviceSignInService(
            DeviceSignInRepository signIns,
            DeviceRepository devices,
            AccountService accounts,
            SignedInSessions sessions,
            Clock clock) {
        this.signIns = signIns;
        this.devices = devices;
        this.accounts = accounts;
        this.sessions = sessions;
        this.clock = clock;
    }

    /**
     * A new sign-in.
     *
     * @param id to ask by whether it still holds
     * @param token to keep where only its owner can read it
     * @param endsAt until when it holds at the latest
     */
    record Begun(UUID id, String token, Instant endsAt) {}

    /**
     * Somebody who opened a device.
     *
     * @param viewer who
     * @param left how long their sign-in holds yet at the most
     */
    record Opened(Viewer viewer, Duration left) {}

    /** Signs somebody in on a device that is known, for as long as their session holds at the latest. */
    @Transactional
    Begun begin(Viewer viewer, UUID deviceId, Duration lasts) {
        String secret = LinkSecrets.token();
        Instant endsAt = clock.instant().plus(lasts);
        DeviceSignIn begun = new DeviceSignIn(viewer, deviceId, LinkSecrets.hash(secret), clock.instant(), endsAt);
        signIns.save(begun);
        return new Begun(begun.getId(), begun.getId() + SEPARATOR + secret, endsAt);
    }

    /** Whether a sign-in holds; one that is not known does not. */
    @Transactional(readOnly = true)
    boolean holds(UUID id) {
        return signIns.findById(id).filter(this::holds).isPresent();
    }

    /** Who opens a device with their token; absent where it does not hold, or their account is not open today. */
    @Transactional(readOnly = true)
    Optional<Opened> open(String token) {
        return of(token)
                .filter(this::holds)
                .flatMap(signIn -> accounts.openToday(signIn.settingId(), signIn.accountId())
                        .map(viewer -> new Opened(viewer, Duration.between(clock.instant(), signIn.endsAt()))));
    }

    /** Who wrote something under a token, also where it has ended since, or the account was closed. */
    @Transactional(readOnly = true)
    Optional<Viewer> author(String token) {
        return of(token).flatMap(signIn -> accounts.author(signIn.settingId(), signIn.accountId()));
    }

    /** Ends whatever holds on a device, and every session of those who are signed in there: whoever has it is nobody now. */
    @Transactional
    void endOn(SettingId settingId, UUID deviceId) {
        signIns.findBySettingIdAndDeviceIdAndEndedAtIsNull(settingId, deviceId).stream()
                .filter(this::holds)
                .map(DeviceSignIn::accountId)
                .distinct()
                .toList()
                .forEach(sessions::endAll);
    }

    /** Whoever's sessions are ended is signed in on no device either. */
    @EventListener
    @Transactional
    void ended(SignInsEnded event) {
        signIns.findByAccountIdAndEndedAtIsNull(event.person()).forEach(signIn -> signIn.end(clock.instant()));
    }

    private boolean holds(DeviceSignIn signIn) {
        return signIn.holds(clock.instant())
                && devices.findByIdAndSettingId(signIn.deviceId(), signIn.settingId())
                        .filter(device -> !device.isRevoked())
                        .isPresent();
    }

    private Optional<DeviceSignIn> of(String token) {
        String[] parts = token.split(SEPARATOR, 2);
        return parts.length < 2
                ? Optional.empty()
                : Stream.of(parts[0])
                        .flatMap(id -> id(id).stream())
                        .flatMap(id -> signIns.findById(id).stream())
                        .filter(signIn -> signIn.isOf(LinkSecrets.hash(parts[1])))
                        .findFirst();
    }

    private static Optional<UUID> id(String text) {
        try {
            return Optional.of(UUID.fromString(text));
        } catch (IllegalArgumentException noId) {
            return Optional.empty();
        }
    }
}
