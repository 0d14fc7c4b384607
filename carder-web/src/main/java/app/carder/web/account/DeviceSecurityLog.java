package app.carder.web.account;

import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** The part of the security log that tells of devices. */
@Component
public class DeviceSecurityLog {

    private final AccountRepository accounts;
    private final SecurityLog log;

    DeviceSecurityLog(AccountRepository accounts, SecurityLog log) {
        this.accounts = accounts;
        this.log = log;
    }

    /** Somebody begins to use a device for watching. */
    @Transactional
    public void signedIn(Viewer viewer, String device) {
        add(viewer, SecurityEvent.DEVICE_SIGNED_IN, device);
    }

    /** Somebody signs in with what a device keeps for them. */
    @Transactional
    public void unlocked(Viewer viewer, String device) {
        add(viewer, SecurityEvent.UNLOCKED, device);
    }

    /** Somebody has a device wiped. */
    @Transactional
    public void revoked(Viewer viewer, String device) {
        add(viewer, SecurityEvent.DEVICE_REVOKED, device);
    }

    private void add(Viewer viewer, SecurityEvent event, String device) {
        accounts.findByIdAndSettingId(viewer.personId(), viewer.settingId())
                .ifPresent(account -> log.of(account, event, viewer, device));
    }
}
