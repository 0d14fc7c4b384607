package app.carder.web.journal;

import app.carder.core.composition.Block;
import app.carder.core.composition.Composition;
import app.carder.core.composition.Element;
import app.carder.core.composition.Layout;
import app.carder.core.composition.Sheet;
import app.carder.core.drawing.Sketch;
import app.carder.core.journal.Part;
import app.carder.core.journal.PartSymbol;
import app.carder.web.journal.JournalSheet.Entry;
import app.carder.web.journal.JournalSheet.Photo;
import app.carder.web.journal.JournalSheet.Piece;
import app.carder.web.journal.JournalSheet.Section;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.IntStream;

/**
 * A journal on its pages. The same pages, rows and blocks go to a screen, to paper and into every file; only what a photo is called differs.
 *
 * @param sheet what is told
 * @param pages in order
 * @param medium where it is read
 * @param paper what it is laid out for
 * @param photoUrls what a photo is called there
 */
public record JournalPages(
        JournalSheet sheet, List<Page> pages, Medium medium, Sheet paper, Function<UUID, String> photoUrls) {

    /** Shares of the width of a page that the frames of the styles take. */
    private static final double SMALL_FRAME = 0.28;

    private static final double FRAME = 0.45;
    private static final double HALF_FRAME = 0.45;
    private static final String COVER = "cover";
    private static final String HEADING = "heading-";

    /** Keeps its own copy. */
    public JournalPages {
        pages = List.copyOf(pages);
    }

    /** Where a journal is read. */
    public enum Medium {
        /** In a browser, from here: the card's edge stands beside each entry. */
        SCREEN,
        /** On paper, or as a PDF. */
        PRINT,
        /** In a file of its own whose words flow. */
        FILE
    }

    /** How wide the drawing of a card stands on paper, millimetres: its frame is as wide as that of a photo there. */
    public int drawingWidth(Place place) {
        double share = place.block().layout() == Layout.WORDS_LED
                ? SMALL_FRAME
                : place.block().half() || place.isInTwoLanguages() ? HALF_FRAME : FRAME;
        return (int) (share * paper.width());
    }

    /** How high it is at most there, millimetres. */
    public int drawingHeight(Place place) {
        return drawingWidth(place) * 3 / 4;
    }

    /** What a photo is called where the journal is read. */
    public String url(UUID photoId) {
        return photoUrls.apply(photoId);
    }

    /** A layout, as styles call it: what is a strip of photos here is not the strip of the day in the frame of the pages. */
    static String style(Layout layout) {
        return layout == Layout.STRIP
                ? "photo-strip"
                : layout.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** Whether it is read in a browser, from here. */
    public boolean isOnScreen() {
        return medium == Medium.SCREEN;
    }

    /** Whether it is printed. */
    public boolean isPrinted() {
        return medium == Medium.PRINT;
    }

    /** One page. */
    public record Page(List<Row> rows) {}

    /** One row: one block, or two side by side. */
    public record Row(List<Place> blocks) {

        /** Whether two stand side by side. */
        public boolean isShared() {
            return blocks.size() > 1;
        }
    }

    /**
     * A block and what it tells.
     *
     * @param block where it stands and which words
     * @param part of the journal
     * @param piece what it tells; absent for the cover and for headings
     */
    public record Place(Block block, Part part, Optional<Piece> piece) {

        /** Its layout, as a style calls it. */
        public String style() {
            return JournalPages.style(block.layout());
        }

        /** Whether it is the cover. */
        public boolean isCover() {
            return block.layout() == Layout.COVER;
        }

        /** A symbol for its part. */
        public Optional<Sketch> symbol() {
            return PartSymbol.of(part);
        }

        /** Whether it is a heading. */
        public boolean isHeading() {
            return block.layout() == Layout.HEADING;
        }

        /** Whether it is words in a box. */
        public boolean isBox() {
            return block.layout() == Layout.BOX;
        }

        /** Whether it is the drawing of how often each area was seen. */
        public boolean isChart() {
            return block.layout() == Layout.CHART && !isMeasured();
        }

        /** Whether it is what the child said. */
        public boolean isQuote() {
            return block.layout() == Layout.QUOTE;
        }

        /** Whether it is what was measured. */
        public boolean isMeasured() {
            return piece.filter(one -> one.measured().isPresent()).isPresent();
        }

        /** Whether it is one entry in two languages. */
        public boolean isInTwoLanguages() {
            return block.layout() == Layout.PAIR
                    && piece.filter(Piece::isInTwoLanguages).isPresent();
        }

        /** Whether it is then and now. */
        public boolean isPair() {
            return block.layout() == Layout.PAIR && !isInTwoLanguages();
        }

        /** Whether it is one record. */
        public boolean isRecord() {
            return ENTRIES.contains(block.layout()) && !isMeasured();
        }

        /** Whether it begins here; a long one goes on in another block, without its date and its photos. */
        public boolean isBeginning() {
            return block.part() == 0;
        }

        /** The record, or the earlier of two. */
        public Entry entry() {
            return piece.orElseThrow().entries().get(0);
        }

        /** How its card is set out, where that stands in for a photo. */
        public Optional<SetUp> drawing() {
            return isBeginning() && entry().photos().isEmpty() ? entry().setUp() : Optional.empty();
        }

        /** The photos that this layout shows. */
        public List<Photo> photos() {
            if (!isBeginning()) {
                return List.of();
            }
            if (isMeasured()) {
                List<Photo> all = piece.orElseThrow().measured().orElseThrow().photos();
                return spread(all);
            }
            int most = block.layout() == Layout.STRIP ? MOST_IN_A_STRIP : 1;
            return entry().photos().stream().limit(most).toList();
        }
    }

    /** As many as go into a strip, the first and the last among them. */
    private static List<Photo> spread(List<Photo> all) {
        int most = Math.min(MOST_IN_A_STRIP, all.size());
        return IntStream.range(0, most)
                .mapToObj(at -> all.get(most == 1 ? 0 : at * (all.size() - 1) / (most - 1)))
                .toList();
    }

    private static final int MOST_IN_A_STRIP = 4;
    private static final Set<Layout> ENTRIES =
            Set.of(Layout.PHOTO_LED, Layout.WORDS_LED, Layout.STRIP, Layout.FULL_PAGE);

    /** For a browser. */
    public static JournalPages onScreen(JournalSheet sheet, Function<UUID, String> photoUrls) {
        return of(sheet, Sheet.A4, Medium.SCREEN, photoUrls);
    }

    /** For a file whose words flow. */
    public static JournalPages inAFile(JournalSheet sheet, Function<UUID, String> photoUrls) {
        return of(sheet, Sheet.A4, Medium.FILE, photoUrls);
    }

    /** For paper. */
    public static JournalPages onPaper(JournalSheet sheet, Sheet paper, Function<UUID, String> photoUrls) {
        return of(sheet, paper, Medium.PRINT, photoUrls);
    }

    private static JournalPages of(JournalSheet sheet, Sheet paper, Medium medium, Function<UUID, String> photoUrls) {
        Map<String, Part> parts = new HashMap<>();
        Map<String, Piece> pieces = new HashMap<>();
        for (Section section : sheet.sections()) {
            parts.put(HEADING + section.part(), section.part());
            for (Piece piece : section.pieces()) {
                parts.put(piece.id(), section.part());
                pieces.put(piece.id(), piece);
            }
        }
        return new JournalPages(
                sheet,
                composition(sheet, paper).pages().stream()
                        .map(page -> new Page(page.rows().stream()
                                .map(row -> new Row(row.blocks().stream()
                                        .map(block -> new Place(
                                                block,
                                                parts.getOrDefault(block.id(), Part.GREETING),
                                                Optional.ofNullable(pieces.get(block.id()))))
                                        .toList()))
                                .toList()))
                        .toList(),
                medium,
                paper,
                photoUrls);
    }

    /** What a sheet becomes on paper. */
    public static Composition composition(JournalSheet sheet, Sheet paper) {
        List<Element> elements = new ArrayList<>();
        elements.add(Element.cover(COVER, sheet.greeting()));
        for (Section section : sheet.sections()) {
            elements.add(
                    Element.heading(HEADING + section.part(), section.part().words()));
            section.pieces().forEach(piece -> elements.add(element(section.part(), piece)));
        }
        return Composition.of(elements, paper);
    }

    private static Element element(Part part, Piece piece) {
        Element element;
        if (piece.counted().isPresent()) {
            element = Element.chart(piece.id(), "");
        } else if (piece.measured().isPresent()) {
            JournalSheet.Chart chart = piece.measured().get();
            element = chart.drawing().isPresent()
                    ? Element.chart(piece.id(), "")
                    : Element.pictures(piece.id(), chart.photos().size());
        } else if (piece.isInTwoLanguages()) {
            Entry entry = piece.entries().get(0);
            element = Element.pair(
                    piece.id(), entry.words(), entry.translation().orElseThrow().words(), entry.pictures());
        } else if (piece.entries().isEmpty()) {
            element = Element.box(piece.id(), piece.words());
        } else if (piece.entries().size() == 2) {
            Entry then = piece.entries().get(0);
            Entry now = piece.entries().get(1);
            element = Element.pair(
                    piece.id(),
                    then.words(),
                    now.words(),
                    Math.max(then.photos().size(), now.photos().size()));
        } else if (part == Part.OWN_WORDS) {
            element = Element.quote(piece.id(), piece.entries().get(0).words());
        } else {
            Entry entry = piece.entries().get(0);
            element = Element.entry(piece.id(), entry.words(), entry.pictures());
        }
        return piece.wished().map(element::as).orElse(element);
    }
}
