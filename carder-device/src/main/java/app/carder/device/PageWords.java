package app.carder.device;

import app.carder.core.said.Said;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

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
        String words = WORDS.getOrDefault(said.code(), said.code()).replace("''", "'");
        StringBuilder filled = new StringBuilder();
        int at = 0;
        for (int open = words.indexOf('{'); open >= 0; open = words.indexOf('{', at)) {
            int close = words.indexOf('}', open);
            filled.append(words, at, open).append(about.get(Integer.parseInt(words.substring(open + 1, close))));
            at = close + 1;
        }
        return filled.append(words.substring(at)).toString();
    }
}
