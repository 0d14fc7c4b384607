package app.carder.core.chain;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.regex.Pattern;

/**
 * A SHA-256 digest (FIPS 180-4).
 *
 * @param hex its 32 bytes, as 64 small hexadecimal digits
 */
public record Digest(String hex) {

    private static final Pattern HEX = Pattern.compile("[0-9a-f]{64}");

    /** What the first link of a chain follows. */
    public static final Digest NONE = new Digest("0".repeat(64));

    /**
     * Checks its form.
     *
     * @throws IllegalArgumentException if it is none
     */
    public Digest {
        if (!HEX.matcher(hex).matches()) {
            throw new IllegalArgumentException("Not a SHA-256 digest: " + hex);
        }
    }

    /** Of some texts, each behind its length, so that no two sequences of texts run into the same bytes. */
    static Digest of(Iterable<String> texts) {
        try {
            MessageDigest sha = MessageDigest.getInstance("SHA-256");
            for (String text : texts) {
                byte[] bytes = text.getBytes(StandardCharsets.UTF_8);
                sha.update(new byte[] {
                    (byte) (bytes.length >>> 24),
                    (byte) (bytes.length >>> 16),
                    (byte) (bytes.length >>> 8),
                    (byte) bytes.length
                });
                sha.update(bytes);
            }
            return new Digest(HexFormat.of().formatHex(sha.digest()));
        } catch (NoSuchAlgorithmException everyJavaHasIt) {
            throw new IllegalStateException("Impossible state: no SHA-256.", everyJavaHasIt);
        }
    }
}
