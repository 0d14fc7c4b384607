package app.carder.web.journal;

import app.carder.core.framework.Framework;
import app.carder.core.framework.FrameworkLibrary;
import app.carder.core.journal.OverTime;
import app.carder.core.journal.Part;
import app.carder.core.picture.SetUpPicture;
import app.carder.web.card.CardPictures;
import app.carder.web.card.CardService;
import app.carder.web.card.CardView;
import app.carder.web.children.ChildService;
import app.carder.web.children.ChildView;
import app.carder.web.journal.JournalSheet.Counted;
import app.carder.web.journal.JournalSheet.Entry;
import app.carder.web.journal.JournalSheet.Photo;
import app.carder.web.journal.JournalSheet.Piece;
import app.carder.web.journal.JournalSheet.Section;
import app.carder.web.page.Required;
import app.carder.web.picture.PictureSvg;
import app.carder.web.room.RoomService;
import app.carder.web.setting.SettingId;
import app.carder.web.setting.SettingService;
import app.carder.web.watch.ObservationView;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** What of a journal reaches its family: words are held against names, photos against consents, each time that it is opened. */
@Component
class JournalSheets {

    /** The dot of the highest count. */
    private static final double LARGEST = 9;

    private final ChildService children;
    private final RoomService rooms;
    private final FrameworkLibrary frameworks;
    private final SettingService settings;
    private final CardService cards;
    private final CardPictures pictures;

    JournalSheets(
            ChildService children,
            RoomService rooms,
            FrameworkLibrary frameworks,
            SettingService settings,
            CardService cards,
            CardPictures pictures) {
        this.cards = cards;
        this.pictures = pictures;
        this.children = children;
        this.rooms = rooms;
        this.frameworks = frameworks;
        this.settings = settings;
    }

    /** Counts for a journal, as it keeps them: a line for each area. */
    static String kept(OverTime counts) {
        return counts.rows().stream()
                .map(row -> row.area() + " "
                        + row.records().stream().map(String::valueOf).collect(Collectors.joining(" ")))
                .collect(Collectors.joining("\n"));
    }

    private static OverTime counts(String kept) {
        return new OverTime(kept.lines()
                .map(line -> line.split(" "))
                .map(words -> new OverTime.Row(
                        words[0],
                        Arrays.stream(words).skip(1).map(Integer::valueOf).toList()))
                .toList());
    }

    /** The framework that marks are told by: that of the approval, or the room's while it is a draft. */
    Framework framework(Journal journal, ChildView child) {
        return journal.frameworkCode()
                .map(frameworks::get)
                .orElseGet(() -> rooms.get(journal.settingId(), child.roomId()).framework());
    }

    /**
     * The sheet of a journal.
     *
     * @param entries those that are told, in order
     * @param seen their observations by id
     */
    JournalSheet of(Journal journal, List<JournalEntry> entries, Map<UUID, ObservationView> seen) {
        SettingId settingId = journal.settingId();
        ChildView child = children.get(settingId, journal.childId());
        JournalReader reader = new JournalReader(journal, children.guard(settingId, child));
        PhotoConsents consents = PhotoConsents.of(children, settingId, child.id(), seen.values());
        Telling telling = new Telling(
                framework(journal, child),
                reader,
                consents,
                seen,
                journal.isApproved() ? frozen(entries) : setUps(settingId, entries, seen, consents));
        List<JournalEntry> shown = entries.stream()
                .filter(entry -> !reader.holdsBack(entry.words()))
                .filter(entry ->
                        !reader.holdsBack(entry.translation().words()) && !reader.holdsBack(entry.simpleWords()))
                .toList();
        long heldBack = entries.size()
                - shown.size()
                + journal.texts().values().stream().filter(reader::holdsBack).count();
        List<Section> sections = new ArrayList<>();
        for (Part part : journal.parts()) {
            List<Piece> pieces = part.isOfRecords()
                    ? telling.pieces(
                            shown.stream().filter(entry -> entry.part() == part).toList())
                    : switch (part) {
                        case OVER_TIME -> counted(journal, telling.framework);
                        case MEASURED -> measured(journal);
                        default -> words(journal, part, reader);
                    };
            if (part != Part.GREETING && !pieces.isEmpty()) {
                sections.add(new Section(part, pieces));
            }
        }
        return new JournalSheet(
                journal.getId(),
                child.id(),
                child.name(),
                child.pegMark(),
                settings.get(settingId).name(),
                journal.startsOn(),
                journal.endsOn(),
                journal.request().purpose(),
                reader.read(journal.texts().getOrDefault(Part.GREETING, "")),
                sections,
                telling.framework,
                journal.isApproved(),
                Math.toIntExact(heldBack));
    }

    private static Map<UUID, SetUp> frozen(List<JournalEntry> entries) {
        Map<UUID, SetUp> frozen = new HashMap<>();
        entries.forEach(entry -> entry.setUp().ifPresent(setUp -> frozen.put(entry.observationId(), setUp)));
        return frozen;
    }

    /** What adults are concerned about is told once it was talked over, and not before. */
    private static List<Piece> words(Journal journal, Part part, JournalReader reader) {
        String words = reader.read(journal.texts().getOrDefault(part, ""));
        boolean isTold = part != Part.TALKED_OVER || journal.talkedOverOn().isPresent();
        return words.isBlank() || !isTold ? List.of() : List.of(Piece.words(part, words));
    }

    private static List<Piece> counted(Journal journal, Framework framework) {
        OverTime counts = counts(journal.counted());
        if (counts.most() == 0) {
            return List.of();
        }
        List<Counted.Row> rows = framework.areas().stream()
                .map(area -> new Counted.Row(
                        area.name(),
                        counts.rows().stream()
                                .filter(row -> row.area().equals(area.code()))
                                .flatMap(row -> row.records().stream())
                                .map(count -> new Counted.Dot(count, LARGEST * counts.breadth(count)))
                                .toList()))
                .filter(row -> !row.dots().isEmpty())
                .toList();
        return List.of(new Piece(
                Part.OVER_TIME.name(),
                List.of(),
                "",
                Optional.of(new Counted(counts.starts(journal.startsOn(), journal.endsOn()), rows)),
                Optional.empty(),
                Optional.empty()));
    }

    private static List<Piece> measured(Journal journal) {
        return Measured.read(journal.measured()).map(Measured::pieces).orElse(List.of());
    }

    /** How the cards of some records are set out, by the observation: of those whose photo is not shown, but for somebody having left it out. */
    Map<UUID, SetUp> setUps(
            SettingId settingId, List<JournalEntry> entries, Map<UUID, ObservationView> seen, PhotoConsents consents) {
        Map<UUID, UUID> cardOf = new LinkedHashMap<>();
        for (JournalEntry entry : entries) {
            ObservationView one = Required.from(seen, entry.observationId());
            boolean hasPhoto = one.photo().isPresent() && consents.allow(one);
            if (entry.part() == Part.BUSY_WITH && !hasPhoto && one.cardId() != null) {
                cardOf.put(one.id(), one.cardId());
            }
        }
        Map<UUID, SetUp> drawn = new HashMap<>();
        for (CardView card : cards.whole(settingId, Set.copyOf(cardOf.values()))) {
            SetUpPicture picture = pictures.of(settingId, card);
            if (!picture.isEmpty()) {
                PictureSvg.Kept kept = PictureSvg.kept(picture, "s" + drawn.size() + "-");
                drawn.put(card.id(), new SetUp(kept.viewBox(), kept.marks(), card.title() + ". " + kept.words()));
            }
        }
        Map<UUID, SetUp> byObservation = new HashMap<>();
        cardOf.forEach((observation, card) -> {
            if (drawn.containsKey(card)) {
                byObservation.put(observation, Required.from(drawn, card));
            }
        });
        return byObservation;
    }

    /** How records are told. */
    private record Telling(
            Framework framework,
            JournalReader reader,
            PhotoConsents consents,
            Map<UUID, ObservationView> seen,
            Map<UUID, SetUp> setUps) {

        List<Piece> pieces(List<JournalEntry> entries) {
            Map<UUID, List<JournalEntry>> together = new LinkedHashMap<>();
            for (JournalEntry entry : entries) {
                together.computeIfAbsent(entry.pairId().orElse(entry.getId()), id -> new ArrayList<>())
                        .add(entry);
            }
            return together.values().stream()
                    .map(some -> new Piece(
                            some.get(0).getId().toString(),
                            some.stream().map(this::entry).toList(),
                            "",
                            Optional.empty(),
                            Optional.empty(),
                            some.get(0).layout()))
                    .toList();
        }

        private Entry entry(JournalEntry entry) {
            ObservationView observation = Required.from(seen, entry.observationId());
            Framework ofItsDay = observation.frameworkOr(framework);
            boolean shown = entry.isPhotoShown() && consents.allow(observation);
            Set<String> areas = entry.areas().orElse(observation.areas());
            return new Entry(
                    observation.observedAt().toLocalDate(),
                    reader.read(entry.words()),
                    shown ? observation.photos().stream().map(Photo::of).toList() : List.of(),
                    areas,
                    ofItsDay,
                    ofItsDay.areas().stream()
                            .filter(area -> areas.contains(area.code()))
                            .map(Framework.Area::name)
                            .toList(),
                    reader.read(entry.simpleWords()),
                    Optional.of(entry.translation())
                            .filter(Translation::isChecked)
                            .map(other -> new Translation(
                                    other.language(), reader.read(other.words()), other.by(), other.checkedBy())),
                    Optional.ofNullable(setUps.get(observation.id()))
                            .map(drawn -> new SetUp(drawn.viewBox(), drawn.marks(), reader.read(drawn.words()))));
        }
    }
}
