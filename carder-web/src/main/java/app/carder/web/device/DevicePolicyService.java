package app.carder.web.device;

import app.carder.web.account.Viewer;
import app.carder.web.setting.SettingId;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a setting asks of devices that are opened. */
@Service
class DevicePolicyService {

    private final DevicePolicyRepository policies;

    DevicePolicyService(DevicePolicyRepository policies) {
        this.policies = policies;
    }

    /** What holds now; where nobody chose, every secret and five minutes. */
    @Transactional(readOnly = true)
    DevicePolicy of(SettingId settingId) {
        return policies.findBySettingId(settingId).orElseGet(() -> new DevicePolicy(settingId));
    }

    @Transactional
    void change(Viewer by, Set<DeviceSecret> accepted, int minutes) {
        DevicePolicy policy = of(by.settingId());
        policy.change(accepted, minutes);
        policies.save(policy);
    }
}
