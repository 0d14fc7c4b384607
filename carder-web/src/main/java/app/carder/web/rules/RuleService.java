package app.carder.web.rules;

import app.carder.core.safety.SafetyCheck;
import app.carder.web.account.Viewer;
import app.carder.web.page.NotFound;
import app.carder.web.setting.SettingId;
import java.time.Clock;
import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The safety check of a room: the rules that ship, and its own. */
@Service
public class RuleService {

    private static final Limit OF_A_ROOM = Limit.of(100);

    private final LocalRuleRepository rules;
    private final SafetyCheck shipped;
    private final Clock clock;

    RuleService(LocalRuleRepository rules, SafetyCheck shipped, Clock clock) {
        this.rules = rules;
        this.shipped = shipped;
        this.clock = clock;
    }

    /** The check that holds in a room. */
    @Transactional(readOnly = true)
    public SafetyCheck of(SettingId settingId, UUID roomId) {
        List<LocalRule> own =
                rules.findBySettingIdAndRoomIdAndWithdrawnAtIsNullOrderByAddedAt(settingId, roomId, OF_A_ROOM);
        return own.isEmpty()
                ? shipped
                : shipped.with(own.stream().map(LocalRule::rule).toList());
    }

    /** The room's own rules. */
    @Transactional(readOnly = true)
    public List<RuleView> own(SettingId settingId, UUID roomId) {
        return rules.findBySettingIdAndRoomIdAndWithdrawnAtIsNullOrderByAddedAt(settingId, roomId, OF_A_ROOM).stream()
                .map(LocalRule::view)
                .toList();
    }

    /** Adds a rule; a second time with the same id changes nothing. */
    @Transactional
    public void add(Viewer viewer, UUID id, UUID roomId, RuleDetails details) {
        if (rules.findByIdAndSettingId(id, viewer.settingId()).isEmpty()) {
            rules.save(new LocalRule(id, viewer.settingId(), roomId, details, viewer.name(), clock.instant()));
        }
    }

    /** Withdraws a rule; who did and when is kept. */
    @Transactional
    public void withdraw(Viewer viewer, UUID ruleId) {
        rules.findByIdAndSettingId(ruleId, viewer.settingId())
                .orElseThrow(NotFound::new)
                .withdraw(viewer.name(), clock.instant());
    }
}
