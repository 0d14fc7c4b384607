package app.carder.core.chain;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Where a log stood at some time, short enough to be printed, mailed and typed: whoever has it can tell later that nothing up to there was
 * changed. 96 bits of the digest; nobody finds another log with the same ones.
 *
 * @param number of the link that was the last
 * @param code six groups of four hexadecimal digits
 */
public record Seal(long number, String code) {

    private static final int DIGITS = 24;
    private static final int GROUP = 4;
    private static final Pattern WRITTEN = Pattern.compile("([0-9]{1,18})[^0-9a-f]+([0-9a-f][0-9a-f -]*)");

    /** Of the link that is the last. */
    public static Seal of(long number, Digest digest) {
        return new Seal(number, grouped(digest.hex()));
    }

    /** As somebody types it: the number, then the code; spaces, dashes, capitals and a comma
     * in the number do not matter. */
    public static Optional<Seal> read(String text) {
        Matcher matcher =
                WRITTEN.matcher(text.strip().toLowerCase(Locale.ROOT).replaceAll("(?<=[0-9])[,.](?=[0-9])", ""));
        if (!matcher.matches()) {
            return Optional.empty();
        }
        String digits = matcher.group(2).replaceAll("[^0-9a-f]", "");
        return digits.length() == DIGITS
                ? Optional.of(new Seal(Long.parseLong(matcher.group(1)), grouped(digits)))
                : Optional.empty();
    }

    private static String grouped(String hex) {
        return hex.substring(0, DIGITS).toUpperCase(Locale.ROOT).replaceAll("(.{" + GROUP + "})(?=.)", "$1-");
    }

    /** On paper and on screens. */
    public String forPeople() {
        return number + " " + code;
    }
}
