package app.carder.web.draft;

import app.carder.core.said.Dates;
import app.carder.web.account.SecretBox;
import app.carder.web.account.Viewer;
import app.carder.web.setting.SettingService;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Drafts of forms. They outlive a session and a browser, and end when the form is saved, or after a week. */
@Service
class DraftService {

    static final Duration KEPT = Duration.ofDays(7);

    /** Of one person; beyond that the oldest goes. */
    static final int MOST = 100;

    private final DraftRepository drafts;
    private final SettingService settings;
    private final SecretBox box;
    private final Clock clock;

    DraftService(DraftRepository drafts, SettingService settings, SecretBox box, Clock clock) {
        this.drafts = drafts;
        this.settings = settings;
        this.box = box;
        this.clock = clock;
    }

    /**
     * A draft.
     *
     * @param place of the form
     * @param content names and values, as the browser wrote them
     * @param at when it was typed, in words
     */
    record Kept(String place, String content, String at) {}

    @Transactional
    void save(Viewer owner, String place, String content) {
        byte[] closed = box.close(content.getBytes(StandardCharsets.UTF_8));
        Draft draft = drafts.findBySettingIdAndAccountIdAndPlace(owner.settingId(), owner.personId(), place)
                .orElseGet(() -> room(owner, new Draft(owner, place, closed, clock.instant())));
        draft.change(closed, clock.instant());
        drafts.save(draft);
    }

    private Draft room(Viewer owner, Draft added) {
        List<Draft> all = drafts.findBySettingIdAndAccountIdOrderByChangedAtDesc(
                owner.settingId(), owner.personId(), Limit.of(MOST));
        if (all.size() == MOST) {
            drafts.delete(all.get(MOST - 1));
        }
        return added;
    }

    @Transactional(readOnly = true)
    List<Kept> of(Viewer owner, List<String> places) {
        return drafts.findBySettingIdAndAccountIdAndPlaceIn(owner.settingId(), owner.personId(), places).stream()
                .map(draft -> new Kept(
                        draft.place(),
                        new String(box.open(draft.content()), StandardCharsets.UTF_8),
                        Dates.moment(settings.local(owner.settingId(), draft.changedAt()))))
                .toList();
    }

    /** What was typed into a form is thrown away. */
    @Transactional
    void forget(Viewer owner, String place) {
        drafts.findBySettingIdAndAccountIdAndPlace(owner.settingId(), owner.personId(), place)
                .ifPresent(drafts::delete);
    }

    /** A form was saved: whatever was typed into those that go to the same address needs no draft. */
    @Transactional
    void saved(Viewer owner, String path) {
        drafts.deleteBySettingIdAndAccountIdAndPlaceStartingWith(owner.settingId(), owner.personId(), path + " ");
    }

    @Scheduled(fixedDelayString = "PT6H", initialDelayString = "PT3M")
    @Transactional
    public void tidy() {
        drafts.deleteByChangedAtBefore(clock.instant().minus(KEPT));
    }
}
