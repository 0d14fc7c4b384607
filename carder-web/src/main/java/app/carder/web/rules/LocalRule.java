package app.carder.web.rules;

import app.carder.core.calculation.Source;
import app.carder.core.safety.Finding;
import app.carder.core.safety.Level;
import app.carder.core.safety.Rule;
import app.carder.core.said.Said;
import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A rule of one room. It is never deleted: what was set out under it must stay explainable. */
@Entity
class LocalRule extends ScopedRecord {

    private UUID roomId;
    private String title;

    @Enumerated(EnumType.STRING)
    private Level level;

    private String looksAt;
    private String concerns;
    private String caution;
    private String addedBy;
    private Instant addedAt;
    private @Nullable String withdrawnBy;
    private @Nullable Instant withdrawnAt;

    protected LocalRule() {}

    LocalRule(UUID id, SettingId settingId, UUID roomId, RuleDetails details, String addedBy, Instant addedAt) {
        super(id, settingId);
        this.roomId = roomId;
        this.title = details.title();
        this.level = details.level();
        this.looksAt = details.looksAt();
        this.concerns = details.concerns();
        this.caution = details.caution();
        this.addedBy = addedBy;
        this.addedAt = addedAt;
    }

    void withdraw(String by, Instant at) {
        if (withdrawnAt == null) {
            withdrawnBy = by;
            withdrawnAt = at;
        }
    }

    Rule rule() {
        return new Rule(
                "LOCAL-" + getId(),
                level,
                new Rule.Condition(looksAt, concerns),
                new Finding.Words(Said.typed(title), Said.of("finding.own-rule"), Said.typed(caution)),
                new Finding.Authority(Source.entered(Said.of("rules.source.rule-of-this-room-by", addedBy)), ""),
                Rule.Checked.BY_THE_ROOM);
    }

    RuleView view() {
        return new RuleView(getId(), new RuleDetails(title, level, looksAt, concerns, caution), addedBy, addedAt);
    }
}
