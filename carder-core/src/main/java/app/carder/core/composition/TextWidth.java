package app.carder.core.composition;

import java.lang.Character.UnicodeScript;
import java.util.Arrays;

/**
 * How wide a text stands, without a font: the letters of English as they are in Literata, the others somewhat wider than they are on
 * average in the fonts that ship, so that a text takes no more lines than are kept for it. Journals in five scripts are held against that by
 * a test where the fonts are known.
 */
final class TextWidth {

    /** Ends of lines are ragged: at most so much of a line stays free in front of a long word. */
    private static final double USED = 0.97;

    private static final double SPACE = 0.22;

    /** Up to the end of the block of general punctuation: dashes and curly quotation marks. */
    private static final int PUNCTUATION_ENDS = 0x2070;

    /** Hundredths of the size, from the space to the tilde. */
    private static final int[] ENGLISH = {
        20, 32, 39, 67, 56, 85, 81, 24, 33, 33, 45, 58, 33, 35, 33, 43, 58, 41, 51, 54, 55, 51, 54, 51, 55, 52, 33, 33,
                58, 58, 58, 54,
        85, 73, 66, 70, 77, 64, 61, 75, 84, 41, 56, 75, 64, 100, 83, 76, 60, 76, 72, 60, 74, 81, 74, 109, 71, 71, 66,
                33, 43, 33, 58, 47,
        50, 54, 61, 50, 61, 52, 39, 56, 66, 33, 31, 61, 34, 97, 66, 59, 62, 60, 47, 45, 40, 63, 59, 86, 57, 58, 49, 37,
                42, 37, 58
    };

    /** Widths of the words of each paragraph, in sizes of a letter. */
    private final double[][] paragraphs;

    private TextWidth(double[][] paragraphs) {
        this.paragraphs = paragraphs;
    }

    /** Measures a text once, for lines of any width. */
    static TextWidth of(String text) {
        return new TextWidth(
                text.isBlank()
                        ? new double[0][]
                        : text.strip()
                                .lines()
                                .map(paragraph -> Arrays.stream(
                                                paragraph.strip().split("\\s+"))
                                        .mapToDouble(TextWidth::ofWord)
                                        .toArray())
                                .toArray(double[][]::new));
    }

    /**
     * Lines that it takes; 0 for no text.
     *
     * @param across width of a line, in sizes of a letter
     */
    int lines(double across) {
        int lines = 0;
        for (double[] paragraph : paragraphs) {
            lines += linesOf(paragraph, across * USED);
        }
        return lines;
    }

    private static int linesOf(double[] paragraph, double across) {
        int lines = 1;
        double used = 0;
        for (double wide : paragraph) {
            if (used > 0 && used + SPACE + wide > across) {
                lines++;
                used = 0;
            }
            used += (used > 0 ? SPACE : 0) + wide;
            for (; used > across; used -= across) {
                lines++;
            }
        }
        return lines;
    }

    private static double ofWord(String word) {
        return word.codePoints().mapToDouble(TextWidth::ofLetter).sum();
    }

    private static double ofLetter(int letter) {
        int type = Character.getType(letter);
        if (type == Character.NON_SPACING_MARK || type == Character.ENCLOSING_MARK || type == Character.FORMAT) {
            return 0;
        }
        if (letter >= ' ' && letter - ' ' < ENGLISH.length) {
            return ENGLISH[letter - ' '] / 100.0;
        }
        boolean isCapital = Character.isUpperCase(letter);
        if (!Character.isLetter(letter)) {
            return letter < PUNCTUATION_ENDS ? 0.5 : 1.3;
        }
        return switch (UnicodeScript.of(letter)) {
            case LATIN -> isCapital ? 0.9 : 0.68;
            case GREEK -> isCapital ? 0.85 : 0.66;
            case CYRILLIC -> isCapital ? 0.95 : 0.74;
            case ARABIC, HEBREW -> 0.68;
            case HAN, HIRAGANA, KATAKANA, HANGUL -> 1.05;
            default -> isCapital ? 0.95 : 0.78;
        };
    }
}
