package app.carder.core.said;

import com.ibm.icu.text.MessagePattern;
import com.ibm.icu.text.MessagePattern.Part;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Locale;

/**
 * English as nobody writes it: letters with marks on them, two fifths longer, between brackets. On a page in it, plain English came from
 * somewhere else than the catalogue, and what has no closing bracket was cut off. {@code en-XA} is the usual name of such a language.
 */
final class PseudoLanguage {

    static final Locale LOCALE = Locale.forLanguageTag("en-XA");

    private static final String PLAIN = "aeiouycnszAEIOUYCNSZ";
    private static final String MARKED = "áéíóúýçñšžÁÉÍÓÚÝÇÑŠŽ";
    private static final double LONGER = 0.4;
    private static final int WORD = 7;

    private PseudoLanguage() {}

    /** A pattern with its words marked; what it is about, and how it chooses, stay as they are. */
    static String of(String pattern) {
        MessagePattern parsed = new MessagePattern(pattern);
        StringBuilder marked = new StringBuilder("⟦");
        // Text stands directly in a message, not in the head of an argument.
        Deque<Part.Type> within = new ArrayDeque<>();
        int at = 0;
        int letters = 0;
        for (int number = 0; number < parsed.countParts(); number++) {
            Part part = parsed.getPart(number);
            if (part.getIndex() < at) {
                // The number of "=1" is part of what stands before it.
                continue;
            }
            String between = pattern.substring(at, part.getIndex());
            boolean text = within.peek() == Part.Type.MSG_START;
            marked.append(text ? marked(between) : between).append(parsed.getSubstring(part));
            letters += text ? between.length() : 0;
            at = part.getLimit();
            switch (part.getType()) {
                case MSG_START, ARG_START -> within.push(part.getType());
                case MSG_LIMIT, ARG_LIMIT -> within.pop();
                default -> {
                    // A name, a number, an apostrophe: nothing begins or ends.
                }
            }
        }
        return marked.append(padding((int) Math.ceil(letters * LONGER)))
                .append('⟧')
                .toString();
    }

    /** So many more letters, in words of usual length. */
    private static String padding(int letters) {
        StringBuilder padding = new StringBuilder();
        for (int at = 1; at <= letters; at++) {
            padding.append(at % WORD == 0 ? ' ' : '~');
        }
        return padding.toString();
    }

    private static String marked(String text) {
        StringBuilder marked = new StringBuilder(text);
        for (int at = 0; at < text.length(); at++) {
            int found = PLAIN.indexOf(text.charAt(at));
            if (found >= 0) {
                marked.setCharAt(at, MARKED.charAt(found));
            }
        }
        return marked.toString();
    }
}
