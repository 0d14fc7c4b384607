package app.carder.web.journal;

import app.carder.core.composition.Layout;
import app.carder.core.journal.Part;
import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** One observation in a journal, in words for the family. */
@Entity
class JournalEntry extends ScopedRecord {

    private UUID journalId;
    private UUID observationId;

    @Enumerated(EnumType.STRING)
    private Part part;

    private int position;
    private String words;
    private boolean photoShown;
    private String @Nullable [] areas;

    @Enumerated(EnumType.STRING)
    private @Nullable Layout layout;

    private boolean pinned;
    private boolean leftOut;
    private @Nullable UUID pairId;
    private String translatedInto = "";
    private String translation = "";
    private String translatedBy = "";
    private String checkedBy = "";
    private String simpleWords = "";
    private String setUpBox = "";
    private String setUpDrawing = "";
    private String setUpWords = "";

    protected JournalEntry() {}

    JournalEntry(
            SettingId settingId,
            UUID journalId,
            UUID observationId,
            Part part,
            int position,
            String words,
            boolean photoShown) {
        super(Ids.next(), settingId);
        this.journalId = journalId;
        this.observationId = observationId;
        this.part = part;
        this.position = position;
        this.words = words;
        this.photoShown = photoShown;
    }

    void word(String words, boolean photoShown, @Nullable Layout layout) {
        if (!words.equals(this.words)) {
            // It was checked against other words.
            checkedBy = "";
        }
        this.words = words;
        this.photoShown = photoShown;
        this.layout = layout;
    }

    /** It is approved: what it touches, and how its card is set out, stay as they are today. */
    void freeze(Set<String> touched, Optional<SetUp> setUp) {
        this.areas = touched.stream().sorted().toArray(String[]::new);
        setUpBox = setUp.map(SetUp::viewBox).orElse("");
        setUpDrawing = setUp.map(SetUp::marks).orElse("");
        setUpWords = setUp.map(SetUp::words).orElse("");
    }

    /** How its card was set out on the day of the approval; absent where nothing is drawn. */
    Optional<SetUp> setUp() {
        return setUpBox.isEmpty() ? Optional.empty() : Optional.of(new SetUp(setUpBox, setUpDrawing, setUpWords));
    }

    /** Says the same in short sentences. */
    void simplify(String words) {
        simpleWords = words;
    }

    String simpleWords() {
        return simpleWords;
    }

    /** Stands beside itself in another language; signed off by whoever speaks it, or by nobody yet. */
    void translate(Translation other) {
        translatedInto = other.language();
        translation = other.words();
        translatedBy = other.by();
        checkedBy = other.checkedBy();
    }

    Translation translation() {
        return new Translation(translatedInto, translation, translatedBy, checkedBy);
    }

    /** The areas that it was approved with; absent while it is a draft. */
    Optional<Set<String>> areas() {
        return Optional.ofNullable(areas).map(Set::of);
    }

    void moveTo(int position) {
        this.position = position;
    }

    /** Side by side with another of the same pair. */
    void pair(UUID pairId) {
        this.pairId = pairId;
    }

    void leaveOut() {
        leftOut = true;
        pinned = false;
    }

    void bringBack(int position) {
        leftOut = false;
        pinned = true;
        this.position = position;
    }

    void pin(boolean pinned) {
        this.pinned = pinned;
    }

    UUID journalId() {
        return journalId;
    }

    UUID observationId() {
        return observationId;
    }

    int position() {
        return position;
    }

    Part part() {
        return part;
    }

    String words() {
        return words;
    }

    boolean isPhotoShown() {
        return photoShown;
    }

    /** The layout that somebody chose. */
    Optional<Layout> layout() {
        return Optional.ofNullable(layout);
    }

    /** Whether it stays when entries are picked anew. */
    boolean isPinned() {
        return pinned;
    }

    /** Whether it is kept aside, and not told. */
    boolean isLeftOut() {
        return leftOut;
    }

    /** The pair that it belongs to. */
    Optional<UUID> pairId() {
        return Optional.ofNullable(pairId);
    }
}
