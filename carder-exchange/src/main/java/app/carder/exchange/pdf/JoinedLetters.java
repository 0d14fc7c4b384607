package app.carder.exchange.pdf;

import com.ibm.icu.lang.UCharacter;
import com.ibm.icu.lang.UCharacter.DecompositionType;
import com.ibm.icu.lang.UCharacter.JoiningType;
import com.ibm.icu.lang.UProperty;
import com.ibm.icu.text.Bidi;
import com.ibm.icu.text.Normalizer2;
import com.openhtmltopdf.bidi.BidiReorderer;
import java.util.HashMap;
import java.util.Map;

/**
 * Joins Arabic letters for a renderer that draws letters one by one: each becomes the presentation form for its place in the word, also those that
 * Urdu, Persian and others have beside the letters of Arabic (which ICU's own shaping leaves alone). How letters join is the Unicode Standard's
 * (chapter 9.2, Arabic cursive joining), by the properties that ICU has of each; a letter without such a form stays as it is.
 */
final class JoinedLetters implements BidiReorderer {

    private static final int LAM = 0x0644;
    private static final int[][] BLOCKS = {{0xFB50, 0xFDFF}, {0xFE70, 0xFEFC}};
    private static final Normalizer2 COMPATIBLE = Normalizer2.getNFKCInstance();

    /** Of a letter, by the kind of its form; of lam and an alef together, by the alef. */
    private static final Map<Integer, Map<Integer, Integer>> FORMS = new HashMap<>();

    private static final Map<Integer, Map<Integer, Integer>> WITH_LAM = new HashMap<>();
    private static final Map<Integer, String> LETTERS = new HashMap<>();

    static {
        for (int[] block : BLOCKS) {
            for (int form = block[0]; form <= block[1]; form++) {
                read(form);
            }
        }
    }

    private static void read(int form) {
        int kind = UCharacter.getIntPropertyValue(form, UProperty.DECOMPOSITION_TYPE);
        String letters = COMPATIBLE.getRawDecomposition(form);
        boolean isForm = kind == DecompositionType.ISOLATED
                || kind == DecompositionType.FINAL
                || kind == DecompositionType.INITIAL
                || kind == DecompositionType.MEDIAL;
        if (!isForm || letters == null || !UCharacter.isLetter(letters.codePointAt(0))) {
            return;
        }
        if (letters.length() == 1) {
            FORMS.computeIfAbsent((int) letters.charAt(0), letter -> new HashMap<>())
                    .putIfAbsent(kind, form);
            LETTERS.put(form, letters);
        } else if (letters.length() == 2 && letters.charAt(0) == LAM && isAlef(letters.charAt(1))) {
            WITH_LAM.computeIfAbsent((int) letters.charAt(1), alef -> new HashMap<>())
                    .put(kind, form);
            LETTERS.put(form, letters);
        }
    }

    private static boolean isAlef(int letter) {
        return UCharacter.getIntPropertyValue(letter, UProperty.JOINING_GROUP) == UCharacter.JoiningGroup.ALEF;
    }

    @Override
    public String reorderRTLTextToLTR(String text) {
        return Bidi.writeReverse(text, Bidi.DO_MIRRORING);
    }

    @Override
    public String shapeText(String text) {
        int[] letters = text.codePoints().toArray();
        StringBuilder shaped = new StringBuilder(text.length());
        for (int at = 0; at < letters.length; at++) {
            int letter = letters[at];
            boolean isJoinedBefore = joinsAfter(beside(letters, at, -1)) && joinsBefore(letter);
            if (letter == LAM && at + 1 < letters.length && WITH_LAM.containsKey(letters[at + 1])) {
                at++;
                shaped.appendCodePoint(form(
                        WITH_LAM.getOrDefault(letters[at], Map.of()),
                        isJoinedBefore ? DecompositionType.FINAL : DecompositionType.ISOLATED,
                        letter));
                continue;
            }
            boolean isJoinedAfter = joinsAfter(letter) && joinsBefore(beside(letters, at, 1));
            shaped.appendCodePoint(
                    form(FORMS.getOrDefault(letter, Map.of()), kind(isJoinedBefore, isJoinedAfter), letter));
        }
        return shaped.toString();
    }

    private static int kind(boolean isJoinedBefore, boolean isJoinedAfter) {
        if (isJoinedBefore) {
            return isJoinedAfter ? DecompositionType.MEDIAL : DecompositionType.FINAL;
        }
        return isJoinedAfter ? DecompositionType.INITIAL : DecompositionType.ISOLATED;
    }

    private static int form(Map<Integer, Integer> forms, int kind, int otherwise) {
        return forms.getOrDefault(kind, otherwise);
    }

    /** The next letter in a direction, beyond marks; 0 where there is none. */
    private static int beside(int[] letters, int at, int step) {
        int next = at + step;
        while (next >= 0 && next < letters.length && joining(letters[next]) == JoiningType.TRANSPARENT) {
            next += step;
        }
        return next >= 0 && next < letters.length ? letters[next] : 0;
    }

    private static int joining(int letter) {
        return UCharacter.getIntPropertyValue(letter, UProperty.JOINING_TYPE);
    }

    private static boolean joinsAfter(int letter) {
        int type = joining(letter);
        return type == JoiningType.DUAL_JOINING || type == JoiningType.JOIN_CAUSING || type == JoiningType.LEFT_JOINING;
    }

    private static boolean joinsBefore(int letter) {
        int type = joining(letter);
        return type == JoiningType.DUAL_JOINING
                || type == JoiningType.JOIN_CAUSING
                || type == JoiningType.RIGHT_JOINING;
    }

    @Override
    public String deshapeText(String text) {
        StringBuilder plain = new StringBuilder(text.length());
        text.codePoints().forEach(form -> plain.append(LETTERS.getOrDefault(form, Character.toString(form))));
        return plain.toString();
    }

    @Override
    public boolean isLiveImplementation() {
        return true;
    }
}
