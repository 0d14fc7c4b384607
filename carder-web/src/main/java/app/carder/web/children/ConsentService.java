package app.carder.web.children;

import app.carder.core.consent.Consent;
import app.carder.web.page.NotFound;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Collection;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What families said about photos, use by use. */
@Service
public class ConsentService {

    private final ConsentRepository entries;
    private final ChildRepository children;
    private final SettingService settings;

    ConsentService(ConsentRepository entries, ChildRepository children, SettingService settings) {
        this.entries = entries;
        this.children = children;
        this.settings = settings;
    }

    /**
     * One word of somebody.
     *
     * @param isGiven whether they allowed it
     * @param giver who said it; empty where nobody was named
     * @param way how they were asked
     * @param askedWords the words that they were asked in; empty where they were not kept
     * @param on when they said it, where that is known
     * @param until the last day on which a yes holds
     * @param notedBy who wrote it down; empty where they did so themselves, or nobody kept it
     */
    public record Word(
            boolean isGiven,
            String giver,
            ConsentWay way,
            String askedWords,
            Optional<LocalDate> on,
            Optional<LocalDate> until,
            String notedBy) {}

    /**
     * One use.
     *
     * @param use that is asked about
     * @param consent what holds today
     * @param words of everybody, the latest first
     */
    public record OfUse(PhotoUse use, Consent consent, List<Word> words) {

        /** Whether the family is to be asked: nobody has said anything that still holds. */
        public boolean isToBeAsked() {
            return consent.state() == Consent.State.NOT_ASKED || consent.state() == Consent.State.RUN_OUT;
        }
    }

    /** All uses, of some children, by child. */
    @Transactional(readOnly = true)
    public Map<UUID, List<OfUse>> of(SettingId settingId, Collection<UUID> childIds) {
        LocalDate today = settings.today(settingId);
        Map<UUID, List<ConsentEntry>> found =
                entries.findBySettingIdAndChildIdInOrderByNotedAtAscIdAsc(settingId, childIds).stream()
                        .collect(Collectors.groupingBy(ConsentEntry::childId));
        return childIds.stream()
                .distinct()
                .collect(Collectors.toMap(
                        Function.identity(), child -> uses(found.getOrDefault(child, List.of()), today)));
    }

    private static List<OfUse> uses(List<ConsentEntry> said, LocalDate today) {
        return Arrays.stream(PhotoUse.values())
                .map(use -> {
                    List<ConsentEntry> about =
                            said.stream().filter(one -> one.photoUse() == use).toList();
                    return new OfUse(use, consent(about, today), words(about));
                })
                .toList();
    }

    private static Consent consent(List<ConsentEntry> about, LocalDate today) {
        return Consent.of(
                about.stream()
                        .filter(ConsentEntry::holdsHere)
                        .map(ConsentEntry::word)
                        .toList(),
                today);
    }

    private static List<Word> words(List<ConsentEntry> about) {
        List<Word> words = about.stream()
                .map(one -> new Word(
                        one.isGiven(), one.giver(), one.way(), one.askedWords(), one.on(), one.until(), one.notedBy()))
                .collect(Collectors.toList());
        Collections.reverse(words);
        return List.copyOf(words);
    }

    /**
     * Keeps what somebody said. It holds from now on, everywhere.
     *
     * @param notedBy who writes it down; empty where they say it themselves
     * @throws NotFound if the setting has no such child
     */
    @Transactional
    public void say(SettingId settingId, UUID childId, ConsentSaid said, String notedBy) {
        Child child = children.findByIdAndSettingId(childId, settingId).orElseThrow(NotFound::new);
        Optional<LocalDate> until =
                said.given() ? Optional.of(said.on().plusYears(Consent.YEARS_IT_HOLDS)) : Optional.empty();
        entries.save(new ConsentEntry(
                settingId, childId, said, new ConsentEntry.Noting(notedBy, settings.now(settingId), until)));
        List<ConsentEntry> about =
                entries.findBySettingIdAndChildIdInOrderByNotedAtAscIdAsc(settingId, List.of(childId)).stream()
                        .filter(one -> one.photoUse() == said.use())
                        .toList();
        child.consent(said.use(), consent(about, settings.today(settingId)));
    }

    /** Whoever decides about a child is somebody else from now on: every yes ends, and all is asked anew. */
    @Transactional
    public void askAnew(SettingId settingId, UUID childId) {
        Child child = children.findByIdAndSettingId(childId, settingId).orElseThrow(NotFound::new);
        LocalDate today = settings.today(settingId);
        List<ConsentEntry> all = entries.findBySettingIdAndChildIdInOrderByNotedAtAscIdAsc(settingId, List.of(childId));
        all.forEach(one -> one.endBy(today.minusDays(1)));
        for (PhotoUse use : PhotoUse.values()) {
            child.consent(
                    use,
                    consent(all.stream().filter(one -> one.photoUse() == use).toList(), today));
        }
    }

    /** What was ticked when a child was enrolled. */
    @Transactional
    void sayOnEnrolment(SettingId settingId, UUID childId, Collection<PhotoUse> ticked) {
        LocalDate today = settings.today(settingId);
        ticked.stream()
                .sorted(Comparator.naturalOrder())
                .forEach(use -> say(
                        settingId,
                        childId,
                        new ConsentSaid(use, true, "", Optional.empty(), ConsentWay.ON_ENROLMENT, today),
                        ""));
    }
}
