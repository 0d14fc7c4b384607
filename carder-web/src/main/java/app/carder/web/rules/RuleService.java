package app.carder.web.rules;

import app.carder.core.safety.Pet;
import app.carder.core.safety.SafetyCheck;
import app.carder.web.account.Viewer;
import app.carder.web.page.NotFound;
import app.carder.web.setting.Area;
import app.carder.web.setting.Remembered;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
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
    private final RoomOtherRepository others;
    private final SafetyCheck shipped;
    private final SettingService settings;

    RuleService(LocalRuleRepository rules, RoomOtherRepository others, SafetyCheck shipped, SettingService settings) {
        this.rules = rules;
        this.others = others;
        this.shipped = shipped;
        this.settings = settings;
    }

    /**
     * What holds in a room.
     *
     * @param check of the rules that ship and its own, with the animals there
     * @param others who are always there
     */
    public record Here(SafetyCheck check, List<OtherView> others) {}

    /** The check that holds in a room. */
    @Remembered({Area.PLACES, Area.PEOPLE})
    @Transactional(readOnly = true)
    public SafetyCheck of(SettingId settingId, UUID roomId) {
        return here(settingId, roomId).check();
    }

    /** The check that holds in a room, with those who are always there. */
    @Remembered({Area.PLACES, Area.PEOPLE})
    @Transactional(readOnly = true)
    public Here here(SettingId settingId, UUID roomId) {
        List<LocalRule> own =
                rules.findBySettingIdAndRoomIdAndWithdrawnAtIsNullOrderByAddedAt(settingId, roomId, OF_A_ROOM);
        List<OtherView> there = others(settingId, roomId);
        List<Pet> pets =
                there.stream().flatMap(other -> other.pet().stream()).distinct().toList();
        SafetyCheck check = own.isEmpty()
                ? shipped
                : shipped.with(own.stream().map(LocalRule::rule).toList());
        return new Here(pets.isEmpty() ? check : check.besides(pets), there);
    }

    /** Who else is always in a room. */
    @Remembered(Area.PEOPLE)
    @Transactional(readOnly = true)
    public List<OtherView> others(SettingId settingId, UUID roomId) {
        return others.findBySettingIdAndRoomIdAndLeftAtIsNullOrderByName(settingId, roomId, OF_A_ROOM).stream()
                .map(RoomOther::view)
                .toList();
    }

    /** Writes down somebody who is always there; a second time with the same id changes nothing. */
    @Transactional
    public void addOther(SettingId settingId, UUID roomId, OtherView other) {
        if (others.findByIdAndSettingId(other.id(), settingId).isEmpty()) {
            others.save(new RoomOther(other.id(), settingId, roomId, other));
        }
    }

    /** Somebody is no longer there. */
    @Transactional
    public void removeOther(SettingId settingId, UUID roomId, UUID otherId) {
        others.findByIdAndSettingId(otherId, settingId)
                .filter(other -> other.roomId().equals(roomId))
                .orElseThrow(NotFound::new)
                .leave(settings.now(settingId));
    }

    /** The room's own rules. */
    @Remembered(Area.PLACES)
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
            rules.save(new LocalRule(
                    id, viewer.settingId(), roomId, details, viewer.name(), settings.now(viewer.settingId())));
        }
    }

    /** Withdraws a rule; who did and when is kept. */
    @Transactional
    public void withdraw(Viewer viewer, UUID ruleId) {
        rules.findByIdAndSettingId(ruleId, viewer.settingId())
                .orElseThrow(NotFound::new)
                .withdraw(viewer.name(), settings.now(viewer.settingId()));
    }
}
