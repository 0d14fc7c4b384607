package app.carder.core.wording;

import java.text.Normalizer;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;

/**
 * Letters as they are compared: lower case, without accents, and without what accents do not explain (ł, ø, đ, ß, æ). The tables are
 * generated with ICU4J 79.1 ({@code Latin-ASCII}, {@code Any-Latin}, and the skeletons of {@code SpoofChecker}, UTS 39); a test holds
 * them against it. They are constants, so that the same code runs on the device.
 */
public final class Folding {

    /** A Latin letter, and the letters that stand for it. */
    private static final Map<Character, String> LATIN =
            table("ßss æae ðd øo þth đd ħh ıi ĸq ŀl łl ŋn œoe ŧt ƀb ƃb ƈc ƌd ƒf ƕhv ƙk ƚl ƞn ƣoi ƥp ƫt ƭt ƴy ƶz ǣae ǥg "
                    + "ǽae ǿo ȡd ȥz ȴl ȵn ȶt ȷj ȸdb ȹqp ȼc ȿs ɀz ɇe ɉj ɍr ɏy ɓb ɕc ɖd ɗd ɛe ɟj ɠg ɡg ɢg ɦh ɧh ɨi ɪi ɫl ɬl "
                    + "ɭl ɱm ɲn ɳn ɴn ɶoe ɼr ɽr ɾr ʀr ʂs ʈt ʉu ʋv ʏy ʐz ʑz ʙb ʛg ʜh ʝj ʟl ʠq ʣdz ʥdz ʦts ʪls ʫlz ẚa ẜs ẝs "
                    + "ỻll ỽv ỿy");

    /** A Cyrillic or Greek letter, and how it is written in Latin letters. */
    private static final Map<Character, String> IN_LATIN =
            table("αa βb γg δd εe ζz ηe θth ιi κk λl μm νn ξx οo πp ρr ςs σs τt υy φph χch ψps ωo ϳj ϸs ϻs аa бb вv гg "
                    + "дd еe жz зz иi кk лl мm нn оo пp рr сs тt уu фf хh цc чc шs щs ъ ыy ь эe юu яa ђd єe ѕz іi јj љl њn "
                    + "ћc џd ґg ғg ҕg ҙz ңn үu ұu һh ӕae өo");

    /** A Cyrillic or Greek letter that looks like a Latin one. */
    private static final Map<Character, String> LOOKS_LIKE =
            table("αa γy ηn θo ιi νv οo ρp σo υu ϳj ϸp аa гr еe оo рp сc уy хx шw ѕs іi јj ћh џu ѡw ѣb ѳo ѵv ѽw ҍb ғr "
                    + "ҫc үy ұy һh ҽe ҿe ӏl өo");

    private Folding() {}

    /** Whether a character is seen by nobody: soft hyphens, zero-width and directional marks. */
    static boolean isInvisible(char letter) {
        int type = Character.getType(letter);
        return type == Character.FORMAT || letter == '\u034f' || letter == '\u115f' || letter == '\u1160';
    }

    /** A word as it is compared. */
    public static String folded(String word) {
        String plain = Normalizer.normalize(word, Normalizer.Form.NFKD).toLowerCase(Locale.ROOT);
        StringBuilder folded = new StringBuilder();
        for (int at = 0; at < plain.length(); at++) {
            char letter = plain.charAt(at);
            if (!isMark(letter) && !isInvisible(letter)) {
                folded.append(Objects.requireNonNullElse(LATIN.get(letter), String.valueOf(letter)));
            }
        }
        return isMixed(folded) ? replaced(folded, LOOKS_LIKE) : folded.toString();
    }

    /** A folded word in Latin letters, as far as the table reaches. */
    static String inLatin(String folded) {
        return replaced(folded, IN_LATIN);
    }

    /** Whether a word is written without spaces around it: Chinese, Japanese, Korean, Thai, Lao, Khmer, Burmese; by Unicode block. */
    static boolean isUnspaced(String word) {
        for (int at = 0; at < word.length(); at++) {
            int letter = word.codePointAt(at);
            boolean unspaced = letter >= 0x0E00 && letter < 0x0F00
                    || letter >= 0x1000 && letter < 0x10A0
                    || letter >= 0x1100 && letter < 0x1200
                    || letter >= 0x1780 && letter < 0x1800
                    || letter >= 0x2E80 && letter < 0xA000
                    || letter >= 0xAC00 && letter < 0xD7B0
                    || letter >= 0xF900 && letter < 0xFB00
                    || letter >= 0x20000 && letter < 0x32000;
            if (unspaced) {
                return true;
            }
        }
        return false;
    }

    private static boolean isMark(char letter) {
        int type = Character.getType(letter);
        return letter == '\u00b7'
                || type == Character.NON_SPACING_MARK
                || type == Character.COMBINING_SPACING_MARK
                || type == Character.ENCLOSING_MARK;
    }

    /** Latin letters and such as only look like them, in one word: somebody pasted, or meant to hide. */
    private static boolean isMixed(CharSequence word) {
        boolean latin = false;
        boolean other = false;
        for (int at = 0; at < word.length(); at++) {
            char letter = word.charAt(at);
            latin |= letter >= 'a' && letter <= 'z';
            other |= letter >= '\u0370' && letter < '\u0530';
        }
        return latin && other;
    }

    private static String replaced(CharSequence word, Map<Character, String> table) {
        StringBuilder replaced = new StringBuilder();
        for (int at = 0; at < word.length(); at++) {
            char letter = word.charAt(at);
            replaced.append(Objects.requireNonNullElse(table.get(letter), String.valueOf(letter)));
        }
        return replaced.toString();
    }

    private static Map<Character, String> table(String rows) {
        Map<Character, String> table = new HashMap<>();
        for (String row : rows.split(" ")) {
            table.put(row.charAt(0), row.substring(1));
        }
        return table;
    }
}
