package app.carder.web.journal;

import app.carder.core.composition.Sheet;
import app.carder.core.said.Said;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What a journal can leave as. */
public enum JournalFormat {
    /** For every screen reader, to keep (PDF/UA-1, PDF/A-2a). */
    PDF(new Paper("A4", Sheet.A4, 20, 20, 22, 11.5), "pdf"),
    /** The same in letters of 18 points. */
    LARGE_PRINT(new Paper("A4", Sheet.LARGE, 20, 20, 22, 18), "pdf"),
    /** In large letters, short sentences and symbols. */
    SIMPLE(new Paper("A4", Sheet.LARGE, 20, 20, 22, 18), "pdf"),
    /** The same on half of the paper. */
    A5(new Paper("A5", Sheet.A5, 15, 16, 18, 10), "pdf"),
    /** Pages of A5, two on a side, to fold. */
    BOOKLET(new Paper("A5", Sheet.A5, 15, 16, 18, 10), "pdf"),
    /** For an e-reader (EPUB 3.3). */
    EPUB(null, "epub"),
    /** One file that a browser opens without a network. */
    WEB_PAGE(null, "html"),
    /** Its photos alone, as large as they are kept. */
    PHOTOS(null, "zip");

    private final @Nullable Paper paper;
    private final String ending;

    JournalFormat(@Nullable Paper paper, String ending) {
        this.paper = paper;
        this.ending = ending;
    }

    /**
     * Paper that a journal is printed on.
     *
     * @param size by its name
     * @param sheet what is between the margins
     * @param side left and right margins, millimetres
     * @param top margin, millimetres
     * @param bottom margin, millimetres
     * @param letters their size, points
     */
    public record Paper(String size, Sheet sheet, int side, int top, int bottom, double letters) {}

    /** The paper, where it is printed. */
    public Optional<Paper> paper() {
        return Optional.ofNullable(paper);
    }

    /** For people. */
    public String words() {
        return Said.say("saved-as." + name());
    }

    /** What the file is called; never after the child. */
    public String filename() {
        return "learning-journal." + ending;
    }
}
