package app.carder.web.journal;

import app.carder.core.framework.Framework;
import app.carder.core.journal.Part;
import app.carder.core.journal.Purpose;
import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A learning journal of one child over a period. */
@Entity
class Journal extends ScopedRecord {

    @Version
    private int version;

    private UUID childId;
    private LocalDate startsOn;
    private LocalDate endsOn;

    @Enumerated(EnumType.STRING)
    private Purpose purpose;

    private String[] parts;
    private int pages;
    private String about;
    private String greeting;
    private String strengths = "";
    private String talkedOver = "";
    private @Nullable LocalDate talkedOverOn;
    private String nextSteps = "";
    private String atHome = "";
    private String fromHome = "";
    private String overTime = "";
    private String measured = "";
    private String compiledBy;
    private Instant compiledAt;
    private @Nullable String approvedBy;
    private @Nullable Instant approvedAt;
    private @Nullable String frameworkCode;
    private @Nullable String frameworkVersion;
    private String[] settled = {};
    private @Nullable UUID roundId;
    private @Nullable String readBy;
    private String remark = "";
    private String remarkBy = "";
    private String[] nearAnswered = {};
    private int wordings;

    protected Journal() {}

    Journal(
            SettingId settingId,
            JournalRequest request,
            List<Part> parts,
            String greeting,
            String compiledBy,
            Instant compiledAt) {
        super(Ids.next(), settingId);
        this.childId = request.childId();
        this.startsOn = request.startsOn();
        this.endsOn = request.endsOn();
        this.purpose = request.purpose();
        this.parts = parts.stream().map(Enum::name).toArray(String[]::new);
        this.pages = request.pages();
        this.about = request.about();
        this.greeting = greeting;
        this.compiledBy = compiledBy;
        this.compiledAt = compiledAt;
    }

    /** New words, of its own or of its entries: either way it is another version, so that an older save cannot win. */
    void word(Map<Part, String> texts, Optional<LocalDate> talkedOver) {
        greeting = texts.getOrDefault(Part.GREETING, greeting);
        strengths = texts.getOrDefault(Part.STRENGTHS, strengths);
        this.talkedOver = texts.getOrDefault(Part.TALKED_OVER, this.talkedOver);
        nextSteps = texts.getOrDefault(Part.NEXT_STEPS, nextSteps);
        atHome = texts.getOrDefault(Part.AT_HOME, atHome);
        fromHome = texts.getOrDefault(Part.FROM_HOME, fromHome);
        talkedOverOn = talkedOver.orElse(null);
        readBy = null;
        wordings++;
    }

    /** Another order, an entry more or less, or another look. */
    void rearrange() {
        readBy = null;
        wordings++;
    }

    /** Entries were picked for another length. */
    void lengthen(int pages) {
        this.pages = pages;
        readBy = null;
        wordings++;
    }

    /** One of the journals of a room that were made at once. */
    void belongTo(UUID roundId) {
        this.roundId = roundId;
    }

    /** Somebody was shown all of it, and said of these words that they mean no child. */
    void read(String by, Collection<String> near) {
        readBy = by;
        nearAnswered = near.stream().distinct().sorted().toArray(String[]::new);
    }

    /** What whoever read it wants its author to look at; empty for nothing. */
    void remark(String words, String by) {
        remark = words;
        remarkBy = words.isEmpty() ? "" : by;
    }

    String remark() {
        return remark;
    }

    String remarkBy() {
        return remarkBy;
    }

    /** Words near a name that somebody said mean no child. */
    Set<String> nearAnswered() {
        return Set.of(nearAnswered);
    }

    /** How often each area was seen, as it was counted. */
    void count(String counted) {
        overTime = counted;
    }

    /** What was measured in its project, as it keeps that. */
    void measure(String kept) {
        measured = kept;
    }

    String measured() {
        return measured;
    }

    /** From now on the marks are those of this framework, whichever room the child is in. */
    void approve(String by, Instant at, Framework framework) {
        approvedBy = by;
        approvedAt = at;
        frameworkCode = framework.code();
        frameworkVersion = framework.version();
    }

    void takeBack() {
        approvedBy = null;
        approvedAt = null;
        frameworkCode = null;
        frameworkVersion = null;
        settled = new String[0];
    }

    /** Somebody read it again: these words mean no child. */
    void settle(Collection<String> words) {
        settled = words.stream().distinct().sorted().toArray(String[]::new);
    }

    Set<String> settled() {
        return Set.of(settled);
    }

    /** The framework that it was approved with; absent while it is a draft. */
    Optional<String> frameworkCode() {
        return Optional.ofNullable(frameworkCode);
    }

    boolean isApproved() {
        return approvedAt != null;
    }

    /** What it was asked to be. */
    JournalRequest request() {
        return new JournalRequest(childId, startsOn, endsOn, purpose, pages, about);
    }

    /** Its parts, in order. */
    List<Part> parts() {
        return Arrays.stream(parts).map(Part::valueOf).toList();
    }

    /** Its texts by the parts that it has; what was talked over among them, whether or not that was. */
    Map<Part, String> texts() {
        Map<Part, String> texts = new EnumMap<>(Part.class);
        texts.put(Part.GREETING, greeting);
        texts.put(Part.STRENGTHS, strengths);
        texts.put(Part.TALKED_OVER, talkedOver);
        texts.put(Part.NEXT_STEPS, nextSteps);
        texts.put(Part.AT_HOME, atHome);
        texts.put(Part.FROM_HOME, fromHome);
        texts.keySet().retainAll(parts());
        return texts;
    }

    /** All its words, for the history, by what they are. */
    Map<String, String> wording() {
        Map<String, String> wording = new TreeMap<>();
        texts().forEach((part, words) ->
                wording.put(part.name().toLowerCase(Locale.ROOT).replace('_', ' '), words));
        return wording;
    }

    /** When what adults are concerned about was talked over with the family. */
    Optional<LocalDate> talkedOverOn() {
        return Optional.ofNullable(talkedOverOn);
    }

    /** How often each area was seen, as it was counted. */
    String counted() {
        return overTime;
    }

    UUID childId() {
        return childId;
    }

    LocalDate startsOn() {
        return startsOn;
    }

    LocalDate endsOn() {
        return endsOn;
    }

    String compiledBy() {
        return compiledBy;
    }

    String approvedBy() {
        return approvedBy == null ? "" : approvedBy;
    }

    int version() {
        return version;
    }
}
