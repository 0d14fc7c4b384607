package app.carder.web.account;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.HexFormat;

/** Makes the secrets of a link: a token that nobody guesses, and a code that a person can type. */
public final class LinkSecrets {

    private static final SecureRandom RANDOM = new SecureRandom();
    private static final int TOKEN_BYTES = 24;
    private static final int CODES = 1_000_000;

    private LinkSecrets() {}

    /** 192 random bits, safe in an address. */
    public static String token() {
        byte[] bytes = new byte[TOKEN_BYTES];
        RANDOM.nextBytes(bytes);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    }

    /** Six digits. */
    public static String code() {
        return "%06d".formatted(RANDOM.nextInt(CODES));
    }

    /** SHA-256 of a token: it is random enough to need no salt. */
    public static String hash(String token) {
        try {
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(token.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException missing) {
            throw new IllegalStateException("Impossible state: every Java has SHA-256.", missing);
        }
    }
}
