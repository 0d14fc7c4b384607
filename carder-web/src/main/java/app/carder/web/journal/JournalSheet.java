package app.carder.web.journal;

import app.carder.core.composition.Layout;
import app.carder.core.drawing.Sketch;
import app.carder.core.framework.Framework;
import app.carder.core.journal.CoverDrawing;
import app.carder.core.journal.Part;
import app.carder.core.journal.Purpose;
import app.carder.core.wording.ReadingEase;
import app.carder.web.children.PegMark;
import app.carder.web.media.PhotoView;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;

/**
 * A journal as the family reads it: no other child's name, no photo without consent. The same sheet goes to the preview,
 * the carer's page and every file.
 *
 * @param id of the journal
 * @param childId whose
 * @param childName whose, by first name
 * @param pegMark of the child
 * @param settingName the nursery
 * @param startsOn first day
 * @param endsOn last day
 * @param purpose what for
 * @param greeting opening words
 * @param sections in order, those without anything left out
 * @param framework by which the card edge is drawn
 * @param approved whether the room lead has approved it
 * @param heldBack how many texts are held back since it was approved, because a word in them is now also a child's name
 */
public record JournalSheet(
        UUID id,
        UUID childId,
        String childName,
        PegMark pegMark,
        String settingName,
        LocalDate startsOn,
        LocalDate endsOn,
        Purpose purpose,
        String greeting,
        List<Section> sections,
        Framework framework,
        boolean approved,
        int heldBack) {

    /** Keeps its own copy. */
    public JournalSheet {
        sections = List.copyOf(sections);
    }

    /**
     * One part.
     *
     * @param part which
     * @param pieces in order
     */
    public record Section(Part part, List<Piece> pieces) {

        /** Keeps its own copy. */
        public Section {
            pieces = List.copyOf(pieces);
        }
    }

    /**
     * What is told as one thing.
     *
     * @param id its own
     * @param entries the record; of a pair both, the earlier first; none of words or of a drawing
     * @param words where it is words alone
     * @param counted where it is the drawing of how often each area was seen
     * @param measured where it is what was measured
     * @param wished the layout that somebody chose
     */
    public record Piece(
            String id,
            List<Entry> entries,
            String words,
            Optional<Counted> counted,
            Optional<Chart> measured,
            Optional<Layout> wished) {

        /** Keeps its own copy. */
        public Piece {
            entries = List.copyOf(entries);
        }

        static Piece words(Part part, String words) {
            return new Piece(part.name(), List.of(), words, Optional.empty(), Optional.empty(), Optional.empty());
        }

        Piece simply() {
            return new Piece(
                    id,
                    entries.stream().map(Entry::simply).toList(),
                    String.join("\n", ReadingEase.sentences(words)),
                    counted,
                    measured,
                    wished);
        }

        /** One entry that also stands there in another language. */
        public boolean isInTwoLanguages() {
            return entries.size() == 1 && entries.get(0).translation().isPresent();
        }

        /** Its photos, of a chart those beside it. */
        Stream<Photo> photos() {
            return Stream.concat(
                    entries.stream().flatMap(entry -> entry.photos().stream()),
                    measured.stream().flatMap(chart -> chart.photos().stream()));
        }
    }

    /**
     * One entry.
     *
     * @param on the day
     * @param words for the family
     * @param photos that may be shown
     * @param areas codes of the areas it touches
     * @param framework of the day, by which its card edge is drawn
     * @param areaNames the same for people
     * @param simple the same in short sentences; empty where nobody wrote them
     * @param translation the same in another language, checked by whoever speaks it
     * @param setUp how its card was set out, where it has no photo
     */
    public record Entry(
            LocalDate on,
            String words,
            List<Photo> photos,
            Set<String> areas,
            Framework framework,
            List<String> areaNames,
            String simple,
            Optional<Translation> translation,
            Optional<SetUp> setUp) {

        /** Keeps its own copies. */
        public Entry {
            photos = List.copyOf(photos);
            areaNames = List.copyOf(areaNames);
        }

        /** In short sentences, one on each line, in one language. */
        Entry simply() {
            return new Entry(
                    on,
                    String.join("\n", ReadingEase.sentences(simple.isBlank() ? words : simple)),
                    photos,
                    areas,
                    framework,
                    areaNames,
                    simple,
                    Optional.empty(),
                    setUp);
        }

        /** How many pictures stand with it: photos, or the drawing that stands in for them. */
        int pictures() {
            return photos.isEmpty() && setUp.isPresent() ? 1 : photos.size();
        }
    }

    /**
     * What was measured.
     *
     * @param title of what was watched
     * @param drawing of the values; absent where it is the pictures
     * @param photos of the thing, in the order of time
     */
    public record Chart(String title, Optional<Sketch> drawing, List<Photo> photos) {

        /** Keeps its own copy. */
        public Chart {
            photos = List.copyOf(photos);
        }
    }

    /**
     * One photo.
     *
     * @param id of it
     * @param widthPercent how much of the width of its frame it may take, in hundredths, so that it is no higher than the frame
     */
    public record Photo(UUID id, int widthPercent) {

        /** In a frame three high to four wide. */
        static Photo of(PhotoView photo) {
            return new Photo(photo.id(), Math.min(100, 75 * photo.width() / photo.height()));
        }
    }

    /**
     * How often each area was seen in each stretch of the period.
     *
     * @param stretches first days, one for each
     * @param rows by area
     */
    public record Counted(List<LocalDate> stretches, List<Row> rows) {

        /** Keeps its own copies. */
        public Counted {
            stretches = List.copyOf(stretches);
            rows = List.copyOf(rows);
        }

        /**
         * One area.
         *
         * @param area for people
         * @param dots one for each stretch
         */
        public record Row(String area, List<Dot> dots) {}

        /**
         * One count.
         *
         * @param records how many
         * @param radius of its dot, whose area stands for the count; 0 to 9
         */
        public record Dot(int records, double radius) {}
    }

    /** The same in short sentences: those that somebody wrote, or else its own, one on each line. */
    public JournalSheet simply() {
        return new JournalSheet(
                id,
                childId,
                childName,
                pegMark,
                settingName,
                startsOn,
                endsOn,
                purpose,
                greeting,
                sections.stream()
                        .map(section -> new Section(
                                section.part(),
                                section.pieces().stream().map(Piece::simply).toList()))
                        .toList(),
                framework,
                approved,
                heldBack);
    }

    /** What it is called. */
    public String title() {
        return purpose.title(childName);
    }

    /** Whether it hangs where everybody sees it; else it is one family's. */
    public boolean isForEverybody() {
        return purpose == Purpose.DISPLAY;
    }

    /** What is drawn on its cover. */
    public Sketch cover() {
        return CoverDrawing.of(
                purpose,
                framework.areas().stream().map(area -> covers(area.code())).toList());
    }

    /** All entries, in order. */
    public List<Entry> entries() {
        return pieces().flatMap(piece -> piece.entries().stream()).toList();
    }

    /** All photos, in order. */
    public Stream<Photo> photos() {
        return pieces().flatMap(Piece::photos);
    }

    private Stream<Piece> pieces() {
        return sections.stream().flatMap(section -> section.pieces().stream());
    }

    /** Whether the family may open a photo. */
    public boolean shows(UUID photoId) {
        return photos().anyMatch(photo -> photo.id().equals(photoId));
    }

    /** Whether any entry touches an area. */
    public boolean covers(String areaCode) {
        return entries().stream().anyMatch(entry -> entry.areas().contains(areaCode));
    }
}
