package app.carder.web.children;

import app.carder.core.attendance.Coming;
import app.carder.core.attendance.DayHours;
import app.carder.core.attendance.Noted;
import app.carder.core.attendance.Stay;
import app.carder.core.consent.Consent;
import app.carder.core.material.Allergen;
import app.carder.core.measure.Age;
import app.carder.core.safety.CareEntry;
import app.carder.web.page.Required;
import app.carder.web.setting.Ids;
import app.carder.web.setting.ScopedRecord;
import app.carder.web.setting.SettingId;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Version;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Arrays;
import java.util.Collection;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** A child of a room. */
@Entity
class Child extends ScopedRecord {

    @Version
    private int version;

    private UUID roomId;
    private String givenName;
    private LocalDate bornOn;

    @Enumerated(EnumType.STRING)
    private PegMark pegMark;

    private boolean mouthing;
    private String[] allergens;
    private String allergyNote;
    private boolean allergiesAsked;

    @JdbcTypeCode(SqlTypes.JSON)
    private List<Map<String, String>> care;

    private String medicine;
    private UUID[] medicineBy;
    private String[] otherNames;
    /** Known to the guard of names, and shown nowhere. */
    private String[] formerNames = {};

    private @Nullable LocalDate diedOn;
    private String homeLanguages;
    private String interests;
    private boolean consentOwnJournal;
    private boolean consentOthersJournals;
    private boolean consentDisplay;
    private @Nullable LocalDate ownJournalUntil;
    private @Nullable LocalDate othersJournalsUntil;
    private @Nullable LocalDate displayUntil;
    private @Nullable UUID keyPersonId;
    private Integer[] daysAttended;
    private @Nullable LocalTime arrives;
    private @Nullable LocalTime leaves;

    @JdbcTypeCode(SqlTypes.JSON)
    private Map<String, List<String>> otherHours;

    private @Nullable LocalDate startsOn;
    private @Nullable LocalDate endsOn;
    private @Nullable UUID movesTo;
    private @Nullable LocalDate movesOn;
    private String mayFetch;
    private String beforeSending;

    protected Child() {}

    Child(SettingId settingId, UUID roomId, ChildDetails details) {
        super(Ids.next(), settingId);
        this.roomId = roomId;
        beforeSending = "";
        describe(details);
    }

    /** Takes over new details; whoever calls keeps what was said before. */
    final void describe(ChildDetails details) {
        givenName = details.givenName();
        bornOn = details.bornOn();
        pegMark = details.pegMark();
        mouthing = details.care().mouthing();
        allergiesAsked = details.care().allergiesAsked();
        allergens = sortedNames(details.care().allergens());
        allergyNote = details.care().plan();
        care = details.care().entries().stream()
                .map(entry -> Map.of("kind", entry.kind().name(), "words", entry.words(), "asksFor", entry.asksFor()))
                .toList();
        medicine = details.care().medicine();
        medicineBy = details.care().medicineBy().stream().sorted().toArray(UUID[]::new);
        otherNames = details.otherNames().toArray(String[]::new);
        homeLanguages = details.homeLanguages();
        interests = details.interests();
        keyPersonId = details.keyPersonId();
        Coming coming = details.coming();
        daysAttended = coming.days().stream().sorted().map(DayOfWeek::getValue).toArray(Integer[]::new);
        arrives = coming.usual().arrives().orElse(null);
        leaves = coming.usual().leaves().orElse(null);
        otherHours = new TreeMap<>();
        coming.others()
                .forEach((day, hours) -> otherHours.put(
                        day.name(),
                        List.of(
                                hours.arrives().map(LocalTime::toString).orElse(""),
                                hours.leaves().map(LocalTime::toString).orElse(""))));
        startsOn = coming.stay().startsOn().orElse(null);
        endsOn = coming.stay().endsOn().orElse(null);
        movesTo = details.move().map(Move::roomId).orElse(null);
        movesOn = details.move().map(Move::on).orElse(null);
        mayFetch = details.mayFetch();
    }

    /** When it comes, as it was agreed. */
    private Coming coming() {
        Map<DayOfWeek, DayHours> others = new EnumMap<>(DayOfWeek.class);
        otherHours.forEach((day, hours) ->
                others.put(DayOfWeek.valueOf(day), new DayHours(time(hours.get(0)), time(hours.get(1)))));
        return new Coming(
                Set.copyOf(days()),
                new DayHours(Optional.ofNullable(arrives), Optional.ofNullable(leaves)),
                others,
                new Stay(Optional.ofNullable(startsOn), Optional.ofNullable(endsOn)));
    }

    private static Optional<LocalTime> time(String text) {
        return text.isEmpty() ? Optional.empty() : Optional.of(LocalTime.parse(text));
    }

    /** Into which room it moves up, and when. */
    Optional<Move> move() {
        return Optional.ofNullable(movesTo).map(room -> new Move(room, Objects.requireNonNull(movesOn)));
    }

    /** It lives in that room from now on. */
    void moveUp(UUID room, PegMark mark) {
        roomId = room;
        pegMark = mark;
        movesTo = null;
        movesOn = null;
    }

    PegMark pegMark() {
        return pegMark;
    }

    void hang(PegMark mark) {
        pegMark = mark;
    }

    /** What is to be known before anything about it is sent. */
    void warnBeforeSending(String words) {
        beforeSending = words;
    }

    int version() {
        return version;
    }

    UUID roomId() {
        return roomId;
    }

    /** Every field in words, to compare before and after. */
    Map<String, String> said() {
        Map<String, String> said = new LinkedHashMap<>();
        said.put("name", givenName);
        said.put("birthday", bornOn.toString());
        said.put("peg mark", pegMark.name());
        said.put("mouthing", mouthing ? "yes" : "no");
        said.put("other names", String.join(", ", otherNames));
        said.put("allergies", String.join(", ", allergens));
        said.put("family asked about allergies", allergiesAsked ? "yes" : "no");
        said.put(
                "other things to know",
                entries().stream().map(CareEntry::forPeople).collect(Collectors.joining(", ")));
        said.put("emergency medicine", medicine);
        said.put("who may give it", Arrays.toString(medicineBy));
        said.put("allergy note", allergyNote);
        said.put("home languages", homeLanguages);
        said.put("interests", interests);
        said.put("key person", String.valueOf(keyPersonId));
        said.put("days", days().toString());
        said.put("arrives", arrives == null ? "" : arrives.toString());
        said.put("leaves", leaves == null ? "" : leaves.toString());
        said.put(
                "other hours",
                otherHours.entrySet().stream()
                        .map(day -> day.getKey() + " " + String.join("–", day.getValue()))
                        .collect(Collectors.joining(", ")));
        said.put("first day", startsOn == null ? "" : startsOn.toString());
        said.put("last day", endsOn == null ? "" : endsOn.toString());
        said.put("died on", diedOn == null ? "" : diedOn.toString());
        said.put("room", roomId.toString());
        said.put("moves up into", movesTo == null ? "" : movesTo.toString());
        said.put("moves up on", movesOn == null ? "" : movesOn.toString());
        said.put("who may fetch", mayFetch);
        said.put("before sending", beforeSending);
        return said;
    }

    ChildView view(LocalDate today, Map<LocalDate, Noted> noted) {
        return new ChildView(
                getId(),
                roomId,
                givenName,
                List.of(otherNames),
                pegMark,
                Age.between(bornOn, bornOn.isAfter(today) ? bornOn : today),
                new ChildCare(
                        mouthing, allergiesAsked, allergenSet(), allergyNote, entries(), medicine, Set.of(medicineBy)),
                homeLanguages,
                interests,
                consents(today),
                keyPersonId,
                coming(),
                noted,
                move(),
                mayFetch,
                beforeSending,
                version);
    }

    List<String> names() {
        return Stream.of(Stream.of(givenName), Arrays.stream(otherNames), Arrays.stream(formerNames))
                .flatMap(Function.identity())
                .toList();
    }

    /** From now on it is called otherwise. */
    void rename(String newName, boolean hidesEarlier) {
        if (hidesEarlier && !givenName.equalsIgnoreCase(newName)) {
            formerNames = Stream.concat(Arrays.stream(formerNames), Stream.of(givenName))
                    .distinct()
                    .toArray(String[]::new);
        }
        givenName = newName;
    }

    /** Nobody is named who may fetch it. */
    void nobodyFetches() {
        mayFetch = "";
    }

    /** It died on that day, or did not. It attends no more from then on, and moves nowhere. */
    void died(@Nullable LocalDate on) {
        diedOn = on;
        endsOn = on;
        movesTo = null;
        movesOn = null;
    }

    /** Its last day here, where one is known. */
    Optional<LocalDate> lastDay() {
        return Optional.ofNullable(endsOn);
    }

    Optional<LocalDate> diedOn() {
        return Optional.ofNullable(diedOn);
    }

    private List<CareEntry> entries() {
        return care.stream()
                .map(entry -> new CareEntry(
                        CareEntry.Kind.valueOf(Required.from(entry, "kind")),
                        entry.getOrDefault("words", ""),
                        entry.getOrDefault("asksFor", "")))
                .toList();
    }

    /** Takes over what holds of a use. */
    void consent(PhotoUse use, Consent consent) {
        LocalDate until = consent.until().orElse(null);
        switch (use) {
            case OWN_JOURNAL -> {
                consentOwnJournal = consent.isGiven();
                ownJournalUntil = until;
            }
            case OTHERS_JOURNALS -> {
                consentOthersJournals = consent.isGiven();
                othersJournalsUntil = until;
            }
            case DISPLAY -> {
                consentDisplay = consent.isGiven();
                displayUntil = until;
            }
        }
    }

    /** Uses that are allowed on a day: a yes that has run out is none. */
    private Set<PhotoUse> consents(LocalDate day) {
        Set<PhotoUse> given = new TreeSet<>();
        if (consentOwnJournal && !isOver(ownJournalUntil, day)) {
            given.add(PhotoUse.OWN_JOURNAL);
        }
        if (consentOthersJournals && !isOver(othersJournalsUntil, day)) {
            given.add(PhotoUse.OTHERS_JOURNALS);
        }
        if (consentDisplay && !isOver(displayUntil, day)) {
            given.add(PhotoUse.DISPLAY);
        }
        return given;
    }

    private static boolean isOver(@Nullable LocalDate last, LocalDate day) {
        return last != null && day.isAfter(last);
    }

    private Set<Allergen> allergenSet() {
        return Arrays.stream(allergens).map(Allergen::valueOf).collect(Collectors.toCollection(TreeSet::new));
    }

    private List<DayOfWeek> days() {
        return Arrays.stream(daysAttended).map(DayOfWeek::of).toList();
    }

    private static String[] sortedNames(Collection<Allergen> allergens) {
        return allergens.stream().sorted().map(Allergen::name).toArray(String[]::new);
    }
}
