package app.carder.web.page;

import java.util.regex.Pattern;

/** Whether something could be an address for mail. Only a mail server knows more. */
public final class MailAddress {

    /** The longest that mail is sent to: RFC 5321, from memory. */
    public static final int LONGEST = 254;

    /** Each character can be at one place of the pattern only, so that no text takes long. */
    private static final Pattern FORM = Pattern.compile("^[^@\\s]+@[^@\\s.]+(?:\\.[^@\\s.]+)+$");

    private MailAddress() {}

    /** Whether it has the form of one. */
    public static boolean isPossible(String text) {
        return text.length() <= LONGEST && FORM.matcher(text).matches();
    }
}
