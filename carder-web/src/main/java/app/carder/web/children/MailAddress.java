package app.carder.web.children;

import java.util.regex.Pattern;

/** Whether something could be an address for mail. Only a mail server knows more. */
final class MailAddress {

    /** The longest that mail is sent to: RFC 5321, from memory. */
    static final int LONGEST = 254;

    /** Each character can be at one place of the pattern only, so that no text takes long. */
    private static final Pattern FORM = Pattern.compile("^[^@\\s]+@[^@\\s.]+(?:\\.[^@\\s.]+)+$");

    private MailAddress() {}

    static boolean isPossible(String text) {
        return text.length() <= LONGEST && FORM.matcher(text).matches();
    }
}
