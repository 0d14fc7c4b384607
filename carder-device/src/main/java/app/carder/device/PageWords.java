package app.carder.device;

import app.carder.core.said.Said;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.teavm.jso.JSBody;

/** The words that the page carries, by their codes. */
public final class PageWords {

    private static final Map<String, String> WORDS = new HashMap<>();

    private PageWords() {}

    static void set(String code, String words) {
        WORDS.put(code, words);
    }

    /** In words; the code itself where the page does not have it, so that nothing is left out unseen. */
    public static String say(Said said) {
        List<String> about = new ArrayList<>();
        for (Object argument : said.arguments()) {
            about.add(argument instanceof Said one ? say(one) : String.valueOf(argument));
        }
        if (said.code().equals("as-typed")) {
            return about.get(0);
        }
        if (said.code().equals("one-after-the-other")) {
            return String.join(", ", about);
        }
        return filled(WORDS.getOrDefault(said.code(), said.code()).replace("''", "'"), about);
    }

    private static String filled(String words, List<String> about) {
        StringBuilder filled = new StringBuilder();
        int at = 0;
        for (int open = words.indexOf('{'); open >= 0; open = words.indexOf('{', at)) {
            int close = closing(words, open);
            String[] parts = words.substring(open + 1, close).split(",", 3);
            String argument = about.get(Integer.parseInt(parts[0]));
            filled.append(words, at, open).append(parts.length == 1 ? argument : counted(parts[2], argument));
            at = close + 1;
        }
        return filled.append(words.substring(at)).toString();
    }

    private static int closing(String words, int open) {
        int depth = 0;
        for (int at = open; ; at++) {
            depth += words.charAt(at) == '{' ? 1 : words.charAt(at) == '}' ? -1 : 0;
            if (depth == 0) {
                return at;
            }
        }
    }

    /** The form for this number, such as {@code 2 turns} of {@code one{# turn}other{# turns}}. */
    private static String counted(String forms, String number) {
        int named = forms.indexOf(pluralForm(number) + "{");
        int open = forms.indexOf('{', named >= 0 ? named : forms.indexOf("other{"));
        return forms.substring(open + 1, closing(forms, open)).replace("#", grouped(number));
    }

    @JSBody(
            params = "number",
            script =
                    "return new Intl.PluralRules(typeof document === 'undefined' ? 'en-GB' : document.documentElement.lang).select(Number(number));")
    private static native String pluralForm(String number);

    @JSBody(
            params = "number",
            script =
                    "return new Intl.NumberFormat(typeof document === 'undefined' ? 'en-GB' : document.documentElement.lang).format(Number(number));")
    private static native String grouped(String number);
}
